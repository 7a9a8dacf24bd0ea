package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.exchange.MinutesMarkdown;
import org.ledgerlamp.core.minutes.Section.Content;
import org.ledgerlamp.core.minutes.Section.Form;
import org.ledgerlamp.core.minutes.Section.Grouping;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;

/** What a section can be, and how a page is laid out by them. */
class TemplatesTest {
    private static final String[] TALK = {
        "Mira Voss: Morning. First the crane at Holm.",
        "Tom Reyes: The crane costs four thousand euros a day, that's the quote from the yard.",
        "Ana Prokop: That's a lot of money for one lift.",
        "Mira Voss: Okay, let's take the crane for two days, agreed?",
        "Ana Prokop: Agreed.",
        "Tom Reyes: Agreed. I'll book the crane by Friday.",
        "Ana Prokop: And I'll tell the harbour office about the crane tomorrow.",
        "Mira Voss: Good. Then the deckhand rota.",
        "Ana Prokop: I'll send the deckhand rota to the crews on Monday.",
        "Mira Voss: Thanks. Somebody has to ring the council about the parking.",
        "Tom Reyes: True."
    };

    private static Draft drafted(MeetingFacts meeting, Section... sections) {
        Template template = new Template(
                "Test",
                List.of(),
                Detail.FULL,
                new NamePattern("{title}"),
                new NamePattern("{date} {title}"),
                List.of(sections));
        return new Drafter().draft(Skerry.talk(TALK), null, meeting, template);
    }

    private static Page.Part part(Section section) {
        return Page.of(FairCopy.of(drafted(Skerry.meeting(), section))).getFirst();
    }

    private static String page(Section... sections) {
        return MinutesMarkdown.write(drafted(Skerry.meeting("Crane", "Rota"), sections));
    }

    @Nested
    class ASection {
        @Test
        void that_asks_holds_what_was_said_in_answer_with_its_evidence() {
            Page.Part money = part(Section.answering("Money", "What was said about cost?"));

            assertThat(money.groups())
                    .singleElement()
                    .extracting(Page.Group::lines)
                    .satisfies(lines -> assertThat(lines)
                            .extracting(l -> l.evidence().getFirst().quote())
                            .anyMatch(q -> q.contains("four thousand euros"))
                            .noneMatch(q -> q.contains("rota")));
        }

        @Test
        void that_asks_what_nobody_spoke_of_stays_empty() {
            assertThat(part(Section.answering("Swimming", "What was said about swimming lessons?"))
                            .groups())
                    .isEmpty();
        }

        @Test
        void grouped_by_owner_puts_each_ones_lines_together_and_the_open_ones_last() {
            List<Page.Group> groups = part(Section.of("Actions", Content.ACTIONS)
                            .grouped(Grouping.BY_OWNER))
                    .groups();

            assertThat(groups).extracting(Page.Group::heading).startsWith("Tom Reyes", "Ana Prokop");
            assertThat(groups).allSatisfy(g -> assertThat(g.lines())
                    .allSatisfy(l -> assertThat(g.heading()).isEqualTo(l.owner() == null ? "Nobody yet" : l.owner())));
        }

        @Test
        void grouped_by_topic_stands_under_the_topics_titles() {
            Draft draft = drafted(
                    Skerry.meeting(), Section.of("Actions", Content.ACTIONS).grouped(Grouping.BY_TOPIC));

            assertThat(Page.of(FairCopy.of(draft)).getFirst().groups())
                    .isNotEmpty()
                    .allSatisfy(g -> assertThat(draft.reading().topics())
                            .extracting(t -> t.title())
                            .contains(g.heading()));
        }

        @ParameterizedTest
        @CsvSource({"LIST,'- Tom Reyes to'", "CHECK_BOXES,'- [ ] Tom Reyes to'", "TABLE,'| Tom Reyes to'"})
        void is_set_in_its_form(Form form, String beginning) {
            assertThat(page(Section.of("Actions", Content.ACTIONS).as(form))).contains("\n" + beginning);
        }

        @Test
        void of_brief_detail_is_stricter_than_one_of_full() {
            Draft brief = drafted(
                    Skerry.meeting(), Section.of("Actions", Content.ACTIONS).with(Detail.BRIEF));
            Draft full = drafted(
                    Skerry.meeting(), Section.of("Actions", Content.ACTIONS).with(Detail.FULL));

            assertThat(Skerry.lines(full, Kind.ACTION))
                    .hasSizeGreaterThanOrEqualTo(
                            Skerry.lines(brief, Kind.ACTION).size());
            assertThat(brief.template().least(Kind.ACTION))
                    .isGreaterThan(full.template().least(Kind.ACTION));
        }

