package org.ledgerlamp.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.calendar.ConnectionService;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.DraftingDesk;
import org.ledgerlamp.server.outgoing.NetworkService;
import org.ledgerlamp.server.post.MailAccountService;
import org.ledgerlamp.server.recorder.RecorderService;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Loads the demo data into an empty database, through the same services that people's work goes through. */
@Component
@ConditionalOnProperty("lamp.demo")
@EnableConfigurationProperties(DemoPartners.class)
public class DemoLoader implements ApplicationRunner {
    private static final String HOME = "demo/";
    private static final String ZONE = "Europe/Oslo";
    /** Where the simulated partners are: this machine. */
    private static final String PARTNERS_NETWORK = "127.0.0.0/8";

    private final AccessService access;
    private final RosterService roster;
    private final MeetingService meetings;
    private final TrayService tray;
    private final DraftingDesk drafting;
    private final DemoReviewer reviewer;
    private final ConnectionService connections;
    private final MailAccountService mail;
    private final RecorderService recorders;
    private final NetworkService networks;
    private final DemoPartners partners;
    private final Clock clock;
    private final DemoScript script = script();

    DemoLoader(
            AccessService access,
            RosterService roster,
            MeetingService meetings,
            TrayService tray,
            DraftingDesk drafting,
            DemoReviewer reviewer,
            ConnectionService connections,
            MailAccountService mail,
            RecorderService recorders,
            NetworkService networks,
            DemoPartners partners,
            Clock clock) {
        this.access = access;
        this.roster = roster;
        this.meetings = meetings;
        this.tray = tray;
        this.drafting = drafting;
        this.reviewer = reviewer;
        this.connections = connections;
        this.mail = mail;
        this.recorders = recorders;
        this.networks = networks;
        this.partners = partners;
        this.clock = clock;
    }

    /** An address and the password that belongs to it. */
    public record SignIn(String email, String password) {}

    /** With what the demo can be entered. */
    public List<SignIn> signIns() {
        return script.members().stream()
                .map(m -> new SignIn(m.email(), m.password()))
                .toList();
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (access.isEmpty()) {
            load();
        }
    }

    private void load() {
        LocalDate today = LocalDate.now(clock);
        UUID team = access.createTeam(script.team());
        List<SignedIn> members = script.members().stream()
                .map(m -> access.createMember(team, m.name(), m.email(), m.password()))
                .toList();
        SignedIn lead = members.getFirst();
        Map<String, UUID> people = new HashMap<>();
        for (DemoScript.PersonEntry p : script.roster()) {
            people.put(
                    p.name(),
                    roster.add(team, new RosterService.PersonFacts(p.name(), p.role(), p.email(), List.of()))
                            .id());
        }
        for (DemoScript.Scene scene : script.meetings()) {
            play(scene, scene.day().from(today), lead, people);
        }
        script.tray().forEach(file -> bringIn(file, today, lead));
        meet(lead);
    }

    private void meet(SignedIn lead) {
        networks.allow(lead.teamId(), PARTNERS_NETWORK);
        DemoPartners.CalendarAt calendar = partners.calendar();
        if (calendar != null) {
            connections.connectCalDav(lead, "Ferries", calendar.address(), calendar.user(), calendar.password());
        }
        if (partners.mail() != null) {
            mail.keepLocal(
                    lead.teamId(),
                    partners.mail().host(),
                    partners.mail().port(),
                    "lamp@skerry.example",
                    "Ledger Lamp");
        }
        DemoPartners.RecorderAt recorder = partners.recorder();
        if (recorder != null) {
            recorders.setUpKnown(lead, "Boat hall recorder", recorder.control(), recorder.secret(), recorder.box());
        }
    }

    private void play(DemoScript.Scene scene, LocalDate day, SignedIn lead, Map<String, UUID> people) {
        UUID meeting = meetings.create(
                        lead.teamId(),
                        new MeetingService.Facts(
                                scene.title(),
                                day,
                                scene.start(),
                                ZONE,
                                scene.plannedMinutes(),
                                scene.kind(),
                                scene.location(),
                                scene.series(),
                                scene.agenda(),
                                null,
                                scene.people().stream().map(people::get).toList(),
                                scene.link(),
                                scene.description(),
                                null,
                                null,
                                null,
                                null))
                .id();
        for (String file : scene.sources()) {
            tray.place(lead.teamId(), bringIn(file, day, lead).id(), meeting);
        }
        if (scene.outcome() == DemoScript.Outcome.HELD) {
            return;
        }
        UUID draft = drafting.draftNow(lead.teamId(), meeting);
        if (scene.outcome() == DemoScript.Outcome.FILED) {
            reviewer.reviewAndFile(lead, draft, scene.review(), people);
        }
    }

    /** A file named for its day, as a recorder would name it. */
    private SourceFile bringIn(String file, LocalDate day, SignedIn lead) {
        String name = file.replaceFirst("-\\d+", "").replaceFirst("\\.", "-" + day + ".");
        try (InputStream in = new ClassPathResource(HOME + file).getInputStream()) {
            return tray.takeIn(lead, name, in.readAllBytes());
        } catch (IOException e) {
            throw new IllegalStateException("the demo's file " + file + " is missing from the build", e);
        }
    }

    private static DemoScript script() {
        try (InputStream in = new ClassPathResource(HOME + "skerry-line.json").getInputStream()) {
            return JsonMapper.builder().build().readValue(in, DemoScript.class);
        } catch (IOException e) {
            throw new IllegalStateException("the demo's script is missing from the build", e);
        }
    }
}
