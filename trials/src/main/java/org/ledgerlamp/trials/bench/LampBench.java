package org.ledgerlamp.trials.bench;

import jakarta.persistence.EntityManagerFactory;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.MultiReader;
import org.apache.lucene.search.BooleanClause.Occur;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.Query;
import org.apache.lucene.store.FSDirectory;
import org.apache.lucene.util.QueryBuilder;
import org.hibernate.search.backend.lucene.LuceneBackend;
import org.hibernate.search.mapper.orm.Search;
import org.ledgerlamp.database.PrivateMariaDb.Durability;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.demo.DemoLoader;
import org.ledgerlamp.server.launch.Launcher;
import org.ledgerlamp.trials.Member;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Measures the lamp on a ledger of ten thousand meetings: searching and asking for two and for fifty members at once; the
 * same words looked up in the same index by Lucene alone, and by the database's full-text index over the same passages;
 * and the memory it takes. Filing to findable is measured by {@link LedgerBench}, on the same ledger.
 */
public final class LampBench {
    private static final int LARGE = 10_000;
    private static final int FEW = 2;
    private static final int MANY = 50;
    private static final int HITS = 200;
    private static final double MB = 1 << 20;

    private static final Map<String, String> SEARCHES = new TreeMap<>(Map.of(
            "1 two words", "Torvavik trench",
            "2 a phrase", "\"mobile unit\"",
            "3 frequent words", "second charger price",
            "4 a slip of the finger", "chargre fendr",
            "5 narrowed", "charger kind:decision when:2026-Q3"));

    private static final Map<String, String> QUESTIONS = new TreeMap<>(Map.of(
            "1 a decision", "What did we decide about the second charger at Torvavik?",
            "2 who owes", "What does Tom still owe us?",
            "3 a figure in time", "How did the price of the second charger move?",
            "4 a month", "What happened in October 2026?",
            "5 who was there", "Who attended the steering group in October 2026?",
            "6 no answer", "How much did the choir's new piano cost?"));

    private final Path data;
    private final PrintStream out;

    private LampBench(Path data, PrintStream out) {
        this.data = data;
        this.out = out;
    }

    /**
     * Measures.
     *
     * @param args the folder to keep the made-up ledgers in; then, if wanted, the size of the ledger
     */
    public static void main(String[] args) throws Exception {
        int meetings = args.length > 1 ? Integer.parseInt(args[1]) : LARGE;
        new LampBench(Path.of(args[0]).toAbsolutePath().resolve(String.valueOf(meetings)), System.out)
                .measure(meetings);
        System.exit(0);
    }

    private void measure(int meetings) throws Exception {
        try (ConfigurableApplicationContext app =
                Launcher.start(data, Durability.SAFE, List.of("--server.port=0", "--lamp.demo=true"))) {
            DemoLoader.SignIn first = app.getBean(DemoLoader.class).signIns().getFirst();
            SignedIn who = (SignedIn) app.getBean(AccessService.class).loadUserByUsername(first.email());
            JdbcTemplate database = app.getBean(JdbcTemplate.class);
            MadeUpLedger ledger = new MadeUpLedger(database, who.teamId());
            boolean grown = ledger.meetings() < meetings;
            ledger.growTo(meetings);
            String address = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
            List<Member> members = new ArrayList<>();
            for (int i = 0; i < MANY; i++) {
                members.add(new Member(address).signIn(first.email(), first.password()));
            }
            out.printf(
                    "%,d meetings, %,d passages%n",
                    ledger.meetings(), database.queryForObject("select count(*) from passage", Long.class));
            Indexing.await(members.getFirst(), grown, out);
            searches(app, database, members);
            questions(members);
            memory();
        }
    }

