package org.ledgerlamp.trials.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.ledgerlamp.database.PrivateMariaDb.Durability;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.demo.DemoLoader;
import org.ledgerlamp.server.launch.Launcher;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.DraftingDesk;
import org.ledgerlamp.server.minutes.FilingService;
import org.ledgerlamp.server.minutes.LineFacts;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.tray.TrayService;
import org.ledgerlamp.trials.Member;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Measures a ledger of ten thousand meetings against one of a hundred: filing one more, the first pages of ledger and
 * registers for two and for fifty members at once, rebuilding the index, and the room all of it takes.
 */
public final class LedgerBench {
    private static final int SMALL = 100;
    private static final int LARGE = 10_000;
    private static final int FEW = 2;
    private static final int MANY = 50;
    private static final double MILLIS = 1e6;
    private static final String DUE =
            "select * from register_entry where team_id = '%s' and kind = 'ACTION' and is_open = true ";

    private static final Map<String, String> PAGES = new TreeMap<>(Map.of(
            "ledger, first page", "/api/ledger",
            "ledger, its facets", "/api/ledger/facets",
            "ledger narrowed by a series", "/api/ledger?facet=SERIES:Steering%20group%203",
            "facets narrowed by a series", "/api/ledger/facets?facet=SERIES:Steering%20group%203",
            "register of actions", "/api/registers/ACTION",
            "register of decisions", "/api/registers/DECISION",
            "counts of the registers", "/api/registers",
            "search", "/api/lamp?q=Torvavik%20trench"));

    private final Path folder;
    private final boolean rebuilds;
    private final PrintStream out;

    private LedgerBench(Path folder, boolean rebuilds, PrintStream out) {
        this.folder = folder;
        this.rebuilds = rebuilds;
        this.out = out;
    }

    /**
     * Measures.
     *
     * @param args the folder to keep the made-up ledgers in; then, if wanted, the size of the large one, and {@code as-is}
     *     where the index of ledgers made before is not to be rebuilt
     */
    public static void main(String[] args) throws Exception {
        boolean asIs = args.length > 2 && args[2].equals("as-is");
        LedgerBench bench = new LedgerBench(Path.of(args[0]).toAbsolutePath(), !asIs, System.out);
        bench.measure(SMALL);
        bench.measure(args.length > 1 ? Integer.parseInt(args[1]) : LARGE);
        System.exit(0);
    }

    private void measure(int meetings) throws Exception {
        Path data = folder.resolve(String.valueOf(meetings));
        try (ConfigurableApplicationContext app =
                Launcher.start(data, Durability.SAFE, List.of("--server.port=0", "--lamp.demo=true"))) {
            DemoLoader.SignIn first = app.getBean(DemoLoader.class).signIns().getFirst();
            SignedIn who = (SignedIn) app.getBean(AccessService.class).loadUserByUsername(first.email());
            JdbcTemplate database = app.getBean(JdbcTemplate.class);
            MadeUpLedger ledger = new MadeUpLedger(database, who.teamId());
            ledger.growTo(meetings);
            String address = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
            List<Member> visitors = new ArrayList<>();
            for (int i = 0; i < MANY; i++) {
                visitors.add(new Member(address).signIn(first.email(), first.password()));
            }
            Member visitor = visitors.getFirst();
            out.printf(
                    "%n%,d meetings, %,d passages, %,d lines%n",
                    ledger.meetings(), count(database, "passage"), count(database, "minutes_line"));
            if (rebuilds) {
                Indexing.await(visitor, true, out);
            }
            fileOneMore(app, who, visitor);
            pages(visitors);
            out.printf("%-34s %8.1f kB%n", "room on disk per meeting", size(data) / 1024.0 / ledger.meetings());
            plans(database, who.teamId());
        }
    }

    private static long count(JdbcTemplate database, String table) {
        Long rows = database.queryForObject("select count(*) from " + table, Long.class);
        return rows == null ? 0 : rows;
    }

    private void fileOneMore(ConfigurableApplicationContext app, SignedIn who, Member visitor) throws Exception {
        TrayService tray = app.getBean(TrayService.class);
        MinutesService minutes = app.getBean(MinutesService.class);
        byte[] talk = new ClassPathResource("demo/berth-weekly-2.txt").getContentAsByteArray();
        String word = "zwart" + Long.toString(System.nanoTime(), 36);
        byte[] own = (new String(talk, StandardCharsets.UTF_8) + "\nTom Reyes: The " + word + " is fitted.\n")
                .getBytes(StandardCharsets.UTF_8);
        UUID meeting = app.getBean(MeetingService.class)
                .create(
                        who.teamId(),
                        new MeetingService.Facts(
                                "One more",
                                LocalDate.now(),
                                null,
                                "Europe/Oslo",
                                null,
                                "weekly status",
                                null,
                                "Charging berth weekly",
                                List.of(),
                                null,
                                List.of(),
                                null,
                                null,
                                null,
                                null,
                                null,
                                null))
                .id();
        tray.place(who.teamId(), tray.takeIn(who, "more.txt", own).id(), meeting);
        double drafting = millis(() -> app.getBean(DraftingDesk.class).draftNow(who.teamId(), meeting));
        UUID draft =
                minutes.ofMeetings(who.teamId(), List.of(meeting)).getFirst().id();
        for (MinutesLine line : minutes.lines(minutes.one(who.teamId(), draft))) {
            LineState state = line.state() == LineState.PENCIL ? LineState.INK : LineState.STRUCK;
            minutes.change(
                    who,
                    line.id(),
                    LineFacts.inPlace(line.kind(), line.text(), line.ownerId(), line.due(), state),
                    "\"" + line.version() + "\"");
        }
        double filing = millis(() -> app.getBean(FilingService.class).file(who, draft));
        double linked =
                millis(() -> await(() -> minutes.one(who.teamId(), draft).isLinked()));
        double found =
                millis(() -> await(() -> visitor.read("/api/lamp?q=" + word).contains(word)));
        out.printf("%-34s %8.0f ms (drafting it %.0f ms)%n", "filing one more", filing, drafting);
        out.printf("%-34s %8.0f ms later; found %.0f ms after that%n", "  linked", linked, found);
    }

