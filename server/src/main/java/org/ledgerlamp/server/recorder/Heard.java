package org.ledgerlamp.server.recorder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** Writes what was heard as a recorder would deliver it. */
final class Heard {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final double MILLIS = 1000.0;

    private Heard() {}

    /** A whole delivery. */
    static byte[] asDelivery(Recording recording, List<RecordedSegment> heard) {
        Map<String, Object> delivery = new HashMap<>();
        delivery.put("event", "recording.finished");
        delivery.put("id", recording.called());
        delivery.put("title", recording.title());
        delivery.put("startedAt", recording.startedAt().toString());
        delivery.put(
                "participants",
                recording.people().stream().map(p -> Map.of("name", p)).toList());
        delivery.put("segments", segments(heard));
        return JSON.writeValueAsBytes(delivery);
    }

    /** The segments alone. */
    static byte[] asSegments(List<RecordedSegment> heard) {
        return JSON.writeValueAsBytes(Map.of("segments", segments(heard)));
    }

    private static List<Map<String, Object>> segments(List<RecordedSegment> heard) {
        List<Map<String, Object>> segments = new ArrayList<>();
        for (RecordedSegment s : heard) {
            Map<String, Object> segment = new HashMap<>();
            segment.put("speaker", s.speaker());
            segment.put("start", seconds(s.startMs()));
            segment.put("end", seconds(s.endMs()));
            segment.put("text", s.text());
            segments.add(segment);
        }
        return segments;
    }

    private static @Nullable Double seconds(@Nullable Integer millis) {
        return millis == null ? null : millis / MILLIS;
    }
}
