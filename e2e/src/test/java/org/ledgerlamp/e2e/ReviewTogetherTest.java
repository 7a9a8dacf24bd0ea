package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Two members on one draft: each sees what the other does, and neither overwrites the other. */
class ReviewTogetherTest extends WithReview {
    private Desk ana;

    @BeforeEach
    void aSecondMember() {
        ana = desk().signIn(ANA, ANAS_PASSWORD);
        ana.page.navigate(draft);
        assertThat(ana.lines("Decisions").first()).isVisible();
    }

    private static void reword(Desk who, String words) {
        who.page.getByLabel("Wording of the line").fill(words);
        who.page.keyboard().press("Enter");
    }

    @Test
    void each_sees_the_others_changes_without_reloading() {
        mira.lines("Decisions").first().dblclick();
        reword(mira, "Lend it for one week.");
        assertThat(ana.lines("Decisions").first()).containsText("Lend it for one week., in ink");

        ana.page.getByLabel("Tom Reyes: present, set absent").click();
        assertThat(mira.page.getByLabel("Tom Reyes: absent, set present")).isVisible();

        ana.page.getByLabel("Template").selectOption("Steering group");
        assertThat(mira.page.getByLabel("Template")).hasValue("Steering group");
        assertThat(mira.lines("Decisions").first()).containsText("Lend it for one week., in ink");
    }

    @Test
    void two_people_on_one_line_lose_neither_version() {
        ana.lines("Decisions").first().dblclick();
        mira.lines("Decisions").first().dblclick();
        reword(mira, "Mira's wording.");
        saved();

        reword(ana, "Ana's wording.");

        Locator clash = ana.page.getByRole(AriaRole.ALERT);
        assertThat(clash).containsText("Changed by somebody else meanwhile.");
        assertThat(clash).containsText("Ana's wording.");
        assertThat(clash).containsText("Mira's wording.");
        assertThat(ana.lines("Decisions").first()).containsText("Mira's wording.");
        ana.button("Use mine").click();
        assertThat(ana.lines("Decisions").first()).containsText("Ana's wording.");
        assertThat(clash).hasCount(0);
        assertThat(mira.lines("Decisions").first()).containsText("Ana's wording., in ink");
    }

    @Test
    void an_undo_does_not_take_away_what_somebody_else_wrote_since() {
        mira.lines("Decisions").first().dblclick();
        reword(mira, "Mira's wording.");
        saved();
        assertThat(ana.lines("Decisions").first()).containsText("Mira's wording.");
        ana.lines("Decisions").first().dblclick();
        reword(ana, "Ana's wording.");
        assertThat(mira.lines("Decisions").first()).containsText("Ana's wording.");

        mira.button("Undo").click();

        assertThat(mira.lines("Decisions").first()).containsText("Ana's wording.");
        assertThat(mira.page.getByRole(AriaRole.ALERT)).containsText("Their wording");
        mira.button("Keep theirs").click();
        assertThat(mira.page.getByRole(AriaRole.ALERT)).hasCount(0);
    }

    @Test
    void whoever_still_looks_at_a_draft_is_led_to_the_folio_it_became() {
        mira.page.keyboard().press("a");
        saved();
        mira.page.keyboard().press("Control+Enter");
        assertThat(mira.page.locator(".folio h1")).hasText(title);

        assertThat(ana.page.locator(".folio h1")).hasText(title);
    }
}
