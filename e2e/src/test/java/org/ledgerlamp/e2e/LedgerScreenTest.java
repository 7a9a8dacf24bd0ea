package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.access.AccessService;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** A ledger of ten thousand folios is narrowed, grouped, scrolled, and filed under labels at once. */
class LedgerScreenTest extends BrowserTest {
    private static final int FOLIOS = 10_000;
    private static final String PASSWORD = "a long row of folios";

    private static ConfigurableApplicationContext application;
    private Desk desk;

    @BeforeAll
    static void tenThousandFolios() {
        application = start("ten-thousand");
        AccessService access = application.getBean(AccessService.class);
        UUID team = access.createTeam("Archive");
        access.createMember(team, "Mira Voss", MIRA, PASSWORD);
        JdbcTemplate database = application.getBean(JdbcTemplate.class);
        database.update(
                "insert into folio_card (id, team_id, sort, folio, title, held_on, series, kind, decisions, actions, present,"
                        + " archived) select uuid(), ?, 'MINUTES', seq, concat('Meeting ', seq),"
                        + " date_add('1999-01-01', interval seq day), concat('Series ', seq % 20),"
                        + " elt(1 + seq % 2, 'weekly status', 'review'), seq % 7, seq % 11, 5, false"
                        + " from seq_1_to_" + FOLIOS,
                team);
        for (String facet : new String[] {"'ALL', ''", "'SERIES', series", "'KIND', kind"}) {
            database.update("insert into folio_facet (team_id, folio_id, facet, value, archived)"
                    + " select team_id, id, " + facet + ", false from folio_card");
        }
        database.update("insert into facet_count (team_id, archived, facet, value, folios)"
                + " select team_id, archived, facet, value, count(*) from folio_facet group by 1, 2, 3, 4");
    }

    @AfterAll
    static void close() {
        application.close();
    }

    @BeforeEach
    void open() {
        desk = desk(addressOf(application), Desk.WIDTH, ColorScheme.LIGHT).signIn(MIRA, PASSWORD);
        desk.page.navigate("/ledger");
    }

    private Locator total() {
        return desk.page.locator(".folios .head [role=status]");
    }

    private Locator row(int folio) {
        return desk.page.getByRole(
                AriaRole.LINK,
                new Page.GetByRoleOptions().setName("Meeting " + folio).setExact(true));
    }

    @Test
    void it_is_scrolled_from_end_to_end_and_only_what_is_in_sight_is_drawn() {
        assertThat(total()).hasText("10,000 folios");
        assertThat(row(FOLIOS)).isVisible();
        for (int folio = FOLIOS - 150; folio > FOLIOS - 1200; folio -= 150) {
            desk.page.evaluate("y => scrollTo(0, y)", (FOLIOS - folio) * 38);
            assertThat(row(folio)).isVisible();
        }
        assertThat(desk.page.locator("tbody tr").count()).isLessThan(120);
    }

    @Test
    void it_is_narrowed_step_by_step_and_grouped() {
        desk.button("Series 7, 500 folios").click();
        assertThat(total()).hasText("500 folios");
        assertThat(row(FOLIOS - 13)).isVisible();
        assertThat(desk.button("review, 500 folios")).isVisible();
        assertThat(desk.button("weekly status, 5,000 folios")).hasCount(0);

        desk.page.getByLabel("Grouped").selectOption("MONTH");
        assertThat(desk.page.locator("tr.group").first()).isVisible();
        desk.page.reload();
        assertThat(total()).hasText("500 folios");
        assertThat(desk.page.locator("tr.group").first()).isVisible();

        desk.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Title"))
                .or(desk.page.locator("thead").getByText("Meeting"))
                .first()
                .click();
        assertThat(desk.page.locator("tr.group")).hasCount(0);
        assertThat(row(9987)).isVisible();
        desk.link("Show all").click();
        assertThat(total()).hasText("10,000 folios");
    }

    @Test
    void all_that_fit_are_filed_under_a_new_tag_and_that_is_undone() {
        desk.button("Series 3, 500 folios").click();
        assertThat(total()).hasText("500 folios");
        desk.page.locator("thead input").check();
        desk.button("All 500 that fit").click();
        desk.button("File under").click();
        Locator choice = desk.page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Collection, project or tag"));
        choice.fill("winter storms");
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("new tag")))
                .click();
        assertThat(desk.button("winter storms, 500 folios")).isVisible();

        desk.button("Undo").last().click();
        assertThat(desk.button("winter storms, 500 folios")).hasCount(0);
    }

    @Test
    void a_view_is_kept_and_what_is_archived_is_out_of_sight() {
        desk.button("Series 5, 500 folios").click();
        desk.button("Keep this view").click();
        desk.field("Name of the view").fill("The fifth");
        desk.button("Keep").click();
        assertThat(desk.link("The fifth")).isVisible();
        desk.link("All folios").click();
        assertThat(total()).hasText("10,000 folios");
        desk.link("The fifth").click();
        assertThat(total()).hasText("500 folios");

        desk.page.locator("tbody input").first().check();
        desk.button("Archive").last().click();
        assertThat(total()).hasText("499 folios");
        desk.button("Undo").last().click();
        assertThat(total()).hasText("500 folios");
    }
}
