package org.ledgerlamp.core.ledger;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Words;

/**
 * What a folio is about: the words of its lines that come up most and tell most, and pairs of them that stand together more
 * than once ("charging mast").
 */
public final class FolioSubjects {
    private static final int MOST_WORDS = 20;
    private static final int MOST_PAIRS = 8;
    private static final double TELLS_LEAST = 2;
    private static final int SHORTEST = 3;
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}\\p{N}’'-]*");

    private final Vocabulary vocabulary;

    public FolioSubjects(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** How a stem is written, and in how many lines it stands. */
    private static final class Use {
        private final Map<String, Integer> forms = new TreeMap<>();
        private int lines;

        String word() {
            return forms.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey();
        }
    }

    /** The words that tell most, those first. */
    public List<SubjectWord> of(FiledMeeting folio) {
        return of(folio.lines().stream().map(FiledLine::text).toList(), folio.nameStems());
    }

    /**
     * The same for a text that is no minutes.
     *
     * @param lines its paragraphs
     * @param names stems that name people
     */
    public List<SubjectWord> of(List<String> lines, Set<String> names) {
        Map<String, Use> words = new HashMap<>();
        Map<String, Use> pairs = new HashMap<>();
        for (String line : lines) {
            Map<String, String> seen = new TreeMap<>();
            Map<String, String> seenPairs = new TreeMap<>();
            String stemBefore = null;
            String before = null;
            int endBefore = -1;
            Matcher m = WORD.matcher(line);
            while (m.find()) {
                String lower = m.group().toLowerCase(Locale.ROOT).replace('’', '\'');
                String stem = Stems.ofWord(lower);
                boolean tells = m.group().length() >= SHORTEST
                        && !Words.isEmptyWord(lower)
                        && !names.contains(stem)
                        && vocabulary.weight(stem) >= TELLS_LEAST;
                if (tells) {
                    seen.putIfAbsent(stem, written(m.group(), m.start() == 0));
                    if (stemBefore != null && m.start() == endBefore + 1) {
                        seenPairs.putIfAbsent(stemBefore + " " + stem, before + " " + written(m.group(), false));
                    }
                }
                stemBefore = tells ? stem : null;
                before = tells ? written(m.group(), m.start() == 0) : null;
                endBefore = m.end();
            }
            count(seen, words);
            count(seenPairs, pairs);
        }
        Comparator<SubjectWord> byWeight =
                Comparator.comparingDouble(SubjectWord::weight).reversed().thenComparing(SubjectWord::stem);
        List<SubjectWord> together = pairs.entrySet().stream()
                .filter(e -> e.getValue().lines > 1)
                .map(e -> weighed(e.getKey(), e.getValue()))
                .sorted(byWeight)
                .limit(MOST_PAIRS)
                .toList();
        Stream<SubjectWord> single = words.entrySet().stream()
                .map(e -> weighed(e.getKey(), e.getValue()))
                .sorted(byWeight)
                .limit(MOST_WORDS);
        return Stream.concat(together.stream(), single).sorted(byWeight).toList();
    }

    /** A capital at the beginning of a line tells nothing. */
    private static String written(String word, boolean first) {
        boolean name = word.length() > 1 && Character.isUpperCase(word.charAt(1));
        return first && !name ? word.toLowerCase(Locale.ROOT) : word;
    }

    private static void count(Map<String, String> seen, Map<String, Use> uses) {
        seen.forEach((stem, word) -> {
            Use use = uses.computeIfAbsent(stem, s -> new Use());
            use.lines++;
            use.forms.merge(word, 1, Integer::sum);
        });
    }

    private SubjectWord weighed(String stem, Use use) {
        double tells = Stream.of(stem.split(" "))
                .mapToDouble(vocabulary::weight)
                .average()
                .orElse(0);
        boolean pair = stem.indexOf(' ') >= 0;
        return new SubjectWord(stem, use.word(), tells * Math.sqrt(use.lines) * (pair ? 1.5 : 1));
    }
}