    private void searches(ConfigurableApplicationContext app, JdbcTemplate database, List<Member> members)
            throws Exception {
        FullText fullText = new FullText(database);
        Analyzer analyzer = Search.mapping(app.getBean(EntityManagerFactory.class))
                .backend()
                .unwrap(LuceneBackend.class)
                .analyzer("talk")
                .orElseThrow();
        try (DirectoryReader lines = DirectoryReader.open(FSDirectory.open(data.resolve("index/MinutesLine")));
                DirectoryReader talk = DirectoryReader.open(FSDirectory.open(data.resolve("index/Passage")))) {
            IndexSearcher lucene = new IndexSearcher(new MultiReader(lines, talk));
            head("search", "Lucene: p50", "p95", "full text: p50", "p95");
            for (Map.Entry<String, String> search : SEARCHES.entrySet()) {
                String path = "/api/lamp?q=" + URLEncoder.encode(search.getValue(), StandardCharsets.UTF_8);
                String words =
                        search.getValue().replaceAll("\\b\\w+:\\S+|\"", "").strip();
                Query query = new QueryBuilder(analyzer).createBooleanQuery("text", words, Occur.MUST);
                row(
                        search.getKey(),
                        members,
                        v -> v.read(path),
                        Waits.of(Arrays.asList(1, 2), n -> lucene.search(query, HITS)),
                        Waits.of(Arrays.asList(1, 2), n -> fullText.find(words, HITS)));
            }
        }
    }

    private void questions(List<Member> members) throws Exception {
        head("ask");
        for (Map.Entry<String, String> question : QUESTIONS.entrySet()) {
            Map<String, String> body = Map.of("question", question.getValue());
            row(question.getKey(), members, v -> v.send("POST", "/api/ask", body));
        }
    }

    private void head(String what, String... more) {
        out.printf("%n%-26s %12s %8s %12s %8s", what + ", ms", FEW + ": p50", "p95", MANY + ": p50", "p95");
        for (String column : more) {
            out.printf(" %15s", column);
        }
        out.println();
    }

    private void row(String name, List<Member> members, Waits.Deed<Member> deed, Waits... beside) throws Exception {
        deed.by(members.getFirst());
        Waits few = Waits.of(members.subList(0, FEW), deed);
        Waits many = Waits.of(members, deed);
        out.printf("%-26s %12.0f %8.0f %12.0f %8.0f", name, few.at(0.5), few.at(0.95), many.at(0.5), many.at(0.95));
        for (Waits other : beside) {
            out.printf(" %15.1f %15.1f", other.at(0.5), other.at(0.95));
        }
        out.println();
    }

    private void memory() throws IOException {
        String status = Files.readString(Path.of("/proc/self/status"));
        double resident = Double.parseDouble(status.replaceAll("(?s).*VmHWM:\\s+(\\d+) kB.*", "$1")) / 1024;
        Runtime runtime = Runtime.getRuntime();
        out.printf(
                "%nmemory: %.0f MB of heap in use, %.0f MB at most with everything%n",
                (runtime.totalMemory() - runtime.freeMemory()) / MB, resident);
    }

    /** The database's own full-text index, over a copy of the passages that belong to folios. */
    private static final class FullText {
        private final JdbcTemplate database;

        FullText(JdbcTemplate database) {
            this.database = database;
            Integer there = database.queryForObject(
                    "select count(*) from information_schema.tables where table_schema = database() and table_name = 'bench_passage'",
                    Integer.class);
            if (there == null || there == 0) {
                database.execute("create table bench_passage (id uuid not null primary key, text longtext not null)"
                        + " as select id, text from passage where folio is not null");
                database.execute("alter table bench_passage add fulltext (text)");
            }
        }

        List<UUID> find(String words, int most) {
            String all = "+" + words.replaceAll("\\s+", " +");
            return database.query(
                    "select id, match (text) against (? in boolean mode) as score from bench_passage"
                            + " where match (text) against (? in boolean mode) order by score desc limit " + most,
                    (row, n) -> row.getObject(1, UUID.class),
                    all,
                    all);
        }
    }
}
