package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.ledgerlamp.server.access.AccessService;

/** An answer is kept, asked again after another meeting was filed, exported; a draft is asked alone. */
class KeptQuestionTest extends WithFolios {
    private static final String QUESTION = "What did we decide about the blue pennant?";

    private void ask(Desk desk, String question) {
        desk.page.keyboard().press("/");
        desk.page.getByLabel("Find or ask in the ledger").fill(question);
        desk.page.keyboard().press("Enter");
    }

    private Locator answer(Desk desk) {
        return desk.page.getByLabel("Answer", new Page.GetByLabelOptions().setExact(true));
    }

    private Locator button(String name) {
        return mira.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** The index has what was filed a moment after. */
    private void askUntilItSays(String words) {
        ask(mira, QUESTION);
        while (!answer(mira).textContent().contains(words)) {
            mira.page.reload();
            assertThat(answer(mira)).isVisible();
        }
    }

    private static String talk(String settled) {
        return "[00:00:03] Ana Prokop: " + settled + "\n[00:00:09] Tom Reyes: I'll order the cord for it by Friday.\n";
    }

    @Test
    @Timeout(value = 5, unit = TimeUnit.MINUTES)
    void a_kept_question_tells_what_changed_after_another_meeting_was_filed() {
        fileMeeting("2026-11-09", talk("We agreed to hang the blue pennant at the yard gate."));
        askUntilItSays("yard gate");
        button("Keep the question").click();
        mira.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ask it again"))
                .click();
        assertThat(mira.page.getByText("nothing changed")).isVisible();

        fileMeeting("2026-11-16", talk("We agreed to move the blue pennant to the ice house."));
        askUntilItSays("ice house");
        mira.page.navigate("/lamp");
        mira.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(QUESTION))
                .click();

        assertThat(answer(mira)).containsText("ice house");
        assertThat(answer(mira)
                        .getByText("new", new Locator.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        assertThat(mira.page.getByText(Pattern.compile("since .*: \\d+ statements? of \\d+ new or changed")))
                .isVisible();
        button("Keep this answer instead").click();
        assertThat(mira.page.getByText("nothing changed")).isVisible();
    }

    @Test
    void an_answer_is_exported_as_a_file() throws IOException {
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        ask(ana, "What did we decide about the second charger?");
        ana.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Export"))
                .click();

        Download file = ana.page.waitForDownload(() -> ana.page
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Markdown (.md)"))
                .click());

        Assertions.assertThat(file.suggestedFilename()).isEqualTo("answer.md");
        Assertions.assertThat(Files.readString(file.path()))
                .startsWith("# What did we decide about the second charger?")
                .contains("at 212,000", "22.2");
    }

    @Test
    void a_draft_is_asked_alone_before_it_is_filed() {
        title = "Quay " + TALKS.incrementAndGet();
        draftOf(
                "quay-ladder.txt",
                "[00:00:03] Tom Reyes: I'll paint the orange ladder by Friday.\n[00:00:20] Mira Voss: That was " + title
                        + ".\n");

        mira.page.getByText("only this draft").click();
        ask(mira, "Who paints the orange ladder?");

        assertThat(answer(mira)).containsText("orange ladder");
        answer(mira)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("the draft"))
                .first()
                .click();
        assertThat(mira.page).hasURL(Pattern.compile("/minutes/"));
    }

    @Test
    void whoever_may_not_read_the_folio_gets_no_answer_from_it() {
        AccessService access = application().getBean(AccessService.class);
        access.createMember(access.createTeam("The tram company"), "Olle Berg", "olle@tram.example", ANAS_PASSWORD);
        Desk olle = desk().signIn("olle@tram.example", ANAS_PASSWORD);

        ask(olle, "What did we decide about the second charger?");

        assertThat(answer(olle)).containsText("The ledger does not say");
        assertThat(answer(olle)).not().containsText("212,000");
        assertThat(olle.page.getByText("folio 22")).hasCount(0);
    }
}
