package org.ledgerlamp.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.ledgerlamp.core.exchange.MeetingJson;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.FeaturedSentence;
import org.ledgerlamp.core.reading.InContext;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Weights;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A labelled meeting, ready to learn from.
 *
 * @param folder where it lies
 * @param author who wrote it: meetings of one author are left out together
 * @param meeting what the calendar knew
 * @param source what was said, or noted where there is no transcript
 * @param notes what was noted beside a transcript, or null
 * @param context the sentences as they are read by a context classifier that had not seen the author
 * @param sentences as they are weighed
 * @param carriers for each column of {@link Weights#COLUMNS} and each label of it, the sentences that carry it, by index
 * @param labels all that was labelled
 */
record Labelled(
        Path folder,
        String author,
        MeetingFacts meeting,
        Source source,
        Source notes,
        List<InContext> context,
        List<FeaturedSentence> sentences,
        List<List<List<Integer>>> carriers,
        JsonNode labels) {

    /**
     * The labelled meetings below {@code roots}, in order of their folders.
     *
     * @param context what a context classifier that had not seen their author says of their sentences, by {@link #name}
     */
    static List<Labelled> below(List<Path> roots, Map<String, double[][]> context) throws IOException {
        List<Labelled> all = new ArrayList<>();
        for (Path folder : folders(roots)) {
            all.add(in(folder, context));
        }
        return all;
    }

    /** For each sentence and column whether a label quotes it. */
    boolean[][] targets() {
        boolean[][] targets = new boolean[sentences.size()][carriers.size()];
        for (int k = 0; k < carriers.size(); k++) {
            int column = k;
            carriers.get(k).forEach(label -> label.forEach(i -> targets[i][column] = true));
        }
        return targets;
    }

    /** The folders of labelled meetings below {@code roots}, in order. */
    static List<Path> folders(List<Path> roots) throws IOException {
        List<Path> all = new ArrayList<>();
        for (Path root : roots) {
            try (Stream<Path> below = Files.walk(root)) {
                below.filter(p -> p.getFileName().toString().equals("gold.json"))
                        .map(Path::getParent)
                        .sorted()
                        .forEach(all::add);
            }
        }
        return all;
    }

    /** The name of a meeting's folder, behind that of the folder above. */
    static String name(Path folder) {
        return folder.getParent().getFileName() + "/" + folder.getFileName();
    }

    /** The labels of {@code kind}. */
    static JsonNode labels(JsonNode gold, Kind kind) {
        return gold.path(kind == Kind.POINT ? "keyPoints" : kind.word() + "s");
    }

    private static Labelled in(Path folder, Map<String, double[][]> context) throws IOException {
        MeetingFacts meeting = facts(folder);
        Source source = source(folder);
        List<InContext> inContext = unseen(source, meeting, context.get(name(folder)));
        List<FeaturedSentence> sentences = FeaturedSentence.of(source, meeting, inContext);
        List<List<String>> words =
                sentences.stream().map(s -> Quotes.words(s.text())).toList();
        JsonNode gold = JsonMapper.shared().readTree(Files.readString(folder.resolve("gold.json")));
        List<List<List<Integer>>> carriers = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            carriers.add(carriers(labels(gold, kind), words));
        }
        carriers.add(turns(gold.path("topics"), words));
        return new Labelled(
                folder, author(folder), meeting, source, notes(folder), inContext, sentences, carriers, gold);
    }

    /** The sentences in context; what they mean there is the same for all classifiers, what they carry was judged unseen. */
    private static List<InContext> unseen(Source source, MeetingFacts meeting, double[][] judged) {
        List<InContext> read =
                ContextClassifier.shipped().read(ContextClassifier.spoken(source, meeting), Progress.UNWATCHED);
        if (read.size() != judged.length) {
            throw new IllegalStateException(
                    "%s: %d sentences, %d were judged".formatted(meeting.title(), read.size(), judged.length));
        }
        return IntStream.range(0, judged.length)
                .mapToObj(i -> read.get(i).judged(judged[i]))
                .toList();
    }

    /** For each label the sentences its quotes cover. */
    static List<List<Integer>> carriers(JsonNode labels, List<List<String>> words) {
        List<List<Integer>> carriers = new ArrayList<>();
        for (JsonNode label : labels) {
            List<String> quotes = new ArrayList<>();
            label.path("quotes").forEach(q -> quotes.add(q.asString()));
            carriers.add(Quotes.covered(quotes, words));
        }
        return carriers;
    }

    /** The sentence that opens each topic but the first, with which nothing turns. */
    static List<List<Integer>> turns(JsonNode topics, List<List<String>> words) {
        List<List<Integer>> turns = new ArrayList<>();
        for (JsonNode topic : topics) {
            List<String> opening = Quotes.words(topic.path("startsAt").asString());
            IntStream.range(0, words.size())
                    .boxed()
                    .max(Comparator.comparingInt((Integer i) -> Quotes.longestRun(opening, words.get(i)))
                            .thenComparing(Comparator.reverseOrder()))
                    .filter(i -> i > 0)
                    .ifPresent(i -> turns.add(List.of(i)));
        }
        return turns;
    }

    static MeetingFacts facts(Path folder) throws IOException {
        return MeetingJson.read(Files.readString(folder.resolve("meeting.json")));
    }

    static Source source(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            Path file = files.filter(f -> f.getFileName().toString().startsWith("source."))
                    .sorted()
                    .findFirst()
                    .orElseThrow(() -> new IOException("no source.* in " + folder));
            return new SourceDesk(Limits.DEFAULT).read(Files.readAllBytes(file));
        } catch (UnreadableSource e) {
            throw new IOException(folder + ": " + e.getMessage(), e);
        }
    }

    /** Notes typed beside the transcript, or null. */
    static Source notes(Path folder) throws IOException {
        Path file = folder.resolve("notes.txt");
        try {
            return Files.exists(file) ? new SourceDesk(Limits.DEFAULT).readNotes(Files.readAllBytes(file)) : null;
        } catch (UnreadableSource e) {
            throw new IOException(file + ": " + e.getMessage(), e);
        }
    }

    /** The letter at the front of a meeting's name; a ledger is by one author. */
    static String author(Path folder) {
        String name = folder.getFileName().toString();
        return Character.isLetter(name.charAt(0))
                ? name.substring(0, 1)
                : folder.getParent().getFileName().toString();
    }
}
