package org.ledgerlamp.core;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;

/** A meeting of the Skerry Line for tests: Tuesday 3 March 2026, five people on the roster, four of them invited. */
public final class Skerry {
    public static final LocalDate TUESDAY = LocalDate.of(2026, 3, 3);
    public static final Person MIRA =
            new Person("Mira Voss", "head of electrification", "mira@skerry.example", List.of());
    public static final Person TOM = new Person("Tom Reyes", "shore power engineer", "tom@skerry.example", List.of());
    public static final Person ANA =
            new Person("Ana Prokop", "fleet engineer", "a.prokop@skerry.example", List.of("Annie"));
    public static final Person JOSS = new Person("Joss Lindqvist", "crew coordinator", null, List.of());
    public static final Person PETRA = new Person("Petra Holt", "operations director", null, List.of());

    private Skerry() {}

    /** The meeting with an agenda. */
    public static MeetingFacts meeting(String... agenda) {
        return meetingOf(List.of(MIRA, TOM, ANA, JOSS, PETRA), agenda);
    }

    /** The meeting with another roster. */
    public static MeetingFacts meetingOf(List<Person> roster, String... agenda) {
        return new MeetingFacts(
                "Charging berth weekly",
                TUESDAY,
                LocalTime.of(9, 30),
                ZoneId.of("Europe/Oslo"),
                45,
                "weekly status",
                "Boat hall",
                "Charging berth weekly",
                roster,
                List.of("Mira Voss", "Tom Reyes", "Ana Prokop", "Joss Lindqvist"),
                List.of(agenda),
                TUESDAY.plusWeeks(1));
    }

    /** A talk; each line {@code Name: words}, ten seconds apart. */
    public static Source talk(String... lines) {
        StringBuilder timed = new StringBuilder();
        for (int i = 0; i < lines.length; i++) {
            int seconds = 3 + 10 * i;
            timed.append("[%02d:%02d:%02d] %s%n".formatted(seconds / 3600, seconds / 60 % 60, seconds % 60, lines[i]));
        }
        return read(timed.toString());
    }

    /** Notes, line by line. */
    public static Source notes(String... lines) {
        try {
            return new SourceDesk(Limits.DEFAULT).readNotes(bytes(String.join("\n", lines)));
        } catch (UnreadableSource e) {
            throw new AssertionError(e);
        }
    }

    /** Any text, of whatever format it shows. */
    public static Source read(String text) {
        try {
            return new SourceDesk(Limits.DEFAULT).read(bytes(text));
        } catch (UnreadableSource e) {
            throw new AssertionError(e);
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** The draft of a talk. */
    public static Draft draft(String... lines) {
        return draft(talk(lines), null, meeting());
    }

    /** The draft of a source with notes beside it, or null. */
    public static Draft draft(Source source, Source notes, MeetingFacts meeting) {
        return new Drafter().draft(source, notes, meeting, Template.forKind(meeting.kind()));
    }

    /** The lines of a kind that are drafted or offered of a talk which stands in the middle of a meeting that says nothing else. */
    public static List<Line> lines(Kind kind, String... talk) {
        List<String> meeting = new ArrayList<>(BEFORE);
        meeting.addAll(List.of(talk));
        meeting.addAll(AFTER);
        int last = BEFORE.size() + talk.length;
        return lines(draft(meeting.toArray(String[]::new)), kind).stream()
                .filter(l -> l.evidence().getFirst().utterance() >= BEFORE.size()
                        && l.evidence().getFirst().utterance() < last)
                .toList();
    }

    private static final List<String> BEFORE = List.of(
            "Tom Reyes: Morning, all.",
            "Ana Prokop: Morning. Nice to be inside for once.",
            "Mira Voss: Is everybody here?",
            "Joss Lindqvist: I think so.",
            "Tom Reyes: The kettle has just boiled.",
            "Ana Prokop: Lovely.");
    private static final List<String> AFTER = List.of(
            "Joss Lindqvist: Is it still raining?",
            "Ana Prokop: A little.",
            "Tom Reyes: It was raining on Sunday as well.",
            "Joss Lindqvist: The gulls like it.",
            "Ana Prokop: The gulls like everything.");

    /** The lines of a kind that a draft holds or offers, the drafted ones first. */
    public static List<Line> lines(Draft draft, Kind kind) {
        return Stream.concat(draft.lines().stream(), draft.possible().stream())
                .filter(l -> l.kind() == kind)
                .toList();
    }

    /** The lines of a kind that a draft holds. */
    public static List<Line> drafted(Draft draft, Kind kind) {
        return draft.lines().stream().filter(l -> l.kind() == kind).toList();
    }
}
