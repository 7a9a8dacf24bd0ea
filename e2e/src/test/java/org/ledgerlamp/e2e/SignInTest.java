package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.SameSiteAttribute;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

class SignInTest extends BrowserTest {
    @Test
    void a_wrong_password_is_refused_and_what_was_typed_stays() {
        Desk desk = desk();
        desk.page.navigate("/ledger");
        desk.page.getByLabel("Email address").fill(MIRA);
        desk.page.getByLabel("Password").fill("a guess");
        desk.button("Sign in").click();

        assertThat(desk.page.getByRole(AriaRole.ALERT)).hasText("Wrong email address or password.");
        assertThat(desk.page.getByLabel("Email address")).hasValue(MIRA);
        assertThat(desk.page.getByText("Charging berth weekly")).hasCount(0);
    }

    @Test
    void after_signing_in_one_is_where_one_wanted_to_go() {
        Desk desk = desk();
        desk.page.navigate("/folio/1");
        desk.page.getByLabel("Email address").fill("  " + MIRA.toUpperCase());
        desk.page.getByLabel("Password").fill(MIRAS_PASSWORD);
        desk.button("Sign in").click();

        assertThat(desk.page).hasURL(Pattern.compile("/folio/1$"));
        assertThat(desk.heading("Charging berth weekly")).isVisible();
    }

    @Test
    void no_address_leads_out_after_signing_in() {
        Desk desk = desk();
        desk.page.navigate("/sign-in?to=//elsewhere.example/");
        desk.page.getByLabel("Email address").fill(MIRA);
        desk.page.getByLabel("Password").fill(MIRAS_PASSWORD);
        desk.button("Sign in").click();

        assertThat(desk.heading("Waiting for you")).isVisible();
    }

    @Test
    void the_session_lives_in_the_database_and_its_cookie_is_out_of_reach_of_scripts() {
        Desk mira = miraAtHerDesk();

        Cookie session = mira.context().cookies().stream()
                .filter(c -> c.name.equals("LAMP"))
                .findFirst()
                .orElseThrow();
        assertThat(session.httpOnly).isTrue();
        assertThat(session.sameSite).isEqualTo(SameSiteAttribute.STRICT);
        JdbcTemplate jdbc = application().getBean(JdbcTemplate.class);
        assertThat(jdbc.queryForObject(
                        "select count(*) from SPRING_SESSION where PRINCIPAL_NAME = ?", Integer.class, MIRA))
                .isPositive();
    }

    @Test
    void whoever_signs_out_is_out() {
        Desk mira = miraAtHerDesk();
        mira.page.getByLabel("Mira Voss: menu").click();
        mira.page.getByText("Sign out").click();

        assertThat(mira.button("Sign in")).isVisible();
        mira.page.navigate("/ledger");
        assertThat(mira.page).hasURL(Pattern.compile("/sign-in\\?to=/ledger$"));
    }

    @Test
    void a_session_that_ended_elsewhere_leads_to_the_door_and_back() {
        Desk mira = miraAtHerDesk();
        mira.context().clearCookies();
        mira.link("Ledger").click();

        assertThat(mira.page).hasURL(Pattern.compile("/sign-in\\?to="));
    }

    private static HttpRequest visit(String address, String code, int n) {
        return HttpRequest.newBuilder(URI.create(address + "/api/setup"))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=known")
                .header("X-XSRF-TOKEN", "known")
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"code\":\"%s\",\"team\":\"Team %d\",\"name\":\"N\",\"email\":\"n%d@pier.example\",\"password\":\"lantern on the slipway\"}"
                                .formatted(code, n, n)))
                .build();
    }

    private static String cookies(HttpClient http, String address, String scheme) {
        HttpRequest asked = HttpRequest.newBuilder(URI.create(address + "/api/session"))
                .header("X-Forwarded-Proto", scheme)
                .build();
        return String.join(
                "\n",
                http.sendAsync(asked, HttpResponse.BodyHandlers.ofString())
                        .join()
                        .headers()
                        .allValues("Set-Cookie"));
    }

    @Test
    void of_sixteen_first_visits_at_once_one_makes_the_team() {
        try (ConfigurableApplicationContext empty = start(
                        "first-visits",
                        "--lamp.first-visit-code=KEEL-STEM-RUDR",
                        "--lamp.address=https://minutes.skerry.example");
                HttpClient http = HttpClient.newHttpClient()) {
            String address = addressOf(empty);
            List<CompletableFuture<Integer>> visits = IntStream.range(0, 16)
                    .mapToObj(n -> http.sendAsync(
                                    visit(address, "keel stem rudr", n), HttpResponse.BodyHandlers.ofString())
                            .thenApply(HttpResponse::statusCode))
                    .toList();

            assertThat(visits.stream().map(CompletableFuture::join).filter(status -> status == 204))
                    .hasSize(1);
            assertThat(cookies(http, address, "https"))
                    .as("behind a proxy that encrypts")
                    .contains("; Secure");
            assertThat(cookies(http, address, "http")).doesNotContain("; Secure");
            assertThat(empty.getBean(JdbcTemplate.class).queryForObject("select count(*) from team", Integer.class))
                    .isEqualTo(1);
        }
    }

    @Test
    void the_first_visit_creates_the_first_member_for_whoever_knows_the_code() {
        try (ConfigurableApplicationContext empty = start("first-visit", "--lamp.first-visit-code=KEEL-STEM-RUDR")) {
            Desk desk = desk(addressOf(empty), Desk.WIDTH, ColorScheme.LIGHT);
            desk.page.navigate("/");
            desk.page.getByLabel("Code").fill("guess");
            desk.page.getByLabel("Team").fill("Pier crew");
            desk.page.getByLabel("Your name").fill("Ode \"Od\" O'Neill");
            desk.page.getByLabel("Email address").fill("ode@pier.example");
            desk.page.getByLabel("Password").fill("quite long enough");
            desk.button("Create team").click();
            assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("not the code");
            desk.page.getByLabel("Code").fill("keel-stem-rudr");
            desk.button("Create team").click();

            assertThat(desk.heading("Nothing waits")).isVisible();
            desk.link("Ledger").click();
            assertThat(desk.heading("Nothing is filed yet")).isVisible();
            desk.page.navigate("/people");
            assertThat(desk.heading("Nobody is on the roster yet")).isVisible();
            desk.page.navigate("/tray");
            assertThat(desk.heading("The tray is empty")).isVisible();
        }
    }
}
