package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.CalendarPartner;

/** From an invitation in somebody's calendar to a prepared meeting. */
class CalendarTest extends BrowserTest {
    private static final LocalDate DAY = LocalDate.now().plusDays(20);

    private static String invitation(String title, String more) {
        return """
                BEGIN:VCALENDAR\r
                VERSION:2.0\r
                BEGIN:VEVENT\r
                UID:plank\r
                SUMMARY:%s\r
                DTSTART;TZID=Europe/Lisbon:%sT130000\r
                DURATION:PT30M\r
                ORGANIZER;CN=Nils Farrow:mailto:nils@brae-yard.example\r
                ATTENDEE;CN=Elin Plank:mailto:elin.plank@county.example\r
                DESCRIPTION:Dear all\\n\\nAgenda:\\n1. Planks (10 min)\\n2. Paint\\n\\nNils\r
                URL:https://call.skerry.example/plank\r
                %sEND:VEVENT\r
                END:VCALENDAR\r
                """
                .formatted(title, DAY.toString().replace("-", ""), more);
    }

    @Test
    void a_calendar_is_found_connected_and_followed_to_a_prepared_meeting() throws IOException {
        try (CalendarPartner calendar = new CalendarPartner(0)) {
            calendar.put("plank.ics", invitation("Plank call", ""));
            Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
            ana.page.navigate("/calendars");
            ana.button("Connect a calendar").first().click();
            ana.field("Address").fill(calendar.address());
            ana.field("Name to sign in with").fill(CalendarPartner.USER);
            ana.field("Password, kept encrypted").fill("wrong");
            ana.button("Look for its calendars").click();
            assertThat(ana.page.getByRole(AriaRole.ALERT)).containsText("name and password do not fit");
            ana.field("Password, kept encrypted").fill(CalendarPartner.PASSWORD);
            ana.button("Look for its calendars").click();
            assertThat(ana.field("What to call it here")).hasValue("Ferries");
            ana.button("Connect").click();
            Locator connection = ana.page.locator("main li", new Page.LocatorOptions().setHasText("Ferries"));
            assertThat(connection).containsText("last in step");

            ana.page.navigate("/day/" + DAY);
            assertThat(ana.page.locator(".entry")).containsText("13:00 Europe/Lisbon");
            ana.link("Plank call").click();
            assertThat(ana.page.locator(".meeting")).containsText("13:00 Europe/Lisbon · 30 min");
            assertThat(ana.link("https://call.skerry.example/plank")).isVisible();
            assertThat(ana.field("Item 1 of the agenda")).hasValue("Planks");
            assertThat(ana.field("Item 2 of the agenda")).hasValue("Paint");
            ana.button("Put Elin Plank on the roster").click();
            assertThat(ana.button("Put Elin Plank on the roster")).hasCount(0);
            assertThat(ana.region("Invited")).containsText("Elin Plank");
            assertThat(ana.region("Invited")).containsText("Called by Nils Farrow");

            // What she changed stays, what she did not follows the calendar.
            ana.field("Item 2 of the agenda").fill("Paint and primer");
            ana.field("Item 2 of the agenda").press("Tab");
            calendar.put("plank.ics", invitation("Plank and paint call", "STATUS:CANCELLED\r\n"));
            ana.page.navigate("/calendars");
            ana.page.waitForResponse(
                    r -> r.url().endsWith("/ask"), () -> ana.button("Ask now").click());
            ana.page.navigate("/calendars");
            assertThat(connection).containsText("last in step");
            ana.page.navigate("/day/" + DAY);
            assertThat(ana.page.locator(".entry.off")).containsText("called off");
            ana.link("Plank and paint call").click();
            assertThat(ana.field("Item 2 of the agenda")).hasValue("Paint and primer");
            assertThat(ana.page.locator(".meeting")).containsText("is called off");
        }
    }

