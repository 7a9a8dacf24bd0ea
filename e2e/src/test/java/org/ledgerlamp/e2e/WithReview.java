package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;

/** Starts with a draft of its own on the spread. */
abstract class WithReview extends BrowserTest {
    private static final String TALK =
            """
            [00:00:03] Mira Voss: Should we lend the mobile unit to the fish plant?
            [00:00:09] Ana Prokop: Yes, let's do that.
            [00:00:12] Tom Reyes: I'll bring it over on Thursday.
            [00:00:20] Mira Voss: Thanks. Somebody should tell the harbour master.
            [00:00:30] Ana Prokop: Who insures it on the lorry, does anybody know?
            [00:00:36] Tom Reyes: No idea.
            """;

    static final AtomicInteger TALKS = new AtomicInteger();

    Desk mira;
    String title;
    String draft;

    @BeforeEach
    void aDraft() {
        mira = miraAtHerDesk();
        title = "Lending " + TALKS.incrementAndGet();
        draftOf("lend-2026-03-03.txt", talk());
        draft = mira.page.url();
    }

    /** Drops a transcript, calls its meeting by the title and drafts its minutes. */
    void draftOf(String file, String words) {
        mira.page.navigate("/tray");
        mira.page
                .getByTestId("files")
                .setInputFiles(new FilePayload(file, "text/plain", words.getBytes(StandardCharsets.UTF_8)));
        mira.field("Title").fill(title);
        mira.field("Kind").fill("weekly status");
        mira.button("Draft the minutes").click();
        assertThat(mira.page.locator(".line").first()).isVisible();
    }

    /** Never the same bytes twice: a double would wait in the tray. */
    private static String talk() {
        return TALK + "[00:00:44] Mira Voss: Thanks, this was talk number " + TALKS.incrementAndGet() + ".\n";
    }

    Locator meter() {
        return mira.page.locator(".meter");
    }

    void saved() {
        assertThat(mira.page.getByTestId("saving")).containsText(Pattern.compile("saved \\d\\d:\\d\\d"));
    }
}
