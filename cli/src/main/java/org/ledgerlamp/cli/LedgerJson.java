package org.ledgerlamp.cli;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.ledgerlamp.core.lamp.Answer;
import org.ledgerlamp.core.ledger.Course;
import org.ledgerlamp.core.ledger.DecisionLink;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.LedgerWalk;
import org.ledgerlamp.core.ledger.Outcome;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Questions asked of a ledger, and what is said of it, as JSON. */
final class LedgerJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private LedgerJson() {}

    /**
     * Questions in plain words.
     *
     * @param askedOn the day they are asked on, or null where that is not said
     */
    record Questions(List<String> asks, LocalDate askedOn) {}

    /**
     * The questions of a {@code ledger.json}.
     *
     * @throws IllegalArgumentException where it is no JSON, a question has no words, or {@code askedOn} is no day
     */
    static Questions questions(byte[] json) {
        try {
            JsonNode root = MAPPER.readTree(new String(json, StandardCharsets.UTF_8));
            List<String> asks = root.path("questions")
                    .valueStream()
                    .map(q -> q.path("ask")
                            .asStringOpt()
                            .orElseThrow(() -> new IllegalArgumentException("a question without \"ask\": " + q)))
                    .toList();
            Optional<String> day = root.path("askedOn").asStringOpt();
            return new Questions(asks, day.map(LocalDate::parse).orElse(null));
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("\"askedOn\" is no day: " + e.getParsedString(), e);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("no valid JSON: " + e.getOriginalMessage(), e);
        }
    }

    /** @param answers of the questions, in their order */
    static String write(List<String> questions, List<Answer> answers, LedgerWalk walk) {
        ObjectNode root = MAPPER.createObjectNode();
        ArrayNode said = root.putArray("answers");
        for (int i = 0; i < questions.size(); i++) {
            Answer answer = answers.get(i);
            ArrayNode citations = said.addObject()
                    .put("ask", questions.get(i))
                    .put("answered", answer.answered())
                    .put("answer", answer.text())
                    .putArray("citations");
            answer.citations()
                    .forEach(c ->
                            citations.addObject().put("meeting", c.meeting()).put("quote", c.quote()));
        }
        ArrayNode lineage = root.putArray("lineage");
        walk.courses().stream().filter(c -> !c.steps().isEmpty()).forEach(c -> lineage.add(lineage(c)));
        ArrayNode supersedes = root.putArray("supersedes");
        for (DecisionLink link : walk.links()) {
            if (link.effect() != DecisionLink.Effect.CONFIRMS) {
                ObjectNode node = supersedes.addObject();
                node.set(
                        "earlier",
                        decision(link.earlier().meeting(), link.earlier().line()));
                node.set("later", decision(link.meeting(), link.later()));
            }
        }
        return MAPPER.writeValueAsString(root);
    }

    private static JsonNode decision(String meeting, FiledLine line) {
        return MAPPER.createObjectNode().put("meeting", meeting).put("quote", String.join(" … ", line.quotes()));
    }

    private static JsonNode lineage(Course course) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("text", course.line().text());
        node.put("first", course.meeting());
        ArrayNode mentions = node.putArray("mentions");
        course.steps().forEach(step -> mentions.add(step.meeting()));
        ArrayNode steps = node.putArray("steps");
        course.steps().forEach(step -> steps.addObject()
                .put("meeting", step.meeting())
                .put("outcome", step.recall().outcome().name())
                .put("strength", step.recall().strength())
                .put("quote", step.recall().quote()));
        Outcome outcome = course.outcome().orElse(Outcome.SPOKEN_OF);
        node.put("end", outcome == Outcome.DONE ? "done" : outcome == Outcome.DROPPED ? "dropped" : "open");
        return node;
    }
}
