package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a file that somebody drops to the decision that somebody finds. */
class ChainTest extends BrowserTest {
    private static final String TALK =
            """
            WEBVTT

            00:00:01.000 --> 00:00:06.000
            <v Mira Voss>Should we paint the wheelhouse of the Gannet in signal orange?</v>

            00:00:07.000 --> 00:00:10.000
            <v Ana Prokop>Yes, let's do that.</v>

            00:00:11.000 --> 00:00:16.000
            <v Nils Farrow>Fine. I'll order the orange paint by Friday.</v>

            00:00:17.000 --> 00:00:22.000
            <v Mira Voss>Does anybody know whether the inspector wants a sample plate?</v>

            00:00:23.000 --> 00:00:25.000
            <v Nils Farrow>No idea.</v>
            """;

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static FilePayload file(String name, String content) {
        return new FilePayload(name, "text/plain", content.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void a_dropped_transcript_becomes_a_folio_whose_decision_is_found() {
        Desk mira = miraAtHerDesk();
        mira.link("In-tray").or(mira.page.locator("nav .tab").nth(1)).first().click();
        mira.page.getByTestId("files").setInputFiles(file("paint-2026-03-03.vtt", TALK));

        // What the file tells is filled in; the rest is said.
        assertThat(mira.heading("Which meeting is this?")).isVisible();
        assertThat(mira.field("Date")).hasValue("Tue 3 Mar 2026");
        for (String person : new String[] {"Mira Voss", "Ana Prokop", "Nils Farrow"}) {
            assertThat(mira.page.locator(".chip", byText(person))).isVisible();
        }
        mira.field("Title").fill("Paint meeting \"orange\" <b>");
        mira.field("Kind").fill("supplier call");
        mira.button("Draft the minutes").click();

        // The draft in pencil, beside its source.
        Locator decision = mira.lines("Agreed").first();
        assertThat(decision).containsText("in pencil");
        assertThat(decision).containsText(Pattern.compile("signal orange"));
        decision.click();
        assertThat(mira.page.locator("[data-lit]").first())
                .containsText("paint the wheelhouse of the Gannet in signal orange");
        Locator action = mira.lines("Actions on either side").first();
        assertThat(action).containsText("Nils Farrow to order the orange paint");
        assertThat(mira.region("Actions on either side")).containsText("Fri 6 Mar");
        assertThat(mira.lines("Unanswered").first()).containsText("sample plate");

        // A passage lights the lines it fed.
        mira.page.locator("[data-passage='2'] .place").click();
        assertThat(mira.page
                        .locator("[data-lit-line]", byText("Nils Farrow to order the orange paint"))
                        .last())
                .isVisible();

        // Corrected, inked, filed.
        decision.dblclick();
        mira.page.getByLabel("Wording of the line").fill("Paint the Gannet's wheelhouse in signal orange.");
        mira.page.keyboard().press("Enter");
        assertThat(mira.lines("Agreed").first())
                .containsText("Paint the Gannet's wheelhouse in signal orange., in ink");
        mira.button("Ink all").click();
        mira.button("File").click();
        assertThat(mira.page.locator(".folio h1")).hasText("Paint meeting \"orange\" <b>");
        assertThat(mira.page).hasURL(Pattern.compile("/folio/\\d+$"));
        String folio = mira.page.url().replaceAll(".*/folio/", "");
        assertThat(mira.page.locator(".folio header")).containsText("Tue 3 Mar 2026");

        // In the ledger by its own date, and found by the lamp.
        mira.link("Ledger").click();
        assertThat(mira.page.locator("tbody tr", byText("Paint meeting"))).containsText("Tue 3 Mar 2026");
        mira.page.keyboard().press("/");
        mira.page.keyboard().type("wheelhouse orange");
        mira.page.keyboard().press("Enter");
        Locator hit = mira.page.locator("a", byText("Paint the Gannet's wheelhouse"));
        waitUntilIndexed(mira, hit);
        assertThat(hit.locator("mark")).hasText(new String[] {"wheelhouse", "orange"});
        hit.click();
        assertThat(mira.page).hasURL(Pattern.compile("/folio/" + folio + "#" + folio + "\\.\\d+$"));
        assertThat(mira.page.locator("li.on")).containsText("Paint the Gannet's wheelhouse");
        mira.page.locator("li.on .said").click();
        assertThat(mira.page.locator("[data-lit]").first()).containsText("signal orange");
    }

    /** A folio is found within a moment of being filed: asks again until it is, or gives up. */
    private static void waitUntilIndexed(Desk desk, Locator hit) {
        Instant until = Instant.now().plus(PATIENCE);
        desk.page.locator(".lamp h2").first().waitFor();
        while (hit.count() == 0 && Instant.now().isBefore(until)) {
            desk.page.reload();
            desk.page.locator(".lamp h2").first().waitFor();
        }
    }

    private static Page.LocatorOptions byText(String text) {
        return new Page.LocatorOptions().setHasText(text);
    }

    @Test
    void pasted_notes_become_minutes_of_a_meeting_that_exists_already() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/tray");
        mira.button("Paste text").click();
        mira.page
                .getByLabel("Text")
                .fill("A: JL ring the simulator people by Friday\nD: two rehearsals a week\n+ the ramp is gritted");
        mira.page.getByLabel("What to call it").fill("steering notes");
        mira.button("Put in the tray").click();

        mira.page
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^Steering group")))
                .check();
        assertThat(mira.field("Title")).hasValue("Steering group");
        mira.button("Draft the minutes").click();

        assertThat(mira.lines("Decisions").first()).containsText("Two rehearsals a week");
        assertThat(mira.lines("Actions").first()).containsText("Joss Lindqvist to ring the simulator people");
        String friday = LocalDate.now()
                .with(TemporalAdjusters.next(DayOfWeek.FRIDAY))
                .format(DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH));
        assertThat(mira.region("Actions")).containsText(friday);
        mira.lines("Actions").first().click();
        assertThat(mira.page.locator("[data-lit]").first()).containsText("JL ring the simulator people by Friday");
    }

