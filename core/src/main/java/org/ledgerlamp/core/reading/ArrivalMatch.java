package org.ledgerlamp.core.reading;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;

/** Finds the meeting that a recording belongs to, by when it began, what it is called, and who takes part. */
public final class ArrivalMatch {
    private static final double TIME_WEIGHS = 0.5;
    private static final double TITLE_WEIGHS = 0.35;
    private static final double PEOPLE_WEIGH = 0.15;
    /** From here on there is hardly a doubt, if no other meeting comes near. */
    private static final double SURE = 0.6;

    private static final double CLEARLY_AHEAD = 0.12;
    private static final double WORTH_A_GUESS = 0.15;

    private ArrivalMatch() {}

    /**
     * What a recording tells of its meeting.
     *
     * @param title its title, or null
     * @param startedAt when it began
     * @param people names of those who took part, as written
     */
    public record Arrival(String title, Instant startedAt, List<String> people) {
        public Arrival {
            people = List.copyOf(people);
        }
    }

    /**
     * A meeting that it may belong to.
     *
     * @param index of the meeting among those given
     * @param score between 0 and 1
     * @param sure whether it may be taken for granted
     */
    public record Guess(int index, double score, boolean sure) {}

    /**
     * The meetings that come into question, the likeliest first. At most the first is sure: it begins within an hour of the
     * recording, and its title or, where the recording has none, its people agree.
     */
    public static List<Guess> guesses(Arrival arrival, List<MeetingFacts> meetings) {
        List<Guess> ranked = IntStream.range(0, meetings.size())
                .mapToObj(i -> new Guess(i, score(arrival, meetings.get(i)), false))
                .filter(g -> g.score() >= WORTH_A_GUESS)
                .sorted(Comparator.comparingDouble((Guess g) -> -g.score())
                        .thenComparing(g -> apart(arrival, meetings.get(g.index())))
                        .thenComparingInt(Guess::index))
                .toList();
        if (ranked.isEmpty()) {
            return ranked;
        }
        Guess first = ranked.getFirst();
        double next = ranked.size() > 1 ? ranked.get(1).score() : 0;
        boolean sure = first.score() >= SURE
                && first.score() - next >= CLEARLY_AHEAD
                && isNear(arrival, meetings.get(first.index()));
        return IntStream.range(0, ranked.size())
                .mapToObj(i -> i == 0 ? new Guess(first.index(), first.score(), sure) : ranked.get(i))
                .toList();
    }

    private static boolean isNear(Arrival arrival, MeetingFacts meeting) {
        boolean called = arrival.title() == null || sameness(arrival.title(), meeting.title()) > 0;
        return called && time(arrival, meeting) >= 0.5;
    }

    private static double score(Arrival arrival, MeetingFacts meeting) {
        double time = time(arrival, meeting);
        if (time == 0) {
            return 0;
        }
        return TIME_WEIGHS * time
                + TITLE_WEIGHS * (arrival.title() == null ? 0 : sameness(arrival.title(), meeting.title()))
                + PEOPLE_WEIGH * shared(names(arrival.people()), names(meeting.invited()));
    }

    /** How well the times agree, between 0 (another day) and 1. */
    private static double time(Arrival arrival, MeetingFacts meeting) {
        LocalDate day = LocalDate.ofInstant(arrival.startedAt(), meeting.timezone());
        if (meeting.start() == null) {
            return day.equals(meeting.date()) ? 0.5 : 0;
        }
        long minutes = apart(arrival, meeting).toMinutes();
        if (minutes <= 10) {
            return 1;
        }
        if (minutes <= 30) {
            return 0.8;
        }
        if (minutes <= 60) {
            return 0.5;
        }
        return day.equals(meeting.date()) ? 0.2 : 0;
    }

    /** How far the recording began from the meeting; of a meeting without a time, from the end of its day. */
    private static Duration apart(Arrival arrival, MeetingFacts meeting) {
        LocalTime start = meeting.start() == null ? LocalTime.MAX : meeting.start();
        Instant planned =
                meeting.date().atTime(start).atZone(meeting.timezone()).toInstant();
        return Duration.between(planned, arrival.startedAt()).abs();
    }

    /** How much two titles have in common; 1 where one holds all words of the other. */
    private static double sameness(String one, String other) {
        return shared(words(one), words(other));
    }

    private static double shared(Set<String> one, Set<String> other) {
        if (one.isEmpty() || other.isEmpty()) {
            return 0;
        }
        long both = one.stream().filter(other::contains).count();
        return both / (double) Math.min(one.size(), other.size());
    }

    private static Set<String> words(String title) {
        Set<String> words = new HashSet<>();
        for (String word : title.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")) {
            if (word.length() > 2) {
                words.add(word);
            }
        }
        return words;
    }

    private static Set<String> names(Collection<String> people) {
        Set<String> names = new HashSet<>();
        people.forEach(p -> names.add(p.toLowerCase(Locale.ROOT).strip()));
        return names;
    }
}
