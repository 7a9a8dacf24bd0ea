package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.internet.MimeMessage;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.MailPartner;

/** An outsider is let into one folio by mail, reads and amends it, and sees nothing else. */
class GuestTest extends WithReview {
    private static final Pattern WELCOME = Pattern.compile("http://\\S+/welcome/\\S+");

    @Test
    void an_outsider_comes_in_by_the_letter_amends_the_one_folio_and_is_let_go() throws Exception {
        mira.page.keyboard().press("a");
        saved();
        mira.button("File").click();
        assertThat(mira.page.locator(".folio h1")).hasText(title);
        String folio = mira.page.url();
        String number = folio.replaceFirst(".*/", "");
        String address = "elin" + number + "@county.example";

        try (MailPartner mail = new MailPartner(0)) {
            PostTest.mailServer(mira, mail.port());
            mira.page.navigate(folio);
            mira.link("Let in").click();
            mira.field("Name").fill("Elin Strand");
            mira.field("Email address").fill(address);
            assertThat(mira.field("Folio")).hasValue(number);
            mira.page.getByLabel("may also write").check();
            mira.button("Let in").click();
            assertThat(mira.region("Who can see what")).containsText("has not chosen a password yet");

            MimeMessage letter = Awaitility.await()
                    .until(() -> mail.receivedBy(address), l -> !l.isEmpty())
                    .getFirst();
            Matcher link = WELCOME.matcher(MailPartner.text(letter));
            assertThat(link.find()).isTrue();

            Desk elin = desk();
            elin.page.navigate(link.group());
            elin.page.getByLabel("Password (at least 10 characters)").fill("lighthouse at dusk");
            elin.button("Set password and sign in").click();
            elin.link(title).click();
            assertThat(elin.page.locator("main")).containsText("Lend the mobile unit to the fish plant.");
            elin.button("Amend").click();
            elin.page.getByLabel(Pattern.compile("· Decision")).first().fill("Lend the mobile unit for two weeks.");
            elin.button("Keep line " + number + ".2").click();
            assertThat(elin.button("Keep line " + number + ".2")).isDisabled();
            elin.button("Done").click();
            assertThat(elin.page.locator("main")).containsText("Lend the mobile unit for two weeks.");

            // Wherever else a guest turns, they are led back to what they were let into.
            for (String place : new String[] {"/", "/ledger", folio, "/people", "/access"}) {
                elin.page.navigate(place);
                assertThat(elin.heading("Minutes you are let into")).isVisible();
            }

            mira.page.navigate(folio);
            assertThat(mira.region("Revisions").locator("summary")).containsText("Elin Strand");
            mira.page.navigate("/access");
            mira.page.getByLabel("Take back from Elin Strand").first().click();
            assertThat(mira.page.getByLabel("Take back from Elin Strand")).hasCount(0);
            elin.page.navigate("/let-in/" + number);
            assertThat(elin.page.getByText("There is no such folio")).isVisible();
        }
    }
}
