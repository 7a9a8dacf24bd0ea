package org.ledgerlamp.core.exchange;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.MeetingFacts;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads {@code meeting.json}: what the calendar knows of a meeting. */
public final class MeetingJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private MeetingJson() {}

    /**
     * Reads the facts of a meeting. Only the date is required.
     *
     * @throws IllegalArgumentException where the JSON is broken or a field cannot be understood, naming it
     */
    public static MeetingFacts read(String json) {
        JsonNode root;
        try {
            root = MAPPER.readTree(json);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("no valid JSON: " + e.getOriginalMessage(), e);
        }
        List<Person> roster = new ArrayList<>();
        for (JsonNode person : root.path("roster")) {
            roster.add(new Person(
                    text(person, "name"),
                    text(person, "role"),
                    text(person, "email"),
                    strings(person.path("aliases"))));
        }
        String date = text(root, "date");
        if (date == null) {
            throw new IllegalArgumentException("\"date\" is missing: expected a day such as 2026-03-02");
        }
        String title = text(root, "title");
        String zone = text(root, "timezone");
        String start = text(root, "start");
        String next = text(root, "nextMeeting");
        return new MeetingFacts(
                title == null ? "Meeting of " + date : title,
                parsed("date", date, LocalDate::parse),
                start == null ? null : parsed("start", start, LocalTime::parse),
                zone == null ? ZoneId.of("UTC") : parsed("timezone", zone, ZoneId::of),
                root.path("plannedMinutes").isNumber()
                        ? root.path("plannedMinutes").intValue()
                        : null,
                text(root, "kind"),
                text(root, "location"),
                text(root, "series"),
                roster,
                strings(root.path("invited")),
                strings(root.path("agenda")),
                next == null ? null : parsed("nextMeeting", next, LocalDate::parse),
                carried(root.path("mattersArising")));
    }

    private static List<Carried> carried(JsonNode array) {
        List<Carried> carried = new ArrayList<>();
        for (JsonNode matter : array) {
            String text = text(matter, "text");
            String due = text(matter, "due");
            if (text == null) {
                throw new IllegalArgumentException("\"mattersArising\" holds one without \"text\"");
            }
            carried.add(new Carried(
                    text,
                    text(matter, "owner"),
                    due == null ? null : parsed("due", due, LocalDate::parse),
                    text(matter, "origin")));
        }
        return carried;
    }

    private interface Parser<T> {
        T parse(String text);
    }

    private static <T> T parsed(String field, String value, Parser<T> parser) {
        try {
            return parser.parse(value);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("\"" + field + "\" cannot be understood: " + value, e);
        }
    }

    private static String text(JsonNode node, String key) {
        JsonNode value = node.get(key);
        return value == null || !value.isString() || value.stringValue().isBlank() ? null : value.stringValue();
    }

    private static List<String> strings(JsonNode array) {
        List<String> strings = new ArrayList<>();
        for (JsonNode value : array) {
            if (value.isString()) {
                strings.add(value.stringValue());
            }
        }
        return strings;
    }
}
