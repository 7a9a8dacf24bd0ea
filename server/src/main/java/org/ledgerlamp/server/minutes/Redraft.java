package org.ledgerlamp.server.minutes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;
import org.ledgerlamp.core.reading.Reading;

/**
 * Brings a new draft and what a person touched in the one before together. The touched lines keep their order, whatever
 * it is; what is drafted anew is set between them by the place in the talk that it rests on. What a touched line rests on
 * is not drafted a second time.
 */
final class Redraft {
    private static final int NOWHERE = -1;

    private final ToIntFunction<Basis> inTalk;
    private final List<MinutesLine> touched;
    private final Map<MinutesLine, Integer> places = new HashMap<>();

    /**
     * @param inTalk the passage of the talk that a basis means, or -1 where it is none
     * @param before all lines of the draft before, in order
     */
    Redraft(ToIntFunction<Basis> inTalk, List<MinutesLine> before) {
        this.inTalk = inTalk;
        this.touched = before.stream().filter(l -> !l.isUntouched()).toList();
        int last = NOWHERE;
        for (MinutesLine line : before) {
            // What rests on nothing stands where the line above it was said.
            last = ownPlace(line).orElse(last);
            places.put(line, last);
        }
    }

    List<MinutesLine> touched() {
        return touched;
    }

    /**
     * The topic that a touched line stands under in a new reading: the one of the same title, else the one in which it
     * was said; none where neither is known.
     */
    Optional<Integer> topicOf(MinutesLine line, List<TopicMark> before, Reading reading) {
        if (before != null && line.topic() < before.size()) {
            String title = before.get(line.topic()).title();
            for (int i = 0; i < reading.topics().size(); i++) {
                if (reading.topics().get(i).title().equals(title)) {
                    return Optional.of(i);
                }
            }
        }
        OptionalInt place = ownPlace(line);
        return place.isPresent() ? Optional.of(reading.topicOf(place.getAsInt())) : Optional.empty();
    }

    /** All lines of the new page in order. */
    List<MinutesLine> merge(List<MinutesLine> drafted) {
        List<List<MinutesLine>> before = new ArrayList<>();
        for (int i = 0; i <= touched.size(); i++) {
            before.add(new ArrayList<>());
        }
        for (MinutesLine line : drafted) {
            if (touched.stream().noneMatch(t -> restOnTheSame(t, line))) {
                before.get(slot(line)).add(line);
            }
        }
        List<MinutesLine> merged = new ArrayList<>();
        for (int i = 0; i < touched.size(); i++) {
            merged.addAll(before.get(i));
            merged.add(touched.get(i));
        }
        merged.addAll(before.getLast());
        return merged;
    }

    /** Before which of the touched lines a new one stands: the first of its kind that was said later. */
    private int slot(MinutesLine line) {
        int place = ownPlace(line).orElse(NOWHERE);
        int afterLastOfKind = 0;
        for (int i = 0; i < touched.size(); i++) {
            MinutesLine t = touched.get(i);
            if (t.kind() == line.kind()) {
                if (places.get(t) > place) {
                    return i;
                }
                afterLastOfKind = i + 1;
            }
        }
        return afterLastOfKind;
    }

    private OptionalInt ownPlace(MinutesLine line) {
        return line.evidence().stream()
                .mapToInt(inTalk)
                .filter(n -> n != NOWHERE)
                .findFirst();
    }

    private static boolean restOnTheSame(MinutesLine touched, MinutesLine drafted) {
        if (touched.kind() == LineKind.SUMMARY || drafted.kind() == LineKind.SUMMARY) {
            return touched.kind() == drafted.kind();
        }
        return !touched.evidence().isEmpty()
                && Objects.equals(touched.section(), drafted.section())
                && touched.evidence().contains(drafted.evidence().getFirst());
    }
}
