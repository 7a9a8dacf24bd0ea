package org.ledgerlamp.core.source;

import java.util.regex.Pattern;

/** Takes cue markup out of words: tags and the character escapes that cue files use. */
final class Markup {
    private static final Pattern TAG = Pattern.compile("</?[a-zA-Z0-9.:][^<>]{0,200}>|</?>|\\{\\\\[^}]{0,40}}");
    private static final Pattern SPACE = Pattern.compile("[\\s\\p{Cntrl}\\u00A0\\u200B\\uFEFF]+");

    private Markup() {}

    /** {@code text} without tags, escapes resolved, white space folded. */
    static String plain(String text) {
        return fold(unescape(TAG.matcher(text).replaceAll("")));
    }

    /** White space, control characters and invisible spaces folded to single blanks. */
    static String fold(String text) {
        return SPACE.matcher(text).replaceAll(" ").strip();
    }

    private static String unescape(String text) {
        if (text.indexOf('&') < 0) {
            return text;
        }
        return text.replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&apos;", "'")
                .replace("&nbsp;", " ")
                .replace("&lrm;", "")
                .replace("&rlm;", "")
                .replace("&amp;", "&");
    }
}
