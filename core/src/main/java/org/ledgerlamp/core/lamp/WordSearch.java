package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;

/**
 * What somebody looks for by words: {@code mast kind:decision series:"Steering group"}.
 *
 * @param words what is to be found, as typed; may be blank
 * @param narrowings what every place found is to have besides, in the order typed
 */
public record WordSearch(String words, List<Narrowing> narrowings) {
    public WordSearch {
        narrowings = List.copyOf(narrowings);
    }

    /** By what a search can be narrowed; the name in lower case is what is typed before the colon. */
    public enum By {
        /** What the line is: a decision, an action; or "said" and "note" for what is no line of record. */
        KIND,
        /** Who owns the line. */
        OWNER,
        /** Who said it or owns it. */
        PERSON,
        /** Its number. */
        FOLIO,
        SERIES,
        COLLECTION,
        PROJECT,
        TAG,
        /** Days of the meeting: "2026-04", "last quarter". */
        WHEN,
        /** "yes" for archived folios as well, "only" for nothing else. */
        ARCHIVED
    }

    /** One of them. */
    public record Narrowing(By by, String value) {}

    private static final Map<String, By> BY = Map.of(
            "kind", By.KIND,
            "owner", By.OWNER,
            "person", By.PERSON,
            "folio", By.FOLIO,
            "series", By.SERIES,
            "collection", By.COLLECTION,
            "project", By.PROJECT,
            "tag", By.TAG,
            "when", By.WHEN,
            "archived", By.ARCHIVED);

    private static final Pattern NARROWING = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(?<by>" + String.join("|", BY.keySet())
                    + "):(?:\"(?<quoted>[^\"]*)\"?|(?<bare>[^\\s\"]+))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ENDS_IN_A_WORD = Pattern.compile(".*(?<![\\p{L}\\p{N}])\\p{L}[\\p{L}\\p{N}]+");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");
    private static final Pattern OPERATORS = Pattern.compile("[\"*|~()]|(?:^|\\s)[+-]\\S");

    /** Reads what was typed. What only looks like a narrowing ("10:30", "note: buy rope") is left among the words. */
    public static WordSearch read(String typed) {
        List<Narrowing> narrowings = new ArrayList<>();
        Matcher matcher = NARROWING.matcher(typed);
        String words = matcher.replaceAll(m -> {
            String value = value(m);
            if (!value.isEmpty()) {
                narrowings.add(new Narrowing(BY.get(m.group(1).toLowerCase(Locale.ROOT)), value));
            }
            return " ";
        });
        // A last word that is still being typed is told by there being nothing behind it.
        boolean open = !words.isEmpty() && !Character.isWhitespace(words.charAt(words.length() - 1));
        String plain = words.strip().replaceAll("\\s+", " ");
        return new WordSearch(open || plain.isEmpty() ? plain : plain + " ", narrowings);
    }

    private static String value(MatchResult m) {
        String quoted = m.group(2);
        return (quoted == null ? m.group(3) : quoted).strip();
    }

    /** Whether the last word may still be being typed, so that all that begins so is meant. */
    public boolean isOpenEnded() {
        return ENDS_IN_A_WORD.matcher(words).matches() && words.endsWith(each().getLast());
    }

    /** Whether the words are plain ones: no phrases, no signs of a query language. */
    public boolean isPlain() {
        return !words.isBlank() && !OPERATORS.matcher(words).find();
    }

    /** The words one by one; of plain ones those that carry meaning, as long as there are any. */
    public List<String> each() {
        List<String> all = WORD.matcher(words).results().map(MatchResult::group).toList();
        List<String> telling = all.stream()
                .filter(w -> !Words.isEmptyWord(w.toLowerCase(Locale.ROOT)))
                .toList();
        return isPlain() && !telling.isEmpty() ? telling : all;
    }
}
