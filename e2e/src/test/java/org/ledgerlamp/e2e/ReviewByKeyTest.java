package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A review by keyboard alone, from the first look to the folio. */
class ReviewByKeyTest extends WithReview {
    /** What a practised typist presses in two minutes, thinking included: two keys a second. */
    private static final int KEYS_IN_TWO_MINUTES = 240;

    private int keys;

    private void press(String... pressed) {
        for (String key : pressed) {
            mira.page.keyboard().press(key);
            keys++;
        }
    }

    private void type(String words) {
        mira.page.keyboard().type(words);
        keys += words.length();
    }

    private String focused() {
        return (String)
                mira.page.evaluate("document.activeElement.matches('.text') ? document.activeElement.textContent : ''");
    }

    private Locator line(String words) {
        return mira.page.locator(".text").filter(new Locator.FilterOptions().setHasText(words));
    }

    /** Goes down until the selected line says this. */
    private void goTo(String words) {
        for (int i = 0; i < 60 && !focused().contains(words); i++) {
            press("ArrowDown");
        }
        assertThat(focused()).contains(words);
    }

    @Test
    void a_meeting_of_forty_five_minutes_is_corrected_in_ten_places_and_filed_in_two_minutes_worth_of_keys() {
        title = "Refit " + TALKS.incrementAndGet();
        draftOf("refit-2026-03-04.txt", MadeUpMeeting.ofFortyFiveMinutes());
        keys = 0;

        // 1: somebody was counted present who was not
        press("r", "3", "Escape");
        assertThat(mira.page.getByLabel("Ana Prokop: absent, set present")).isVisible();
        // 2: a summary to be shorter
        press("ArrowDown", "e", "Control+a");
        type("Refit of the Tern planned.");
        press("Enter");
        // 3: one that says too much
        goTo("The yard welds the ramp");
        press("e", "Control+a");
        type("The yard welds the bow ramp.");
        press("Enter");
        // 4: one to be reworded
        goTo("Take the induction stove");
        press("e", "Control+a");
        type("Take the induction stove for the galley.");
        press("Enter");
        // 5: one that is missing
        press("n");
        type("Mend the rudder, buy none.");
        press("Enter");
        // 6: a decision that was none
        goTo("Hire two until the service");
        press("x");
        // 7 and 8: an action with other words and another day
        goTo("Tom Reyes to drive the rudder");
        press("e", "Control+a");
        type("Tom Reyes to mend the winch.");
        press("Enter", "d");
        type("13 mar");
        press("Enter");
        // 9: a worry that comes first
        goTo("If the drip tray overflows");
        press("Alt+ArrowUp");
        // 10: a question that is rather a worry
        goTo("Who pays for the second coat");
        press("k", "r", "Enter");
        // The rest is right as drafted.
        press("a");
        saved();
        press("Control+Enter");

        assertThat(mira.page.locator(".folio h1")).hasText(title);
        assertThat(mira.page.locator(".folio")).containsText("Refit of the Tern planned.");
        assertThat(mira.page.locator(".folio")).containsText("Mend the rudder, buy none.");
        assertThat(mira.page.locator(".folio")).containsText("Fri 13 Mar 2026");
        assertThat(mira.region("Risks").locator("li").first()).containsText("drip tray");
        assertThat(mira.region("Decisions")).not().containsText("Hire two");
        assertThat(keys).isLessThan(KEYS_IN_TWO_MINUTES);
    }

    /** Every line as a screen reader hears it, and who was there. */
    private List<String> page() {
        List<String> page = new ArrayList<>(mira.page.locator(".text").allTextContents());
        page.addAll(mira.page.locator(".line .aside").allTextContents());
        page.add(mira.page.locator(".roll").innerText());
        page.add(mira.page.getByLabel("Template").inputValue()
                + mira.page.getByLabel("Detail").inputValue());
        return page;
    }

    private void stands(List<String> page) {
        mira.page.waitForCondition(() -> page().equals(page));
    }