    @Test
    void a_broken_file_says_where_it_breaks_and_stays() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/tray");
        mira.page
                .getByTestId("files")
                .setInputFiles(file("broken.vtt", "WEBVTT\n\n00:00:01.000 --> whenever\nWords\n"));

        Locator card = mira.page.locator("article", byText("broken.vtt"));
        assertThat(card).containsText("Nothing could be read. The file is kept as it came.");
        assertThat(card).containsText(Pattern.compile("line 3.*expected two times"));
        assertThat(card.locator("text=Place")).hasCount(0);
        mira.page.reload();
        assertThat(card).isVisible();

        card.getByText("Take out").click();
        assertThat(card).hasCount(0);
        mira.button("Undo").click();
        assertThat(card).isVisible();
        card.getByText("Take out").click();
        assertThat(card).hasCount(0);
    }

    @Test
    void several_files_at_once_stay_in_the_list_and_a_double_is_pointed_out() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/tray");
        String words = TALK.replace("orange", "green");
        mira.page.getByTestId("files").setInputFiles(new FilePayload[] {file("one.vtt", words), file("two.vtt", words)
        });

        assertThat(mira.page.locator("article", byText("one.vtt"))).isVisible();
        assertThat(mira.page.locator("article", byText("two.vtt"))).containsText("5 passages");
        assertThat(mira.page.getByText("two.vtt holds the same bytes as one.vtt."))
                .isVisible();
        for (String name : new String[] {"one.vtt", "two.vtt"}) {
            mira.page.locator("article", byText(name)).getByText("Take out").click();
            assertThat(mira.page.locator("article", byText(name))).hasCount(0);
        }
    }

    @Test
    void somebody_the_roster_does_not_know_is_added_from_the_transcript() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/tray");
        mira.page
                .getByTestId("files")
                .setInputFiles(file("guest.vtt", TALK.replace("Nils Farrow", "Zoë O'Hara-Å \"Z\"")));

        mira.button("Zoë O'Hara-Å \"Z\" · add").click();

        assertThat(mira.page.locator(".chip", byText("Zoë O'Hara-Å \"Z\""))).isVisible();
        assertThat(mira.button("Zoë O'Hara-Å \"Z\" · add")).hasCount(0);
        assertThat(mira.page.url()).contains("/tray/");
    }
}
