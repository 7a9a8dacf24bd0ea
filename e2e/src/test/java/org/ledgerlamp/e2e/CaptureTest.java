package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Before a meeting and during it: prepared, typed, followed; no line that was shown as saved is lost. */
class CaptureTest extends BrowserTest {
    /** Creates a meeting in the interface and stays on its page; the answer is its address. */
    private static String meeting(Desk desk, String title, String series) {
        desk.page.navigate("/meeting/new?date=2026-12-01");
        desk.field("Title").fill(title);
        desk.field("Start").fill("10:00");
        desk.page.getByLabel("Time zone").selectOption("Europe/Oslo");
        desk.field("Kind").fill("weekly status");
        if (series != null) {
            desk.field("Series").fill(series);
        }
        desk.button("Keep").click();
        assertThat(desk.heading(title)).isVisible();
        assertThat(desk.page).hasURL(Pattern.compile("/meeting/[0-9a-f-]{36}$"));
        return desk.page.url();
    }

    private static void notes(Desk desk, String meeting) {
        desk.page.navigate(meeting + "/notes");
        assertThat(desk.region("Notes")).isVisible();
        assertThat(desk.page.locator(".go-on")).isVisible();
    }

    private static void type(Desk desk, String... lines) {
        desk.page.locator(".go-on").click();
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                desk.page.keyboard().press("Enter");
            }
            desk.page.keyboard().type(lines[i]);
        }
    }

    private static Locator rows(Desk desk) {
        return desk.page.locator(".notes .row");
    }

    private static Locator row(Desk desk, int n) {
        return rows(desk).nth(n);
    }

    private static Locator status(Desk desk) {
        return desk.region("Notes").getByRole(AriaRole.STATUS);
    }

    private static void saved(Desk desk) {
        assertThat(status(desk)).hasText(Pattern.compile("saved \\d\\d:\\d\\d"));
    }

    @Test
    void a_meeting_is_prepared_by_keyboard() {
        Desk mira = miraAtHerDesk();
        String meeting = meeting(mira, "Berth weekly prepared", "Charging berth weekly");

        mira.button("Add an item").click();
        mira.page.keyboard().type("Shore supply");
        mira.page.keyboard().press("Enter");
        mira.page.keyboard().type("Crew");
        mira.page.keyboard().press("Alt+ArrowUp");
        mira.button("Start from last time").click();
        assertThat(mira.page.getByText("Taken over from last time.")).isVisible();
        mira.page.reload();
        assertThat(mira.field("Item 1 of the agenda")).hasValue("Crew");
        assertThat(mira.field("Item 2 of the agenda")).hasValue("Shore supply");
        assertThat(mira.field("Item 3 of the agenda")).hasValue(Pattern.compile(".+"));

        // Matters arising: ticked, taken back, dated anew; the origin is a click away.
        Locator matters = mira.region("Matters arising");
        Locator first = matters.getByRole(AriaRole.CHECKBOX).first();
        first.click();
        assertThat(first).isChecked();
        assertThat(matters.locator("li").first()).containsText("done");
        mira.button("Undo").click();
        assertThat(first).not().isChecked();
        assertThat(matters.locator("li a").first()).hasAttribute("href", Pattern.compile("/folio/\\d+#.*"));

        mira.page.navigate(meeting);
        mira.page.getByLabel("Your own notes beside this meeting").fill("ask about the pay");
        assertThat(mira.region("Private margin")).containsText("saved");
        mira.page.reload();
        assertThat(mira.page.getByLabel("Your own notes beside this meeting")).hasValue("ask about the pay");
    }

    @Test
    void lines_typed_under_pressure_are_understood_nested_and_drafted() {
        Desk mira = miraAtHerDesk();
        String meeting = meeting(mira, "Berth weekly typed", null);
        mira.button("Add an item").click();
        mira.page.keyboard().type("Shore supply");
        mira.page.keyboard().press("Enter");
        mira.page.keyboard().type("Crew");
        mira.page.locator("h1").click();
        assertThat(mira.region("Agenda").getByRole(AriaRole.STATUS)).containsText("saved");
        notes(mira, meeting);

        type(mira, "A: To");
        assertThat(mira.page.locator(".offer")).containsText("Tom Reyes");
        mira.page.keyboard().press("ArrowRight");
        mira.page.keyboard().type(" to ring the yard by Friday");
        mira.page.keyboard().press("Enter");
        mira.page.keyboard().press("Tab");
        mira.page.keyboard().type("they close at three");
        mira.page.keyboard().press("Enter");
        mira.page.keyboard().press("Shift+Tab");
        mira.page.keyboard().press("Alt+ArrowDown");
        mira.page.keyboard().type("D: keep the mobile unit until March");
        saved(mira);

        assertThat(row(mira, 0)).containsText("Tom Reyes · Fri 4 Dec");
        assertThat(row(mira, 0).locator(".mark")).hasText("action");
        assertThat(row(mira, 1)).hasAttribute("style", Pattern.compile("--depth: 1"));
        assertThat(row(mira, 2).locator(".mark")).hasText("decision");
        assertThat(mira.page.locator(".notes .item")).hasText(new String[] {"Shore supply", "Crew"});

        mira.button("Draft the minutes").click();
        assertThat(mira.page).hasURL(Pattern.compile("/minutes/"));
        assertThat(mira.lines("Actions").first()).containsText("Tom Reyes to ring the yard");
        assertThat(mira.lines("Decisions").first()).containsText("Keep the mobile unit until March");
    }

    @Test
    void many_lines_are_pasted_and_a_line_is_split_joined_and_removed_by_key() {
        Desk mira = miraAtHerDesk();
        notes(mira, meeting(mira, "Berth weekly pasted", null));
        mira.page.locator(".go-on").click();
        mira.page.evaluate(
                "t => { const d = new DataTransfer(); d.setData('text/plain', t);"
                        + " document.activeElement.dispatchEvent(new ClipboardEvent('paste', {clipboardData: d, bubbles: true, cancelable: true})) }",
                "roller is in\n  and paid\nfender next");
        assertThat(rows(mira)).hasCount(3);
        saved(mira);

        mira.page.keyboard().press("Home");
        mira.page.keyboard().press("Backspace");
        assertThat(rows(mira)).hasCount(2);
        assertThat(row(mira, 1).locator("textarea")).hasValue("and paidfender next");
        mira.page.keyboard().press("Home");
        for (int i = 0; i < "and paid".length(); i++) {
            mira.page.keyboard().press("ArrowRight");
        }
        mira.page.keyboard().press("Enter");
        assertThat(rows(mira)).hasCount(3);
        assertThat(row(mira, 2).locator("textarea")).hasValue("fender next");
    }

    @Test
    void what_is_typed_while_the_network_is_cut_is_said_kept_over_a_closed_page_and_saved_afterwards() {
        Desk mira = miraAtHerDesk();
        String meeting = meeting(mira, "Berth weekly cut", null);
        notes(mira, meeting);
        type(mira, "before the cut");
        saved(mira);

        mira.context().setOffline(true);
        type(mira, "in the tunnel");
        assertThat(status(mira)).containsText("kept in this browser and not saved yet");
        assertThat(row(mira, 1)).containsText("not saved yet");
        assertThat(row(mira, 0)).not().containsText("not saved yet");
        mira.page.close(new Page.CloseOptions().setRunBeforeUnload(false));

        mira.context().setOffline(false);
        Page again = mira.context().newPage();
        again.navigate(meeting + "/notes");
        assertThat(again.locator(".notes .row textarea").nth(1)).hasValue("in the tunnel");
        assertThat(again.locator(".notes [role=status]")).hasText(Pattern.compile("saved \\d\\d:\\d\\d"));
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        notes(ana, meeting);
        assertThat(row(ana, 1)).containsText("in the tunnel");
    }

    @Test
    void two_members_on_one_page_follow_each_other_and_hand_the_pen_over() {
        Desk mira = miraAtHerDesk();
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        String meeting = meeting(mira, "Berth weekly for two", null);
        notes(mira, meeting);
        type(mira, "roller is in");
        saved(mira);
        notes(ana, meeting);
        assertThat(row(ana, 0)).containsText("roller is in");
        assertThat(ana.region("Notes")).containsText("Mira Voss holds the pen.");

        // Live, both ways; without the pen below the rule.
        mira.page.keyboard().type(" and paid");
        assertThat(row(ana, 0)).containsText("roller is in and paid");
        type(ana, "with a receipt");
        assertThat(row(mira, 1)).containsText("with a receipt");
        assertThat(row(mira, 1)).containsText("Ana Prokop");
        assertThat(mira.page.locator(".notes .rule")).isVisible();

        ana.button("Ask for the pen").click();
        assertThat(mira.region("Notes")).containsText("Ana Prokop asks for the pen.");
        mira.button("Give it").click();
        assertThat(ana.region("Notes")).containsText("You hold the pen.");
        assertThat(row(mira, 0).locator("textarea")).hasCount(0);
        row(ana, 0).locator("textarea").fill("roller is in, paid");
        assertThat(row(mira, 0)).containsText("roller is in, paid");
    }

    @Test
    void a_remark_calls_a_members_attention_on_their_day_sheet() {
        Desk mira = miraAtHerDesk();
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        String meeting = meeting(mira, "Berth weekly remarked", null);
        notes(mira, meeting);
        type(mira, "roller is in");
        saved(mira);
        mira.page.getByLabel("Remark on: roller is in").click();
        mira.field("Remark").fill("The old one or the new one?");
        mira.page.getByLabel("Whose attention it is to call").selectOption("for Ana Prokop");
        mira.page.locator(".remarks form .go").click();
        assertThat(mira.page.locator(".remarks li"))
                .containsText("Mira Voss to Ana Prokop: The old one or the new one?");

        ana.page.navigate("/");
        Locator waiting = ana.page.locator(".waiting li", new Page.LocatorOptions().setHasText("The old one"));
        assertThat(waiting).containsText("Mira Voss");
        waiting.getByText("Berth weekly remarked").click();
        assertThat(ana.page.locator(".remarks li")).containsText("The old one or the new one?");
        ana.page.navigate("/");
        waiting.getByText("Seen").click();
        assertThat(waiting).hasCount(0);
        assertThat(mira.page.locator(".remarks li")).containsText("seen");
    }
}
