package org.ledgerlamp.core.source;

import java.util.List;
import java.util.Optional;

/** Reads SubRip: cues of a time line and words, numbers wanted or missing, comma or dot in the times. */
final class SubRipReader implements SourceReader {
    private static final int LINES_TO_LOOK_AT = 30;

    @Override
    public boolean recognises(SourceText text) {
        return text.lines().stream().limit(LINES_TO_LOOK_AT).anyMatch(CueTiming::isMeant)
                && text.lines().stream()
                        .limit(LINES_TO_LOOK_AT)
                        .anyMatch(l -> l.matches(".*\\d:\\d\\d.*-->.*|.*-->.*\\d:\\d\\d.*"));
    }

    @Override
    public Source read(SourceText text, Limits limits) throws UnreadableSource {
        TalkBuilder talk = new TalkBuilder(limits, true);
        List<String> lines = text.lines();
        CueWords words = new CueWords(talk, lines);
        int firstTiming = -1;
        int i = 0;
        while (i < lines.size()) {
            if (!CueTiming.isMeant(lines.get(i))) {
                i++;
                continue;
            }
            firstTiming = firstTiming < 0 ? i : firstTiming;
            int end = endOfCue(lines, i + 1);
            Optional<CueTiming> times = CueTiming.parse(lines.get(i));
            if (times.isEmpty()) {
                talk.problem("line " + (i + 1), CueTiming.malformed(lines.get(i)));
            } else {
                words.add(lines.subList(i + 1, end), "line " + (i + 1), times.get());
            }
            i = end;
        }
        if (talk.isEmpty()) {
            throw talk.nothingRead("line " + (firstTiming + 1), CueTiming.malformed(lines.get(firstTiming)));
        }
        return talk.build(SourceFormat.SUBRIP, SourceFacts.NONE);
    }

    /** A cue ends at the next timing, less the number before it; blank lines inside are tolerated. */
    private static int endOfCue(List<String> lines, int from) {
        int end = from;
        while (end < lines.size() && !CueTiming.isMeant(lines.get(end))) {
            end++;
        }
        if (end < lines.size() && end > from && lines.get(end - 1).strip().matches("\\d+")) {
            end--;
        }
        return end;
    }
}
