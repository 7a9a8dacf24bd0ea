package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A question is typed into the lamp field, answered with its passages, read differently, or not answered at all. */
class AskingTest extends BrowserTest {
    private Page page;

    @BeforeEach
    void signIn() {
        page = miraAtHerDesk().page;
    }

    private void ask(String question) {
        page.keyboard().press("/");
        page.getByLabel("Find or ask in the ledger").fill(question);
        page.keyboard().press("Enter");
    }

    private Locator answer() {
        return page.getByLabel("Answer", new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void a_question_is_answered_with_its_folios_and_the_words_it_rests_on_a_click_away() {
        ask("What did we decide about the second charger?");

        assertThat(answer()).containsText("Buy the second charger from the same maker, at 212,000.");
        assertThat(page.getByLabel("kind")).hasValue("DECISION");
        assertThat(page.getByLabel("about")).hasValue("second charger");
        Locator words = page.getByLabel("The words it rests on");
        words.getByText("I propose we buy the second charger").click();
        assertThat(page).hasURL(Pattern.compile("/folio/22/source\\?.*passage=29"));
        page.goBack();
        answer().getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("22.2"))
                .click();
        assertThat(page).hasURL(Pattern.compile("/folio/22#22\\.2"));
    }

    @Test
    void changing_a_part_of_the_reading_asks_again_and_back_returns_to_the_first_answer() {
        ask("what does Tom still owe us?");
        assertThat(answer()).containsText("Tom Reyes to ring the hire firm");

        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("who").setExact(true))
                .selectOption("Sunniva Dahl");

        assertThat(answer()).containsText("Sunniva Dahl to draft a rota");
        assertThat(answer()).not().containsText("Tom Reyes");
        page.goBack();
        assertThat(answer()).containsText("Tom Reyes to ring the hire firm");
    }

    @Test
    void the_next_question_leans_on_the_one_before_it() {
        ask("What did we decide about the second charger?");
        assertThat(answer()).containsText("212,000");

        page.getByLabel("Ask on").fill("and why?");
        page.keyboard().press("Enter");

        assertThat(page.getByLabel("kind")).hasValue("REASON");
        assertThat(page.getByLabel("about")).hasValue("second charger");
        page.goBack();
        assertThat(page.getByLabel("kind")).hasValue("DECISION");
    }

    @Test
    void a_folio_is_asked_alone_from_its_own_page_and_the_whole_ledger_again() {
        page.navigate("/folio/7");
        page.getByText("only folio 7").click();
        ask("What did we decide about the second charger?");

        assertThat(answer()).containsText("Do not order the second charger this year.");
        assertThat(answer()).not().containsText("212,000");

        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("where").setExact(true))
                .selectOption("whole ledger");

        assertThat(answer()).containsText("212,000");
    }

    @Test
    void what_the_ledger_does_not_say_is_said_and_the_nearest_places_are_shown() {
        ask("What did the bishop say about the tombola?");

        assertThat(answer()).containsText("The ledger does not say");
    }

    @Test
    void of_two_questions_in_one_breath_it_says_which_it_cannot_answer_and_that_one_can_be_left_out() {
        ask("What did we decide about the second charger, and how much did the bishop pay for the tombola?");

        assertThat(answer()).containsText("Buy the second charger from the same maker, at 212,000.");
        assertThat(answer()).containsText("The ledger does not say: “how much did the bishop pay for the tombola?”");

        page.getByLabel("and then").fill("");
        page.keyboard().press("Enter");

        assertThat(answer()).not().containsText("The ledger does not say");
        assertThat(answer()).containsText("Buy the second charger from the same maker, at 212,000.");
        assertThat(page.getByLabel("and then")).hasCount(0);
    }

    @Test
    void words_are_found_and_can_be_asked_as_a_question() {
        ask("second charger");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("places");
        assertThat(answer()).hasCount(0);

        page.getByText("Ask this as a question").click();

        assertThat(answer()).containsText("charger");
    }
}
