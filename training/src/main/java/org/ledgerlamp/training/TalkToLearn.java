package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.language.ContextEncoder;
import org.ledgerlamp.core.language.ContextWindow;

/**
 * A labelled talk laid out for the context classifier.
 *
 * @param name of the folder it lies in, with that above it
 * @param author who wrote it
 * @param targets for each sentence and column of the weights whether a label of it quotes the sentence
 * @param tilings the talk in windows, twice, the second with its borders in the middle of the first's windows
 * @param states for each window the states its pieces have at the top of the frozen layers, piece after piece
 */
record TalkToLearn(
        String name,
        String author,
        boolean[][] targets,
        List<List<ContextWindow>> tilings,
        List<List<float[]>> states) {

    /** @param frozen the model cut at the top of the layers that stay as they are */
    static TalkToLearn of(LabelledTalk meeting, ContextEncoder frozen) {
        List<List<ContextWindow>> tilings =
                List.of(ContextWindow.tile(meeting.sentences(), false), ContextWindow.tile(meeting.sentences(), true));
        List<List<float[]>> states = new ArrayList<>();
        for (List<ContextWindow> tiling : tilings) {
            states.add(
                    tiling.stream().map(w -> flat(frozen.states(w).getFirst())).toList());
        }
        return new TalkToLearn(meeting.name(), meeting.author(), meeting.targets(), tilings, states);
    }

    private static float[] flat(float[][] states) {
        float[] flat = new float[states.length * states[0].length];
        for (int i = 0; i < states.length; i++) {
            System.arraycopy(states[i], 0, flat, i * states[0].length, states[0].length);
        }
        return flat;
    }

    int sentences() {
        return targets.length;
    }
}