    @Test
    void twenty_different_steps_are_undone_one_by_one_and_done_again() {
        press("p");
        List<List<String>> pages = new ArrayList<>();
        List<Runnable> steps = List.of(
                () -> press("Enter"),
                () -> {
                    press("e", "End");
                    type(" for a month");
                    press("Enter");
                },
                () -> press("k", "r", "Enter"),
                () -> press("k", "a", "Enter"),
                () -> press("o", "m", "i", "r", "a", "Enter"),
                () -> {
                    press("d");
                    type("27 mar");
                    press("Enter");
                },
                () -> {
                    press("n");
                    type("Weigh the mobile unit; find straps");
                    press("Enter");
                },
                () -> {
                    press("e");
                    for (int i = 0; i < " find straps".length(); i++) {
                        press("ArrowLeft");
                    }
                    press("Control+Enter");
                },
                () -> press("Alt+ArrowUp"),
                () -> press("Alt+ArrowDown"),
                () -> press("ArrowUp", "j"),
                () -> press("x"),
                () -> {
                    press("n");
                    type("Paint it green");
                    press("Enter");
                },
                () -> press("r", "1", "Escape"),
                () -> press("r", "2", "Escape"),
                () -> press("Shift+Enter"),
                () -> mira.page.getByLabel("Detail").selectOption("full"),
                () -> mira.page.getByLabel("Template").selectOption("Steering group"),
                () -> press("a"),
                () -> {
                    line("Paint it green").click();
                    press("x");
                });
        assertThat(steps).hasSize(20);
        mira.lines("Decisions").first().click();
        pages.add(page());
        for (Runnable step : steps) {
            step.run();
            mira.page.waitForCondition(() -> !page().equals(pages.getLast()));
            saved();
            pages.add(page());
        }

        List<List<String>> back = new ArrayList<>(pages.subList(0, pages.size() - 1));
        Collections.reverse(back);
        for (List<String> before : back) {
            press("Control+z");
            stands(before);
            saved();
        }
        assertThat(mira.button("Undo")).isDisabled();
        for (List<String> after : pages.subList(1, pages.size())) {
            press("Control+y");
            stands(after);
            saved();
        }
        assertThat(mira.button("Redo")).isDisabled();
        mira.page.reload();
        assertThat(meter()).containsText(Pattern.compile("lines in ink"));
        press("p");
        stands(pages.getLast());
    }

    @Test
    void what_is_still_in_pencil_is_listed_before_filing_and_a_filing_is_undone() {
        press("Control+Enter");
        Locator list = mira.page.getByRole(AriaRole.DIALOG);
        assertThat(list).containsText(Pattern.compile("Still in pencil: \\d+ lines"));
        assertThat(list.locator("li").first()).containsText("Summary");
        press("Enter");
        assertThat(list).hasCount(0);
        assertThat(mira.lines("Summary").first()).isFocused();

        press("Control+Enter");
        mira.button("Ink all " + list.locator("li").count() + " and file").click();
        assertThat(mira.page.locator(".folio h1")).hasText(title);
        mira.page.locator(".stack").getByRole(AriaRole.BUTTON).first().click();

        assertThat(mira.page).hasURL(draft);
        assertThat(meter()).containsText(Pattern.compile("^(\\d+) of \\1 lines"));
    }

    @Test
    void words_are_found_in_the_source_one_after_the_other_and_pages_are_shown_alone() {
        press("f");
        type("the");
        Locator told = mira.page.locator(".find [role=status]");
        assertThat(told).hasText("1 of 4");
        press("Enter", "Enter");
        assertThat(told).hasText("3 of 4");
        assertThat(mira.page.locator("[data-looked]")).hasCount(1);
        press("Shift+Enter");
        assertThat(told).hasText("2 of 4");
        press("Escape");
        assertThat(mira.page.locator("[data-looked]")).hasCount(0);

        press("v");
        assertThat(mira.region("Minutes")).hasCount(0);
        press("v");
        assertThat(mira.region("Source")).hasCount(0);
        assertThat(mira.region("Minutes")).isVisible();
        assertThat(mira.page).hasURL(Pattern.compile("view=minutes"));
        press("v");
        assertThat(mira.region("Source")).isVisible();
    }
}
