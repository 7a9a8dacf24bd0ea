package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/**
 * Finds what was said in answer to a question about one meeting: the sentences whose meaning is nearest to it, that use
 * its words, and that hold what it asks for: a day for when, a person for who, a figure for how much. Where nothing comes
 * near enough there is no answer.
 */
final class AnswerFinder {
    /** What the sentence model was taught to have in front of a question. */
    private static final String ASKING = "Represent this sentence for searching relevant passages: ";

    private static final double UNRELATED = 0.5;
    private static final double WEIGHT_OF_MEANING = 3;
    private static final double WEIGHT_OF_A_WORD = 0.5;
    private static final double WEIGHT_OF_THE_FIELD = 0.25;
    private static final double MOST_BY_WORDS = 0.7;
    /** As near as this a sentence answers without sharing a word with the question. */
    private static final double MEANT_ALIKE = 0.13;

    private static final double WEIGHT_OF_WHAT_IS_ASKED = 0.15;
    private static final double NEAR_ENOUGH = 0.4;
    private static final double SAME_AGAIN = 0.9;
    private static final int SAME_BEGINNING = 5;

    private static final Pattern WHEN = Pattern.compile("(?<![\\p{L}])when(?![\\p{L}])", Pattern.CASE_INSENSITIVE);
    private static final Pattern WHO =
            Pattern.compile("(?<![\\p{L}])who(?:se|m)?(?![\\p{L}])", Pattern.CASE_INSENSITIVE);
    private static final Pattern HOW_MUCH = Pattern.compile(
            "(?<![\\p{L}])(?:how (?:much|many|long|far)|costs?|prices?|budgets?|money|figures?|numbers?)(?![\\p{L}])",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FIGURE = Pattern.compile(
            "\\d|[£€$]|(?<![\\p{L}])(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|million|per cent|percent|half|quarter)(?![\\p{L}])");

    private final Talk talk;

    AnswerFinder(Talk talk) {
        this.talk = talk;
    }

    /** What is asked about: the words, their field, and the embedding of the whole. */
    private record Subject(String question, Set<String> words, Set<String> around, float[] embedding) {
        static Subject of(String question) {
            Set<String> words = Words.content(question);
            return new Subject(
                    question,
                    words,
                    SubjectFields.around(words),
                    SentenceVectors.shared().of(ASKING + question));
        }
    }

    private record Passage(Sentence sentence, float[] meaning, double score) {}

    /** What was said in answer, in order of speech; none where the meeting does not tell. */
    List<Finding> to(Asked asked) {
        Subject subject = Subject.of(asked.question());
        List<Sentence> telling = talk.sentences().stream()
                .filter(s -> !s.isThin() && !s.isQuestion())
                .toList();
        float[][] meanings = SentenceVectors.shared()
                .of(telling.stream().map(Sentence::plain).toList());
        List<Passage> near = new ArrayList<>();
        for (int i = 0; i < meanings.length; i++) {
            double score = score(telling.get(i), meanings[i], subject);
            if (score >= NEAR_ENOUGH) {
                near.add(new Passage(telling.get(i), meanings[i], score));
            }
        }
        near.sort(Comparator.comparingDouble((Passage p) -> -p.score())
                .thenComparingInt(p -> p.sentence().index()));
        List<Passage> kept = new ArrayList<>();
        for (Passage passage : near) {
            if (kept.size() < asked.most() && kept.stream().noneMatch(k -> sayTheSame(k, passage))) {
                kept.add(passage);
            }
        }
        return kept.stream()
                .sorted(Comparator.comparingInt(p -> p.sentence().index()))
                .map(p -> finding(p, asked))
                .toList();
    }

    private double score(Sentence s, float[] meaning, Subject subject) {
        double near = SentenceVectors.similarity(subject.embedding(), meaning) - UNRELATED;
        double words = 0;
        for (String word : subject.words()) {
            if (s.content().stream().anyMatch(c -> areAlike(word, c))) {
                words += WEIGHT_OF_A_WORD * SentenceVectors.rarity(word);
            }
        }
        if (s.content().stream().anyMatch(subject.around()::contains)) {
            words += WEIGHT_OF_THE_FIELD;
        }
        String asked = subject.question();
        boolean holds = WHEN.matcher(asked).find() && !s.dates().isEmpty()
                || WHO.matcher(asked).find() && !s.mentions().isEmpty()
                || HOW_MUCH.matcher(asked).find() && FIGURE.matcher(s.plain()).find();
        boolean speaksOfIt = words > 0 || near >= MEANT_ALIKE;
        return speaksOfIt
                ? near * WEIGHT_OF_MEANING + Math.min(MOST_BY_WORDS, words) + (holds ? WEIGHT_OF_WHAT_IS_ASKED : 0)
                : 0;
    }

    /** Whether two stems are one word: "approve" and "approval". */
    private static boolean areAlike(String a, String b) {
        return a.equals(b)
                || a.length() > SAME_BEGINNING
                        && b.length() > SAME_BEGINNING
                        && a.regionMatches(0, b, 0, SAME_BEGINNING + 1);
    }

    private static boolean sayTheSame(Passage a, Passage b) {
        return SentenceVectors.similarity(a.meaning(), b.meaning()) > SAME_AGAIN;
    }

    private Finding finding(Passage passage, Asked asked) {
        Judgement judgement =
                new Judgement().favours(Math.min(1, passage.score() / 2), "said in answer to: " + asked.question());
        return Finding.told(Kind.POINT, passage.sentence(), judgement, List.of(talk.evidence(passage.sentence())));
    }
}
