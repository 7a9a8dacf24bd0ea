package org.ledgerlamp.core.ledger;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.ledgerlamp.core.ledger.TalkIndex.Place;
import org.ledgerlamp.core.reading.Kind;

/**
 * Finds the places of a meeting that speak of actions which earlier meetings left open. A place speaks of an action where
 * telling words of its subject are said, by or of whoever owns it, in the tone of a report or a reminder; one of these
 * alone is not enough.
 */
public final class RecallFinder {
    /** From this strength on a place is taken to speak of an action. Chosen on the labelled ledgers, see docs/quality.md. */
    public static final double LEAST = 0.8;
    /** From this strength on it is as good as certain. */
    public static final double CERTAIN = 1.2;

    /** The same for questions and risks: nobody has them, so that the words alone have to tell. */
    private static final double LEAST_OF_WHAT_NOBODY_HAS = 1.35;

    private static final double NAMED = 0.6;
    private static final int NAMING_WORDS = 2;
    private static final double TELLING = 2.2;
    private static final int MOST_TELLING = 3;
    private static final double WITHOUT_OWNER = 0.25;
    private static final double WITHOUT_CUE = 0.7;
    private static final double LOST_WITH_TIME = 0.4;
    private static final double DAYS_UNTIL_FAINT = 110;
    private static final double OF_THE_SAME_SERIES = 1.15;
    private static final double SHARED_PASSAGE = 1.5;

    private final Vocabulary vocabulary;

    public RecallFinder(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** Where {@code meeting} speaks of {@code open} actions, the plainest first; a sentence speaks of one at most. */
    public List<Recall> in(FiledMeeting meeting, List<OpenAction> open) {
        TalkIndex index = new TalkIndex(meeting.talk());
        OutcomeReader outcomes = new OutcomeReader(meeting, index);
        List<Candidate> candidates = new ArrayList<>();
        for (OpenAction action : open) {
            best(action, meeting, index)
                    .filter(c -> c.strength() >= least(action))
                    .ifPresent(candidates::add);
        }
        candidates.sort(Comparator.comparingDouble(Candidate::strength)
                .reversed()
                .thenComparing(c -> c.action().line().id()));
        Set<Place> taken = new HashSet<>();
        Set<Integer> passages = new HashSet<>();
        List<Recall> recalls = new ArrayList<>();
        for (Candidate c : candidates) {
            int passage = c.place().said().n();
            boolean mayShare = !passages.contains(passage) || c.strength() >= LEAST * SHARED_PASSAGE;
            if (mayShare && taken.add(c.place())) {
                passages.add(passage);
                recalls.add(outcomes.recall(c.action(), c.place(), c.strength()));
            }
        }
        return recalls;
    }

    private static double least(OpenAction action) {
        return action.line().kind() == Kind.ACTION ? LEAST : LEAST_OF_WHAT_NOBODY_HAS;
    }

    private record Candidate(OpenAction action, Place place, double strength) {}

    private Optional<Candidate> best(OpenAction action, FiledMeeting meeting, TalkIndex index) {
        double standing = standing(action, meeting);
        if (standing * mostThatCanBeTold(action, index) < least(action)) {
            return Optional.empty();
        }
        Candidate best = null;
        for (Place place : index.near(action.subject())) {
            if (!isNamed(action, place, index)) {
                continue;
            }
            double strength = standing * strength(action, place, index);
            if (best == null || strength > best.strength()) {
                best = new Candidate(action, place, strength);
            }
        }
        return Optional.ofNullable(best);
    }

    /** Whether a place names what nobody has by more than one word; an action is told by its owner as well. */
    private static boolean isNamed(OpenAction action, Place place, TalkIndex index) {
        Set<String> own = action.subject().own();
        long named = own.stream().filter(s -> index.nearness(s, place) >= NAMED).count();
        return action.line().kind() == Kind.ACTION || named >= Math.min(NAMING_WORDS, own.size());
    }

    /** What speaks for or against an action before a word is looked at. */
    private static double standing(OpenAction action, FiledMeeting meeting) {
        double days = ChronoUnit.DAYS.between(action.spokenOf(), meeting.date());
        double faded = 1 - LOST_WITH_TIME * Math.clamp(days / DAYS_UNTIL_FAINT, 0, 1);
        boolean sameSeries = meeting.series() != null && meeting.series().equals(action.series());
        return (0.5 + action.line().certainty()) * faded * (sameSeries ? OF_THE_SAME_SERIES : 1);
    }

    private double strength(OpenAction action, Place place, TalkIndex index) {
        Told told = told(action, stem -> index.nearness(stem, place));
        double owner = ownerNear(action.line().owner(), place, index);
        double cue = RecallCues.of(place.sentence(), place.said().text(), told.all() > 1.5);
        return told.words() * (WITHOUT_OWNER + (1 - WITHOUT_OWNER) * owner) * (WITHOUT_CUE + (1 - WITHOUT_CUE) * cue);
    }

    /** More than any place of a talk can tell of an action: most are passed over without a place being looked at. */
    private double mostThatCanBeTold(OpenAction action, TalkIndex index) {
        return told(action, stem -> index.says(stem) ? 1 : 0).words();
    }

    /** How much is told of an action by words, and of that how much by all its words together. */
    private record Told(double words, double all) {}

    private Told told(OpenAction action, ToDoubleFunction<String> nearness) {
        double own = 0;
        double around = 0;
        double most = 0;
        int telling = 0;
        for (String stem : action.subject().own()) {
            double said = nearness.applyAsDouble(stem) * vocabulary.weight(stem);
            own += said;
            most = Math.max(most, said);
            telling += said > TELLING ? 1 : 0;
        }
        for (Map.Entry<String, Double> entry : action.subject().around().entrySet()) {
            double said = nearness.applyAsDouble(entry.getKey()) * entry.getValue() * vocabulary.weight(entry.getKey());
            around += said;
            most = Math.max(most, said);
            telling += said > TELLING ? 1 : 0;
        }
        double words = Math.min(1.6, 0.12 * own + 0.1 * around) + 0.07 * most + 0.1 * Math.min(MOST_TELLING, telling);
        return new Told(words, own + around);
    }

    /** Whether the owner speaks or is named there, 0 to 1; what nobody owns anybody may speak of. */
    private static double ownerNear(String owner, Place place, TalkIndex index) {
        if (owner == null) {
            return 1;
        }
        int blank = owner.indexOf(' ');
        String firstName = blank < 0 ? owner : owner.substring(0, blank);
        double speaks = 0;
        double named = 0;
        for (int n = Math.max(0, place.said().n() - 1);
                n <= Math.min(index.size() - 1, place.said().n() + 1);
                n++) {
            boolean here = n == place.said().n();
            Said said = index.said(n);
            if (owner.equals(said.speaker())) {
                speaks = Math.max(speaks, here ? 1 : 0.4);
            }
            if (said.text().contains(firstName)) {
                named = Math.max(named, here ? 1 : 0.5);
            }
        }
        return Math.min(1, speaks + named);
    }
}
