package org.ledgerlamp.core.reading;

import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;

/** Gives back the apostrophes that some automatic transcriptions leave out: "ill" is then "i'll". */
final class Contractions {
    private static final Map<String, String> WHOLE = new HashMap<>();
    private static final Pattern WORD;
    private static final int ENOUGH_WORDS = 200;

    static {
        String whole =
                "i'll you'll it'll that'll they'll i'm i've you've they've i'd they'd don't doesn't didn't can't couldn't wouldn't shouldn't isn't wasn't aren't weren't haven't hasn't hadn't won't that's what's there's here's let's it's he's she's you're they're who's where's";
        for (String word : whole.split(" ")) {
            WHOLE.put(word.replace("'", ""), word);
        }
        WORD = Pattern.compile("(?<![\\p{L}\\p{N}'-])(?:" + String.join("|", WHOLE.keySet()) + ")(?![\\p{L}\\p{N}'-])");
    }

    private Contractions() {}

    /** Whether {@code source} is long enough to tell that its writer knows no apostrophes. */
    static boolean areBareIn(Source source) {
        int words = 0;
        for (Utterance u : source.utterances()) {
            if (u.text().indexOf('\'') >= 0 || u.text().indexOf('’') >= 0) {
                return false;
            }
            words += u.text().split("\\s+").length;
        }
        return words >= ENOUGH_WORDS;
    }

    /** {@code plain}, in small letters, with the apostrophes. */
    static String restored(String plain) {
        return WORD.matcher(plain).replaceAll(m -> Matcher.quoteReplacement(WHOLE.get(m.group())));
    }
}
