package org.ledgerlamp.core.source;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a recorder's delivery, and lists of segments under the usual key names. */
final class JsonReader implements SourceReader {
    private static final List<String> LISTS =
            List.of("segments", "utterances", "results", "transcript", "monologues", "items");
    private static final List<String> SPEAKERS = List.of("speaker", "name", "speakerName", "speaker_name");
    private static final List<String> STARTS = List.of("start", "startTime", "start_time", "offset", "from", "begin");
    private static final List<String> ENDS = List.of("end", "endTime", "end_time", "to");
    private static final List<String> TEXTS = List.of("text", "content", "words", "transcript");
    /** Seconds of a day: an offset beyond it is meant in milliseconds. */
    private static final double SECONDS_OF_A_DAY = 86_400;

    @Override
    public boolean recognises(SourceText text) {
        String head = text.text().stripLeading();
        return head.startsWith("{")
                || (head.startsWith("[") && head.substring(1).stripLeading().startsWith("{"));
    }

    @Override
    public Source read(SourceText text, Limits limits) throws UnreadableSource {
        JsonNode root = parse(text, limits);
        JsonNode segments = segments(root);
        if (segments == null || !segments.isArray() || segments.isEmpty()) {
            throw new UnreadableSource("top level", "expected a list of segments under \"segments\", found none");
        }
        double unit = unitOf(segments);
        TalkBuilder talk = new TalkBuilder(limits, false);
        for (int i = 0; i < segments.size(); i++) {
            addSegment(segments.get(i), "segment " + (i + 1), unit, talk);
        }
        if (talk.isEmpty()) {
            throw talk.nothingRead("segment 1", "expected words under \"text\", found none in any segment");
        }
        return talk.build(SourceFormat.JSON, facts(root, talk));
    }

    /** The list of segments: under a usual key, or the longest list of what has words, however deep it lies. */
    private static JsonNode segments(JsonNode root) {
        JsonNode near = root.isArray() ? root : first(root, LISTS);
        if (near != null && near.isArray() && isTalk(near)) {
            return near;
        }
        JsonNode longest = near;
        Deque<JsonNode> open = new ArrayDeque<>(List.of(root));
        while (!open.isEmpty()) {
            JsonNode node = open.pop();
            if (node.isArray()
                    && isTalk(node)
                    && (longest == null || !isTalk(longest) || node.size() > longest.size())) {
                longest = node;
            }
            node.forEach(child -> {
                if (child.isContainer()) {
                    open.add(child);
                }
            });
        }
        return longest;
    }

    /** Whether most of a list's members are objects with words. */
    private static boolean isTalk(JsonNode list) {
        int talking = 0;
        for (JsonNode member : list) {
            JsonNode text = first(member, TEXTS);
            talking += text != null && text.isString() ? 1 : 0;
        }
        return talking > 0 && talking * 2 >= list.size();
    }

    private static JsonNode parse(SourceText text, Limits limits) throws UnreadableSource {
        JsonMapper mapper = JsonMapper.builder(JsonFactory.builder()
                        .streamReadConstraints(StreamReadConstraints.builder()
                                .maxNestingDepth(limits.nesting())
                                .build())
                        .build())
                .build();
        try {
            return mapper.readTree(text.text());
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? "whole file"
                    : "line " + Math.max(1, e.getLocation().getLineNr());
            throw new UnreadableSource(place, "no valid JSON: " + e.getOriginalMessage());
        }
    }

    private static void addSegment(JsonNode segment, String place, double unit, TalkBuilder talk)
            throws UnreadableSource {
        JsonNode text = first(segment, TEXTS);
        if (text == null || !text.isString()) {
            talk.problem(place, "expected words under \"text\"");
            return;
        }
        talk.add(place, speaker(segment), time(segment, STARTS, unit), time(segment, ENDS, unit), text.stringValue());
    }

    private static String speaker(JsonNode segment) {
        JsonNode speaker = first(segment, SPEAKERS);
        if (speaker != null && speaker.isObject()) {
            speaker = first(speaker, List.of("name", "displayName"));
        }
        return speaker == null
                        || speaker.isNull()
                        || speaker.isContainer()
                        || speaker.asString().isBlank()
                ? null
                : Markup.fold(speaker.asString());
    }

    private static Duration time(JsonNode segment, List<String> keys, double unit) {
        JsonNode node = first(segment, keys);
        if (node == null) {
            return null;
        }
        if (node.isNumber() && node.doubleValue() >= 0 && node.doubleValue() * unit < Integer.MAX_VALUE) {
            return Duration.ofMillis(Math.round(node.doubleValue() * unit));
        }
        return node.isString() ? Clock.parse(node.stringValue()).orElse(null) : null;
    }

    /** Milliseconds per unit of the offsets: recorders write seconds or milliseconds, and do not say which. */
    private static double unitOf(JsonNode segments) {
        JsonNode last = first(segments.get(segments.size() - 1), STARTS);
        return last != null && last.isNumber() && last.doubleValue() > SECONDS_OF_A_DAY ? 1 : 1000;
    }

    private static SourceFacts facts(JsonNode root, TalkBuilder talk) {
        List<String> participants = new ArrayList<>();
        for (JsonNode participant : root.path("participants")) {
            String name = participant.isString()
                    ? participant.stringValue()
                    : participant.path("name").asString("");
            if (!name.isBlank()) {
                participants.add(name.strip());
            }
        }
        Instant startedAt = null;
        String written = root.path("startedAt").asString("");
        if (!written.isEmpty()) {
            try {
                startedAt = Instant.parse(written);
            } catch (DateTimeException e) {
                talk.problem(
                        "startedAt", "expected an instant such as 2026-03-02T10:01:10Z, found \"" + written + "\"");
            }
        }
        String title = root.path("title").asString("").strip();
        return new SourceFacts(title.isEmpty() ? null : title, startedAt, null, participants);
    }

    private static JsonNode first(JsonNode node, List<String> keys) {
        for (String key : keys) {
            JsonNode value = node.get(key);
            if (value != null && !value.isNull()) {
                return value;
            }
        }
        return null;
    }
}
