package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a reviewer does on the spread. Every test has a draft of its own. */
class ReviewTest extends WithReview {
    @Test
    void a_review_goes_by_keyboard_alone() {
        mira.page.keyboard().press("ArrowDown");
        mira.page.keyboard().press("Enter");
        assertThat(meter()).containsText(Pattern.compile("^1 of "));
        assertThat(mira.lines("Decisions").first()).isFocused();

        mira.page.keyboard().press("e");
        mira.page.getByLabel("Wording of the line").fill("Lend the fish plant our mobile unit.");
        mira.page.keyboard().press("Enter");
        assertThat(mira.lines("Decisions").first()).containsText("Lend the fish plant our mobile unit., in ink");

        mira.page.keyboard().press("x");
        assertThat(mira.region("Decisions")).hasCount(0);
        mira.page.keyboard().press("Control+z");
        assertThat(mira.lines("Decisions").first()).containsText("Lend the fish plant");
        mira.page.keyboard().press("Control+z");
        assertThat(mira.lines("Decisions").first()).containsText("in pencil");
        mira.page.keyboard().press("Control+y");
        assertThat(mira.lines("Decisions").first()).containsText("Lend the fish plant our mobile unit., in ink");

        saved();
        mira.page.reload();
        assertThat(mira.lines("Decisions").first()).containsText("Lend the fish plant our mobile unit., in ink");
    }

    @Test
    void escape_brings_back_what_stood_before_the_edit() {
        Locator decision = mira.lines("Decisions").first();
        String before = decision.innerText();
        decision.dblclick();
        mira.page.getByLabel("Wording of the line").fill("Something else altogether");

        mira.page.keyboard().press("Escape");

        assertThat(mira.lines("Decisions").first()).containsText(before.replaceFirst(", in pencil$", ""));
    }

    @Test
    void owner_date_and_kind_are_changed_in_place() {
        mira.lines("Actions").first().click();
        mira.page.getByLabel("Owner").selectOption("Ana Prokop");
        assertThat(mira.lines("Actions").first()).containsText("Ana Prokop to ");

        Locator due = mira.page.getByLabel("Due date");
        due.fill("Mon 9 Mar 2026");
        due.press("Enter");
        assertThat(mira.region("Actions").locator(".aside").first()).containsText("Mon 9 Mar");
        due.press("Escape");

        mira.lines("Open questions").first().click();
        mira.page.getByLabel("Kind").selectOption("Risk");
        assertThat(mira.lines("Risks").first()).containsText("insures it on the lorry");
        saved();
        mira.page.reload();
        assertThat(mira.lines("Risks").first()).containsText("insures it on the lorry");
        assertThat(mira.region("Actions")).containsText("Mon 9 Mar");
    }

    @Test
    void a_line_is_added_out_of_selected_words() {
        mira.page
                .locator("[data-passage='3'] [data-words]")
                .evaluate(
                        "p => { const r = document.createRange(); r.selectNodeContents(p); const s = getSelection(); s.removeAllRanges(); s.addRange(r) }");
        mira.button("Add a line").click();
        Locator field = mira.page.getByLabel("Wording of the new line");
        assertThat(field).hasValue("Thanks. Somebody should tell the harbour master.");
        field.fill("Tell the harbour master.");
        mira.page.keyboard().press("Enter");

        Locator added = mira.page.locator(
                ".text", new Page.LocatorOptions().setHasText(Pattern.compile("^Tell the harbour master\\., in ink")));
        assertThat(added).isVisible();
        assertThat(mira.page.locator("[data-lit]").first()).containsText("Somebody should tell the harbour master");
        mira.page.keyboard().press("Control+z");
        assertThat(added).hasCount(0);
    }

    @Test
    void reasons_are_given_on_demand() {
        mira.lines("Decisions").first().click();
        mira.page.keyboard().press("w");

        assertThat(mira.page.locator(".why")).containsText(Pattern.compile("proposed.*assent.*certainty \\d+%"));
    }

    @Test
    void another_detail_drafts_pencil_anew_and_leaves_what_is_in_ink() {
        mira.lines("Decisions").first().click();
        mira.page.keyboard().press("Enter");
        saved();
        String inked = mira.lines("Decisions").first().textContent();

        mira.page.getByLabel("Detail").selectOption("full");
        mira.page.getByLabel("Template").selectOption("Committee");

        assertThat(mira.region("Motions and resolutions")).isVisible();
        assertThat(mira.lines("Motions and resolutions").first()).hasText(inked);
        mira.page.reload();
        assertThat(mira.lines("Motions and resolutions").first()).hasText(inked);
    }

