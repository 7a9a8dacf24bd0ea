package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.MailPartner;

/** What is sent to others before a meeting, and what is laid beside it. */
class PostTest extends BrowserTest {
    static void mailServer(Desk desk, int port) {
        desk.page.navigate("/post");
        Locator server = desk.region("Mail server");
        assertThat(server).isVisible();
        server.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("Set up a mail server|Change")))
                .click();
        desk.field("Server").fill("127.0.0.1");
        desk.field("Port").fill(String.valueOf(port));
        desk.page.getByLabel("Encryption").selectOption("NONE");
        desk.field("Letters come from").fill("lamp@skerry.example");
        desk.button("Keep").click();
        assertThat(server).containsText("127.0.0.1:" + port);
    }

    private static String meeting(Desk desk, String title) {
        desk.page.navigate("/meeting/new?date=2026-12-02");
        desk.field("Title").fill(title);
        desk.field("Start").fill("10:00");
        desk.page.getByLabel("Agenda, one item a line").fill("Rope\nLamp on the jib");
        desk.field("Others invited, one a line, such as Elin Strand <elin@county.example>")
                .fill("Elin Strand <elin@county.example>\nNils Farrow");
        desk.button("Keep").click();
        assertThat(desk.heading(title)).isVisible();
        return desk.page.url();
    }

    @Test
    void an_agenda_is_circulated_and_the_post_room_says_what_became_of_it() throws MessagingException {
        try (MailPartner mail = new MailPartner(0)) {
            Desk mira = miraAtHerDesk();
            mailServer(mira, mail.port());
            mira.button("Try it on yourself").click();
            Awaitility.await().until(() -> mail.receivedBy(MIRA).size() == 1);
            assertThat(mira.page.locator("main li").first()).containsText("A trial letter");
            assertThat(mira.page.locator("main li").first()).containsText("delivered to Mira Voss");

            meeting(mira, "Crane inspection circulated");
            mira.link("Circulate the agenda").click();
            assertThat(mira.page.getByText("Invited, with no known address: Nils Farrow."))
                    .isVisible();
            mira.field("Others, one a line, such as elin@county.example").fill("tom@skerry.example\nnobody");
            assertThat(mira.page.getByRole(AriaRole.ALERT)).containsText("No address in: nobody");
            mira.field("Others, one a line, such as elin@county.example").fill("tom@skerry.example");
            mira.field("Covering words").fill("Bring the <rope> list.");
            Locator letter = mira.region("The letter");
            assertThat(letter).containsText("Bring the <rope> list.");
            String shown = letter.locator(".words").innerText();
            mira.page
                    .getByLabel("Send it outside skerry.example too: to Elin Strand")
                    .check();
            mira.button("Circulate to 2").click();
            assertThat(mira.heading("Crane inspection circulated")).isVisible();

            mira.link("Post room").click();
            Locator dispatch = mira.page.locator(
                    "main li", new Page.LocatorOptions().setHasText("Agenda: Crane inspection circulated"));
            assertThat(dispatch.first()).containsText("delivered to all 2");
            dispatch.first().locator("summary").click();
            assertThat(dispatch.first()).containsText("elin@county.example");
            List<MimeMessage> arrived = mail.receivedBy("elin@county.example");
            assertThat(arrived).hasSize(1);
            assertThat(MailPartner.text(arrived.getFirst()).strip()).isEqualTo(shown.strip());
            assertThat(arrived.getFirst().getSubject()).startsWith("Agenda: Crane inspection circulated");
        }
    }

    @Test
    void a_letter_that_does_not_go_out_says_why_and_is_sent_again() {
        int port;
        try (MailPartner mail = new MailPartner(0)) {
            port = mail.port();
        }
        Desk mira = miraAtHerDesk();
        mailServer(mira, port);
        mira.button("Try it on yourself").click();
        Locator first = mira.page.locator("main .list > li").first();
        assertThat(first).containsText("1 waiting");
        first.locator("summary").click();
        assertThat(first).containsText("cannot be reached");
        mira.button("Withdraw the letter to Mira Voss").first().click();
        assertThat(first).containsText("withdrawn");

        try (MailPartner mail = new MailPartner(port)) {
            mira.button("Send to Mira Voss again").first().click();
            assertThat(first).containsText("delivered to Mira Voss");
            assertThat(mail.receivedBy(MIRA)).hasSize(1);
        }
    }

    @Test
    void files_are_attached_held_back_where_they_are_something_else_and_taken_off() {
        Desk mira = miraAtHerDesk();
        String meeting = meeting(mira, "Crane papers");
        mira.page.getByTestId("files").setInputFiles(new FilePayload[] {
            new FilePayload("plan.pdf", "application/pdf", "%PDF-1.7 plan".getBytes(StandardCharsets.US_ASCII)),
            new FilePayload("paint.pdf", "application/pdf", "MZ program".getBytes(StandardCharsets.US_ASCII))
        });
        Locator list = mira.region("Attachments");
        assertThat(list).containsText("PDF document");
        assertThat(list).containsText("Held back from others: it is a program or script.");

        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        ana.page.navigate(meeting);
        assertThat(ana.link("plan.pdf")).isVisible();
        assertThat(ana.region("Attachments")).containsText("paint.pdf");
        assertThat(ana.link("paint.pdf")).hasCount(0);

        mira.button("Take plan.pdf off").click();
        assertThat(mira.link("plan.pdf")).hasCount(0);
        assertThat(ana.link("plan.pdf")).hasCount(0);
        mira.button("Undo").click();
        assertThat(ana.link("plan.pdf")).isVisible();
    }
}
