package org.ledgerlamp.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.source.Source;

/**
 * Whole meetings of the Skerry Line with what a careful minute-taker would have written down. The weights have never seen
 * them: they tell whether a change helps talk it was not made for.
 */
class LabelledMeetingsTest {
    private static final Person TOM_VARLEY = new Person("Tom Varley", "council officer", null, List.of("Tom V"));
    private static final Person TOM_REYES = new Person("Tom Reyes", "shore power engineer", null, List.of("Tom R"));
    private static final Person PETRA = new Person("Petra Holt", "ops lead", null, List.of());

    /** A line of the labels: what it is, the words that carry it, whose it is and by when. */
    private record Label(String what, String words, String owner, LocalDate due) {
        static Label of(String line) {
            String[] parts = (line + " | | ").split("\\s*\\|\\s*", -1);
            return new Label(
                    parts[0].strip(),
                    parts[1].strip(),
                    parts[2].isBlank() ? null : parts[2].strip(),
                    parts[3].isBlank() ? null : LocalDate.parse(parts[3].strip()));
        }

        boolean isCarriedBy(Line line) {
            return line.evidence().stream()
                    .anyMatch(e -> e.quote().toLowerCase(Locale.ROOT).contains(words.toLowerCase(Locale.ROOT)));
        }

        /** Whether the line's first words are these: further evidence may stand around a line of its own right. */
        boolean leads(Line line) {
            return line.evidence().getFirst().quote().toLowerCase(Locale.ROOT).contains(words.toLowerCase(Locale.ROOT));
        }
    }

    private static String read(String file) {
        try (InputStream in = LabelledMeetingsTest.class.getResourceAsStream("/labelled/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static List<Label> labels(String meeting) {
        return read(meeting + ".labels")
                .lines()
                .filter(l -> !l.isBlank() && !l.startsWith("#"))
                .map(Label::of)
                .toList();
    }

    private static Draft draft(String meeting) {
        return switch (meeting) {
            case "winter" -> Skerry.draft(Skerry.notes(read("winter.notes")), null, Skerry.meeting());
            case "timetable" ->
                Skerry.draft(
                        Skerry.read(read("timetable.txt")),
                        null,
                        Skerry.meetingOf(List.of(TOM_REYES, TOM_VARLEY, PETRA)));
            default -> talk(meeting);
        };
    }

    private static Draft talk(String meeting) {
        Source source = Skerry.read(read(meeting + ".txt"));
        return Skerry.draft(source, null, Skerry.meeting());
    }

    @ParameterizedTest
    @CsvSource({"slipway,0.75", "timetable,0.6", "winter,0.85"})
    void are_drafted_as_labelled_for_the_most_part(String meeting, double share) {
        Draft draft = draft(meeting);
        List<String> missed = new ArrayList<>();
        List<Label> found = labels(meeting).stream()
                .filter(l -> !l.what().startsWith("not ") && !l.what().equals("absent"))
                .toList();
        for (Label label : found) {
            Kind kind = Kind.valueOf(label.what().toUpperCase(Locale.ROOT));
            if (Skerry.lines(draft, kind).stream().noneMatch(label::isCarriedBy)) {
                missed.add(label.what() + ": " + label.words());
            }
        }

        assertThat(1 - (double) missed.size() / found.size())
                .as("missed " + missed)
                .isGreaterThanOrEqualTo(share);
    }

    @ParameterizedTest
    @CsvSource({"slipway", "timetable", "winter"})
    void owners_and_days_are_right_wherever_the_action_is_found(String meeting) {
        List<Line> actions = Skerry.lines(draft(meeting), Kind.ACTION);

        for (Label label : labels(meeting)) {
            if (label.what().equals("action")) {
                actions.stream().filter(label::leads).findFirst().ifPresent(action -> assertThat(
                                List.of(String.valueOf(action.owner()), String.valueOf(action.due())))
                        .as(action.text())
                        .containsExactly(String.valueOf(label.owner()), String.valueOf(label.due())));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"slipway", "timetable", "winter"})
    void what_only_sounds_like_it_is_kept_out(String meeting) {
        Draft draft = draft(meeting);
        List<String> fallenFor = new ArrayList<>();
        for (Label label : labels(meeting)) {
            if (label.what().startsWith("not ")) {
                Kind kind = Kind.valueOf(label.what().substring("not ".length()).toUpperCase(Locale.ROOT));
                Skerry.drafted(draft, kind).stream()
                        .filter(label::leads)
                        .forEach(l -> fallenFor.add(label.words() + " -> " + l.text()));
            }
        }

        assertThat(fallenFor).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"slipway", "winter"})
    void who_sent_apologies_is_absent(String meeting) {
        List<String> absent = labels(meeting).stream()
                .filter(l -> l.what().equals("absent"))
                .map(Label::words)
                .toList();

        assertThat(draft(meeting).reading().attendance())
                .filteredOn(p -> !p.present())
                .extracting(Presence::name)
                .containsExactlyInAnyOrderElementsOf(absent);
    }
}
