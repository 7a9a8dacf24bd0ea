package org.ledgerlamp.core.reading;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Rules that together give one thing away, as that something was settled outright. They are data: {@code rules.txt} beside
 * this class holds every rule with examples that it must and must not match.
 */
final class RuleSet {
    private static final String FILE = "rules.txt";

    /**
     * One turn of phrase.
     *
     * @param id unique among all rules; classifiers know it by this, so that it stays when wording changes
     * @param weight 0 to 1, see {@link Judgement}
     * @param rationale why, in words
     * @param pattern what is matched against {@link Sentence#plain()}
     * @param matching examples that it must match
     * @param others examples that it must not match
     */
    record Rule(
            String id, double weight, String rationale, Pattern pattern, List<String> matching, List<String> others) {
        boolean matches(String plain) {
            return pattern.matcher(plain).find();
        }
    }

    private final String name;
    private final List<Rule> rules = new ArrayList<>();

    private RuleSet(String name) {
        this.name = name;
    }

    private static final class Holder {
        private static final Map<String, RuleSet> SETS = load();

        private static Map<String, RuleSet> load() {
            try (InputStream in = RuleSet.class.getResourceAsStream(FILE)) {
                if (in == null) {
                    throw new IllegalStateException("the rules are missing: " + FILE);
                }
                return read(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)));
            } catch (IOException e) {
                throw new UncheckedIOException("the rules cannot be read: " + FILE, e);
            }
        }
    }

    /**
     * The set of that name.
     *
     * @throws IllegalArgumentException where there is none
     */
    static RuleSet named(String name) {
        RuleSet set = Holder.SETS.get(name);
        if (set == null) {
            throw new IllegalArgumentException("no rules of that name: " + name);
        }
        return set;
    }

    /** All sets, in order of the file. */
    static Collection<RuleSet> all() {
        return Holder.SETS.values();
    }

    private static Map<String, RuleSet> read(BufferedReader lines) throws IOException {
        Map<String, RuleSet> sets = new LinkedHashMap<>();
        RuleSet set = null;
        List<String> block = new ArrayList<>();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            boolean inside = line.startsWith("  ");
            if (!inside && !block.isEmpty()) {
                set.add(block);
                block.clear();
            }
            if (line.startsWith("[")) {
                set = new RuleSet(line.substring(1, line.indexOf(']')));
                sets.put(set.name, set);
            } else {
                block.add(line);
            }
        }
        if (set != null && !block.isEmpty()) {
            set.add(block);
        }
        return sets;
    }

    private void add(List<String> block) {
        String[] head = block.getFirst().split("\\s*\\|\\s*");
        rules.add(new Rule(
                name + "." + head[0],
                Double.parseDouble(head[1]),
                head[2],
                pattern(marked(block, "  = ").getFirst()),
                marked(block, "  + "),
                marked(block, "  - ")));
    }

    private static List<String> marked(List<String> block, String mark) {
        return block.stream()
                .filter(l -> l.startsWith(mark))
                .map(l -> l.substring(mark.length()))
                .toList();
    }

    private static Pattern pattern(String written) {
        String pattern = written.replace("{verb}", Deeds.VERB)
                .replace("{deed}", Deeds.ANY)
                .replace(" ", "\\s+");
        return Pattern.compile("(?<![\\p{L}\\p{N}'])(?:" + pattern + ")(?![\\p{L}\\p{N}'])");
    }

    List<Rule> rules() {
        return rules;
    }

    /** The rules that match {@code plain}, each rationale once. */
    List<Rule> match(String plain) {
        List<Rule> found = new ArrayList<>();
        for (Rule rule : rules) {
            if (found.stream().noneMatch(f -> f.rationale().equals(rule.rationale())) && rule.matches(plain)) {
                found.add(rule);
            }
        }
        return found;
    }

    /** Whether any rule matches {@code plain}. */
    boolean matches(String plain) {
        return rules.stream().anyMatch(rule -> rule.matches(plain));
    }
}
