package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What every screen owes to everybody: to be read, by day and by night, on a small screen and by a screen reader. */
class ScreensTest extends BrowserTest {
    private static final List<String> SCREENS = List.of(
            "/",
            "/tray",
            "/ledger",
            "/folio/1",
            "/folio/1/source?line=5",
            "/lamp?q=mobile+unit",
            "/lamp?q=What+did+we+decide+about+the+second+charger?",
            "/people",
            "/marks",
            "/calendars",
            "/recorders",
            "/templates",
            "/house",
            "/access",
            "/folio/1/circulate",
            "/folio/1/excerpt",
            "/folio/1/amend",
            "/post",
            "/ledger?calendar",
            "/labels",
            "/imports",
            "/upkeep",
            "/members",
            "/account",
            "/networks",
            "/audit",
            "/backups",
            "/strand?about=charger",
            "/series?name=Steering+group",
            "/registers/actions?weeks",
            "/registers/decisions",
            "/roll-up");

    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    /** The screens, with those of a meeting of today that is still to be held. */
    private static List<String> screens(Desk desk) {
        desk.page.navigate("/");
        String meeting = desk.page
                .locator(".entry a", new Page.LocatorOptions().setHasText("Steering group"))
                .getAttribute("href");
        return Stream.concat(
                        SCREENS.stream(), Stream.of(meeting, meeting + "/notes", meeting + "/agenda", "/meeting/new"))
                .toList();
    }

    private static void shown(Desk desk, String address) {
        desk.page.navigate(address);
        assertThat(desk.page.locator("main h1").first()).not().isEmpty();
    }

    /** The address of a draft of the demo. */
    private static String draft(Desk desk) {
        desk.page.navigate("/");
        desk.link("Review").first().click();
        assertThat(desk.page.locator(".line").first()).isVisible();
        return desk.page.url();
    }

    @Test
    void
            a_screen_reader_and_a_weak_eye_find_nothing_amiss_by_day_and_by_night_and_no_screen_is_wider_than_the_window() {
        Desk mira = miraAtHerDesk();
        mira.page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        for (String address : screens(mira)) {
            shown(mira, address);
            assertIsReadable(mira, address);
        }
        draft(mira);
        mira.lines("Actions").or(mira.lines("Actions on either side")).first().click();
        assertThat(mira.page.locator(".tools")).isVisible();
        assertIsReadable(mira, "spread");
    }

    /** On the screen shown, by day and by night and at three widths. */
    private static void assertIsReadable(Desk desk, String screen) {
        assertThat(violations(new AxeBuilder(desk.page).withTags(WCAG)))
                .as(screen)
                .isEmpty();
        desk.page.evaluate("document.documentElement.dataset.theme = 'night'");
        // By night nothing but colours is another.
        assertThat(violations(new AxeBuilder(desk.page).withRules(List.of("color-contrast"))))
                .as(screen + " by night")
                .isEmpty();
        desk.page.evaluate("document.documentElement.dataset.theme = 'day'");
        for (int width : List.of(Desk.WIDTH, 768, 360)) {
            desk.page.setViewportSize(width, Desk.HEIGHT);
            int over = (int)
                    desk.page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
            assertThat(over).as(screen + " at " + width).isLessThanOrEqualTo(0);
        }
        desk.page.setViewportSize(Desk.WIDTH, Desk.HEIGHT);
    }

    private static List<String> violations(AxeBuilder axe) {
        // There are no frames of other origins, for which a page would be opened at every look.
        return axe.setLegacyMode(true).analyze().getViolations().stream()
                .map(ScreensTest::describe)
                .toList();
    }

    private static String describe(Rule rule) {
        return rule.getId() + ": "
                + rule.getNodes().stream()
                        .map(n -> n.getHtml() + " " + n.getFailureSummary())
                        .limit(3)
                        .toList();
    }

    @Test
    void the_day_sheet_shows_the_day_and_what_waits_and_goes_by_keys() {
        Desk mira = miraAtHerDesk();
        DateTimeFormatter spoken = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
        assertThat(mira.heading(LocalDate.now().format(spoken))).isVisible();
        assertThat(mira.page.locator(".entry")).not().hasCount(0);
        assertThat(mira.page.locator(".waiting")).containsText("safety-review-tern-" + LocalDate.now() + ".txt");

        mira.page.keyboard().press("ArrowLeft");
        assertThat(mira.heading(LocalDate.now().minusDays(1).format(spoken))).isVisible();
        assertThat(mira.page).hasURL(Pattern.compile("/day/" + LocalDate.now().minusDays(1)));
        mira.page.goBack();
        assertThat(mira.heading(LocalDate.now().format(spoken))).isVisible();
    }

