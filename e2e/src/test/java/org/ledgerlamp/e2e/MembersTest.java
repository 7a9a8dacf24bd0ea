package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Somebody is invited, comes in, looks around, and is shown out again. */
class MembersTest extends BrowserTest {
    private static final String PASSWORD = "herring nets at noon";

    @Test
    void whoever_is_invited_comes_in_with_their_role_and_is_out_at_once_when_removed() {
        String email = "ines-" + UUID.randomUUID() + "@skerry.example";
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/members");
        mira.field("Name").fill("Ines Holm");
        mira.field("Email address").fill(email);
        mira.page.getByLabel("looks on").check();
        mira.page.getByLabel("Send the invitation by email").uncheck();
        mira.button("Invite").click();
        String link = mira.page.getByRole(AriaRole.ALERT).locator("code").textContent();

        Desk ines = desk();
        ines.page.navigate(link);
        ines.page.getByLabel("Password (at least 10 characters)").fill("aaaaaaaaaa");
        ines.button("Set password and sign in").click();
        assertThat(ines.page.getByRole(AriaRole.ALERT)).containsText("easily guessed");
        ines.page.getByLabel("Password (at least 10 characters)").fill(PASSWORD);
        ines.button("Set password and sign in").click();
        assertThat(ines.page.getByText("You look on: you can read, search and ask."))
                .isVisible();
        ines.page.navigate("/members");
        assertThat(ines.page.getByText("ana@skerry.example")).isVisible();
        assertThat(ines.button("Invite")).hasCount(0);
        isOfferedNothingThatIsRefused(ines);

        mira.button("Remove Ines Holm").click();
        mira.button("Remove Ines Holm").last().click();
        assertThat(mira.page.getByText(email)).hasCount(0);
        ines.link("Ledger").click();
        assertThat(ines.button("Sign in")).isVisible();
        ines.page.getByLabel("Email address").fill(email);
        ines.page.getByLabel("Password").fill(PASSWORD);
        ines.button("Sign in").click();
        assertThat(ines.page.getByRole(AriaRole.ALERT)).hasText("Wrong email address or password.");
    }

    private static void isOfferedNothingThatIsRefused(Desk reader) {
        reader.page.navigate("/folio/1");
        assertThat(reader.link("With its source")).isVisible();
        assertThat(reader.link("Circulate")).isHidden();
        assertThat(reader.link("Amend")).isHidden();
        reader.page.navigate("/tray");
        assertThat(reader.button("Paste text")).isHidden();
        reader.page.navigate("/folio/1/amend");
        assertThat(reader.page.getByText("It is for those who take part")).isVisible();
        reader.page.navigate("/backups");
        assertThat(reader.page.getByText("It is for those who administer the team"))
                .isVisible();
        reader.page.getByLabel("Ines Holm: menu").click();
        assertThat(reader.page.getByRole(AriaRole.MENUITEM, named("People"))).isVisible();
        assertThat(reader.page.getByRole(AriaRole.MENUITEM, named("Old papers")))
                .hasCount(0);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    @Test
    void a_changed_password_signs_the_other_browsers_out() {
        Desk there = desk().signIn(ANA, ANAS_PASSWORD);
        Desk here = desk().signIn(ANA, ANAS_PASSWORD);
        String next = "mackerel in the morning";
        change(here, ANAS_PASSWORD, next);
        try {
            there.link("Ledger").click();
            assertThat(there.button("Sign in")).isVisible();
            assertThat(here.region("Where you are signed in")).containsText("this browser");
        } finally {
            change(here, next, ANAS_PASSWORD);
        }
    }

    private static void change(Desk desk, String from, String to) {
        desk.page.navigate("/account");
        desk.page.getByLabel("Current password").fill(from);
        desk.page.getByLabel("New password (at least 10 characters)").fill(to);
        desk.button("Change password").click();
        assertThat(desk.page.getByText("The password is changed.")).isVisible();
    }

    @Test
    void a_network_is_allowed_and_closed_again() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/networks");
        mira.field("Network or single address").fill("169.254.0.0/16");
        mira.button("Allow").click();
        assertThat(mira.page.getByRole(AriaRole.ALERT)).containsText("Nothing is ever connected to");
        mira.field("Network or single address").fill("10.77.0.0/16");
        mira.button("Allow").click();
        mira.button("Close 10.77.0.0/16").click();
        assertThat(mira.page.getByText("10.77.0.0/16")).hasCount(0);
    }
}
