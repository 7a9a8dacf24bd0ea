package org.ledgerlamp.core.source;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads WebVTT as the W3C describes it, with a speaker in a voice tag or before a colon. */
final class WebVttReader implements SourceReader {
    private static final Pattern LOOSE_BLOCK = Pattern.compile("^(NOTE|STYLE|REGION)(\\s.*)?$");

    @Override
    public boolean recognises(SourceText text) {
        return text.lines().getFirst().strip().matches("WEBVTT(?:\\s.*)?");
    }

    @Override
    public Source read(SourceText text, Limits limits) throws UnreadableSource {
        List<String> lines = text.lines();
        CueWords talk = new CueWords(new TalkBuilder(limits, true), lines);
        int i = 1;
        while (i < lines.size()) {
            if (lines.get(i).isBlank()) {
                i++;
            } else if (LOOSE_BLOCK.matcher(lines.get(i)).matches()) {
                i = endOfBlock(lines, i);
            } else {
                i = readCue(lines, i, talk);
            }
        }
        if (talk.builder().isEmpty()) {
            throw talk.builder()
                    .nothingRead(
                            "line " + Math.min(2, lines.size()),
                            "no cue could be read: expected times such as 00:01:02.500 --> 00:01:05.000 with words below");
        }
        return talk.builder().build(SourceFormat.WEBVTT, SourceFacts.NONE);
    }

    /** Reads the block that begins at {@code from}; returns the line after it. */
    private static int readCue(List<String> lines, int from, CueWords talk) throws UnreadableSource {
        int end = endOfBlock(lines, from);
        int timing = from;
        if (!CueTiming.isMeant(lines.get(from)) && from + 1 < end && CueTiming.isMeant(lines.get(from + 1))) {
            timing = from + 1;
        }
        if (!CueTiming.isMeant(lines.get(timing))) {
            reportStray(from, talk);
            return end;
        }
        Optional<CueTiming> times = CueTiming.parse(lines.get(timing));
        if (times.isEmpty()) {
            talk.builder().problem("line " + (timing + 1), CueTiming.malformed(lines.get(timing)));
            return end;
        }
        talk.add(lines.subList(timing + 1, end), "line " + (timing + 1), times.get());
        return end;
    }

    /** Metadata may stand right below the first line; any other block without a time is a stray. */
    private static void reportStray(int from, CueWords talk) {
        if (from > 1) {
            talk.builder()
                    .problem(
                            "line " + (from + 1),
                            "words without a time: expected a cue such as 00:01:02.500 --> 00:01:05.000");
        }
    }

    private static int endOfBlock(List<String> lines, int from) {
        int end = from;
        while (end < lines.size() && !lines.get(end).isBlank()) {
            end++;
        }
        return end;
    }
}
