package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.util.regex.Pattern;

/** Files meetings one after the other, as a member does in the browser. */
abstract class WithFolios extends WithReview {
    /** Inks all lines and files. */
    void file() {
        assertThat(mira.button("File")).isEnabled();
        mira.page.keyboard().press("Control+Enter");
        mira.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Ink .+ and file$")))
                .click();
        assertThat(mira.page.locator(".folio .number")).isVisible();
    }

    /** Drafts the minutes of a meeting from its talk and files them as they are. */
    void fileMeeting(String day, String talk) {
        title = "Quay " + TALKS.incrementAndGet();
        draftOf("quay-" + day + ".txt", talk + "[00:00:40] Mira Voss: That was " + title + ".\n");
        file();
    }

    /** The number of the folio that is shown. */
    int folio() {
        String path = URI.create(mira.page.url()).getPath();
        return Integer.parseInt(path.substring(path.lastIndexOf('/') + 1));
    }

    /** What the folio that is shown says of an earlier line with these words. */
    Locator says(String words) {
        return mira.region("What it says of earlier folios")
                .locator("li")
                .filter(new Locator.FilterOptions()
                        .setHas(mira.page.locator(".text").filter(new Locator.FilterOptions().setHasText(words))));
    }

    /** Confirms what a folio says of an earlier line. */
    void ink(Locator link) {
        link.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Ink")))
                .first()
                .click();
        assertThat(link.first()).hasClass(Pattern.compile("ink"));
    }
}
