package org.ledgerlamp.core.source;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes the words of captions to the talk: with the speaker of a voice tag, before a colon, or parted by marks alone. */
final class CueWords {
    private static final Pattern VOICE = Pattern.compile("<v(?:\\.[^\\s>]*)?\\s+([^>]+)>");

    private final TalkBuilder talk;
    private final MarkedTurns marks;

    /** @param lines of the whole file: they tell how turns are marked */
    CueWords(TalkBuilder talk, List<String> lines) {
        this.talk = talk;
        this.marks = MarkedTurns.in(lines);
    }

    TalkBuilder builder() {
        return talk;
    }

    /** Adds the lines of one cue. */
    void add(List<String> cue, String place, CueTiming times) throws UnreadableSource {
        if (marks == null) {
            addVoices(String.join(" ", cue), place, times);
            return;
        }
        List<String> parts = marks.parts(cue);
        talk.goOn(place, times.start(), times.end(), Markup.plain(parts.getFirst()));
        for (String part : parts.subList(1, parts.size())) {
            SpeakerPrefix prefix = SpeakerPrefix.of(Markup.plain(part));
            talk.add(place, prefix.speaker(), times.start(), times.end(), prefix.rest());
        }
    }

    private void addVoices(String payload, String place, CueTiming times) throws UnreadableSource {
        Matcher voice = VOICE.matcher(payload);
        int from = 0;
        String speaker = null;
        while (voice.find()) {
            addWords(payload.substring(from, voice.start()), speaker, place, times);
            speaker = Markup.plain(voice.group(1));
            from = voice.end();
        }
        addWords(payload.substring(from), speaker, place, times);
    }

    private void addWords(String raw, String speaker, String place, CueTiming times) throws UnreadableSource {
        String words = Markup.plain(raw);
        SpeakerPrefix prefix = speaker == null ? SpeakerPrefix.of(words) : new SpeakerPrefix(speaker, words);
        talk.add(place, prefix.speaker(), times.start(), times.end(), prefix.rest());
    }
}
