package org.ledgerlamp.server.common;

import java.security.SecureRandom;
import java.util.Locale;

/** Codes that one person tells and another types: of letters and digits that are not taken for each other. */
public final class TypedCode {
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final SecureRandom RANDOM = new SecureRandom();

    private TypedCode() {}

    /**
     * A new one; each letter is worth some five bits.
     *
     * @param letters how many
     * @param group after so many of them comes a hyphen
     */
    public static String made(int letters, int group) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < letters; i++) {
            code.append(i > 0 && i % group == 0 ? "-" : "").append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return code.toString();
    }

    /** What counts of a code, however it was typed: in capitals, with blanks, without hyphens. */
    public static String plain(String typed) {
        return typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }
}
