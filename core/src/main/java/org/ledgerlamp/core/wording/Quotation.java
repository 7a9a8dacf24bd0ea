package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Said;

/** Quotes what cannot be reworded safely: what it is about, who says it, the words as said. */
final class Quotation {
    /** How much a quotation must say by itself. */
    enum Rigour {
        /** A sentence with a verb, full or under its matter. */
        STRICT,
        /** Any full clause ("no rooflights before May"), or a short one under its matter. */
        SOME,
        /** The same; a short one also where its matter cannot be told. */
        NONE
    }

    private static final int FEWEST_CONTENT = 3;
    /** Name and matter come on top. */
    private static final int MOST_WORDS = 25;

    private static final Pattern BROKEN_OFF = Pattern.compile(
            "(?:[-–—…,]|(?<![\\p{L}])(?:and|but|or|so|the|a|to|of|because))[.?!]?$", Pattern.CASE_INSENSITIVE);

    /** Words that only take the turn; "no" does with a stop behind it alone. */
    private static final Pattern OPENER = Pattern.compile(
            "^(?:(?:so|and|but|well|okay|ok|right|yeah|yes|oh|because|now|then|look|anyway)(?:[,.!…-]+\\s*|\\s+(?=\\p{L}))|no[,.!…-]+\\s*)+(?=\\S)",
            Pattern.CASE_INSENSITIVE);

    private Quotation() {}

    /**
     * {@code Second berth. Tom Reyes: “The fender has to go before the frost.”}; empty where the words do not stand on their own.
     *
     * @param behind what was said just after it
     * @param fewestWords with fewer it says nothing
     * @param rigour how much it must say by itself
     */
    static Optional<String> of(
            String said, Person speaker, List<Said> behind, Scene scene, int fewestWords, Rigour rigour) {
        String quote = shortened(OPENER.matcher(Speech.verbatim(said)).replaceFirst(""));
        boolean stands = Words.count(quote) >= fewestWords
                && Words.count(quote) <= MOST_WORDS
                && (Sense.hasVerb(quote)
                        || rigour != Rigour.STRICT && Words.content(quote).size() >= FEWEST_CONTENT)
                && !BROKEN_OFF.matcher(quote).find();
        if (!stands) {
            return Optional.empty();
        }
        boolean needed = Words.content(quote).size() < FEWEST_CONTENT;
        Optional<String> matter = new Referents(scene).matter(said, behind, needed);
        if (matter.isEmpty() && needed && rigour != Rigour.NONE) {
            return Optional.empty();
        }
        return Optional.of(new QuotedText(
                        matter.map(Words::capitalised).orElse(null),
                        speaker == null ? null : speaker.name(),
                        Speech.sentence(quote.replace('“', '"').replace('”', '"')))
                .text());
    }

    /** Whole clauses from the first on, where the sentence is too long to be quoted whole. */
    private static String shortened(String quote) {
        return Stream.concat(Stream.of(quote), Clauses.of(quote).stream())
                .filter(c -> Words.count(c) <= MOST_WORDS)
                .findFirst()
                .orElse(quote);
    }
}
