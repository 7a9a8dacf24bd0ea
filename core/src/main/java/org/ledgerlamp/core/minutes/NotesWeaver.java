package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.Thresholds;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Utterance;

/**
 * Joins what was noted with what was said. A noted finding confirms the one in the talk that means the same; without
 * counterpart it rests on the passages that speak of it, or stands as from notes only. A line enters the draft where
 * whoever typed it marked what it is, or where it reads as a sentence; a mere jotting ("RAS -> july") is offered beside
 * it. The notes themselves are not changed.
 */
final class NotesWeaver {
    /** Vectors of sentences that say the same in other words are at least so alike; shared words make up for less. */
    private static final double SAME_MATTER = 0.95;

    private static final double PASSAGE = 1.0;
    private static final double WEIGHT_OF_WORDS = 0.35;
    private static final int MOST_PASSAGES = 2;
    private static final int FEWEST_WORDS = 2;
    private static final Pattern LABELLED = Pattern.compile(
            "^(?:actions?|tasks?|to-?do|decisions?|decided|agreed|risks?|questions?)\\b[^:]{0,30}:",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCE = Pattern.compile("\\p{Lu}\\S*(?:\\s+[^\\s>]+){3,}[.!?]");
    /** How much less sure a jotting is to be worth a line as it stands. */
    private static final double JOTTED = 0.5;

    private static final double JOTTED_POINT = 0.1;

    private final Reading talk;
    private final Reading notes;

    private NotesWeaver(Reading talk, Reading notes) {
        this.talk = talk;
        this.notes = notes;
    }

    /** The talk's findings, completed by those of the notes, in order of speech; noted ones without counterpart last. */
    static List<Finding> weave(Reading talk, Reading notes) {
        return new NotesWeaver(talk, notes).woven();
    }

    private List<Finding> woven() {
        List<Finding> woven = new ArrayList<>(talk.findings());
        List<Finding> noted = new ArrayList<>(drafted());
        noted.addAll(remainingLines(noted));
        Similarity findings = new Similarity(woven.stream().map(Finding::words).toList());
        Similarity passages = new Similarity(
                talk.source().utterances().stream().map(Utterance::text).toList());
        Similarity lines = new Similarity(noted.stream().map(Finding::words).toList());
        Set<Integer> taken = new HashSet<>();
        List<Finding> alone = new ArrayList<>();
        for (int n = 0; n < noted.size(); n++) {
            int match = counterpart(n, noted.get(n), lines, woven, findings, taken);
            if (match >= 0) {
                taken.add(match);
                woven.set(match, confirmed(woven.get(match), noted.get(n)));
            } else {
                alone.add(alone(noted.get(n), passages.nearest(lines, n, PASSAGE, MOST_PASSAGES)));
            }
        }
        woven.addAll(alone);
        return woven;
    }

    private List<Finding> drafted() {
        return notes.findings().stream()
                .filter(f -> f.certainty() >= Thresholds.drafting(f.kind()))
                .toList();
    }

    /** Lines that carry no finding of their own are points: they enter as written. */
    private List<Finding> remainingLines(List<Finding> noted) {
        Set<Integer> carried = new HashSet<>();
        noted.forEach(f -> f.evidence().forEach(e -> carried.add(e.utterance())));
        List<Finding> points = new ArrayList<>();
        for (NoteLine line : notes.source().noteLines()) {
            boolean done = line.mark().filter(m -> m == Mark.DONE).isPresent();
            if (!line.heading()
                    && !line.isSignature()
                    && !done
                    && !carried.contains(line.n())
                    && Words.count(line.text()) >= FEWEST_WORDS) {
                Evidence evidence = new Evidence(
                        Evidence.Origin.NOTES,
                        line.n(),
                        null,
                        null,
                        0,
                        line.text().length(),
                        line.text());
                points.add(new Finding(
                        Kind.POINT,
                        line.text(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        1,
                        List.of("noted"),
                        List.of(evidence)));
            }
        }
        return points;
    }

    private static int counterpart(
            int n, Finding noted, Similarity lines, List<Finding> said, Similarity findings, Set<Integer> taken) {
        return IntStream.range(0, said.size())
                .filter(i -> said.get(i).kind() == noted.kind() && sameOwner(said.get(i), noted) && !taken.contains(i))
                .filter(i -> findings.of(i, lines, n) >= SAME_MATTER)
                .boxed()
                .max(Comparator.comparingDouble(i -> findings.of(i, lines, n)))
                .orElse(-1);
    }

    private static boolean sameOwner(Finding a, Finding b) {
        return a.owner() == null || b.owner() == null || Objects.equals(a.owner(), b.owner());
    }

    /** What was noted says that it matters, what was said who, when and how much. */
    private static Finding confirmed(Finding said, Finding noted) {
        List<Evidence> evidence = new ArrayList<>(said.evidence());
        evidence.addAll(asNotes(noted.evidence()));
        List<String> reasons = new ArrayList<>(said.reasons());
        reasons.add("in the notes too");
        return said.with(
                said.about(),
                said.owner() != null ? said.owner() : noted.owner(),
                said.due() != null ? said.due() : noted.due(),
                Math.max(said.certainty(), noted.certainty()),
                reasons,
                evidence);
    }

    private Finding alone(Finding noted, List<Integer> passages) {
        List<String> reasons = new ArrayList<>(noted.reasons());
        reasons.add(passages.isEmpty() ? "from notes only" : "noted; spoken of in the talk");
        List<Evidence> evidence = new ArrayList<>(asNotes(noted.evidence()));
        for (int passage : passages) {
            Utterance u = talk.source().utterances().get(passage);
            evidence.add(new Evidence(
                    Evidence.Origin.TALK,
                    u.n(),
                    u.start(),
                    u.speaker(),
                    0,
                    u.text().length(),
                    u.text()));
        }
        return new Finding(
                noted.kind(),
                noted.said(),
                noted.about(),
                null,
                null,
                noted.owner(),
                noted.due(),
                noted.backing(),
                readsAsALine(noted) ? noted.certainty() : noted.certainty() * jotted(noted.kind()),
                reasons,
                evidence);
    }

    private static double jotted(Kind kind) {
        return kind == Kind.POINT ? JOTTED_POINT : JOTTED;
    }

    private boolean readsAsALine(Finding noted) {
        int number = noted.evidence().getFirst().utterance();
        boolean marked = notes.source().noteLines().stream()
                .anyMatch(l -> l.n() == number && l.mark().isPresent());
        String line = noted.evidence().getFirst().quote();
        return marked || LABELLED.matcher(line).find() || SENTENCE.matcher(line).matches();
    }

    private static List<Evidence> asNotes(List<Evidence> evidence) {
        return evidence.stream()
                .sorted(Comparator.comparingInt(Evidence::utterance))
                .map(e -> new Evidence(Evidence.Origin.NOTES, e.utterance(), null, null, e.start(), e.end(), e.quote()))
                .toList();
    }

    /** Texts by meaning and by words. */
    private static final class Similarity {
        private final float[][] embeddings;
        private final List<Set<String>> words;

        Similarity(List<String> texts) {
            embeddings = SentenceVectors.shared().of(texts);
            words = texts.stream()
                    .map(t -> (Set<String>) new LinkedHashSet<>(Words.content(t)))
                    .toList();
        }

        /** Similarity of the vectors, and for shared words up to {@link #WEIGHT_OF_WORDS} more. */
        double of(int i, Similarity other, int j) {
            Set<String> mine = other.words.get(j);
            double shared = mine.stream().filter(words.get(i)::contains).count() / (double) Math.max(2, mine.size());
            return SentenceVectors.similarity(embeddings[i], other.embeddings[j]) + WEIGHT_OF_WORDS * shared;
        }

        List<Integer> nearest(Similarity other, int j, double least, int most) {
            return IntStream.range(0, embeddings.length)
                    .filter(i -> of(i, other, j) >= least)
                    .boxed()
                    .sorted(Comparator.comparingDouble((Integer i) -> -of(i, other, j)))
                    .limit(most)
                    .toList();
        }
    }
}
