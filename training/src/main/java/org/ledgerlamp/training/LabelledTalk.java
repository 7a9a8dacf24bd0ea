package org.ledgerlamp.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.language.SpokenSentence;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Weights;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The sentences of a labelled meeting with what the labels say of each.
 *
 * @param name of its folder, behind that of the folder above
 * @param author who wrote it
 * @param sentences in order
 * @param targets for each sentence and column of {@link Weights#COLUMNS} whether a label of it quotes the sentence
 */
record LabelledTalk(String name, String author, List<SpokenSentence> sentences, boolean[][] targets) {
    /** The labelled meetings below {@code roots}, in order of their folders. */
    static List<LabelledTalk> below(List<Path> roots) throws IOException {
        List<LabelledTalk> all = new ArrayList<>();
        for (Path folder : Labelled.folders(roots)) {
            all.add(in(folder));
        }
        return all;
    }

    private static LabelledTalk in(Path folder) throws IOException {
        MeetingFacts meeting = Labelled.facts(folder);
        List<SpokenSentence> sentences = ContextClassifier.spoken(Labelled.source(folder), meeting);
        List<List<String>> words =
                sentences.stream().map(s -> Quotes.words(s.text())).toList();
        JsonNode gold = JsonMapper.shared().readTree(Files.readString(folder.resolve("gold.json")));
        boolean[][] targets = new boolean[sentences.size()][Weights.COLUMNS.size()];
        for (Kind kind : Kind.values()) {
            mark(Labelled.carriers(Labelled.labels(gold, kind), words), Weights.column(kind), targets);
        }
        mark(Labelled.turns(gold.path("topics"), words), Weights.TURN, targets);
        return new LabelledTalk(Labelled.name(folder), Labelled.author(folder), sentences, targets);
    }

    private static void mark(List<List<Integer>> carriers, int column, boolean[][] targets) {
        carriers.forEach(label -> label.forEach(i -> targets[i][column] = true));
    }
}
