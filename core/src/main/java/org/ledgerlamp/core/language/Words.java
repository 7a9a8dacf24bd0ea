package org.ledgerlamp.core.language;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words of English talk: tokens, the words that carry meaning, and a stem that joins their endings. */
public final class Words {
    private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{N}]+(?:['’.,][\\p{L}\\p{N}]+)*");
    private static final Set<String> EMPTY_WORDS = Set.of(
            """
            a an the and or but if so of to in on at for with by from as is are was were be been being am it its this
            that these those i you he she we they me him her us them my your his our their mine yours ours theirs do
            does did done doing have has had having will would can could should shall may might must just like um uh
            er erm ah oh mm hm yeah yes yep no nope okay ok right well then there here what which who whom whose when
            where how why not don't didn't doesn't isn't it's i'm we're that's there's i'll we'll you'll he's she's
            they're i've we've you've i'd we'd you'd let's going go gone get got getting one about up out into over
            very really some any all more most much many than too also only even still again back now thing things
            think know mean say said saying see want need make made put take come bit lot kind sort something
            anything nothing everything somebody anybody everyone because cause cos though although until till
            actually basically probably maybe perhaps quite rather sure fine good great yet ever never always sorry
            thanks thank please hello hi bye morning afternoon evening won't can't cannot couldn't wouldn't shouldn't
            wasn't weren't hasn't haven't aren't himself herself itself themselves ourselves myself yourself other
            another same way look looking ask asked tell told give given gave two off down through after before
            between first last next couple every each such own around while both
            """
                    .strip()
                    .split("\\s+"));

    private Words() {}

    /** The tokens of {@code text} in lower case, typographic apostrophes made plain. */
    public static List<String> tokens(String text) {
        List<String> tokens = new ArrayList<>();
        Matcher m = TOKEN.matcher(text);
        while (m.find()) {
            tokens.add(m.group().toLowerCase(Locale.ROOT).replace('’', '\''));
        }
        return tokens;
    }

    /** How many tokens {@code text} has. */
    public static int count(String text) {
        int n = 0;
        Matcher m = TOKEN.matcher(text);
        while (m.find()) {
            n++;
        }
        return n;
    }

    /** Whether a token says nothing on its own. */
    public static boolean isEmptyWord(String token) {
        return EMPTY_WORDS.contains(token);
    }

    /** The stems of the words of {@code text} that carry meaning, in order of first use. */
    public static Set<String> content(String text) {
        Set<String> stems = new LinkedHashSet<>();
        for (String token : tokens(text)) {
            if (!EMPTY_WORDS.contains(token) && token.length() > 1) {
                stems.add(stem(token));
            }
        }
        return stems;
    }

    /** A light stem: possessive, plural and the endings -ing and -ed taken off. */
    public static String stem(String token) {
        String word = token.endsWith("'s") ? token.substring(0, token.length() - 2) : token;
        int n = word.length();
        if (n > 4 && word.endsWith("ies")) {
            return word.substring(0, n - 3) + "y";
        }
        if (n > 5 && word.endsWith("ing")) {
            return undouble(word.substring(0, n - 3));
        }
        if (n > 4 && word.endsWith("ed")) {
            return undouble(word.substring(0, n - 2));
        }
        if (n > 4 && (word.endsWith("ses") || word.endsWith("xes") || word.endsWith("ches") || word.endsWith("shes"))) {
            return word.substring(0, n - 2);
        }
        return n > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us")
                ? word.substring(0, n - 1)
                : word;
    }

    private static String undouble(String stem) {
        int n = stem.length();
        boolean doubled = n > 3 && stem.charAt(n - 1) == stem.charAt(n - 2) && "lsz".indexOf(stem.charAt(n - 1)) < 0;
        return doubled ? stem.substring(0, n - 1) : stem;
    }

    /** Share of the smaller set's members that both have; 0 where either is empty. */
    public static double overlap(Set<String> a, Set<String> b) {
        if (a.isEmpty() || b.isEmpty()) {
            return 0;
        }
        Set<String> smaller = a.size() <= b.size() ? a : b;
        Set<String> larger = smaller == a ? b : a;
        return smaller.stream().filter(larger::contains).count() / (double) smaller.size();
    }

    /** Share of {@code words} that {@code said} has too; 0 where there are none. */
    public static double shareIn(Set<String> said, Set<String> words) {
        return words.stream().filter(said::contains).count() / (double) Math.max(1, words.size());
    }

    /** {@code text} with its first letter large. */
    public static String capitalised(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
