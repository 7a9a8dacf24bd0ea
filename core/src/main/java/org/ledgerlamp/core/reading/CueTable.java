package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Turns of phrase that give a kind of finding away, each with its weight and the reason it is given as. */
final class CueTable {
    /**
     * One turn of phrase.
     *
     * @param pattern what is matched against {@link Sentence#plain()}
     * @param weight 0 to 1, see {@link Judgement}
     * @param reason in words
     */
    record Cue(Pattern pattern, double weight, String reason) {}

    private final List<Cue> cues = new ArrayList<>();

    /** Adds a cue. In {@code pattern} every blank stands for any white space, and words match whole. */
    CueTable cue(double weight, String reason, String pattern) {
        cues.add(new Cue(
                Pattern.compile("(?<![\\p{L}\\p{N}'])(?:" + pattern.replace(" ", "\\s+") + ")(?![\\p{L}\\p{N}'])"),
                weight,
                reason));
        return this;
    }

    /** The cues in {@code plain}, each reason once. */
    List<Cue> in(String plain) {
        List<Cue> found = new ArrayList<>();
        for (Cue cue : cues) {
            if (found.stream().noneMatch(f -> f.reason().equals(cue.reason()))
                    && cue.pattern().matcher(plain).find()) {
                found.add(cue);
            }
        }
        return found;
    }

    boolean matches(String plain) {
        return cues.stream().anyMatch(cue -> cue.pattern().matcher(plain).find());
    }
}
