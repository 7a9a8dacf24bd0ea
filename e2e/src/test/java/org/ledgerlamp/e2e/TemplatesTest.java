package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The templates screen: a form is made, edited beside a preview, kept, carried elsewhere and put away. */
class TemplatesTest extends BrowserTest {
    private Desk mira;

    @BeforeEach
    void open() {
        mira = miraAtHerDesk();
        mira.page.navigate("/templates");
        assertThat(mira.region("Preview").locator("h1")).hasText("Charging berth weekly");
    }

    private Locator headings() {
        return mira.region("Editor").locator("ol .heading");
    }

    @Test
    void one_is_described_in_words_edited_beside_its_preview_kept_and_drafted_by() {
        mira.page.getByLabel("A new one, described in a few words").fill("muster with risks and owners");
        mira.button("Make it").first().click();
        assertThat(mira.field("Name")).hasValue("Muster with risks and owners");
        assertThat(headings()).hasText(new String[] {"Attendance", "Summary", "Decisions", "Actions", "Risks"});
        assertThat(mira.region("Preview").locator("h2")).containsText(new String[] {"Attendance", "Decisions"});

        // By keyboard: a section moves up, and keeps the keyboard.
        mira.region("Editor").locator("[data-section='4'] .open").focus();
        mira.page.keyboard().press("Alt+ArrowUp");
        mira.page.keyboard().press("Alt+ArrowUp");
        assertThat(headings()).hasText(new String[] {"Attendance", "Summary", "Risks", "Decisions", "Actions"});
        mira.page.keyboard().press("Enter");
        mira.field("Heading").fill("What worries us");
        assertThat(mira.region("Preview").locator("h2").nth(2)).containsText("What worries us");

        mira.page.getByLabel("Add a section").selectOption("the answer to a question");
        Locator added = mira.region("Editor").locator("[data-section='5']");
        added.locator(".open").click();
        added.getByLabel("Heading").fill("Money");
        added.getByLabel("The question").fill("What was said about money and cost?");
        mira.button("Save").click();

        assertThat(mira.page.getByText("Saved: Muster with risks and owners.")).isVisible();
        assertThat(mira.page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Templates")))
                .containsText("Muster with risks and owners");
        mira.page.reload();
        assertThat(headings())
                .hasText(new String[] {"Attendance", "Summary", "What worries us", "Decisions", "Actions", "Money"});

        mira.button("Archive").click();
        assertThat(mira.page.getByText("Archived: 1")).isVisible();
        mira.button("Bring back").click();
        assertThat(mira.page.getByText("Archived: 1")).hasCount(0);
        mira.button("Archive").click();
    }

    @Test
    void one_goes_out_as_a_file_and_comes_in_again_under_another_name() throws Exception {
        Download file = mira.page.waitForDownload(() -> mira.link("As a file").click());
        byte[] bytes = Files.readAllBytes(file.path());
        assertThat(new String(bytes)).contains("ledger-lamp/template", "Weekly status");

        mira.page.getByTestId("template-file").setInputFiles(new FilePayload("weekly.json", "application/json", bytes));
        assertThat(mira.field("Name")).hasValue("Weekly status (2)");
        mira.page
                .getByTestId("template-file")
                .setInputFiles(new FilePayload("broken.json", "application/json", "{}".getBytes()));
        assertThat(mira.page.getByText("This is no template")).isVisible();
    }

    @Test
    void one_is_made_in_the_shape_of_a_folio_and_a_rule_that_is_broken_is_told() {
        mira.page.getByLabel("A new one in the shape of folio").fill("1");
        mira.button("Make it").nth(1).click();
        assertThat(mira.field("Name")).hasValue("Like folio 1");
        assertThat(headings().filter(new Locator.FilterOptions().setHasText("Decisions")))
                .hasCount(1);

        mira.region("Editor").locator("[data-section='0'] .open").click();
        mira.region("Editor")
                .locator("[data-section='0']")
                .getByLabel("Heading")
                .fill("Summary");
        mira.button("Save").click();
        assertThat(mira.page.getByText("have the same heading").first()).isVisible();
    }
}
