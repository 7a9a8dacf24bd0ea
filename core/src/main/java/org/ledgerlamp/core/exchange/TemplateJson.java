package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.NamePattern;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.minutes.Template;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes templates as {@code ledger-lamp/template}, version 1. */
public final class TemplateJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final String FORMAT = "ledger-lamp/template";

    private TemplateJson() {}

    /** The template as indented JSON, keys in a fixed order. */
    public static String write(Template template) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(node(template));
    }

    static ObjectNode node(Template template) {
        ObjectNode root = MAPPER.createObjectNode()
                .put("format", FORMAT)
                .put("version", 1)
                .put("name", template.name())
                .put("detail", word(template.detail()))
                .put("title", template.title().pattern())
                .put("file", template.file().pattern());
        var kinds = root.putArray("kinds");
        template.kinds().forEach(kinds::add);
        var sections = root.putArray("sections");
        for (Section s : template.sections()) {
            sections.addObject()
                    .put("heading", s.heading())
                    .put("content", word(s.content()))
                    .put("grouping", word(s.grouping()))
                    .put("form", word(s.form()))
                    .put("detail", s.detail() == null ? null : word(s.detail()))
                    .put("required", s.required())
                    .put("text", s.text());
        }
        return root;
    }

    /**
     * Reads a template.
     *
     * @throws IllegalArgumentException where it is none, naming the place and what was expected
     */
    public static Template read(String json) {
        try {
            return read(MAPPER.readTree(json));
        } catch (JacksonException e) {
            throw new IllegalArgumentException("no valid JSON: " + e.getOriginalMessage(), e);
        }
    }

    static Template read(JsonNode root) {
        if (!FORMAT.equals(root.path("format").asString(null))) {
            throw new IllegalArgumentException("\"format\": expected \"" + FORMAT + "\"");
        }
        if (root.path("version").asInt(0) != 1) {
            throw new IllegalArgumentException("\"version\": expected 1");
        }
        List<String> kinds = new ArrayList<>();
        root.path("kinds").forEach(k -> kinds.add(k.asString().toLowerCase(Locale.ROOT)));
        List<Section> sections = new ArrayList<>();
        for (JsonNode s : root.path("sections")) {
            sections.add(section(s, "\"sections\", number " + (sections.size() + 1)));
        }
        return new Template(
                text(root, "name", "the template"),
                kinds,
                one(Detail.class, root, "detail", "the template"),
                new NamePattern(root.path("title").asString("{title}")),
                new NamePattern(root.path("file").asString("{date} {title}")),
                sections);
    }

    private static Section section(JsonNode s, String place) {
        try {
            return new Section(
                    text(s, "heading", place),
                    one(Section.Content.class, s, "content", place),
                    one(Section.Grouping.class, s, "grouping", place),
                    one(Section.Form.class, s, "form", place),
                    s.path("detail").isString() ? one(Detail.class, s, "detail", place) : null,
                    s.path("required").asBoolean(false),
                    s.path("text").asString(""));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    e.getMessage().startsWith(place) ? e.getMessage() : place + ": " + e.getMessage(), e);
        }
    }

    private static String text(JsonNode node, String key, String place) {
        String text = node.path(key).asString("").strip();
        if (text.isEmpty()) {
            throw new IllegalArgumentException(place + ": \"" + key + "\" is missing");
        }
        return text;
    }

    private static <E extends Enum<E>> E one(Class<E> of, JsonNode node, String key, String place) {
        String word = node.path(key).asString("");
        List<String> known = new ArrayList<>();
        for (E each : of.getEnumConstants()) {
            if (word(each).equals(word)) {
                return each;
            }
            known.add(word(each));
        }
        throw new IllegalArgumentException(
                place + ": \"" + key + "\" is \"" + word + "\", expected one of " + String.join(", ", known));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
