package org.ledgerlamp.core.source;

import java.util.Optional;

/** A short sign at the start of a note line that says what the line is. */
public enum Mark {
    ACTION("A:"),
    DECISION("D:"),
    QUESTION("Q:"),
    RISK("R:"),
    HIGHLIGHT("+"),
    LOWLIGHT("~"),
    /** An open Markdown task box: an action. */
    TASK("[ ]"),
    /** A ticked Markdown task box: an action already done. */
    DONE("[x]");

    private final String sign;

    Mark(String sign) {
        this.sign = sign;
    }

    /** The sign as typed. */
    public String sign() {
        return sign;
    }

    /** The mark that {@code text} begins with; the sign must be followed by a space and words. */
    public static Optional<Mark> at(String text) {
        for (Mark mark : values()) {
            if (begins(text, mark.sign)) {
                return Optional.of(mark);
            }
        }
        return Optional.empty();
    }

    /** Whether {@code text} begins with a sign that a blank and words follow; case does not tell signs apart. */
    static boolean begins(String text, String sign) {
        return text.length() > sign.length() + 1
                && text.regionMatches(true, 0, sign, 0, sign.length())
                && text.charAt(sign.length()) == ' ';
    }
}
