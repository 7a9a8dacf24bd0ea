package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.function.BiFunction;
import org.ledgerlamp.core.language.Words;

/** Tells which sentences of a kind speak of one matter: those close by, and those far off that say nearly the same. */
final class OneMatter {
    private static final int CLOSE_UTTERANCES = 5;
    /** Actions stand closer together than matters do. */
    private static final int CLOSE_UTTERANCES_OF_ACTIONS = 3;

    private static final int CLOSE_SENTENCES_OF_ACTIONS = 4;
    private static final int CLOSE_LINES = 0;
    private static final int CLOSE_SENTENCES = 8;
    private static final double SAME_FAR_OFF = 0.75;
    /** Stems that each of them has, or they say too little to be told the same, or another thing. */
    private static final int FEWEST_STEMS = 3;

    private final Talk talk;
    private final BiFunction<Kind, Integer, Finding> claims;

    /** @param claims what a rule claims of a sentence, by its kind and the sentence's index, or null */
    OneMatter(Talk talk, BiFunction<Kind, Integer, Finding> claims) {
        this.talk = talk;
        this.claims = claims;
    }

    /** Whether sentence {@code i} is of one matter with {@code members}. */
    boolean joins(Kind kind, int i, List<Integer> members) {
        return members.stream().anyMatch(m -> same(kind, i, m))
                && members.stream().noneMatch(m -> kind == Kind.DECISION && settleTwoThings(i, m));
    }

    private boolean same(Kind kind, int i, int other) {
        Sentence a = talk.sentences().get(i);
        Sentence b = talk.sentences().get(other);
        int turns = kind == Kind.ACTION ? CLOSE_UTTERANCES_OF_ACTIONS : CLOSE_UTTERANCES;
        int apart = kind == Kind.ACTION ? CLOSE_SENTENCES_OF_ACTIONS : CLOSE_SENTENCES;
        if (kind == Kind.ACTION && DueDates.nameDifferentDays(a, b) && Words.overlap(a.content(), b.content()) == 0) {
            return false;
        }
        boolean close =
                Math.abs(a.utterance() - b.utterance()) <= (talk.source().isNotes() ? CLOSE_LINES : turns)
                        && Math.abs(a.index() - b.index()) <= apart;
        return close || sayTheSame(a, b);
    }

    /** Far apart sentences are of one matter where they share nearly all that they say. */
    private static boolean sayTheSame(Sentence a, Sentence b) {
        return Math.min(a.content().size(), b.content().size()) >= FEWEST_STEMS
                && Words.overlap(a.content(), b.content()) >= SAME_FAR_OFF;
    }

    /** Two plain settlements that share no word settle two things, however close they stand. */
    private boolean settleTwoThings(int i, int other) {
        return isPlainlySettled(i)
                && isPlainlySettled(other)
                && Words.overlap(
                                talk.sentences().get(i).content(),
                                talk.sentences().get(other).content())
                        == 0;
    }

    private boolean isPlainlySettled(int i) {
        Finding claim = claims.apply(Kind.DECISION, i);
        return claim != null
                && claim.certainty() >= Thresholds.sure(Kind.DECISION)
                && talk.sentences().get(i).content().size() >= FEWEST_STEMS;
    }
}
