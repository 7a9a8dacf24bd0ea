package org.ledgerlamp.core.ledger;

import java.util.LinkedHashSet;
import java.util.Set;
import org.ledgerlamp.core.language.Words;

/** Stems under which a word is the same in whatever form it comes back: "measure" and "measured". */
public final class Stems {
    private static final int SHORTEST = 4;

    private Stems() {}

    /** The stems of the words of {@code text} that carry meaning, in order of first use. */
    public static Set<String> of(String text) {
        Set<String> stems = new LinkedHashSet<>();
        for (String stem : Words.content(text)) {
            stems.add(bare(stem));
        }
        return stems;
    }

    /** The stem of one word. */
    public static String ofWord(String word) {
        return bare(Words.stem(word));
    }

    private static String bare(String stem) {
        return stem.length() > SHORTEST && stem.endsWith("e") ? stem.substring(0, stem.length() - 1) : stem;
    }
}
