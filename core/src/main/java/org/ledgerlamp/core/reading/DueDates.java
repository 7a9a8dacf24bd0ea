package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * Finds the date said for an action: with the deed itself, right after it in the same breath or in the answer ("By
 * Friday?"), or with what else was said of it close by. A recap far off corrects it.
 */
final class DueDates {
    private static final int CLOSE = 2;
    private static final int FAR = 4;
    private static final int WORDS_OF_A_BARE_DATE = 8;

    private static final Pattern DEADLINE =
            Pattern.compile("(?:by|before|until|till|on|for)\\b", Pattern.CASE_INSENSITIVE);

    private final Talk talk;

    DueDates(Talk talk) {
        this.talk = talk;
    }

    /**
     * The date, or null where none was said.
     *
     * @param carrier the sentence that carries the action
     * @param others what else was said of it
     */
    SpokenDate of(Sentence carrier, List<Sentence> others) {
        SpokenDate recapped = others.stream()
                .filter(s ->
                        s.utterance() - carrier.utterance() > FAR && !s.dates().isEmpty())
                .reduce((earlier, later) -> later)
                .map(DueDates::in)
                .orElse(null);
        if (recapped != null) {
            return recapped;
        }
        if (!carrier.dates().isEmpty()) {
            return in(carrier);
        }
        for (Sentence next : inTheSameBreath(carrier)) {
            if (!next.dates().isEmpty()) {
                return in(next);
            }
        }
        return others.stream()
                .filter(s -> Math.abs(s.utterance() - carrier.utterance()) <= CLOSE
                        && !s.dates().isEmpty())
                .min(Comparator.comparingInt((Sentence s) -> Math.abs(s.index() - carrier.index())))
                .map(DueDates::in)
                .orElse(null);
    }

    /** What follows at once and says little more than a date: of the speaker, or of those who answer. */
    private List<Sentence> inTheSameBreath(Sentence carrier) {
        List<Sentence> following = new ArrayList<>();
        List<Sentence> all = talk.sentences();
        for (int i = carrier.index() + 1; i < Math.min(all.size(), carrier.index() + 4); i++) {
            Sentence s = all.get(i);
            if (s.utterance() - carrier.utterance() > CLOSE) {
                break;
            }
            boolean bare = s.plain().split("\\s+").length <= WORDS_OF_A_BARE_DATE;
            boolean sameTurn = s.utterance() == carrier.utterance();
            if (bare || sameTurn && s.dates().stream().anyMatch(DueDates::isDeadline)) {
                following.add(s);
            }
        }
        return following;
    }

    /** Of several dates in a sentence the one it is to be done by. */
    private static SpokenDate in(Sentence s) {
        return s.dates().stream()
                .filter(DueDates::isDeadline)
                .findFirst()
                .orElse(s.dates().getLast());
    }

    private static boolean isDeadline(SpokenDate date) {
        return DEADLINE.matcher(date.words()).lookingAt();
    }
}
