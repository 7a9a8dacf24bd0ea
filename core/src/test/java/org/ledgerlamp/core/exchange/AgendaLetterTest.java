package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.reading.MeetingFacts;

class AgendaLetterTest {
    private static MeetingFacts meeting(String title, List<String> agenda) {
        return new MeetingFacts(
                title,
                LocalDate.of(2026, 3, 6),
                LocalTime.of(9, 30),
                ZoneId.of("Europe/Oslo"),
                45,
                null,
                "Boat hall",
                null,
                List.of(),
                List.of(),
                agenda,
                null);
    }

    @Test
    void it_says_when_and_where_and_what_is_to_be_talked_about() {
        Letter letter = AgendaLetter.of(
                meeting("Charging berth weekly", List.of("Holm", "Crew")),
                "https://call.skerry.example/x",
                "Please read the\r\nyard's paper.",
                List.of("Order the spare module (Tom Reyes, due Fri 13 Mar 2026)"));

        assertThat(letter.subject()).isEqualTo("Agenda: Charging berth weekly, Fri 6 Mar 2026");
        assertThat(letter.text())
                .isEqualTo(
                        """
                        Please read the
                        yard's paper.

                        Charging berth weekly
                        Fri 6 Mar 2026, 09:30 Europe/Oslo, 45 min
                        Boat hall

                        https://call.skerry.example/x

                        AGENDA

                        1. Holm
                        2. Crew

                        MATTERS ARISING

                        - Order the spare module (Tom Reyes, due Fri 13 Mar 2026)
                        """);
        Document html = Jsoup.parse(letter.html());
        assertThat(html.select("ol li").eachText()).containsExactly("Holm", "Crew");
        assertThat(html.select("ul li")).hasSize(1);
        assertThat(html.select("a").attr("href")).isEqualTo("https://call.skerry.example/x");
        assertThat(html.title()).isEqualTo(letter.subject());
    }

    @Test
    void what_is_empty_is_left_out() {
        Letter letter = AgendaLetter.of(meeting("Weekly", List.of()), null, " ", List.of());

        assertThat(letter.text()).doesNotContain("AGENDA", "MATTERS").startsWith("Weekly");
        assertThat(Jsoup.parse(letter.html()).select("h2, a")).isEmpty();
    }

    @Test
    void words_are_words_whatever_they_look_like() {
        Letter letter = AgendaLetter.of(
                meeting("A\r\nBcc: all@skerry.example <b>", List.of("<script>alert(1)</script>")),
                "javascript:alert(1)",
                "x < y & \"z\"",
                List.of());

        assertThat(letter.subject()).isEqualTo("Agenda: A Bcc: all@skerry.example <b>, Fri 6 Mar 2026");
        Document html = Jsoup.parse(letter.html());
        assertThat(html.select("script, b, a")).isEmpty();
        assertThat(html.text()).contains("<script>alert(1)</script>", "x < y & \"z\"", "javascript:alert(1)");
    }
}