    @Test
    void the_ledger_filters_by_series_and_person_and_keeps_the_filter_in_its_address() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/ledger");
        Locator rows = mira.page.locator("tbody tr");
        mira.page
                .getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Charging berth weekly")))
                .click();
        assertThat(rows).hasCount(10);
        mira.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Ivo Brandt")))
                .click();
        assertThat(rows).hasCount(1);
        mira.page.reload();
        assertThat(rows).hasCount(1);
        mira.link("Show all").first().click();
        assertThat(rows.first()).isVisible();
        rows.first().click();
        assertThat(mira.page).hasURL(Pattern.compile("/folio/\\d+$"));
    }

    @Test
    void a_folio_prints_without_what_is_only_for_the_screen() {
        Desk mira = miraAtHerDesk();
        shown(mira, "/folio/1");
        mira.page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));

        assertThat(mira.button("Print")).isHidden();
        assertThat(mira.page.locator("header.no-print")).isHidden();
        assertThat(mira.heading("Charging berth weekly")).isVisible();
    }

    @Test
    void an_address_that_leads_nowhere_says_so() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/no/such/place");
        assertThat(mira.heading("There is no such page")).isVisible();
        mira.page.navigate("/folio/999");
        assertThat(mira.page.getByRole(AriaRole.ALERT)).containsText("There is no such folio.");
        mira.page.navigate("/lamp?q=" + "zyzzyva");
        assertThat(mira.heading("The ledger does not say")).isVisible();
    }

    @Test
    void the_keys_of_a_screen_are_listed_on_demand() {
        Desk mira = miraAtHerDesk();
        draft(mira);
        mira.page.keyboard().press("?");

        Locator dialog = mira.page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("ink the line, or take what is possible, and go on");
        assertThat(dialog).containsText("to the lamp field");
        mira.page.keyboard().press("Escape");
        assertThat(dialog).hasCount(0);
    }

    @Test
    void night_is_chosen_in_the_menu_and_stays_chosen() {
        Desk mira = miraAtHerDesk();
        mira.page.getByLabel("Mira Voss: menu").click();
        mira.page.getByText("Read by night").click();
        mira.page.reload();

        assertThat(mira.page.locator("html")).hasAttribute("data-theme", "night");
    }

    @Test
    void a_person_is_put_on_the_roster_and_changed() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/people");
        mira.button("Add a person").click();
        mira.field("Name").fill("Bo Ek");
        mira.button("Keep").click();
        mira.button("Change Bo Ek").click();
        mira.page.getByLabel("Also called, with commas between").fill("Bosse, BE");
        mira.button("Keep").click();

        assertThat(mira.page.locator("tr", new Page.LocatorOptions().setHasText("Bo Ek")))
                .containsText("Bosse, BE");
        mira.button("Add a person").click();
        mira.field("Name").fill("Bo Ek");
        mira.button("Keep").click();
        assertThat(mira.page.getByRole(AriaRole.ALERT)).hasText("The roster has a Bo Ek already.");
    }

    @Test
    void a_list_of_people_comes_in_and_says_whom_it_left_out() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/people");
        mira.page
                .getByTestId("people-file")
                .setInputFiles(new FilePayload(
                        "crew.csv",
                        "text/csv",
                        "Name,E-mail\nInga Storm,inga@skerry.example\nUlf Bad,nope\n"
                                .getBytes(StandardCharsets.UTF_8)));

        assertThat(mira.page.locator("tr", new Page.LocatorOptions().setHasText("Inga Storm")))
                .containsText("inga@skerry.example");
        assertThat(mira.page.getByRole(AriaRole.ALERT)).containsText("Left out: Ulf Bad");
    }

    @Test
    void a_mark_is_added_refused_removed_and_brought_back() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/marks");
        Locator marks = mira.region("Marks");
        marks.getByLabel("Sign").fill("!!");
        marks.getByLabel("Says that the line is").selectOption("a risk");
        marks.getByText("Add").click();
        assertThat(marks.getByRole(AriaRole.ROW).last()).containsText("a risk");

        marks.getByLabel("Sign").fill("a:");
        mira.page.keyboard().press("Enter");
        assertThat(marks.getByRole(AriaRole.ALERT)).containsText("is a mark that everybody has");

        mira.region("Try a line").getByRole(AriaRole.TEXTBOX).fill("!! crane has a crack");
        assertThat(mira.region("Try a line")).containsText("Risk · “crane has a crack”");
        Download file = mira.page.waitForDownload(() -> mira.button("As a file").click());
        mira.button("Everybody’s alone").click();
        assertThat(mira.button("Remove !!")).hasCount(0);
        mira.page.getByTestId("marks-file").setInputFiles(file.path());
        assertThat(mira.page.getByText("1 mark and 0 abbreviations brought in."))
                .isVisible();

        mira.button("Remove !!").click();
        assertThat(mira.button("Remove !!")).hasCount(0);
        mira.page
                .locator("li", new Page.LocatorOptions().setHasText("“!!” is gone."))
                .getByText("Undo")
                .click();
        assertThat(mira.button("Remove !!")).isVisible();
        mira.page.reload();
        assertThat(mira.button("Remove !!")).isVisible();
    }

    @Test
    void the_notes_stand_below_the_talk_and_what_is_possible_is_taken_or_dismissed_by_key() {
        Desk mira = miraAtHerDesk();
        draft(mira);
        mira.button("Both").click();
        assertThat(mira.page.getByLabel("Passages of the notes")).isVisible();
        assertThat(mira.page.getByLabel("Passages", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();

        mira.page
                .locator("button", new Page.LocatorOptions().setHasText("possible"))
                .first()
                .click();
        Locator possible = mira.page.locator(".line.possible");
        assertThat(possible.first()).isVisible();
        int offered = possible.count();
        possible.first().locator(".text").click();
        mira.page.keyboard().press("x");
        assertThat(possible).hasCount(offered - 1);
        mira.page.keyboard().press("Control+z");
        assertThat(possible).hasCount(offered);
        possible.first().locator(".text").click();
        mira.page.keyboard().press("Enter");
        assertThat(possible).hasCount(offered - 1);
        mira.page.keyboard().press("Control+z");
        assertThat(possible).hasCount(offered);
    }
}
