package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Topic;

/** A draft laid out by its template: the sections in order, each with its lines in groups. */
public final class Page {
    private static final String NO_OWNER = "Nobody yet";

    private final Draft draft;

    private Page(Draft draft) {
        this.draft = draft;
    }

    /**
     * A section as it stands on the page.
     *
     * @param section what it is
     * @param groups its lines; none where it collects no lines, or nothing was said for it
     */
    public record Part(Section section, List<Group> groups) {}

    /**
     * Lines that stand together.
     *
     * @param heading the topic's title or the owner's name, or null where the section is not grouped
     * @param lines at least one
     */
    public record Group(String heading, List<Line> lines) {}

    /** The sections of {@code draft} in order, empty ones too. */
    public static List<Part> of(Draft draft) {
        Page page = new Page(draft);
        return draft.template().sections().stream()
                .map(s -> new Part(s, page.groups(s)))
                .toList();
    }

    private List<Group> groups(Section section) {
        List<Line> lines = lines(section);
        return switch (section.grouping()) {
            case NONE -> lines.isEmpty() ? List.of() : List.of(new Group(null, lines));
            case BY_TOPIC -> grouped(lines, this::topicOf);
            case BY_OWNER -> grouped(lines, l -> l.owner() == null ? NO_OWNER : l.owner());
        };
    }

    private List<Line> lines(Section section) {
        if (section.content() == Section.Content.ANSWER) {
            return draft.answers().stream()
                    .filter(l -> section.heading().equals(l.section()))
                    .toList();
        }
        Kind kind = section.content().kind();
        return draft.lines().stream().filter(l -> l.kind() == kind).toList();
    }

    private String topicOf(Line line) {
        List<Topic> topics = draft.reading().topics();
        return line.topic() < topics.size() ? topics.get(line.topic()).title() : "Elsewhere";
    }

    /** In order of the first line of each; whoever owns nothing comes last. */
    private static List<Group> grouped(List<Line> lines, Function<Line, String> heading) {
        Map<String, List<Line>> byHeading = new LinkedHashMap<>();
        for (Line line : lines) {
            byHeading
                    .computeIfAbsent(heading.apply(line), h -> new ArrayList<>())
                    .add(line);
        }
        List<Line> unowned = byHeading.remove(NO_OWNER);
        if (unowned != null) {
            byHeading.put(NO_OWNER, unowned);
        }
        return byHeading.entrySet().stream()
                .map(e -> new Group(e.getKey(), List.copyOf(e.getValue())))
                .toList();
    }
}
