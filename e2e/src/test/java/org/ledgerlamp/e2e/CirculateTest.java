package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.MailPartner;

/** What becomes of a folio once it is filed: sent, written out, shown in part. */
class CirculateTest extends WithReview {
    private String folio;

    @BeforeEach
    void file() {
        mira.page.keyboard().press("a");
        saved();
        mira.button("File").click();
        assertThat(mira.page.locator(".folio h1")).hasText(title);
        folio = mira.page.url();
    }

    private Download export(String choice) {
        mira.button("Export").click();
        return mira.page.waitForDownload(() -> mira.page
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(choice))
                .click());
    }

    @Test
    void minutes_arrive_as_they_were_shown_to_each_what_concerns_them() throws Exception {
        try (MailPartner mail = new MailPartner(0)) {
            PostTest.mailServer(mira, mail.port());
            mira.page.navigate(folio);
            mira.link("Circulate").click();
            assertThat(mira.page.locator(".reader")).hasCount(2);
            mira.page.getByLabel("Covering words").fill("Thanks for coming.");
            mira.page.getByLabel("What Ana Prokop gets").selectOption("CATCH_UP");
            mira.page.getByLabel("Others, one a line").fill("Elin Strand <elin@county.example>");
            mira.page.getByLabel("As it reaches").selectOption("Tom Reyes");
            assertThat(mira.region("The letter")).containsText("Thanks for coming.");
            assertThat(mira.region("The letter")).containsText("YOUR ACTIONS");
            String shown = mira.region("The letter").locator(".words").textContent();

            assertThat(mira.button("Circulate to 3")).isDisabled();
            mira.page
                    .getByLabel("Send it outside skerry.example too: to Elin Strand")
                    .check();
            mira.button("Circulate to 3").click();

            assertThat(mira.page).hasURL(folio);
            assertThat(mira.region("Circulated").locator("summary").first()).isVisible();
            MimeMessage toms = Awaitility.await()
                    .until(() -> mail.receivedBy("tom@skerry.example"), l -> !l.isEmpty())
                    .getFirst();
            assertThat(MailPartner.text(toms).replace("\r\n", "\n")).isEqualTo(shown);
            MimeMessage anas = Awaitility.await()
                    .until(() -> mail.receivedBy("ana@skerry.example"), l -> !l.isEmpty())
                    .getFirst();
            assertThat(anas.getSubject()).startsWith("Catch-up: " + title);
            assertThat(MailPartner.text(anas)).contains("DECIDED");
            Awaitility.await().until(() -> mail.received().size() == 3);
            assertThat(mail.receivedBy("mira@skerry.example")).isEmpty();
        }
    }

    @Test
    void a_folio_is_written_out_under_the_teams_name_for_files() throws Exception {
        Download pdf = export("PDF");
        assertThat(pdf.suggestedFilename()).isEqualTo("2026-03-03 " + title + ".pdf");
        assertThat(Files.readAllBytes(pdf.path())).startsWith('%', 'P', 'D', 'F');

        Download markdown = export("Markdown (.md)");
        assertThat(Files.readString(markdown.path())).contains("# " + title, "fish plant");
        assertThat(Files.readString(export("Actions as tasks (.ics)").path())).contains("BEGIN:VTODO");
    }

    @Test
    void a_house_document_is_brought_in_its_unknown_placeholders_named_and_a_folio_set_in_it() throws Exception {
        mira.page.navigate("/house");
        mira.page
                .getByTestId("files")
                .setInputFiles(new FilePayload("house.docx", "", "no document".getBytes(StandardCharsets.UTF_8)));
        assertThat(mira.page.getByText("house.docx cannot be the house document"))
                .isVisible();
        mira.page.getByTestId("files").setInputFiles(new FilePayload("house.docx", "", house()));
        assertThat(mira.page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("{colour}")))
                .containsText("in paragraph 2");

        mira.page.navigate(folio);
        Download filled = export("House document (.docx)");

        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(Files.readAllBytes(filled.path())))) {
            assertThat(document.getParagraphs().getFirst().getText()).isEqualTo("Skerry Line: " + title);
            assertThat(document.getParagraphs().getFirst().getRuns().getFirst().isBold())
                    .isTrue();
        }
        mira.page.navigate("/house");
        mira.button("Let go").click();
        assertThat(mira.page.getByText("None yet.")).isVisible();
    }

    private static byte[] house() throws IOException {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            var title = document.createParagraph().createRun();
            title.setBold(true);
            title.setText("Skerry Line: {title}");
            document.createParagraph().createRun().setText("{colour}");
            document.write(bytes);
            return bytes.toByteArray();
        }
    }

    @Test
    void an_excerpt_is_read_without_account_until_it_is_revoked_and_leads_nowhere_else() {
        mira.link("Excerpt").click();
        mira.region("Lines")
                .getByLabel(Pattern.compile("\\d\\s*Lend the mobile unit"))
                .check();
        mira.page.getByLabel("Passphrase, if one").fill("wet paint");
        mira.button("Make the excerpt").click();
        String address = mira.page.getByTestId("address").textContent();

        Desk stranger = desk();
        stranger.page.navigate(address);
        assertThat(stranger.heading("An excerpt of minutes")).isVisible();
        stranger.page.getByLabel("Passphrase").fill("dry paint");
        stranger.button("Open").click();
        assertThat(stranger.page.getByRole(AriaRole.ALERT)).containsText("That is not the passphrase.");
        stranger.page.getByLabel("Passphrase").fill("wet paint");
        stranger.button("Open").click();
        assertThat(stranger.page.locator("article")).containsText("Lend the mobile unit to the fish plant.");
        assertThat(stranger.page.locator("article")).not().containsText("insures");
        stranger.page.navigate(folio);
        assertThat(stranger.page.getByLabel("Email address")).isVisible();

        mira.page.navigate(folio);
        assertThat(mira.region("Excerpts")).containsText("opened 2 times");
        mira.button("Revoke").click();
        assertThat(mira.region("Excerpts")).containsText("revoked");
        stranger.page.navigate(address);
        assertThat(stranger.heading("Nothing is shown here any more")).isVisible();
    }
}
