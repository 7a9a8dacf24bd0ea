package org.ledgerlamp.core.exchange;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.Standing;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;
import org.ledgerlamp.core.source.Utterance;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads minutes back from the JSON that {@link MinutesJson} writes. */
public final class MinutesJsonReader {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private MinutesJsonReader() {}

    /** @throws IllegalArgumentException where it is none, or a value cannot be understood */
    public static FairCopy read(String json) {
        try {
            JsonNode root = MAPPER.readTree(json);
            if (!MinutesJson.FORMAT.equals(root.path("format").asString(null))) {
                throw new IllegalArgumentException("\"format\": expected \"" + MinutesJson.FORMAT + "\"");
            }
            return copy(root);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("no valid JSON: " + e.getOriginalMessage(), e);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("a value cannot be understood: " + e.getMessage(), e);
        }
    }

    private static FairCopy copy(JsonNode root) {
        List<CopyLine> lines = new ArrayList<>();
        root.at("/summary/lines").forEach(l -> lines.add(line(l, null, null, 0)));
        JsonNode topics = root.path("topics");
        for (int i = 0; i < topics.size(); i++) {
            for (JsonNode point : topics.get(i).path("points")) {
                lines.add(line(point, Kind.POINT, null, i));
            }
        }
        for (JsonNode item : root.path("items")) {
            lines.add(line(
                    item,
                    Kind.valueOf(item.path("kind").asString().toUpperCase(Locale.ROOT)),
                    null,
                    item.path("topic").asInt(0)));
        }
        for (JsonNode answer : root.path("answers")) {
            for (JsonNode l : answer.path("lines")) {
                lines.add(line(l, null, text(answer, "section"), l.path("topic").asInt(0)));
            }
        }
        JsonNode talk = root.path("talk");
        return new FairCopy(
                meeting(root.path("meeting")),
                TemplateJson.read(root.path("form")),
                number(root, "folio"),
                number(root, "revision"),
                root.at("/summary/oneLine").asString(""),
                lines.stream().sorted(Comparator.comparingInt(CopyLine::number)).toList(),
                all(topics)
                        .map(t -> new Topic(
                                text(t, "title"),
                                t.path("from").asInt(),
                                t.path("to").asInt(),
                                clock(t, "at"),
                                number(t, "agendaItem")))
                        .toList(),
                all(root.path("attendees")).map(MinutesJsonReader::presence).toList(),
                new TalkFigures(
                        seconds(talk, "seconds"),
                        seconds(talk, "plannedSeconds"),
                        seconds(talk, "startedAfterSeconds"),
                        talk.path("silence").isNumber() ? talk.path("silence").asDouble() : null),
                all(root.path("utterances"))
                        .map(u -> new Utterance(
                                u.path("n").asInt(), text(u, "speaker"), clock(u, "at"), null, text(u, "text")))
                        .toList());
    }

    private static Stream<JsonNode> all(JsonNode array) {
        List<JsonNode> nodes = new ArrayList<>();
        array.forEach(nodes::add);
        return nodes.stream();
    }

    private static MeetingFacts meeting(JsonNode m) {
        String start = text(m, "start");
        return new MeetingFacts(
                text(m, "title"),
                LocalDate.parse(m.path("date").asString("")),
                start == null ? null : LocalTime.parse(start),
                ZoneId.of(m.path("timezone").asString("UTC")),
                number(m, "plannedMinutes"),
                text(m, "kind"),
                text(m, "location"),
                text(m, "series"),
                List.of(),
                List.of(),
                strings(m.path("agenda")),
                null,
                all(m.path("mattersArising"))
                        .map(c -> new Carried(text(c, "text"), text(c, "owner"), day(c, "due"), text(c, "origin")))
                        .toList());
    }

    private static CopyLine line(JsonNode l, Kind kind, String section, int topic) {
        return new CopyLine(
                l.path("number").asInt(),
                kind,
                section,
                l.path("text").asString(""),
                text(l, "owner"),
                day(l, "due"),
                text(l, "dueWords"),
                topic,
                l.path("certainty").asDouble(1),
                strings(l.path("reasons")),
                backing(l),
                all(l.path("evidence")).map(MinutesJsonReader::evidence).toList());
    }

    private static Finding.Backing backing(JsonNode l) {
        String label = text(l, "standing");
        return Stream.of(Standing.values())
                .filter(s -> s.label().equals(label))
                .findFirst()
                .map(s -> new Finding.Backing(
                        text(l, "proposedBy"), strings(l.path("assentedBy")), strings(l.path("objectedBy")), s))
                .orElse(null);
    }

    private static Evidence evidence(JsonNode e) {
        String quote = e.path("quote").asString("");
        int from = e.path("from").asInt(0);
        boolean noted = e.has("note");
        return new Evidence(
                noted ? Evidence.Origin.NOTES : Evidence.Origin.TALK,
                e.path(noted ? "note" : "utterance").asInt(),
                clock(e, "at"),
                text(e, "speaker"),
                from,
                from + quote.length(),
                quote);
    }

    private static Presence presence(JsonNode p) {
        return new Presence(
                text(p, "name"),
                text(p, "role"),
                attended(p.path("status").asString("")),
                p.path("late").asBoolean(false),
                p.path("words").asInt(0),
                p.path("share").asDouble(0),
                p.path("turns").asInt(0),
                seconds(p, "seconds"));
    }

    private static Attended attended(String status) {
        return switch (status) {
            case "present" -> Attended.PRESENT;
            case "unknown" -> Attended.UNKNOWN;
            default -> Attended.ABSENT;
        };
    }

    private static List<String> strings(JsonNode array) {
        return all(array).map(JsonNode::asString).toList();
    }

    private static String text(JsonNode node, String key) {
        return node.path(key).isString() ? node.path(key).asString() : null;
    }

    private static Integer number(JsonNode node, String key) {
        return node.path(key).isNumber() ? node.path(key).asInt() : null;
    }

    private static LocalDate day(JsonNode node, String key) {
        return text(node, key) == null ? null : LocalDate.parse(text(node, key));
    }

    private static Duration seconds(JsonNode node, String key) {
        return node.path(key).isNumber() ? Duration.ofSeconds(node.path(key).asLong()) : null;
    }

    private static Duration clock(JsonNode node, String key) {
        String at = text(node, key);
        return at == null ? null : ClockTime.read(at);
    }
}
