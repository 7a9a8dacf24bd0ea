package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A pile of old papers is brought in while one goes on working, interrupted, and gone on with. */
class ImportTest extends BrowserTest {
    private static final int TALKS = 12;
    /** A busy machine drafts such a talk in ten seconds at the worst. */
    private static final int TWELVE_DRAFTS_MS = 120_000;

    private static FilePayload file(String name, String words) {
        return new FilePayload(name, "application/octet-stream", words.getBytes(StandardCharsets.UTF_8));
    }

    private static FilePayload talk(int n) {
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < 150; i++) {
            words.append("[00:%02d:%02d] Tom Reyes: I'll oil crane %d of shed %d by Friday, as we said.%n"
                    .formatted(i / 60, i % 60, i, n));
        }
        return file("oil 2025-02-%02d.txt".formatted(n), words.toString());
    }

    @Test
    void an_import_is_paused_and_gone_on_with_and_tells_what_became_of_each_file() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/imports");
        FilePayload[] pile = Stream.concat(
                        Stream.of(
                                file("a photo.jpg", "\0\1"),
                                file(
                                        "buoys 2025-01-14.md",
                                        "# Buoy round, 14 January 2025\n## Decisions\n- Buoy nine is painted red.\n")),
                        IntStream.rangeClosed(1, TALKS).mapToObj(ImportTest::talk))
                .toArray(FilePayload[]::new);
        mira.page.locator("input[type=file]:not([webkitdirectory])").setInputFiles(pile);
        Locator run = mira.page.locator("section.run").first();
        assertThat(run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Pause")))
                .isVisible();
        run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Pause"))
                .click();
        assertThat(run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go on")))
                .isVisible();

        mira.page.reload();
        run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go on"))
                .click();
        assertThat(run)
                .containsText(
                        Pattern.compile("14 of 14 files"),
                        new LocatorAssertions.ContainsTextOptions().setTimeout(TWELVE_DRAFTS_MS));
        assertThat(run).containsText("12 drafted, to review");
        run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("not brought in")))
                .click();
        assertThat(run.locator("tbody tr")).hasCount(1);
        assertThat(run.locator("tbody tr")).containsText("no text file");

        run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("\\d filed")))
                .click();
        run.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^folio")))
                .click();
        assertThat(mira.heading("Buoy round")).isVisible();
        assertThat(mira.page.getByText("Buoy nine is painted red.")).isVisible();
        assertThat(mira.page.getByText(Pattern.compile("Tue 14 Jan 2025")).first())
                .isVisible();
    }

    @Test
    void a_document_is_filed_beside_the_folios_found_and_named() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/ledger");
        mira.page
                .locator("label input[type=file]")
                .setInputFiles(
                        file("stove 2026-01-05.md", "# How the stove is lit\n\nFirst the damper, then the wood.\n"));
        assertThat(mira.heading("How the stove is lit").first()).isVisible();
        assertThat(mira.page.getByText("First the damper, then the wood.")).isVisible();

        mira.button("Title and day").click();
        mira.field("Title").fill("The stove");
        mira.button("Keep").click();
        assertThat(mira.heading("The stove").first()).isVisible();
        mira.button("File under").click();
        mira.page
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Collection, project or tag"))
                .fill("stoves");
        mira.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("new tag")))
                .click();
        mira.link("stoves").click();
        assertThat(mira.page.locator(".folios .head [role=status]")).hasText("1 folio");
    }
}
