package org.ledgerlamp.core.source;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads WebVTT as the W3C describes it, with a speaker in a voice tag or before a colon. */
final class WebVttReader implements SourceReader {
    private static final Pattern VOICE = Pattern.compile("<v(?:\\.[^\\s>]*)?\\s+([^>]+)>");
    private static final Pattern LOOSE_BLOCK = Pattern.compile("^(NOTE|STYLE|REGION)(\\s.*)?$");

    @Override
    public boolean recognises(SourceText text) {
        return text.lines().getFirst().strip().matches("WEBVTT(?:\\s.*)?");
    }

    @Override
    public Source read(SourceText text, Limits limits) throws UnreadableSource {
        TalkBuilder talk = new TalkBuilder(limits, true);
        List<String> lines = text.lines();
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
        if (talk.isEmpty()) {
            throw talk.nothingRead(
                    "line " + Math.min(2, lines.size()),
                    "no cue could be read: expected times such as 00:01:02.500 --> 00:01:05.000 with words below");
        }
        return talk.build(SourceFormat.WEBVTT, SourceFacts.NONE);
    }

    /** Reads the block that begins at {@code from}; returns the line after it. */
    private static int readCue(List<String> lines, int from, TalkBuilder talk) throws UnreadableSource {
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
            talk.problem("line " + (timing + 1), CueTiming.malformed(lines.get(timing)));
            return end;
        }
        addVoices(String.join(" ", lines.subList(timing + 1, end)), "line " + (timing + 1), times.get(), talk);
        return end;
    }

    /** Metadata may stand right below the first line; any other block without a time is a stray. */
    private static void reportStray(int from, TalkBuilder talk) {
        if (from > 1) {
            talk.problem(
                    "line " + (from + 1), "words without a time: expected a cue such as 00:01:02.500 --> 00:01:05.000");
        }
    }

    private static void addVoices(String payload, String place, CueTiming times, TalkBuilder talk)
            throws UnreadableSource {
        Matcher voice = VOICE.matcher(payload);
        int from = 0;
        String speaker = null;
        while (voice.find()) {
            addWords(payload.substring(from, voice.start()), speaker, place, times, talk);
            speaker = Markup.plain(voice.group(1));
            from = voice.end();
        }
        addWords(payload.substring(from), speaker, place, times, talk);
    }

    private static void addWords(String raw, String speaker, String place, CueTiming times, TalkBuilder talk)
            throws UnreadableSource {
        String words = Markup.plain(raw);
        SpeakerPrefix prefix = speaker == null ? SpeakerPrefix.of(words) : new SpeakerPrefix(speaker, words);
        talk.add(place, prefix.speaker(), times.start(), times.end(), prefix.rest());
    }

    private static int endOfBlock(List<String> lines, int from) {
        int end = from;
        while (end < lines.size() && !lines.get(end).isBlank()) {
            end++;
        }
        return end;
    }
}
