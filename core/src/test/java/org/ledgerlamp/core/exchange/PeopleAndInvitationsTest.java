package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;

class PeopleAndInvitationsTest {
    private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Nested
    class RosterTables {
        @Test
        void columns_are_known_by_their_heads_in_any_order_and_with_any_delimiter() {
            List<Person> people = RosterFile.read(
                    bytes(
                            "\uFEFFE-Mail;Full name;Role;Nicknames\nana@skerry.example;\"Prokop, Ana\";fleet engineer;Annie / AP\n\n;Tom Reyes;;\n"));

            assertThat(people)
                    .containsExactly(
                            new Person("Prokop, Ana", "fleet engineer", "ana@skerry.example", List.of("Annie", "AP")),
                            new Person("Tom Reyes", null, null, List.of()));
        }

        @Test
        void first_and_last_names_make_a_name_and_nobody_stands_twice() {
            assertThat(RosterFile.read(bytes("first name,surname\nMira,Voss\nMira,Voss\n,\n")))
                    .extracting(Person::name)
                    .containsExactly("Mira Voss");
        }

        @Test
        void a_table_without_names_says_what_was_expected() {
            assertThatThrownBy(() -> RosterFile.read(bytes("berth,length\nHolm,40\n")))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("line 1: expected a head with a column \"name\"")
                    .hasMessageContaining("berth, length");
            assertThatThrownBy(() -> RosterFile.read(bytes("name,role\n"))).hasMessageContaining("line 2");
        }
    }

    @Test
    void a_card_gives_name_role_mail_and_nicknames() {
        List<Person> people = RosterFile.read(
                bytes(
                        """
                BEGIN:VCARD
                VERSION:4.0
                FN:Mira Voss
                TITLE:head of electrification
                EMAIL:mira@skerry.example
                NICKNAME:Mim
                END:VCARD
                BEGIN:VCARD
                VERSION:3.0
                N:Reyes;Tom;;;
                END:VCARD
                """));

        assertThat(people)
                .containsExactly(
                        new Person("Mira Voss", "head of electrification", "mira@skerry.example", List.of("Mim")),
                        new Person("Tom Reyes", null, null, List.of()));
    }

    @Nested
    class Invitations {
        private static final String SERIES =
                """
                BEGIN:VCALENDAR
                VERSION:2.0
                BEGIN:VEVENT
                UID:berths-1
                DTSTAMP:20260201T000000Z
                DTSTART;TZID=Europe/Dublin:20260317T093000
                DTEND;TZID=Europe/Dublin:20260317T101500
                RRULE:FREQ=WEEKLY;COUNT=4
                EXDATE;TZID=Europe/Dublin:20260407T093000
                SUMMARY:Charging berth weekly
                LOCATION:Boat hall
                ORGANIZER;CN=Mira Voss:mailto:mira@skerry.example
                ATTENDEE;CN=Tom Reyes;PARTSTAT=ACCEPTED:mailto:tom@skerry.example
                ATTENDEE;PARTSTAT=DECLINED:mailto:ana.prokop@skerry.example
                CONFERENCE;VALUE=URI:https://call.skerry.example/7
                DESCRIPTION:Hello\\n\\nAgenda:\\n1. Fenders (10 min)\\n2. 09:45 Holm cable\\n\\nBye
                END:VEVENT
                BEGIN:VEVENT
                UID:berths-1
                DTSTAMP:20260201T000000Z
                RECURRENCE-ID;TZID=Europe/Dublin:20260324T093000
                DTSTART;TZID=Europe/Dublin:20260325T110000
                DURATION:PT1H
                SUMMARY:Charging berth weekly (moved)
                END:VEVENT
                END:VCALENDAR
                """;

        @Test
        void series_are_expanded_over_the_change_of_clocks_without_what_was_dropped_and_with_what_was_moved() {
            List<Invitation> all =
                    InvitationFile.between(bytes(SERIES), OSLO, LocalDate.of(2026, 3, 1), LocalDate.of(2026, 5, 1));

            assertThat(all)
                    .extracting(Invitation::start)
                    .extracting(ZonedDateTime::toString)
                    .containsExactly(
                            "2026-03-17T09:30Z[Europe/Dublin]",
                            "2026-03-25T11:00Z[Europe/Dublin]",
                            "2026-03-31T09:30+01:00[Europe/Dublin]");
            assertThat(all.getFirst().next()).isEqualTo(LocalDate.of(2026, 3, 25));
            assertThat(all.getLast().next()).isNull();
        }

        @Test
        void one_gives_the_facts_that_reading_needs() {
            Invitation one = InvitationFile.read(bytes(SERIES), OSLO, LocalDate.of(2026, 3, 10));

            assertThat(one.invited()).extracting(Person::name).containsExactly("Mira Voss", "Tom Reyes");
            assertThat(one.declined()).extracting(Person::name).containsExactly("ana prokop");
            assertThat(one.agenda()).containsExactly("Fenders", "Holm cable");
            assertThat(one.link()).isEqualTo("https://call.skerry.example/7");
            assertThat(one.facts().plannedMinutes()).isEqualTo(45);
            assertThat(one.facts().nextMeeting()).isEqualTo(LocalDate.of(2026, 3, 25));
            assertThat(one.facts().invited()).contains("Tom Reyes");
        }

        @Test
        void one_sent_by_mail_is_read_like_a_file() {
            String mail = "From: mira@skerry.example\nTo: tom@skerry.example\nMIME-Version: 1.0\nSubject: x\n"
                    + "Content-Type: multipart/alternative; boundary=B\n\n--B\nContent-Type: text/plain\n\nCome.\n"
                    + "--B\nContent-Type: text/calendar; charset=utf-8; method=REQUEST\n\n" + SERIES + "\n--B--\n";

            assertThat(InvitationFile.read(bytes(mail), OSLO, LocalDate.of(2026, 3, 1))
                            .title())
                    .isEqualTo("Charging berth weekly");
        }

        @Test
        void what_is_no_calendar_says_so() {
            assertThatThrownBy(() -> InvitationFile.read(bytes("hello"), OSLO, LocalDate.of(2026, 3, 1)))
                    .hasMessageContaining("expected BEGIN:VCALENDAR");
            assertThatThrownBy(() -> InvitationFile.read(
                            bytes("BEGIN:VCALENDAR\nVERSION:2.0\nEND:VCALENDAR"), OSLO, LocalDate.of(2026, 3, 1)))
                    .hasMessageContaining("expected a meeting");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Agenda: fenders; cable; any other business|fenders/cable/any other business",
                "Dear all\\nAgenda\\n\\n- Fenders - 10 min\\n- Cable (15 mins)\\n\\nSee you|Fenders/Cable",
                "Please bring\\n1) the log\\n2) the rota\\nThanks|the log/the rota",
                "See you there.|''"
            })
    void an_agenda_is_found_in_the_text_without_numbers_and_times(String text, String items) {
        assertThat(String.join("/", Agenda.in(text.replace("\\n", "\n")))).isEqualTo(items);
    }
}
