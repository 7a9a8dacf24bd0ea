package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** An action, from the promise through later meetings to its end, in the registers and on the folios. */
class RegistersTest extends WithFolios {
    /** Each test speaks of other things: what another one's meetings left open would be recognised as well. */
    private static final String PROMISE =
            """
            [00:00:03] Mira Voss: The slipway next. Who looks at the davit hook?
            [00:00:09] Tom Reyes: I'll mend the davit hook by Thursday.
            [00:00:14] Ana Prokop: Fine. The rest is paint.
            """;

    private static final String REPORT =
            """
            [00:00:03] Mira Voss: Last week's business first. The davit hook, Tom?
            [00:00:09] Tom Reyes: The davit hook is mended, I mended it on Thursday.
            [00:00:14] Ana Prokop: Good.
            """;

    private static final String ROOF =
            """
            [00:00:03] Ana Prokop: There are gulls on the waiting room at Brae again.
            [00:00:09] Tom Reyes: I'll stretch a net over the waiting room by Friday.
            [00:00:14] Mira Voss: Please do.
            """;

    private Locator entry(Locator.FilterOptions which) {
        return mira.page.locator(".registers li").filter(which).last();
    }

    @Test
    void what_a_later_meeting_says_of_it_is_inked_on_the_folio_and_undone_everywhere() {
        fileMeeting("2026-03-03", PROMISE);
        fileMeeting("2026-03-10", REPORT);
        Locator.FilterOptions mending = new Locator.FilterOptions().setHasText("davit hook");
        Locator says = mira.region("What it says of earlier folios");
        // By the earlier line itself: its words may be quoted beside other lines as well.
        Locator link = says.locator("li")
                .filter(new Locator.FilterOptions()
                        .setHas(mira.page.locator(".text").filter(mending)));
        assertThat(link).containsText("closes");
        assertThat(link).containsText("davit hook is mended");

        // A second window on the register sees it at once.
        Page other = mira.page.context().newPage();
        other.navigate(address() + "/registers/actions?all");
        Locator there = other.locator(".registers li").filter(mending).last();
        assertThat(there.getByRole(AriaRole.CHECKBOX)).not().isChecked();

        link.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Ink")))
                .click();
        assertThat(link).hasClass(Pattern.compile("ink"));
        assertThat(there.getByRole(AriaRole.CHECKBOX)).isChecked();

        mira.button("Undo").last().click();
        assertThat(there.getByRole(AriaRole.CHECKBOX)).not().isChecked();
        other.close();
    }

    @Test
    void an_action_is_put_off_handed_over_and_done_in_the_register() {
        fileMeeting("2026-03-03", ROOF);
        Locator.FilterOptions net = new Locator.FilterOptions().setHasText("net over the waiting room");
        mira.page.navigate("/registers/actions");
        entry(net)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^New day")))
                .click();
        entry(net)
                .getByLabel("New day", new Locator.GetByLabelOptions().setExact(true))
                .fill("2027-02-05");
        entry(net)
                .getByLabel("New day", new Locator.GetByLabelOptions().setExact(true))
                .press("Tab");
        entry(net)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Set"))
                .click();
        assertThat(entry(net)).containsText("due Fri 5 Feb");

        entry(net)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Hand over")))
                .click();
        entry(net).locator("form select").selectOption("Ana Prokop");
        assertThat(entry(net)).containsText("Ana Prokop");

        entry(net).getByRole(AriaRole.CHECKBOX).check();
        assertThat(mira.page.locator(".registers li").filter(net)).hasCount(0);
        mira.button("Undo").last().click();
        assertThat(entry(net).getByRole(AriaRole.CHECKBOX)).not().isChecked();

        entry(net)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^The words")))
                .click();
        assertThat(mira.page.locator("[data-lit]").filter(net)).isVisible();
    }
}
