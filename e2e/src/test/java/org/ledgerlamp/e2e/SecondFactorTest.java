package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.microsoft.playwright.options.AriaRole;
import java.security.InvalidKeyException;
import java.time.Instant;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;

/** A member sets an authenticator up, signs in with its code, and is let in without it once it is lost. */
class SecondFactorTest extends BrowserTest {
    private static final String PASSWORD = "puffins over the breakwater";

    private static String shown(String secret, int stepsFromNow) throws InvalidKeyException {
        return new TimeBasedOneTimePasswordGenerator()
                .generateOneTimePasswordString(
                        new SecretKeySpec(new Base32().decode(secret), "HmacSHA1"),
                        Instant.now().plusSeconds(30L * stepsFromNow));
    }

    private Desk atTheDoor(String email) {
        Desk desk = desk();
        desk.page.navigate("/");
        desk.page.getByLabel("Email address").fill(email);
        desk.page.getByLabel("Password").fill(PASSWORD);
        desk.button("Sign in").click();
        return desk;
    }

    @Test
    void signing_in_takes_the_code_until_an_administrator_turns_it_off() throws InvalidKeyException {
        String email = "odd-" + UUID.randomUUID() + "@skerry.example";
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/members");
        mira.field("Name").fill("Odd Strand");
        mira.field("Email address").fill(email);
        mira.page.getByLabel("Send the invitation by email").uncheck();
        mira.button("Invite").click();
        Desk odd = desk();
        odd.page.navigate(mira.page.getByRole(AriaRole.ALERT).locator("code").textContent());
        odd.page.getByLabel("Password (at least 10 characters)").fill(PASSWORD);
        odd.button("Set password and sign in").click();
        assertThat(odd.link("Ledger")).isVisible();

        odd.page.navigate("/account");
        odd.button("Set up").click();
        String secret = odd.region("Second factor").locator("code").textContent();
        odd.page.getByLabel("The code it shows now").fill(shown(secret, 0));
        odd.button("Turn on").click();
        assertThat(odd.page.getByText("10 recovery codes left")).isVisible();
        assertThat(odd.page.getByRole(AriaRole.ALERT)).containsText("recovery codes");

        Desk later = atTheDoor(email);
        assertThat(later.page.getByLabel("Code from your authenticator, or a recovery code"))
                .isFocused();
        later.page.keyboard().type("000000");
        later.page.keyboard().press("Enter");
        assertThat(later.page.getByRole(AriaRole.ALERT)).containsText("That code is wrong");
        later.page.keyboard().type(shown(secret, 1));
        later.page.keyboard().press("Enter");
        assertThat(later.link("Ledger")).isVisible();

        mira.page.navigate("/members");
        mira.button("Turn off the second factor of Odd Strand").click();
        assertThat(mira.page.getByText("Odd Strand signs in with the password alone"))
                .isVisible();
        assertThat(atTheDoor(email).link("Ledger")).isVisible();
    }
}