    private interface Check {
        boolean holds() throws Exception;
    }

    private static void await(Check check) {
        try {
            while (!check.holds()) {
                TimeUnit.MILLISECONDS.sleep(20);
            }
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static double millis(Runnable deed) {
        long start = System.nanoTime();
        deed.run();
        return (System.nanoTime() - start) / MILLIS;
    }

    private void pages(List<Member> visitors) throws Exception {
        out.printf("%-34s %8s %8s %8s %8s%n", "ms", FEW + ": p50", "p95", MANY + ": p50", "p95");
        for (Map.Entry<String, String> page : PAGES.entrySet()) {
            visitors.getFirst().read(page.getValue());
            Waits few = Waits.of(visitors.subList(0, FEW), v -> v.read(page.getValue()));
            Waits many = Waits.of(visitors, v -> v.read(page.getValue()));
            out.printf(
                    "%-34s %8.0f %8.0f %8.0f %8.0f%n",
                    page.getKey(), few.at(0.5), few.at(0.95), many.at(0.5), many.at(0.95));
        }
    }

    private static long size(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile)
                    .mapToLong(f -> {
                        try {
                            return Files.size(f);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    })
                    .sum();
        }
    }

    /** How the database goes about the queries that are asked most. */
    private void plans(JdbcTemplate database, UUID team) {
        String minutes = database.queryForObject(
                "select id from minutes where team_id = ? and folio is not null order by folio desc limit 1",
                String.class,
                team);
        String facets = "(select folio_id from folio_facet where team_id = '" + team
                + "' and archived = false and facet = 'SERIES' and value = 'Steering group 3')";
        Map<String, String> hot = new TreeMap<>();
        hot.put(
                "01 ledger",
                "select * from folio_card c where c.team_id = '" + team
                        + "' and c.archived = false order by c.held_on desc, c.folio desc limit 201");
        hot.put(
                "02 ledger, a page further",
                "select * from folio_card c where c.team_id = '" + team
                        + "' and c.archived = false and (c.held_on < '2025-06-01' or c.held_on = '2025-06-01' and c.folio < 700)"
                        + " order by c.held_on desc, c.folio desc limit 201");
        hot.put(
                "03 ledger, narrowed",
                "select * from folio_card c where c.team_id = '" + team + "' and c.archived = false and c.id in "
                        + facets + " order by c.held_on desc, c.folio desc limit 201");
        hot.put(
                "04 facets",
                "select facet, value, folios from facet_count where team_id = '" + team
                        + "' and archived = false and folios > 0");
        hot.put(
                "05 facets, narrowed",
                "select f.facet, f.value, count(*) from folio_facet f where f.team_id = '" + team
                        + "' and f.archived = false and f.folio_id in " + facets + " group by f.facet, f.value");
        hot.put("06 actions by due day", DUE.formatted(team) + "order by due_key, folio, number limit 101");
        hot.put(
                "07 actions of an owner",
                DUE.formatted(team)
                        + "and owner_id = (select id from person limit 1) order by due_key, folio, number limit 101");
        hot.put(
                "08 what is remembered",
                "select * from line_subject where team_id = '" + team
                        + "' and kind = 'ACTION' and ended = false and spoken_of >= '2026-01-01' and held_on < '2026-11-01' order by spoken_of desc limit 2000");
        hot.put(
                "09 lines of a folio",
                "select * from minutes_line where minutes_id = '" + minutes + "' order by position");
        hot.put(
                "10 about the same",
                "select w.folio_id, sum(least(m.weight, w.weight)) from folio_word m join folio_word w"
                        + " on w.team_id = '" + team
                        + "' and w.stem = m.stem and w.folio_id <> m.folio_id where m.folio_id = '"
                        + minutes + "' group by w.folio_id having count(*) >= 2 limit 8");
        out.printf("%-28s %-14s %-8s %-22s %8s  %s%n", "plans", "table", "type", "key", "rows", "extra");
        hot.forEach((name, query) -> database.query("explain " + query, row -> {
            out.printf(
                    "%-28s %-14s %-8s %-22s %8s  %s%n",
                    name,
                    row.getString("table"),
                    row.getString("type"),
                    row.getString("key"),
                    row.getString("rows"),
                    row.getString("Extra"));
        }));
    }
}
