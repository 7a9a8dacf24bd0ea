package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is filed keeps its course: a decision changed months later, a promise to its end, a line cited elsewhere. */
class CoursesTest extends WithFolios {
    /** The entry of a folio's line with these words. */
    private Locator entry(int folio, String words) {
        return mira.page
                .locator(".registers li")
                .filter(new Locator.FilterOptions()
                        .setHas(mira.page.locator(".folio-no").getByText(Pattern.compile("^" + folio + "\\."))))
                .filter(new Locator.FilterOptions().setHasText(words))
                .first();
    }

    @Test
    void a_decision_is_changed_three_meetings_later_and_the_register_shows_which_stands() {
        fileMeeting(
                "2026-04-07",
                """
                [00:00:03] Ana Prokop: The herons are back in the crow's nest of the old light ship.
                [00:00:09] Tom Reyes: I propose the herons stay in the crow's nest of the light ship until autumn.
                [00:00:15] Mira Voss: Agreed, the herons stay in the crow's nest of the light ship until autumn.
                """);
        int first = folio();
        fileMeeting(
                "2026-04-14",
                """
                [00:00:03] Mira Voss: Paint. Which green for the railing of the kiosk?
                [00:00:09] Ana Prokop: I propose we take the dark green for the railing of the kiosk.
                [00:00:15] Mira Voss: Agreed then, we take the dark green for the railing of the kiosk.
                """);
        fileMeeting(
                "2026-04-21",
                """
                [00:00:03] Mira Voss: The soup machine in the saloon.
                [00:00:09] Tom Reyes: I propose we sell the soup machine of the saloon.
                [00:00:15] Mira Voss: Agreed, we sell the soup machine of the saloon.
                """);
        fileMeeting(
                "2026-04-28",
                """
                [00:00:03] Ana Prokop: The herons in the crow's nest of the light ship have eaten the insulation.
                [00:00:09] Tom Reyes: I propose the herons go, they do not stay in the crow's nest of the light ship until autumn.
                [00:00:15] Mira Voss: Agreed, the herons no longer stay in the crow's nest of the light ship.
                """);
        Locator link = says("herons stay").first();
        assertThat(link).containsText(Pattern.compile("changes|withdraws"));
        ink(link);

        mira.page.navigate("/registers/decisions?all");
        Locator earlier = entry(first, "herons stay");
        assertThat(earlier).containsText(Pattern.compile("changed|withdrawn"));
        earlier.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^The course")))
                .click();
        assertThat(earlier.locator("ol[aria-label=Course] li")).hasCount(2);
        mira.page.navigate("/registers/decisions");
        assertThat(mira.page.locator(".registers li").filter(new Locator.FilterOptions().setHasText("dark green")))
                .not()
                .hasCount(0);
        assertThat(earlier).hasCount(0);
    }

    @Test
    void an_action_is_promised_put_off_handed_over_and_done_and_its_course_tells_so() {
        String deed = "winch cover";
        fileMeeting(
                "2026-05-05",
                """
                [00:00:03] Mira Voss: The mooring winch stands in the rain.
                [00:00:09] Tom Reyes: I'll sew a winch cover out of the old mainsail by Friday.
                [00:00:15] Mira Voss: Please do.
                """);
        int promised = folio();
        fileMeeting(
                "2026-05-12",
                """
                [00:00:03] Mira Voss: Tom, the winch cover out of the mainsail?
                [00:00:09] Tom Reyes: The winch cover isn't done yet, I'll have it by 22 May.
                [00:00:15] Mira Voss: Fine. I'll look for a tarpaulin until then.
                """);
        assertThat(says(deed)).containsText("puts off");
        ink(says(deed));
        fileMeeting(
                "2026-05-26",
                """
                [00:00:03] Mira Voss: The winch cover out of the mainsail, Tom?
                [00:00:09] Tom Reyes: I handed the winch cover over to Ana, she has the sewing machine.
                [00:00:15] Ana Prokop: Yes. And I'll oil the sewing machine by Monday.
                """);
        assertThat(says(deed)).containsText("hands over");
        ink(says(deed));
        fileMeeting(
                "2026-06-02",
                """
                [00:00:03] Mira Voss: The winch cover out of the mainsail, Ana?
                [00:00:09] Ana Prokop: The winch cover is finished, I finished it on Sunday and it fits.
                [00:00:15] Mira Voss: Lovely. I'll show the cover to Petra on Thursday.
                """);
        assertThat(says(deed)).containsText("closes");
        ink(says(deed));

        mira.page.navigate("/registers/actions?all");
        Locator entry = entry(promised, deed);
        assertThat(entry.getByRole(AriaRole.CHECKBOX)).isChecked();
        entry.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^The course")))
                .click();
        Locator course = entry.locator("ol[aria-label=Course]");
        assertThat(course).containsText("recorded");
        assertThat(course).containsText("put off to Fri 22 May");
        assertThat(course).containsText("handed over to Ana Prokop");
        assertThat(course).containsText("I finished it on Sunday");
    }

    @Test
    void a_citation_is_followed_both_ways() {
        fileMeeting(
                "2026-06-09",
                """
                [00:00:03] Ana Prokop: The brass bell of the pilot boat is cracked.
                [00:00:09] Tom Reyes: I'll weld the brass bell of the pilot boat by Friday.
                [00:00:15] Mira Voss: Please do.
                """);
        int cited = folio();
        String number = mira.page
                .locator("li[id]")
                .filter(new Locator.FilterOptions().setHasText("brass bell"))
                .last()
                .getAttribute("id");
        fileMeeting(
                "2026-06-16",
                """
                [00:00:03] Mira Voss: The visitors' book is full.
                [00:00:09] Joss Lindqvist: I'll buy a new visitors' book by Monday.
                [00:00:15] Mira Voss: Thanks.
                """);
        int citing = folio();
        mira.link("Amend").click();
        Locator line = mira.page
                .locator(".line .text")
                .filter(new Locator.FilterOptions().setHasText("visitors' book by Monday"))
                .first();
        line.dblclick();
        Locator wording = mira.field("Wording of the line");
        wording.fill("Joss Lindqvist to buy a new visitors' book, and not to ring the bell of " + number + ".");
        wording.press("Enter");
        saved();

        mira.page.navigate("/folio/" + citing);
        mira.page.locator("a.citation").first().click();
        assertThat(mira.page).hasURL(Pattern.compile("/folio/" + cited + "#" + number.replace(".", "\\.") + "$"));
        Locator back = mira.page
                .locator("li.on")
                .getByRole(
                        AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + citing + "\\.")));
        assertThat(back).isVisible();
        back.click();
        assertThat(mira.page).hasURL(Pattern.compile("/folio/" + citing + "#"));

        // The private margin of a meeting leads there, too, and nobody else sees that it does.
        mira.page.navigate("/meeting/new?date=2026-06-23");
        mira.field("Title").fill("Bell talk");
        mira.button("Keep").click();
        mira.field("Your own notes beside this meeting").fill("ask about " + number);
        assertThat(mira.region("Private margin").locator("a.citation")).containsText(number);
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        ana.page.navigate("/folio/" + cited);
        assertThat(ana.page.getByText("cited by").first()).isVisible();
        assertThat(ana.page.getByText("your margin")).hasCount(0);
    }
}
