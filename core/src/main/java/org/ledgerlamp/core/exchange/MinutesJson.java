package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.core.wording.QuotedText;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes minutes as {@code ledger-lamp/minutes}, version 1. */
public final class MinutesJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    static final String FORMAT = "ledger-lamp/minutes";

    private MinutesJson() {}

    /** A draft as indented JSON. */
    public static String write(Draft draft) {
        return write(FairCopy.of(draft));
    }

    /** The minutes as indented JSON, keys in a fixed order. {@link MinutesJsonReader} reads them back. */
    public static String write(FairCopy copy) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1);
        if (copy.folio() != null) {
            root.put("folio", copy.folio()).put("revision", copy.revision());
        }
        root.set("meeting", meeting(copy));
        root.put("template", copy.template().name());
        ArrayNode attendees = root.putArray("attendees");
        copy.attendance().forEach(p -> attendees.add(attendee(p)));
        root.set("summary", summary(copy));
        root.set("talk", talk(copy.figures()));
        ArrayNode topics = root.putArray("topics");
        for (int i = 0; i < copy.topics().size(); i++) {
            topics.add(topic(copy, i));
        }
        ArrayNode items = root.putArray("items");
        copy.lines().stream()
                .filter(l -> l.kind() != null && (l.kind() != Kind.POINT || copy.topicOf(l) == null))
                .forEach(l -> items.add(item(l)));
        ArrayNode answers = root.putArray("answers");
        copy.template().sections().stream()
                .filter(s -> s.content().isAnswer())
                .forEach(s -> answers.add(answer(copy, s)));
        ArrayNode utterances = root.putArray("utterances");
        copy.utterances().forEach(u -> utterances.add(utterance(u)));
        root.set("form", TemplateJson.node(copy.template()));
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static ObjectNode meeting(FairCopy copy) {
        MeetingFacts m = copy.meeting();
        ObjectNode node = MAPPER.createObjectNode();
        node.put("title", m.title())
                .put("date", m.date().toString())
                .put("start", m.start() == null ? null : m.start().toString())
                .put("timezone", m.timezone().getId());
        Duration length = copy.figures().length();
        node.put("durationMinutes", length == null ? null : Math.round(length.toMillis() / 6000.0) / 10.0)
                .put("plannedMinutes", m.plannedMinutes());
        node.put("kind", m.kind()).put("series", m.series()).put("location", m.location());
        strings(node.putArray("agenda"), m.agenda());
        ArrayNode matters = node.putArray("mattersArising");
        m.mattersArising().forEach(c -> matters.addObject()
                .put("text", c.text())
                .put("owner", c.owner())
                .put("due", c.due() == null ? null : c.due().toString())
                .put("origin", c.origin()));
        return node;
    }

    private static ObjectNode summary(FairCopy copy) {
        ObjectNode node =
                MAPPER.createObjectNode().put("oneLine", copy.oneLine()).put("paragraph", copy.summary());
        ArrayNode lines = node.putArray("lines");
        copy.lines().stream().filter(CopyLine::isSummary).forEach(l -> lines.add(said(l)));
        return node;
    }

    private static ObjectNode attendee(Presence p) {
        return MAPPER.createObjectNode()
                .put("name", p.name())
                .put("role", p.role())
                .put("status", p.attended().name().toLowerCase(Locale.ROOT))
                .put("words", p.words())
                .put("share", p.share())
                .put("turns", p.turns())
                .put("late", p.late())
                .put("seconds", seconds(p.time()));
    }

    private static ObjectNode talk(TalkFigures figures) {
        return MAPPER.createObjectNode()
                .put("seconds", seconds(figures.length()))
                .put("plannedSeconds", seconds(figures.planned()))
                .put("startedAfterSeconds", seconds(figures.startedAfter()))
                .put("silence", figures.silence());
    }

    private static Long seconds(Duration duration) {
        return duration == null ? null : duration.toSeconds();
    }

    private static ObjectNode topic(FairCopy copy, int index) {
        Topic t = copy.topics().get(index);
        ObjectNode node = MAPPER.createObjectNode()
                .put("title", t.title())
                .put("from", t.from())
                .put("to", t.to())
                .put("at", ClockTime.write(t.at()))
                .put("agendaItem", t.agendaItem());
        ArrayNode points = node.putArray("points");
        copy.of(Kind.POINT).stream().filter(l -> l.topic() == index).forEach(l -> points.add(said(l)));
        return node;
    }

    private static ObjectNode answer(FairCopy copy, Section section) {
        ObjectNode node =
                MAPPER.createObjectNode().put("section", section.heading()).put("question", section.text());
        ArrayNode lines = node.putArray("lines");
        copy.lines().stream()
                .filter(l -> section.heading().equals(l.section()))
                .forEach(l -> lines.add(said(l).put("topic", l.topic())));
        return node;
    }

    /** A line of which only the words count. */
    private static ObjectNode said(CopyLine line) {
        ObjectNode node = MAPPER.createObjectNode()
                .put("number", line.number())
                .put("text", line.text())
                .put("certainty", line.certainty());
        strings(node.putArray("reasons"), line.reasons());
        node.set("evidence", evidence(line.evidence()));
        return node;
    }

    private static ObjectNode item(CopyLine line) {
        ObjectNode node = MAPPER.createObjectNode()
                .put("number", line.number())
                .put("kind", line.kind().word())
                .put("text", line.text())
                .put("quoted", QuotedText.in(line.text()).isPresent())
                .put("owner", line.owner())
                .put("due", line.due() == null ? null : line.due().toString())
                .put("dueWords", line.dueWords())
                .put("topic", line.topic())
                .put("certainty", line.certainty());
        strings(node.putArray("reasons"), line.reasons());
        if (line.backing() != null) {
            node.put("proposedBy", line.backing().proposedBy());
            strings(node.putArray("assentedBy"), line.backing().assentedBy());
            strings(node.putArray("objectedBy"), line.backing().objectedBy());
            node.put("standing", line.backing().standing().label());
        }
        node.set("evidence", evidence(line.evidence()));
        return node;
    }

    private static ArrayNode evidence(List<Evidence> evidence) {
        ArrayNode array = MAPPER.createArrayNode();
        for (Evidence e : evidence) {
            ObjectNode node = array.addObject();
            node.put(e.origin() == Evidence.Origin.TALK ? "utterance" : "note", e.utterance());
            node.put("from", e.start());
            node.put("at", ClockTime.write(e.at())).put("speaker", e.speaker()).put("quote", e.quote());
        }
        return array;
    }

    private static ObjectNode utterance(Utterance u) {
        return MAPPER.createObjectNode()
                .put("n", u.n())
                .put("speaker", u.speaker())
                .put("at", ClockTime.write(u.start()))
                .put("text", u.text());
    }

    private static void strings(ArrayNode array, List<String> values) {
        values.forEach(array::add);
    }
}
