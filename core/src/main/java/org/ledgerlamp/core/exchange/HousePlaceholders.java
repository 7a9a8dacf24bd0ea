package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.time.WrittenDay;

/** What the placeholders of a house document stand for. */
public final class HousePlaceholders {
    private static final String NONE = "None.";
    private static final String ATTENDEE = "attendee";
    private static final Set<String> KINDS =
            Arrays.stream(Kind.values()).map(Kind::word).collect(Collectors.toUnmodifiableSet());
    private static final Set<String> LISTS = Stream.concat(
                    Stream.of("agenda", "matters"), Arrays.stream(Kind.values()).map(HousePlaceholders::plural))
            .collect(Collectors.toUnmodifiableSet());

    /** Every placeholder by name, with what it stands for. */
    public static final Map<String, String> KNOWN = known();

    private final FairCopy copy;
    private final Map<String, String> texts = new TreeMap<>();
    private final Map<String, List<String>> lists = new TreeMap<>();
    private final Map<String, List<Map<String, String>>> items = new TreeMap<>();

    HousePlaceholders(FairCopy copy) {
        this.copy = copy;
        texts();
        lists();
        items();
    }

    private static Map<String, String> known() {
        Map<String, String> known = new LinkedHashMap<>();
        known.put("title", "what the minutes are titled");
        known.put("date", "the day of the meeting, as Fri 6 Mar 2026");
        known.put("isoDate", "the day as 2026-03-06");
        known.put("time", "when it began, with its zone");
        known.put("location", "place or call link");
        known.put("kind", "the kind of meeting");
        known.put("series", "the series it belongs to");
        known.put("folio", "the folio's number");
        known.put("revision", "the revision of the folio");
        known.put("attendees", "who was there, with commas between");
        known.put("absent", "who was invited and was not there");
        known.put("summary", "the meeting in short");
        known.put("agenda", "the agenda, a paragraph an item");
        known.put("matters", "matters arising that are open, a paragraph each");
        for (Kind kind : Kind.values()) {
            known.put(plural(kind), "the " + kind.heading().toLowerCase(Locale.ROOT) + ", a paragraph a line");
        }
        for (Kind kind : Kind.values()) {
            known.put(kind.word(), "in a table's row: the words of one of them; the row is repeated");
            known.put(kind.word() + ".number", "in the same row: its number, as 27.3");
            if (kind == Kind.ACTION) {
                known.put("action.owner", "in the same row: who is to do it");
                known.put("action.due", "in the same row: by when");
            }
            if (kind == Kind.DECISION) {
                known.put("decision.standing", "in the same row: unopposed, agreed or contested");
            }
            if (kind == Kind.POINT) {
                known.put("point.topic", "in the same row: the topic it belongs to");
            }
        }
        known.put(ATTENDEE, "in a table's row: the name of one who was there; the row is repeated");
        known.put("attendee.role", "in the same row: their role");
        known.put("attendee.share", "in the same row: their share of the talk");
        return known;
    }

    private static String plural(Kind kind) {
        return kind.word() + "s";
    }

    static boolean isKnown(String name) {
        return KNOWN.containsKey(name);
    }

    /** Whether a paragraph with it is repeated. */
    static boolean isList(String name) {
        return LISTS.contains(name);
    }

    /** Whether a table's row with it is repeated. */
    static boolean isOfItem(String name) {
        String item = itemOf(name);
        return isKnown(name) && (item.equals(ATTENDEE) || KINDS.contains(item));
    }

    /** The item that a placeholder is of: {@code action} of {@code action.due}. */
    static String itemOf(String name) {
        return name.replaceFirst("\\..*", "");
    }

    private void texts() {
        MeetingFacts m = copy.meeting();
        texts.put("title", copy.title());
        texts.put("date", WrittenDay.of(m.date()));
        texts.put("isoDate", m.date().toString());
        texts.put(
                "time", m.start() == null ? "" : m.start() + " " + m.timezone().getId());
        texts.put("location", orEmpty(m.location()));
        texts.put("kind", orEmpty(m.kind()));
        texts.put("series", orEmpty(m.series()));
        texts.put("folio", copy.folio() == null ? "" : copy.folio().toString());
        texts.put("revision", copy.revision() == null ? "" : copy.revision().toString());
        texts.put("attendees", names(Attended.PRESENT));
        texts.put("absent", names(Attended.ABSENT));
        texts.put("summary", copy.summary());
    }

    private String names(Attended attended) {
        return String.join(
                ", ",
                copy.attendance().stream()
                        .filter(p -> p.attended() == attended)
                        .map(Presence::name)
                        .toList());
    }

    private void lists() {
        lists.put("agenda", copy.meeting().agenda());
        lists.put(
                "matters",
                copy.meeting().mattersArising().stream()
                        .map(c -> (c.origin() == null ? "" : c.origin() + " ") + c.text())
                        .toList());
        for (Kind kind : Kind.values()) {
            lists.put(
                    plural(kind),
                    copy.of(kind).stream()
                            .map(l -> l.text() + (Aside.of(l).isEmpty() ? "" : " (" + Aside.of(l) + ")"))
                            .toList());
        }
    }

    private void items() {
        for (Kind kind : Kind.values()) {
            items.put(kind.word(), copy.of(kind).stream().map(this::item).toList());
        }
        List<Map<String, String>> there = new ArrayList<>();
        for (Presence p : copy.attendance()) {
            if (p.present()) {
                there.add(Map.of(
                        ATTENDEE,
                        p.name(),
                        "attendee.role",
                        orEmpty(p.role()),
                        "attendee.share",
                        Math.round(p.share() * 100) + "%"));
            }
        }
        items.put(ATTENDEE, there);
    }

    private Map<String, String> item(CopyLine line) {
        String kind = line.kind().word();
        Map<String, String> fields = new TreeMap<>();
        fields.put(kind, line.text());
        fields.put(kind + ".number", orEmpty(copy.citation(line)));
        fields.put(kind + ".owner", orEmpty(line.owner()));
        fields.put(kind + ".due", Aside.when(line));
        fields.put(kind + ".standing", Aside.standing(line));
        fields.put(kind + ".topic", orEmpty(copy.topicOf(line)));
        return fields;
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    /** The words for a placeholder that is neither list nor item, or null where it is none of these. */
    String text(String name) {
        return texts.get(name);
    }

    /** The lines of a list; never empty. */
    List<String> lines(String name) {
        List<String> lines = lists.getOrDefault(name, List.of());
        return lines.isEmpty() ? List.of(NONE) : lines;
    }

    /** How many items there are of a name such as {@code action}. */
    int count(String item) {
        return items.getOrDefault(item, List.of()).size();
    }

    /** What the {@code index}-th item has for a placeholder; empty where another kind of item was meant. */
    String field(String name, int index) {
        List<Map<String, String>> of = items.getOrDefault(itemOf(name), List.of());
        return index < of.size() ? of.get(index).getOrDefault(name, "") : "";
    }
}
