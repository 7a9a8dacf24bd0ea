package org.ledgerlamp.server.lamp;

import java.util.ArrayList;
import java.util.List;

/** A piece of text, lit where it matches what was asked. */
record Snippet(String text, boolean lit) {
    /** Stand around a match while it passes through the search engine; no source has them, control characters are refused. */
    static final String ON = "\u0001";

    static final String OFF = "\u0002";

    /** Cuts marked text into pieces. */
    static List<Snippet> of(String marked) {
        List<Snippet> pieces = new ArrayList<>();
        int from = 0;
        boolean lit = false;
        for (int i = 0; i <= marked.length(); i++) {
            boolean mark = i == marked.length() || marked.startsWith(ON, i) || marked.startsWith(OFF, i);
            if (mark) {
                if (i > from) {
                    pieces.add(new Snippet(marked.substring(from, i), lit));
                }
                from = i + 1;
                lit = i < marked.length() && marked.startsWith(ON, i);
            }
        }
        return pieces;
    }
}
