package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;

/**
 * Parts a sentence where a speaker goes on with another clause. Speech strings clauses together; a line of minutes holds one
 * matter, so what hangs on is kept only where it conditions or explains.
 */
final class Clauses {
    private static final Pattern SUBJECT = Pattern.compile(
            "(?:i|you|he|she|it|they|we|there|that|this|who|nobody|everybody|somebody|what)(?:'(?:ll|d|m|re|ve|s))?");
    private static final Set<String> JOINING = Set.of(
            "and", "but", "so", "because", "cos", "'cause", "or", "then", "which", "although", "though", "since");
    private static final Set<String> CONDITIONING = Set.of(
            "if",
            "unless",
            "once",
            "until",
            "till",
            "provided",
            "otherwise",
            "except",
            "when",
            "before",
            "after",
            "while");
    private static final Set<String> LEADING = Set.of(
            "if",
            "unless",
            "once",
            "when",
            "while",
            "because",
            "since",
            "although",
            "though",
            "as",
            "until",
            "before",
            "after",
            "whenever",
            "provided");

    private Clauses() {}

    /**
     * What of {@code sentence} may stand as a line, the fullest first: as far as its clauses are joined, its first clause
     * with what conditions it, its first clause alone.
     */
    static List<String> of(String sentence) {
        List<TaggedWord> words = Tagger.shared().words(sentence);
        List<Integer> borders = borders(words);
        if (borders.isEmpty()) {
            return sentence.isBlank() ? List.of() : List.of(sentence);
        }
        int splice =
                borders.stream().filter(b -> isSplice(words, b)).findFirst().orElse(words.size());
        List<String> forms = new ArrayList<>(List.of(upTo(sentence, words, splice)));
        boolean leads = LEADING.contains(words.getFirst().lower());
        int first = leads ? borders.size() > 1 ? borders.get(1) : words.size() : borders.getFirst();
        int to = first;
        for (int b = borders.indexOf(first); b >= 0 && b < borders.size(); b++) {
            int end = b + 1 < borders.size() ? borders.get(b + 1) : words.size();
            if (!conditions(words, borders.get(b))) {
                break;
            }
            if (isAlternative(words, borders.get(b)) && b + 1 < borders.size()) {
                b++;
                end = b + 1 < borders.size() ? borders.get(b + 1) : words.size();
            }
            to = end;
        }
        for (int end : List.of(to, first)) {
            String form = upTo(sentence, words, end);
            if (!forms.contains(form)) {
                forms.add(form);
            }
        }
        return forms;
    }

    /** Whether another clause follows without a word that joins it. */
    private static boolean isSplice(List<TaggedWord> words, int border) {
        return words.get(border).is("PUNCT")
                && !LEADING.contains(words.getFirst().lower())
                && border + 1 < words.size()
                && !JOINING.contains(words.get(border + 1).lower())
                && !CONDITIONING.contains(words.get(border + 1).lower());
    }

    /** The same without clauses that are only added by "and" or "so". */
    static List<String> strict(String sentence) {
        List<String> forms = of(sentence);
        return forms.size() == 1 ? forms : forms.subList(1, forms.size());
    }

    /** "But if the yard says no, we hire one": the condition of what follows it, not of what went before. */
    private static boolean isAlternative(List<TaggedWord> words, int border) {
        return words.subList(border, Math.min(words.size(), border + 2)).stream()
                .anyMatch(w -> w.lower().equals("and") || w.lower().equals("but"));
    }

    private static boolean conditions(List<TaggedWord> words, int border) {
        int at = border;
        while (at < words.size()
                && (words.get(at).is("PUNCT")
                        || words.get(at).lower().equals("and")
                        || words.get(at).lower().equals("but"))) {
            at++;
        }
        return at < words.size() && CONDITIONING.contains(words.get(at).lower());
    }

    private static String upTo(String sentence, List<TaggedWord> words, int end) {
        return end >= words.size()
                ? sentence
                : sentence.substring(0, words.get(end - 1).end()).replaceAll("[\\s,;:–—-]+$", "");
    }

    /** The words with which another clause begins, a comma or joining word included. */
    private static List<Integer> borders(List<TaggedWord> words) {
        List<Integer> borders = new ArrayList<>();
        for (int i = 2; i < words.size() - 1; i++) {
            int at = i;
            boolean stop = words.get(at).text().matches("[,;:–—-]");
            if (stop) {
                at++;
            }
            boolean joined = at < words.size() && JOINING.contains(words.get(at).lower());
            if (joined && at + 1 < words.size()) {
                at++;
            }
            boolean conditioned = stop
                    && at < words.size()
                    && CONDITIONING.contains(words.get(at).lower());
            if (conditioned || (stop || joined) && beginsClause(words, at)) {
                borders.add(i);
                i = at;
            }
        }
        return borders;
    }

    private static boolean beginsClause(List<TaggedWord> words, int at) {
        if (at >= words.size() - 1) {
            return false;
        }
        TaggedWord w = words.get(at);
        if (SUBJECT.matcher(w.lower()).matches()) {
            return w.lower().contains("'") || isVerbSoon(words, at + 1);
        }
        if (w.is("PROPN", "DET", "NOUN") && !words.get(at - 1).is("DET", "ADJ")) {
            int noun = at;
            while (noun < words.size() - 1
                    && words.get(noun).is("DET", "ADJ", "NOUN", "PROPN", "NUM")
                    && noun < at + 4) {
                noun++;
            }
            TaggedWord verb = words.get(noun);
            return noun > at && verb.tag().startsWith("AUX");
        }
        return false;
    }

    private static boolean isVerbSoon(List<TaggedWord> words, int from) {
        for (int i = from; i < Math.min(words.size(), from + 3); i++) {
            if (words.get(i).tag().startsWith("VERB") || words.get(i).tag().startsWith("AUX")) {
                return true;
            }
            if (!words.get(i).is("ADV", "PART")) {
                return false;
            }
        }
        return false;
    }
}
