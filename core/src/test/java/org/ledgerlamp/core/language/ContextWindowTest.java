package org.ledgerlamp.core.language;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ContextWindowTest {
    private static final String STATE_BELOW = ContextEncoder.endOfLayer(1);
    private static final String STATE_ABOVE = ContextEncoder.endOfLayer(3);

    private static List<SpokenSentence> talk(int sentences) {
        return IntStream.range(0, sentences)
                .mapToObj(i -> new SpokenSentence(
                        i % 2 == 0 ? "Mira" : "",
                        "the fender at berth %d has to be replaced before the frost comes".formatted(i)))
                .toList();
    }

    private static List<Integer> shown(List<ContextWindow> windows) {
        List<Integer> shown = new ArrayList<>();
        windows.forEach(w -> IntStream.range(0, w.sentences()).forEach(i -> shown.add(w.first() + i)));
        return shown;
    }

    @Test
    void windows_follow_each_other_without_a_gap_and_stay_within_their_width() {
        for (boolean shifted : new boolean[] {false, true}) {
            List<ContextWindow> windows = ContextWindow.tile(talk(70), shifted);

            assertThat(windows).hasSizeGreaterThan(2);
            assertThat(shown(windows))
                    .containsExactlyElementsOf(IntStream.range(0, 70).boxed().toList());
            assertThat(windows).allSatisfy(w -> assertThat(w.pieces().length).isLessThanOrEqualTo(ContextWindow.WIDTH));
        }
    }

    @Test
    void overlapping_windows_show_the_sentences_at_a_border_twice() {
        List<ContextWindow> windows = ContextWindow.overlapping(talk(70));

        List<Integer> shown = shown(windows);
        assertThat(shown).containsAll(IntStream.range(0, 70).boxed().toList());
        int border = windows.get(1).first();
        assertThat(shown.stream().filter(i -> i == border)).hasSize(2);
        assertThat(windows.getFirst().first() + windows.getFirst().sentences()).isGreaterThan(border);
    }

    @Test
    void a_sentence_without_an_end_fills_a_window_of_its_own_and_no_more() {
        SpokenSentence endless = new SpokenSentence("Tom", "and the next berth ".repeat(400));

        List<ContextWindow> windows = ContextWindow.overlapping(List.of(endless, endless, endless, endless, endless));

        assertThat(shown(windows)).contains(0, 1, 2, 3, 4);
        assertThat(windows).allSatisfy(w -> assertThat(w.pieces().length).isLessThanOrEqualTo(ContextWindow.WIDTH));
    }

    @Test
    void nothing_said_is_no_window() {
        assertThat(ContextWindow.overlapping(List.of())).isEmpty();
        assertThat(ContextWindow.tile(List.of(), true)).isEmpty();
    }

    @Test
    void a_model_cut_at_two_layers_says_in_one_pass_what_two_models_cut_at_one_each_say() {
        OnnxModel model = SentenceVectors.model();
        ContextWindow window = ContextWindow.overlapping(talk(3)).getFirst();

        List<float[][]> both = new ContextEncoder(model.cutAt(STATE_BELOW, STATE_ABOVE)).states(window);

        assertThat(both).hasSize(2);
        assertThat(both.getFirst())
                .isDeepEqualTo(new ContextEncoder(model.cutAt(STATE_BELOW))
                        .states(window)
                        .getFirst());
        assertThat(both.getLast())
                .isDeepEqualTo(new ContextEncoder(model.cutAt(STATE_ABOVE))
                        .states(window)
                        .getFirst());
        assertThat(both.getLast().length).isEqualTo(window.pieces().length);
    }

    @Test
    void weights_are_replaced_by_as_many_others_only() {
        OnnxModel model = SentenceVectors.model();
        String weights = model.inputsOf("/encoder/layer.0/output/LayerNorm/Mul").getLast();
        byte[] zeros = new byte[model.raw(weights).length];

        model.replace(weights, zeros);

        assertThat(model.floats(weights)).hasSize(SentenceVectors.SIZE).containsOnly(0f);
        assertThatIllegalArgumentException().isThrownBy(() -> model.replace(weights, new byte[3]));
        assertThatIllegalArgumentException().isThrownBy(() -> model.replace("nothing of that name", zeros));
        assertThatIllegalArgumentException().isThrownBy(() -> model.cutAt("no such result"));
    }
}