        @Test
        void that_is_required_stands_also_where_it_is_empty() {
            Section risks = Section.answering("Swimming", "What was said about swimming lessons?");

            assertThat(page(risks)).doesNotContain("## Swimming");
            assertThat(page(risks.always())).contains("## Swimming\n\nNone.\n");
        }

        @Test
        void of_fixed_text_prompts_facts_and_agenda_says_what_it_is_for() {
            String page = page(
                    Section.saying("House rule", "Minutes are *open* to all crews."),
                    Section.prompting("Ask", "Who is away?"),
                    Section.of("Meeting", Content.FACTS),
                    Section.of("Agenda", Content.AGENDA));

            assertThat(page).contains("## House rule\n\nMinutes are \\*open\\* to all crews.\n");
            assertThat(page.substring(page.indexOf("# "))).doesNotContain("Who is away");
            assertThat(page).contains("- Date: Tue 3 Mar 2026\n- Time: 09:30 Europe/Oslo\n- Planned: 45 minutes\n");
            assertThat(page).contains("## Agenda\n\n1. Crane\n2. Rota\n");
        }

        @Test
        void of_matters_arising_carries_what_was_left_open() {
            MeetingFacts meeting = Skerry.meeting()
                    .with(List.of(new Carried(
                            "Tom Reyes to order the roller", "Tom Reyes", LocalDate.of(2026, 3, 6), "12.4")));

            assertThat(MinutesMarkdown.write(drafted(meeting, Section.of("Matters arising", Content.MATTERS_ARISING))))
                    .contains("- [ ] 12.4 Tom Reyes to order the roller (Fri 6 Mar 2026)\n");
        }

        @Test
        void of_speaking_figures_counts_words_and_turns_and_names_who_was_silent() {
            String page = page(Section.of("Share of the talk", Content.SPEAKING));

            assertThat(page).contains("| Who | Words | Share | Turns | Time |").contains("| Mira Voss | ");
            assertThat(page).contains("of 45:00 planned");
        }

        @Test
        void needs_a_text_only_where_its_content_is_one() {
            assertThatThrownBy(() -> Section.answering("Money", " ")).hasMessageContaining("needs a text");
            assertThatThrownBy(() -> new Section("X", Content.RISKS, Grouping.NONE, Form.LIST, null, false, "words"))
                    .hasMessageContaining("has no text of its own");
            assertThatThrownBy(() -> Section.of(" ", Content.RISKS)).hasMessageContaining("needs a heading");
        }
    }

    @Nested
    class ATemplate {
        @Test
        void has_no_two_sections_of_one_heading() {
            assertThatThrownBy(() -> drafted(
                            Skerry.meeting(),
                            Section.of("Done", Content.HIGHLIGHTS),
                            Section.of("done", Content.ACTIONS)))
                    .hasMessageContaining("same heading");
        }

        @Test
        void that_ships_has_a_place_for_every_kind_of_finding_and_for_who_was_there() {
            assertThat(ShippedTemplates.ALL).hasSize(9).allSatisfy(t -> {
                assertThat(t.sections()).extracting(Section::content).contains(Content.ATTENDEES, Content.SUMMARY);
                assertThat(t.sections()).extracting(s -> s.content().kind()).containsAll(Arrays.asList(Kind.values()));
            });
        }
    }

    @Nested
    class AName {
        private final MeetingFacts meeting = Skerry.meeting();

        @Test
        void is_filled_from_the_meeting() {
            assertThat(new NamePattern("{date} {title} ({template})").of(meeting, "Weekly"))
                    .isEqualTo("2026-03-03 Charging berth weekly (Weekly)");
        }

        @Test
        void with_an_unknown_placeholder_is_refused_with_the_known_ones() {
            assertThatThrownBy(() -> new NamePattern("{date} {titel}"))
                    .hasMessage(
                            "{titel} is no placeholder: expected one of {date}, {kind}, {series}, {template}, {title}");
        }

        @ParameterizedTest
        @CsvSource({"a/b\\c: d?,a-b-c- d-", "../../etc,-..-etc", "'   ',2026-03-03", "CON.,CON"})
        void of_a_file_cannot_leave_its_folder(String title, String file) {
            MeetingFacts named = new MeetingFacts(
                    title,
                    meeting.date(),
                    null,
                    meeting.timezone(),
                    null,
                    null,
                    null,
                    null,
                    List.of(),
                    List.of(),
                    List.of(),
                    null);

            assertThat(new NamePattern("{title}").fileOf(named, "Weekly")).isEqualTo(file);
        }

        @Test
        void of_a_file_is_cut_to_what_a_disk_takes() {
            assertThat(new NamePattern("{title} " + "long ".repeat(80)).fileOf(meeting, "Weekly"))
                    .hasSizeLessThanOrEqualTo(120);
        }
    }
}
