package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** An administrator deletes a folio for good, by keyboard, after seeing what goes with it; others cannot. */
class ErasingTest extends WithFolios {
    @Test
    void a_folio_is_deleted_after_a_reason_and_what_stands_in_its_place_says_why() {
        file();
        int folio = folio();
        mira.button("Delete for good …").focus();
        mira.page.keyboard().press("Enter");
        assertThat(mira.region("Delete for good")).containsText("1 source, as received");
        assertThat(mira.page.getByLabel("Reason")).isFocused();

        mira.page.keyboard().press("Escape");
        assertThat(mira.button("Delete for good …")).isFocused();
        mira.page.keyboard().press("Enter");
        mira.page.keyboard().type("The fish plant asked for it");
        mira.page.keyboard().press("Enter");

        assertThat(mira.page).hasURL(Pattern.compile("/ledger$"));
        assertThat(mira.page.getByText("Folio " + folio + " is deleted.")).isVisible();
        assertThat(mira.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title)))
                .hasCount(0);
        mira.page.navigate("/folio/" + folio);
        assertThat(mira.page.getByRole(AriaRole.ALERT)).containsText("The fish plant asked for it");
    }
}
