package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.RecorderPartner;
import org.ledgerlamp.standins.RecorderScript;
import org.ledgerlamp.standins.RecorderScript.Segment;

/** From a recorder's first word to a draft. */
class RecorderTest extends BrowserTest {
    private static final double FAST = 60;

    private RecorderPartner recorder;
    private Desk mira;

    private static RecorderScript script(String title) {
        return new RecorderScript(
                title,
                List.of("Mira Voss", "Tom Reyes"),
                List.of(
                        new Segment("Mira Voss", 0, 20, "Good morning. The crane on the quay, where are we?"),
                        new Segment("Tom Reyes", 21, 40, "The rope is worn. I'll order a new rope by Friday."),
                        new Segment("Mira Voss", 41, 70, "Good. Agreed then, we close the crane until it is there."),
                        new Segment("Tom Reyes", 71, 3600, "And the lamp on the jib is dark.")));
    }

    /** A recorder set up and paired as a person does it. */
    @BeforeEach
    void pair() throws IOException {
        recorder = new RecorderPartner(0, List.of(script("Crane talk")));
        recorder.setUsualSpeed(FAST);
        mira = miraAtHerDesk();
        mira.page.navigate("/recorders");
        mira.button("Set up a recorder").first().click();
        mira.field("Name").fill("Quay recorder");
        mira.field("Address at which it takes commands, where it does").fill(recorder.controlAddress());
        mira.button("Set up").click();
        Locator made = mira.page.locator("main li", new Page.LocatorOptions().setHasText("Quay recorder"));
        assertThat(made.locator(".told")).isVisible();
        String box = made.locator("code").first().textContent();
        recorder.pair(() -> URI.create(box), made.locator(".told code").textContent());
    }

    @AfterEach
    void takeAway() {
        recorder.close();
        mira.page.navigate("/recorders");
        mira.button("Take Quay recorder away").click();
        assertThat(mira.button("Take Quay recorder away")).hasCount(0);
    }

    private String meetingNow(String title) {
        mira.page.navigate("/meeting/new?date=" + LocalDate.now(ZoneOffset.UTC));
        mira.field("Title").fill(title);
        mira.field("Start").fill(LocalTime.now(ZoneOffset.UTC).format(DateTimeFormatter.ofPattern("HH:mm")));
        mira.page.getByLabel("Time zone").selectOption("UTC");
        mira.button("Keep").click();
        assertThat(mira.heading(title)).isVisible();
        return mira.page.url();
    }

    @Test
    void a_recorder_is_started_paused_and_stopped_beside_the_notes_and_its_recording_becomes_a_draft() {
        String meeting = meetingNow("Crane talk begun here");
        mira.page.navigate(meeting + "/notes");
        Locator strip = mira.region("Recorder");
        mira.button("Start recording").click();
        assertThat(strip).containsText("running");

        assertThat(strip).containsText(Pattern.compile("[1-9] passage"));
        assertThat(mira.page.getByText("I'll order a new rope")).not().isVisible();
        mira.page.getByText("What is heard").click();
        assertThat(strip).containsText("I'll order a new rope by Friday.");
        assertThat(strip).containsText("close the crane");
        mira.button("Pause").click();
        assertThat(strip).containsText("is paused");
        mira.button("Go on").click();
        assertThat(strip).containsText("running");

        // Ana comes late.
        Desk ana = desk().signIn(ANA, ANAS_PASSWORD);
        ana.page.navigate(meeting + "/notes");
        assertThat(ana.region("Recorder")).containsText("3 passages");
        ana.button("What was found so far").click();
        Locator soFar = ana.region("Findings so far");
        assertThat(soFar).containsText("rope");
        soFar.locator("summary", new Locator.LocatorOptions().setHasText("rope"))
                .first()
                .click();
        assertThat(soFar.locator("blockquote").first()).containsText("I'll order a new rope by Friday.");

        mira.button("Stop").click();
        assertThat(strip).containsText("taken in");
        assertThat(mira.page.getByText("The minutes of Crane talk begun here are drafted."))
                .isVisible();
        mira.link("Review").click();
        assertThat(mira.page).hasURL(Pattern.compile("/minutes/"));
        assertThat(mira.lines("Actions").first()).containsText("rope");
    }

    @Test
    void a_recording_that_nobody_here_began_is_drafted_all_the_same() {
        meetingNow("Crane talk");
        mira.page.navigate("/");

        recorder.start(script("Crane talk"), 6000);

        assertThat(mira.page.getByText("The minutes of Crane talk are drafted."))
                .isVisible();
    }

    @Test
    void one_that_fits_no_meeting_waits_in_the_tray_and_says_what_comes_nearest() {
        meetingNow("Paint order");

        recorder.start(script("Walk round the yard"), 6000);
        assertThat(mira.page.getByText(Pattern.compile("Walk round the yard .* waits in the tray")))
                .isVisible();
        mira.page.navigate("/tray");
        Locator card = mira.page.locator(".card", new Page.LocatorOptions().setHasText("Walk round the yard"));
        card.getByText(Pattern.compile("Paint order")).click();
        assertThat(mira.page).hasURL(Pattern.compile("/tray/.*meeting="));
        assertThat(mira.page.getByRole(
                        com.microsoft.playwright.options.AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Paint order"))))
                .isChecked();
    }
}