    @Test
    void a_template_asks_the_meeting_and_shows_who_spoke_how_much() {
        mira.page.getByLabel("Template").selectOption("Qualification call");

        Locator share = mira.region("Share of the talk");
        assertThat(share.getByRole(AriaRole.ROW)).hasCount(4);
        assertThat(share).containsText("Mira Voss");
        assertThat(mira.region("Ask").getByRole(AriaRole.LISTITEM)).hasCount(2);
    }

    @Test
    void notes_that_come_later_join_the_draft_and_leave_what_is_in_ink() {
        mira.lines("Decisions").first().click();
        mira.page.keyboard().press("Enter");
        saved();
        String inked = mira.lines("Decisions").first().textContent();
        mira.page.navigate("/tray");
        mira.page
                .getByTestId("files")
                .setInputFiles(new FilePayload(
                        "late-2026-03-03.txt",
                        "text/plain",
                        ("A: ask the insurer about the lorry\nR: fish plant wants it for " + TALKS.incrementAndGet()
                                        + " weeks\n")
                                .getBytes(StandardCharsets.UTF_8)));
        mira.page
                .getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^" + title + " .*joins its draft$")))
                .check();
        mira.button("Draft the minutes").click();

        assertThat(mira.page).hasURL(draft);
        assertThat(mira.lines("Actions").getByText("the insurer about the lorry"))
                .isVisible();
        assertThat(mira.lines("Decisions").first()).hasText(inked);
        mira.button("Notes").click();
        assertThat(mira.page.locator("[data-passage]").first()).containsText("ask the insurer about the lorry");
    }

    @Test
    void filing_waits_until_nothing_is_in_pencil() {
        mira.button("File").click();

        assertThat(mira.page.getByText("Still in pencil:")).isVisible();
        assertThat(mira.page).hasURL(draft);
        mira.page.keyboard().press("Escape");
        mira.button("Ink all").click();
        assertThat(meter()).containsText(Pattern.compile("^(\\d+) of \\1 lines in ink"));
        mira.button("File").click();
        assertThat(mira.page).hasURL(Pattern.compile("/folio/\\d+$"));
        mira.page.navigate(draft);
        assertThat(mira.page).hasURL(Pattern.compile("/folio/\\d+$"));
    }

    @Test
    void inking_all_is_one_act_that_can_be_undone() {
        mira.button("Ink all").click();
        assertThat(meter()).containsText(Pattern.compile("^(\\d+) of \\1 lines in ink"));

        mira.button("Undo").first().click();

        assertThat(meter()).containsText(Pattern.compile("^0 of "));
    }

    @Test
    void another_template_orders_the_lines_anew_and_keeps_what_is_in_ink() {
        mira.page.keyboard().press("ArrowDown");
        mira.page.keyboard().press("Enter");
        saved();

        mira.page.getByLabel("Template").selectOption("One-to-one");

        assertThat(mira.lines("Settled").first()).containsText("mobile unit");
        assertThat(mira.lines("In short").first()).containsText("in ink");
    }

    @Test
    void struck_lines_are_out_of_the_way_and_can_be_restored() {
        mira.lines("Decisions").first().click();
        mira.page.keyboard().press("x");
        assertThat(mira.region("Decisions")).hasCount(0);

        mira.button("Show 1 struck").click();
        mira.lines("Decisions").first().click();
        mira.page.keyboard().press("x");

        assertThat(mira.lines("Decisions").first()).containsText("in ink");
    }

    @Test
    void work_goes_on_while_the_server_is_not_reached_and_is_saved_when_it_is() {
        mira.context().setOffline(true);
        mira.lines("Decisions").first().dblclick();
        mira.page.getByLabel("Wording of the line").fill("Typed without a connection.");
        mira.page.keyboard().press("Enter");
        assertThat(mira.page.getByTestId("saving")).containsText("not saved yet");
        assertThat(mira.lines("Decisions").first()).containsText("Typed without a connection.");

        mira.context().setOffline(false);

        saved();
        mira.page.reload();
        assertThat(mira.lines("Decisions").first()).containsText("Typed without a connection.");
    }

    @Test
    void attendance_is_corrected_by_a_click() {
        mira.page.getByLabel("Tom Reyes: present, set absent").click();

        assertThat(mira.page.getByLabel("Tom Reyes: absent, set present")).isVisible();
        mira.page.reload();
        assertThat(mira.page.getByLabel("Tom Reyes: absent, set present")).isVisible();
    }
}
