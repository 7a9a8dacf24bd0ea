package org.ledgerlamp.core.source;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Captions that mark where another voice begins, by {@code >>} or by a dash at the beginning of a line, instead of naming it.
 * What stands between two marks is one voice's, however many cues it takes.
 */
final class MarkedTurns {
    private static final Pattern MARK = Pattern.compile("(?:>|&gt;){2,3}\\s*");
    private static final Pattern DASHED = Pattern.compile("^\\s*[-–—]\\s*(?=\\S)");
    private static final Pattern VOICE_TAG = Pattern.compile("<v[.\\s]");
    private static final int FEWEST = 3;
    private static final double LEAST_SHARE = 0.02;

    private final boolean dashes;

    private MarkedTurns(boolean dashes) {
        this.dashes = dashes;
    }

    /** How the lines of a file mark turns, or null where they do not. */
    static MarkedTurns in(List<String> lines) {
        if (lines.stream().anyMatch(VOICE_TAG.asPredicate())) {
            return null;
        }
        long marked = lines.stream().filter(l -> MARK.matcher(l).find()).count();
        if (isEnough(marked, lines)) {
            return new MarkedTurns(false);
        }
        long dashed = lines.stream().filter(l -> DASHED.matcher(l).find()).count();
        return isEnough(dashed, lines) ? new MarkedTurns(true) : null;
    }

    private static boolean isEnough(long marked, List<String> lines) {
        return marked >= FEWEST && marked >= lines.size() * LEAST_SHARE;
    }

    /** The words of a cue's lines parted at the marks; the first part goes on with the voice before and may be empty. */
    List<String> parts(List<String> cue) {
        List<String> parts = new ArrayList<>(List.of(""));
        for (String line : cue) {
            boolean another = dashes && DASHED.matcher(line).find();
            String[] pieces = dashes ? new String[] {DASHED.matcher(line).replaceFirst("")} : MARK.split(line, -1);
            for (int i = 0; i < pieces.length; i++) {
                if (i > 0 || another) {
                    parts.add(pieces[i]);
                } else {
                    parts.set(parts.size() - 1, (parts.getLast() + " " + pieces[i]).strip());
                }
            }
        }
        return parts;
    }
}
