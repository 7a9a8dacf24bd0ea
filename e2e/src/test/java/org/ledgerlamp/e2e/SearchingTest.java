package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Words are looked for while they are typed, narrowed by clicking and by typing, and gone through in the source. */
class SearchingTest extends BrowserTest {
    private Page page;

    @BeforeEach
    void signIn() {
        page = miraAtHerDesk().page;
    }

    private Locator field() {
        return page.getByLabel("Find or ask in the ledger");
    }

    private void find(String words) {
        page.keyboard().press("/");
        field().fill(words);
        page.keyboard().press("Enter");
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private Locator folio(String title) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(title));
    }

    @Test
    void places_are_shown_while_one_types() {
        find("fender");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("places");

        field().fill("");
        field().pressSequentially("transformer hou");

        assertThat(page.locator("mark").first()).hasText(Pattern.compile("[Tt]ransformer"));
        assertThat(page).hasURL(Pattern.compile("q=transformer.hou$"));
        assertThat(page.getByText("some of them")).hasCount(0);
    }

    @Test
    void a_click_narrows_what_was_found_and_what_it_is_narrowed_to_is_taken_away_again() {
        find("second charger");
        button("Decision, ").click();

        assertThat(field()).hasValue("second charger kind:decision");
        assertThat(page.locator("ol li").first()).containsText("Decision");
        assertThat(page.locator("ol li").filter(new Locator.FilterOptions().setHasText("Action")))
                .hasCount(0);

        button("Kind decision").click();
        assertThat(field()).hasValue("second charger");
        assertThat(button("Action, ").first()).isVisible();
    }

    @Test
    void a_name_nobody_has_is_said_to_be_none() {
        find("fender person:Zebedee");

        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“Zebedee”");
        assertThat(page.getByText("The ledger does not say")).isVisible();
    }

    @Test
    void words_are_gone_through_in_the_source_they_were_found_in() {
        find("charger kind:said series:steering");
        folio("Steering group").first().locator("ol a").first().click();

        assertThat(page).hasURL(Pattern.compile("/source\\?.*words=charger"));
        Locator told = page.locator("search").getByRole(AriaRole.STATUS);
        assertThat(told).hasText(Pattern.compile("\\d+ of \\d+"));
        String before = told.textContent();
        button("Next").click();
        assertThat(told).not().hasText(before);
        button("Previous").click();
        assertThat(told).hasText(before);
    }

    @Test
    void words_are_looked_for_in_one_folio_alone() {
        page.navigate("/folio/7");
        page.getByText("only folio 7").click();
        find("charger");

        assertThat(button("Folio 7")).isVisible();
        assertThat(page.locator(".folio-no")).hasCount(1);
    }
}
