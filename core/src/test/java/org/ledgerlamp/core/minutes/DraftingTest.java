package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.exchange.MinutesMarkdown;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.source.Source;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class DraftingTest {
    private static final String[] TALK = {
        "Mira Voss: Morning. Petra sends apologies. Let's start with Skarness.",
        "Tom Reyes: The good news is the shore supply went live on Monday, um, a week early.",
        "Mira Voss: Should we put a roller on the fender?",
        "Ana Prokop: Yes, let's do that.",
        "Tom Reyes: I'll order the roller by Friday.",
        "Mira Voss: Thanks. Who insures the mobile unit?",
        "Ana Prokop: I don't know.",
        "Tom Reyes: The risk is that it trips overnight."
    };

    @Test
    void every_line_rests_on_words_that_stand_in_the_source_where_it_says() {
        Source source = Skerry.talk(TALK);
        Draft draft = Skerry.draft(source, null, Skerry.meeting());
        List<Line> all = new ArrayList<>(draft.lines());
        all.addAll(draft.possible());

        assertThat(all)
                .extracting(Line::kind)
                .contains(Kind.DECISION, Kind.ACTION, Kind.QUESTION, Kind.RISK, Kind.HIGHLIGHT);
        for (Line line : all) {
            assertThat(line.evidence()).isNotEmpty();
            for (Evidence e : line.evidence()) {
                assertThat(source.utterances().get(e.utterance()).text().substring(e.start(), e.end()))
                        .isEqualTo(e.quote());
            }
            assertThat(line.certainty()).isBetween(0.0, 1.0);
            assertThat(line.text()).isNotBlank();
        }
        assertThat(draft.summary().evidence()).isNotEmpty();
    }

    @Test
    void the_same_input_gives_the_same_bytes() {
        String first = MinutesJson.write(Skerry.draft(TALK));

        for (int i = 0; i < 5; i++) {
            assertThat(MinutesJson.write(Skerry.draft(TALK))).isEqualTo(first);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Tom Reyes: I'll, um, you know, ring the yard tomorrow.|Tom Reyes to ring the yard tomorrow.",
                "Tom Reyes: So yeah, I'll send Mira the berth drawings.|Tom Reyes to send Mira the berth drawings.",
                "Tom Reyes: I'm going to book the the simulator for ten people.|Tom Reyes to book the simulator for ten people.",
                "Tom Reyes: Okay, I'll order 40 m of 95 mm² cable at €1,100 by Friday.|Tom Reyes to order 40 m of 95 mm² cable at €1,100 by Friday.",
            })
    void an_action_is_worded_owner_first_without_fillers_and_with_every_figure(String said, String text) {
        assertThat(Skerry.lines(Kind.ACTION, "Mira Voss: What next?", said, "Mira Voss: Thanks.")
                        .getFirst()
                        .text())
                .isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A: TR order the plug|Tom Reyes to order the plug.",
                "A: Tom will ring the yard|Tom Reyes to ring the yard.",
                "A: ask Joss to ring the school|Joss Lindqvist to ring the school.",
                "A: Tom needs Ana's times|Tom Reyes needs Ana's times.",
                "Action for Joss: tell the harbour master|Joss Lindqvist to tell the harbour master.",
            })
    void a_noted_action_begins_with_its_owner(String noted, String text) {
        Draft draft = Skerry.draft(Skerry.notes(noted), null, Skerry.meeting());

        assertThat(Skerry.lines(draft, Kind.ACTION).getFirst().text()).isEqualTo(text);
    }

    @Test
    void the_first_person_becomes_the_speaker() {
        assertThat(Skerry.lines(
                        Kind.HIGHLIGHT,
                        "Tom Reyes: The good news is my team has finished the berth.",
                        "Mira Voss: Well done."))
                .singleElement()
                .extracting(Line::text)
                .asString()
                .contains("Tom Reyes's team");
    }

    @Test
    void no_line_is_longer_than_a_line_should_be() {
        String rambling = "Tom Reyes: I'll ring the yard about the "
                + "cable, the plug, the lamp, the pier and ".repeat(8) + "the rest by Friday.";

        assertThat(Skerry.draft("Mira Voss: What next?", rambling, "Mira Voss: Thanks.")
                        .lines())
                .allSatisfy(l -> assertThat(l.text().split("\\s+").length).isLessThanOrEqualTo(36));
    }

    @Test
    void notes_alone_make_minutes_by_their_marks() {
        Draft draft = Skerry.draft(
                Skerry.notes(
                        "HOLM",
                        "D: mobile unit until the house is done",
                        "A: TR order the plug by Friday",
                        "[ ] Joss to ring the school",
                        "+ Skarness is live",
                        "~ lost a sailing",
                        "R: trips overnight",
                        "Q: who insures it?",
                        "[x] hull walk done"),
                null,
                Skerry.meeting());

        assertThat(Skerry.lines(draft, Kind.DECISION))
                .extracting(Line::text)
                .containsExactly("Mobile unit until the house is done.");
        assertThat(Skerry.lines(draft, Kind.ACTION))
                .extracting(Line::owner)
                .containsExactly("Tom Reyes", "Joss Lindqvist");
        assertThat(Skerry.lines(draft, Kind.ACTION).getFirst().due()).isEqualTo(LocalDate.of(2026, 3, 6));
        assertThat(Skerry.lines(draft, Kind.HIGHLIGHT)).hasSize(1);
        assertThat(Skerry.lines(draft, Kind.LOWLIGHT)).hasSize(1);
        assertThat(Skerry.lines(draft, Kind.RISK)).hasSize(1);
        assertThat(Skerry.lines(draft, Kind.QUESTION)).hasSize(1);
    }

    @Test
    void notes_beside_a_talk_confirm_what_was_said_and_add_what_was_not() {
        Source notes = Skerry.notes("A: Tom order the roller", "D: bring cake for everybody on Thursday");

        Draft draft = Skerry.draft(Skerry.talk(TALK), notes, Skerry.meeting());

        assertThat(Skerry.lines(draft, Kind.ACTION)).singleElement().satisfies(a -> {
            assertThat(a.due()).isEqualTo(LocalDate.of(2026, 3, 6));
            assertThat(a.evidence()).extracting(Evidence::origin).contains(Evidence.Origin.TALK, Evidence.Origin.NOTES);
            assertThat(a.reasons()).contains("in the notes too");
        });
        assertThat(Skerry.lines(draft, Kind.DECISION))
                .filteredOn(d -> d.text().contains("cake"))
                .singleElement()
                .satisfies(d -> assertThat(d.reasons()).contains("from notes only"));
    }

    @Test
    void a_jotting_beside_a_talk_is_offered_and_a_whole_sentence_enters() {
        Source notes = Skerry.notes("RAS -> july", "The harbour office closes at noon on Fridays.");

        Draft draft = Skerry.draft(Skerry.talk(TALK), notes, Skerry.meeting());

        assertThat(draft.lines()).extracting(Line::text).noneMatch(t -> t.contains("RAS"));
        assertThat(draft.possible()).extracting(Line::text).anyMatch(t -> t.contains("RAS"));
        assertThat(draft.lines()).extracting(Line::text).contains("The harbour office closes at noon on Fridays.");
    }

    @Test
    void nothing_is_said_twice_of_the_same_person() {
        Draft draft = Skerry.draft(
                Skerry.notes(
                        "A: TR order the plug by Friday",
                        "+ Skarness is live",
                        "A: TR order the plug by Friday",
                        "A: AP order the plug by Friday"),
                null,
                Skerry.meeting());

        assertThat(Skerry.drafted(draft, Kind.ACTION))
                .extracting(Line::owner)
                .containsExactly("Tom Reyes", "Ana Prokop");
    }

    @Test
    void what_is_wanted_and_then_promised_is_one_action() {
        Draft draft = Skerry.draft(
                "Mira Voss: The pontoon permit is still open.",
                "Ana Prokop: Somebody has to ask the harbour office about the permit.",
                "Tom Reyes: I'll do it on Monday.",
                "Mira Voss: Thank you, Tom.");

        assertThat(Skerry.lines(draft, Kind.ACTION)).singleElement().satisfies(a -> {
            assertThat(a.owner()).isEqualTo("Tom Reyes");
            assertThat(a.text()).isEqualTo("Tom Reyes to ask the harbour office about the permit.");
        });
    }

    @ParameterizedTest
    @CsvSource({
        "weekly status,Weekly status",
        "Supplier call,Supplier call",
        "one-to-one,One-to-one",
        "Steering group,Steering group",
        "safety review,Technical review",
        "parish council,Committee",
        "planning workshop,Workshop",
        "incident review,Incident review",
        "qualification call,Qualification call",
        "client call,Supplier call",
        "seance,Weekly status",
        "'',Weekly status"
    })
    void a_kind_of_meeting_picks_its_template(String kind, String template) {
        assertThat(Template.forKind(kind).name()).isEqualTo(template);
        assertThat(Template.forKind(null).name()).isEqualTo("Weekly status");
    }

    @Test
    void markdown_follows_the_template_and_cannot_be_broken_out_of() {
        Draft draft = Skerry.draft(
                Skerry.talk(
                        "Mira Voss: Hello.",
                        "Tom Reyes: I'll add # <b>two</b> [links](http://x) to the *plan* by Friday."),
                null,
                Skerry.meeting());

        String page = MinutesMarkdown.write(draft);

        assertThat(page)
                .startsWith(
                        "---\nformat: \"ledger-lamp/minutes 1\"\ntitle: \"Charging berth weekly\"\ndate: \"2026-03-03\"\n");
        assertThat(page).contains("## Actions\n\n- [ ] Tom Reyes to add");
        assertThat(page.substring(page.indexOf("\n# ")))
                .doesNotContain("<b>two")
                .doesNotContain(" [links](http");
        assertThat(page.indexOf("## Attendance")).isPositive().isLessThan(page.indexOf("## Actions"));
    }

    @Test
    void json_has_the_shape_it_promises() {
        JsonNode json = JsonMapper.builder().build().readTree(MinutesJson.write(Skerry.draft(TALK)));

        assertThat(json.at("/format").asString()).isEqualTo("ledger-lamp/minutes");
        assertThat(json.at("/version").asInt()).isEqualTo(1);
        assertThat(json.at("/meeting/date").asString()).isEqualTo("2026-03-03");
        assertThat(json.at("/utterances")).hasSize(TALK.length);
        assertThat(json.at("/items")).isNotEmpty().allSatisfy(item -> {
            assertThat(item.at("/kind").asString())
                    .isIn("decision", "action", "question", "risk", "highlight", "lowlight");
            assertThat(item.at("/evidence/0/quote").asString()).isNotBlank();
            assertThat(item.at("/evidence/0/at").asString()).matches("\\d\\d:\\d\\d:\\d\\d");
        });
        assertThat(json.at("/attendees").toString()).contains("\"status\":\"absent\"");
    }

    @Test
    void any_words_whatever_are_drafted_without_an_error() {
        Random random = new Random(303);
        String[] bits = {
            "I'll",
            "Tom",
            "by Friday",
            "?",
            "let's",
            "—",
            "no",
            "yes.",
            "shall we",
            "the",
            "€5",
            "<b>",
            "\\",
            "$1",
            "MV",
            "ß",
            "\uD83D\uDEA2",
            "don't know",
            "risk",
            "agreed",
            ":",
            "(",
            "[ ]"
        };
        for (int i = 0; i < 300; i++) {
            String[] lines = new String[1 + random.nextInt(6)];
            for (int l = 0; l < lines.length; l++) {
                StringBuilder words = new StringBuilder(random.nextBoolean() ? "Mira Voss: w" : "Tom $0 Reyes: w");
                for (int b = random.nextInt(14); b > 0; b--) {
                    words.append(' ').append(bits[random.nextInt(bits.length)]);
                }
                lines[l] = words.toString();
            }
            Draft draft = Skerry.draft(
                    Skerry.read(String.join("\n", lines) + "\n"), Skerry.notes(lines), Skerry.meeting("Holm ($1)"));
            assertThat(MinutesJson.write(draft).getBytes(StandardCharsets.UTF_8))
                    .isNotEmpty();
            assertThat(MinutesMarkdown.write(draft)).startsWith("---");
        }
    }
}
