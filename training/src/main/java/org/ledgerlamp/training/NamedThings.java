package org.ledgerlamp.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Reader;
import org.ledgerlamp.core.reading.Said;
import org.ledgerlamp.core.wording.WeighedReferents;
import org.ledgerlamp.core.wording.WeighedReferents.Named;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A choice between the things that the talk around a labelled sentence names.
 *
 * @param author who wrote the meeting
 * @param things what may be chosen
 * @param right for each thing whether the label speaks of it
 */
record NamedThings(String author, List<Named> things, List<Boolean> right) {
    /** What is chosen between. */
    enum Task {
        POINTED_AT,
        MATTER
    }

    /** The choices of a task in the labelled meetings below {@code roots}. */
    static List<NamedThings> below(List<Path> roots, Task task) throws IOException {
        List<NamedThings> all = new ArrayList<>();
        for (Path folder : Labelled.folders(roots)) {
            add(folder, task, all);
        }
        return all;
    }

    private static void add(Path folder, Task task, List<NamedThings> all) throws IOException {
        MeetingFacts meeting = Labelled.facts(folder);
        List<Said> said = Reader.sentences(Labelled.source(folder), meeting);
        List<List<String>> words =
                said.stream().map(s -> Quotes.words(s.text())).toList();
        JsonNode gold = JsonMapper.shared().readTree(Files.readString(folder.resolve("gold.json")));
        for (Kind kind : List.of(Kind.DECISION, Kind.ACTION)) {
            JsonNode labels = Labelled.labels(gold, kind);
            List<List<Integer>> carriers = Labelled.carriers(labels, words);
            for (int i = 0; i < carriers.size(); i++) {
                Set<String> told =
                        new TreeSet<>(Words.content(labels.path(i).path("text").asString()));
                for (int at : carriers.get(i)) {
                    for (List<Named> things : choices(said, at, meeting, task)) {
                        if (!things.isEmpty()) {
                            all.add(new NamedThings(
                                    Labelled.author(folder),
                                    things,
                                    things.stream()
                                            .map(t -> told.contains(Words.stem(t.head())))
                                            .toList()));
                        }
                    }
                }
            }
        }
    }

    private static List<List<Named>> choices(List<Said> said, int at, MeetingFacts meeting, Task task) {
        return task == Task.POINTED_AT
                ? WeighedReferents.pronouns(said, at, meeting)
                : List.of(WeighedReferents.matters(said, at, meeting));
    }
}
