package org.ledgerlamp.core.exchange;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.Shorthand;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads marks and abbreviations: {@code {"marks": {"!!": "risk"}, "abbreviations": {"w/": "with"}}}. */
public final class ShorthandJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private ShorthandJson() {}

    /** @throws IllegalArgumentException where the JSON is broken or an entry cannot be used, naming it */
    public static Shorthand read(String json) {
        JsonNode root;
        try {
            root = MAPPER.readTree(json);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("no valid JSON: " + e.getOriginalMessage(), e);
        }
        Map<String, Mark> marks = new LinkedHashMap<>();
        root.path("marks").properties().forEach(e -> marks.put(e.getKey(), mark(e.getKey(), e.getValue())));
        Map<String, String> abbreviations = new LinkedHashMap<>();
        root.path("abbreviations")
                .properties()
                .forEach(e -> abbreviations.put(e.getKey(), e.getValue().asString("")));
        return new Shorthand(marks, abbreviations);
    }

    private static Mark mark(String sign, JsonNode kind) {
        try {
            return Mark.valueOf(kind.asString("").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "mark \"" + sign + "\" says " + kind
                            + ": expected action, decision, question, risk, highlight, lowlight or done",
                    e);
        }
    }
}
