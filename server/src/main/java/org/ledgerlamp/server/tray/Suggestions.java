package org.ledgerlamp.server.tray;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.ArrivalMatch;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out from a source, its name and earlier meetings what can be filled in of the meeting it belongs to. */
@Service
@Transactional(readOnly = true)
class Suggestions {
    private static final Pattern ISO_DAY = Pattern.compile("(20\\d{2})-?(\\d{2})-?(\\d{2})");
    private static final double SAME_PEOPLE = 0.6;
    private static final int MOST_GUESSES = 3;

    private final SourceFiles files;
    private final RosterService roster;
    private final MeetingService meetings;
    private final Clock clock;

    Suggestions(SourceFiles files, RosterService roster, MeetingService meetings, Clock clock) {
        this.files = files;
        this.roster = roster;
        this.meetings = meetings;
        this.clock = clock;
    }

    /**
     * What is filled in already. Every field may be changed by the member.
     *
     * @param meetingId a meeting of that day with the same people, or null
     * @param people who is taken to have been invited, the speakers among them
     * @param speakers whom the source itself names
     * @param unknown speakers whom the roster does not know, or of whom it knows several
     */
    record Suggestion(
            @Nullable UUID meetingId,
            String title,
            LocalDate date,
            @Nullable LocalTime start,
            String zone,
            @Nullable Integer plannedMinutes,
            @Nullable String kind,
            @Nullable String series,
            @Nullable String location,
            List<UUID> people,
            List<UUID> speakers,
            List<String> unknown) {}

    /** A meeting that a recording may belong to. */
    record Guess(UUID meetingId, String title, LocalDate date, @Nullable LocalTime start) {}

    /** By id, the meetings that sources may belong to by the time of their recording, the likeliest first. */
    Map<UUID, List<Guess>> guesses(List<SourceFile> files) {
        Map<UUID, List<Guess>> guesses = new HashMap<>();
        Map<LocalDate, List<Meeting>> near = new HashMap<>();
        for (SourceFile file : files) {
            if (file.facts().startedAt() != null && file.meetingId() == null) {
                guesses.put(file.id(), guesses(file, near.computeIfAbsent(date(file), d -> around(file.teamId(), d))));
            }
        }
        return guesses;
    }

    private List<Meeting> around(UUID teamId, LocalDate day) {
        return meetings.between(teamId, day.minusDays(1), day.plusDays(1)).stream()
                .filter(m -> !m.isCalledOff() && !m.hasFolio())
                .toList();
    }

    private static List<Guess> guesses(SourceFile file, List<Meeting> near) {
        ArrivalMatch.Arrival arrival = new ArrivalMatch.Arrival(
                file.facts().title(), file.facts().startedAt(), file.facts().speakers());
        return ArrivalMatch.guesses(
                        arrival, near.stream().map(m -> m.facts(List.of())).toList())
                .stream()
                .limit(MOST_GUESSES)
                .map(g -> near.get(g.index()))
                .map(m -> new Guess(m.id(), m.title(), m.date(), m.start()))
                .toList();
    }

    Suggestion of(SourceFile file) {
        RosterService.Heard heard = roster.heard(file.teamId(), file.facts().speakers());
        List<UUID> speakers = heard.people().stream().map(RosterPerson::id).toList();
        Set<UUID> people = new LinkedHashSet<>(speakers);
        LocalDate date = date(file);
        Optional<Meeting> that = meetings.between(file.teamId(), date, date).stream()
                .filter(m -> !m.hasFolio() && alike(m, people) >= SAME_PEOPLE && lacks(m, file))
                .findFirst();
        Optional<Meeting> like = that.or(() -> meetings.latestOfEachSeries(file.teamId(), date).stream()
                .filter(m -> alike(m, people) >= SAME_PEOPLE || titled(m, file))
                .max(Comparator.comparingDouble((Meeting m) -> (titled(m, file) ? 1 : 0) + alike(m, people))));
        like.ifPresent(m -> m.invited().forEach(p -> people.add(p.id())));
        return new Suggestion(
                that.map(Meeting::id).orElse(null),
                like.map(Meeting::title).orElseGet(() -> title(file)),
                date,
                start(file, like),
                like.map(Meeting::zone).orElse(ZoneId.systemDefault().getId()),
                like.map(Meeting::plannedMinutes).orElse(null),
                like.map(Meeting::kind).orElse(null),
                like.map(Meeting::series).orElse(null),
                like.map(Meeting::location).orElse(null),
                List.copyOf(people),
                speakers,
                heard.unknown());
    }

    /** Whether a begun draft has nothing of the sort yet: a second transcript of a day is rather that of another meeting. */
    private boolean lacks(Meeting m, SourceFile file) {
        return !m.hasMinutes()
                || files.findByTeamIdAndMeetingIdInOrderByReceivedAt(m.teamId(), List.of(m.id())).stream()
                        .noneMatch(f -> f.isNotes() == file.isNotes());
    }

    private static double alike(Meeting m, Set<UUID> people) {
        Set<UUID> invited = new LinkedHashSet<>();
        m.invited().forEach(p -> invited.add(p.id()));
        if (invited.isEmpty() || people.isEmpty()) {
            return 0;
        }
        long both = people.stream().filter(invited::contains).count();
        return both / (double) Math.max(people.size(), invited.size());
    }

    private static boolean titled(Meeting m, SourceFile file) {
        String title = title(file).toLowerCase(Locale.ROOT);
        return title.contains(m.title().toLowerCase(Locale.ROOT))
                || m.title().toLowerCase(Locale.ROOT).contains(title);
    }

    private static String title(SourceFile file) {
        if (file.facts().title() != null) {
            return file.facts().title();
        }
        String words = ISO_DAY.matcher(file.name().replaceFirst("\\.[A-Za-z0-9]{1,5}$", ""))
                .replaceAll(" ")
                .replaceAll("[_\\s-]+", " ")
                .strip();
        return words.isEmpty() ? "Meeting" : Words.capitalised(words);
    }

    private LocalDate date(SourceFile file) {
        if (file.facts().startedAt() != null) {
            return LocalDate.ofInstant(file.facts().startedAt(), ZoneId.systemDefault());
        }
        if (file.facts().date() != null) {
            return file.facts().date();
        }
        Matcher m = ISO_DAY.matcher(file.name());
        if (m.find()) {
            try {
                return LocalDate.of(
                        Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)), Integer.parseInt(m.group(3)));
            } catch (DateTimeException e) {
                return LocalDate.now(clock); // digits that look like a day but are none
            }
        }
        return LocalDate.now(clock);
    }

    private static @Nullable LocalTime start(SourceFile file, Optional<Meeting> like) {
        if (file.facts().startedAt() == null) {
            return like.map(Meeting::start).orElse(null);
        }
        ZoneId zone = like.map(m -> ZoneId.of(m.zone())).orElse(ZoneId.systemDefault());
        LocalTime exact = ZonedDateTime.ofInstant(file.facts().startedAt(), zone)
                .toLocalTime()
                .withSecond(0)
                .withNano(0);
        return exact.minusMinutes(exact.getMinute() % 5);
    }
}
