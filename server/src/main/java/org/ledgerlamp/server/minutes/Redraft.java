package org.ledgerlamp.server.minutes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
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

    /**
     * Gives what is drafted anew its place between the touched lines, which stay where they are.
     *
     * @return the lines to be kept beside the touched ones
     */
    List<MinutesLine> placed(List<MinutesLine> drafted) {
        List<List<MinutesLine>> slots = new ArrayList<>();
        for (int i = 0; i <= touched.size(); i++) {
            slots.add(new ArrayList<>());
        }
        for (MinutesLine line : drafted) {
            if (touched.stream().noneMatch(t -> restOnTheSame(t, line))) {
                slots.get(slot(line)).add(line);
            }
        }
        for (int i = 0; i < slots.size(); i++) {
            place(slots.get(i), i == 0 ? null : touched.get(i - 1), i == touched.size() ? null : touched.get(i));
        }
        return slots.stream().flatMap(List::stream).toList();
    }

    /** Sets lines evenly between two others, of which either may be missing. */
    private static void place(List<MinutesLine> lines, @Nullable MinutesLine above, @Nullable MinutesLine below) {
        int n = lines.size();
        for (int i = 0; i < n; i++) {
            double position;
            if (above != null && below != null) {
                position = above.position() + (below.position() - above.position()) * (i + 1) / (n + 1);
            } else if (below != null) {
                position = below.position() - n + i;
            } else {
                position = above == null ? i : above.position() + 1 + i;
            }
            lines.get(i).moveTo(position);
        }
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
        if (!Objects.equals(touched.section(), drafted.section())) {
            return false;
        }
        if (drafted.evidence().isEmpty() || touched.evidence().isEmpty()) {
            return drafted.evidence().isEmpty()
                    && touched.evidence().isEmpty()
                    && touched.text().equals(drafted.text());
        }
        // A promise rests on the request before it too, which may have been settled in a line of its own.
        Basis first = drafted.evidence().getFirst();
        return touched.evidence().getFirst().equals(first)
                || touched.kind() == drafted.kind() && touched.evidence().contains(first);
    }
}
