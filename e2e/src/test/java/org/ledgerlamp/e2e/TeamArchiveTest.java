package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** An administrator takes all that the team has along in one file. */
class TeamArchiveTest extends BrowserTest {
    private static final int WHILE_IT_IS_MADE_MS = 120_000;

    @Test
    void an_archive_is_made_downloaded_and_deleted() throws IOException {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/backups");
        Locator archives = mira.region("This team in one file");
        mira.button("Make an archive …").click();
        mira.page.getByLabel("Passphrase it opens with").fill("lantern over the slipway");
        mira.button("Make the archive").click();

        Locator made = archives.getByText("read back and whole");
        assertThat(made).isVisible(new IsVisibleOptions().setTimeout(WHILE_IT_IS_MADE_MS));
        Download file =
                mira.page.waitForDownload(() -> archives.getByText("Download").click());
        assertThat(file.suggestedFilename()).endsWith(".team.zip.gpg");
        assertThat(Files.size(file.path())).isGreaterThan(100_000);

        mira.button("Delete").click();
        assertThat(made).hasCount(0);
    }
}
