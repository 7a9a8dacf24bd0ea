package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is changed in a folio after filing: every revision side by side, and brought back. */
class AmendTest extends WithReview {
    @BeforeEach
    void file() {
        mira.page.keyboard().press("a");
        saved();
        mira.button("File").click();
        assertThat(mira.page.locator(".folio h1")).hasText(title);
    }

    private Locator decision() {
        return mira.region("Decisions").locator("li p").first();
    }

    private void amend(String words) {
        mira.link("Amend").click();
        mira.lines("Decisions").first().dblclick();
        mira.page.getByLabel("Wording of the line").fill(words);
        mira.page.keyboard().press("Enter");
        saved();
        mira.button("Done").click();
        assertThat(decision()).containsText(words);
    }

    @Test
    void a_revision_is_shown_side_by_side_and_what_stood_before_is_restored() {
        String asFiled = "Lend the mobile unit to the fish plant.";
        assertThat(decision()).containsText(asFiled);

        amend("Lend the unit until Easter.");

        Locator revisions = mira.region("Revisions");
        assertThat(revisions.locator("summary")).containsText(Pattern.compile("Revision 2 Mira Voss.*1 change"));
        assertThat(revisions.locator("tbody td").first()).hasText(asFiled);
        assertThat(revisions.locator("tbody td").nth(1)).containsText("Lend the unit until Easter.");
        assertThat(mira.page.locator(".folio header")).containsText("revision 2");

        mira.button("Restore what stood before").click();

        assertThat(decision()).not().containsText("Easter");
        assertThat(revisions).hasCount(0);
    }

    @Test
    void a_line_struck_in_a_folio_is_gone_from_the_page_and_told_as_struck() {
        mira.link("Amend").click();
        mira.lines("Decisions").first().click();
        mira.page.keyboard().press("x");
        saved();
        mira.button("Done").click();

        assertThat(mira.region("Revisions").locator("tbody td").nth(1)).containsText("struck:");
        assertThat(mira.region("Decisions")).hasCount(0);
    }
}
