package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import org.ledgerlamp.core.language.SentenceVectors;

/** Finds the sentences of some meetings that answer a question best. */
final class PlaceFinder {
    /** Passages whose meaning is looked at; the others speak of the subject less. */
    private static final int MOST_READ = 160;

    /** A passage is looked at where it speaks of the subject this much, against the one that does most. */
    private static final double LEAST_SHARE = 0.5;
    /** The same where the last word counts, which may name the subject a single time. */
    private static final double LEAST_SHARE_OF_THE_LAST_WORD = 0.3;

    /** How much a passage tells that names a day of the period asked for. */
    private static final double OF_A_DAY = 4;

    /** How many passages around a sentence tell whether its subject is spoken of. */
    private static final int NEAR = 4;

    private record Passage(TalkLens lens, int n, double about, double lateness) {}

    private PlaceFinder() {}

    /** The sentences, best first. */
    static List<Found> among(List<LampMeeting> meetings, Sought sought, Wanted wanted) {
        Sought subject = sought.withoutPeople();
        return each(meetings, sought, wanted, (look, seen) -> {
                    double covered =
                            covered(subject, seen.lens(), seen.sentence().passage());
                    return new Found(seen.lens(), seen.sentence(), PlaceTraits.weighed(look, seen), covered);
                })
                .stream()
                .sorted(Comparator.comparingDouble((Found f) -> -f.score())
                        .thenComparing(f -> f.meeting().id())
                        .thenComparing(f -> f.sentence().passage()))
                .toList();
    }

    /** What {@code told} makes of each sentence that is looked at closely. */
    static <T> List<T> each(
            List<LampMeeting> meetings,
            Sought sought,
            Wanted wanted,
            BiFunction<PlaceTraits.Look, PlaceTraits.Seen, T> told) {
        List<LampMeeting> inTime = meetings.stream()
                .sorted(Comparator.comparing(m -> m.filed().date()))
                .toList();
        List<Passage> passages = new ArrayList<>();
        for (int i = 0; i < inTime.size(); i++) {
            TalkLens lens = new TalkLens(inTime.get(i));
            double lateness = inTime.size() == 1 ? 1 : i / (inTime.size() - 1.0);
            for (int n = 0; n < lens.size(); n++) {
                double about = lens.about(sought, n) + (saysADayOf(wanted.period(), lens, n) ? OF_A_DAY : 0);
                passages.add(new Passage(lens, n, about, lateness));
            }
        }
        double most = passages.stream().mapToDouble(Passage::about).max().orElse(0);
        double share = wanted.aim() == Aim.STATUS ? LEAST_SHARE_OF_THE_LAST_WORD : LEAST_SHARE;
        List<Passage> read = passages.stream()
                .filter(p -> p.about() >= share * most)
                .sorted(Comparator.comparingDouble((Passage p) -> -p.about()))
                .limit(MOST_READ)
                .toList();
        return seen(read, sought, wanted, told);
    }

    private static boolean saysADayOf(Period period, TalkLens lens, int n) {
        return period != null
                && Days.saysOneOf(
                        period, lens.said(n).text(), lens.meeting().filed().date());
    }

    private static <T> List<T> seen(
            List<Passage> passages,
            Sought sought,
            Wanted wanted,
            BiFunction<PlaceTraits.Look, PlaceTraits.Seen, T> told) {
        SentenceVectors model = SentenceVectors.shared();
        List<String> texts = new ArrayList<>();
        texts.add(SentenceVectors.asked(sought.question()));
        for (Passage p : passages) {
            texts.add(p.lens().withWhatWasBefore(p.n()));
            p.lens().sentences(p.n()).forEach(s -> texts.add(s.text()));
        }
        float[][] meanings = model.of(texts);
        PlaceTraits.Look look = new PlaceTraits.Look(sought, wanted, meanings[0]);
        List<T> all = new ArrayList<>();
        int at = 1;
        for (Passage p : passages) {
            float[] before = meanings[at++];
            for (TalkLens.Spoken sentence : p.lens().sentences(p.n())) {
                float[] own = meanings[at++];
                all.add(told.apply(look, new PlaceTraits.Seen(p.lens(), sentence, p.lateness(), own, before)));
            }
        }
        return all;
    }

    /** The share of a subject, by what its terms tell, that is said within a few passages; 1 where there is none. */
    private static double covered(Sought subject, TalkLens lens, int passage) {
        double all = subject.weight();
        return all == 0
                ? 1
                : subject.held(term -> IntStream.rangeClosed(passage - NEAR, passage + NEAR)
                                        .anyMatch(n -> term.isIn(lens.stems(n)))
                                ? 1
                                : 0)
                        / all;
    }
}
