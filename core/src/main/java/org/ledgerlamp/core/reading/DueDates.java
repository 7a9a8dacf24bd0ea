package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
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

    private static final Pattern DEADLINE = Pattern.compile("(?:by|before|until|till)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern ON =
            Pattern.compile("(?:on|for|today|tonight|tomorrow|this)\\b", Pattern.CASE_INSENSITIVE);
    /** From here on a sentence tells of somebody else. */
    private static final Pattern ASIDE =
            Pattern.compile("[,;]\\s+(?:because\\s+|and\\s+)?(?:they|he|she|it|there|we)(?:['’](?:re|s|ll|ve)|\\s)"
                    + "|\\s(?:so\\s+(?:that|it|there|we|they|he|she)|because|cos)(?![\\p{L}])");

    private static final Pattern THEN = Pattern.compile("(?<![\\p{L}'])(?:before|by|for|until) then(?![\\p{L}'])");
    private static final int SENTENCES_BACK = 6;

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
        SpokenDate own = carrier.dates().isEmpty() ? null : in(carrier);
        if (own != null && own.date() != null || talk.source().isNotes()) {
            return own;
        }
        if (THEN.matcher(carrier.plain()).find()) {
            return then(carrier);
        }
        for (Sentence next : inTheSameBreath(carrier)) {
            if (!next.dates().isEmpty()) {
                return in(next);
            }
        }
        return others.stream()
                .filter(s -> Math.abs(s.utterance() - carrier.utterance()) <= CLOSE
                        && !s.dates().isEmpty()
                        && (s.index() > carrier.index() || leadsTo(s, carrier)))
                .min(Comparator.comparingInt((Sentence s) -> Math.abs(s.index() - carrier.index())))
                .map(DueDates::in)
                .orElse(own);
    }

    /** Whether {@code earlier} may say by when: unless it promises something else by then. */
    private static boolean leadsTo(Sentence earlier, Sentence carrier) {
        return !ActionCues.PROMISE.matches(earlier.plain())
                || earlier.content().stream().anyMatch(carrier.content()::contains);
    }

    /** What "then" means: the day named last before, or null where none is near. */
    private SpokenDate then(Sentence carrier) {
        for (int i = carrier.index() - 1; i >= Math.max(0, carrier.index() - SENTENCES_BACK); i--) {
            List<SpokenDate> named = talk.sentences().get(i).dates();
            if (!named.isEmpty()) {
                return named.getLast();
            }
        }
        return null;
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
            if (bare
                    || sameTurn
                            && s.dates().stream()
                                    .anyMatch(d -> isDeadline(d)
                                            || ON.matcher(d.words()).lookingAt())) {
                following.add(s);
            }
        }
        return following;
    }

    /**
     * Of several dates in a sentence the one it is to be done by: a deadline before a day, and what stands with the deed
     * before what is added about somebody else.
     */
    private static SpokenDate in(Sentence s) {
        Matcher aside = ASIDE.matcher(s.text());
        int end = aside.find() ? aside.start() : s.text().length();
        return s.dates().stream()
                .min(Comparator.comparing((SpokenDate d) -> d.date() == null)
                        .thenComparing(d -> d.start() >= end)
                        .thenComparing(d -> !isDeadline(d))
                        .thenComparing(d -> !ON.matcher(d.words()).lookingAt())
                        .thenComparingInt(SpokenDate::start))
                .orElseThrow();
    }

    private static boolean isDeadline(SpokenDate date) {
        return DEADLINE.matcher(date.words()).lookingAt();
    }
}