    @Test
    void a_meeting_made_here_stands_in_the_calendar_and_a_clash_is_settled() throws IOException {
        try (CalendarPartner calendar = new CalendarPartner(0)) {
            Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
            ana.page.navigate("/calendars");
            ana.button("Connect a calendar").first().click();
            ana.field("Address").fill(calendar.address());
            ana.field("Name to sign in with").fill(CalendarPartner.USER);
            ana.field("Password, kept encrypted").fill(CalendarPartner.PASSWORD);
            ana.button("Look for its calendars").click();
            ana.field("What to call it here").fill("Written");
            ana.button("Connect").click();
            Locator connection = ana.page.locator("main li", new Page.LocatorOptions().setHasText("Written"));
            assertThat(connection).containsText("last in step");

            ana.page.navigate("/meeting/new?date=" + DAY);
            ana.field("Title").fill("Jib lamp");
            ana.field("Start").fill("10:30");
            ana.page.getByLabel("Time zone").selectOption("Europe/Lisbon");
            ana.field("Place or call").fill("Quay");
            ana.field("Label").fill("Crane");
            ana.page.getByLabel("Written to the calendar").selectOption("Written");
            ana.button("Keep").click();
            Locator standing = ana.region("Calendar");
            assertThat(standing).containsText(Pattern.compile("written \\d\\d:\\d\\d"));
            String name = calendar.names().getFirst();
            org.assertj.core.api.Assertions.assertThat(calendar.file(name))
                    .contains("SUMMARY:Jib lamp", "TZID=Europe/Lisbon", "LOCATION:Quay", "CATEGORIES:Crane");

            // Somebody moves it there while it is moved here.
            ana.page.navigate("/calendars");
            assertThat(connection).containsText("last in step");
            ana.page.goBack();
            ana.button("Change").click();
            ana.field("Place or call").fill("Crane deck");
            calendar.put(name, calendar.file(name).replace("LOCATION:Quay", "LOCATION:Boat hall"));
            ana.button("Keep").click();
            assertThat(standing).containsText("here: Crane deck");
            assertThat(standing).containsText("there: Boat hall");
            ana.button("Take the calendar’s").click();
            assertThat(standing.getByRole(AriaRole.ALERT)).hasCount(0);
            assertThat(ana.page.locator(".meeting")).containsText("Boat hall");

            ana.page.navigate("/calendars");
            ana.button("Take Written away").click();
            assertThat(ana.page.getByText(Pattern.compile("Written is taken away")))
                    .isVisible();
        }
    }

    @Test
    void a_calendar_that_does_not_answer_is_said_on_the_day_sheet() throws IOException {
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        String gone;
        try (CalendarPartner calendar = new CalendarPartner(0)) {
            gone = calendar.feedAddress();
        }
        ana.page.navigate("/calendars");
        ana.button("Connect a calendar").first().click();
        ana.page.getByLabel("feed (one .ics address)").check();
        ana.field("Address").fill(gone);
        ana.field("What to call it here").fill("Gone");
        ana.button("Connect").click();
        assertThat(ana.page.getByRole(AriaRole.ALERT)).containsText("cannot be reached");
        ana.page.navigate("/");
        assertThat(ana.page.getByText("Gone does not answer")).isVisible();
        ana.page.navigate("/calendars");
        ana.button("Take Gone away").click();
        assertThat(ana.page.getByText(Pattern.compile("Gone is taken away"))).isVisible();
    }

    @Test
    void a_dropped_invitation_leads_to_its_meeting() {
        Desk mira = miraAtHerDesk();
        mira.page.navigate("/tray");
        mira.page
                .getByTestId("files")
                .setInputFiles(new FilePayload(
                        "drop.ics",
                        "text/calendar",
                        invitation("Dropped call", "")
                                .replace("UID:plank", "UID:dropped")
                                .getBytes(StandardCharsets.UTF_8)));

        assertThat(mira.heading("Dropped call")).isVisible();
        assertThat(mira.field("Item 1 of the agenda")).hasValue("Planks");
    }
}
