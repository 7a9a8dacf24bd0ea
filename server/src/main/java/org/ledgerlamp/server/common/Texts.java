package org.ledgerlamp.server.common;

import org.jspecify.annotations.Nullable;

/** Texts that have to fit a column. */
public final class Texts {
    private Texts() {}

    /** The first {@code most} characters of a text, or all of it where it is no longer; null stays null. */
    public static @Nullable String shortened(@Nullable String text, int most) {
        return text == null || text.length() <= most ? text : text.substring(0, most);
    }
}
