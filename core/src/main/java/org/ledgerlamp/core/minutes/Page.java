package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** Minutes laid out by their template: the sections in order, each with its lines in groups. */
public final class Page {
    private static final String NO_OWNER = "Nobody yet";
    private static final String ELSEWHERE = "Elsewhere";

    /** For lines that no section of the template collects: none gets lost. */
    static final Section ALSO_NOTED =
            Section.of("Also noted", Section.Content.TOPICS).grouped(Section.Grouping.NONE);

    private final FairCopy copy;
    private final Set<CopyLine> held = new LinkedHashSet<>();

    private Page(FairCopy copy) {
        this.copy = copy;
    }

    /**
     * A section as it stands on the page.
     *
     * @param section what it is
     * @param groups its lines; none where it collects no lines, or nothing was said for it
     */
    public record Part(Section section, List<Group> groups) {
        /** Its lines in order. */
        public List<CopyLine> lines() {
            return groups.stream().flatMap(g -> g.lines().stream()).toList();
        }
    }

    /**
     * Lines that stand together.
     *
     * @param heading the topic's title or the owner's name, or null where the section is not grouped
     * @param lines at least one
     */
    public record Group(String heading, List<CopyLine> lines) {}

    /** The sections of {@code copy} in order, empty ones too; what none of them collects comes last. */
    public static List<Part> of(FairCopy copy) {
        Page page = new Page(copy);
        List<Part> parts = new ArrayList<>();
        for (Section section : copy.template().sections()) {
            parts.add(page.part(
                    section,
                    copy.lines().stream().filter(l -> l.standsIn(section)).toList()));
        }
        List<CopyLine> rest =
                copy.lines().stream().filter(l -> !page.held.contains(l)).toList();
        if (!rest.isEmpty()) {
            parts.add(page.part(ALSO_NOTED, rest));
        }
        return parts;
    }

    private Part part(Section section, List<CopyLine> lines) {
        held.addAll(lines);
        return new Part(section, groups(section, lines));
    }

    private List<Group> groups(Section section, List<CopyLine> lines) {
        return switch (section.grouping()) {
            case NONE -> lines.isEmpty() ? List.of() : List.of(new Group(null, lines));
            case BY_TOPIC ->
                grouped(inOrderOfTopics(lines), l -> copy.topicOf(l) == null ? ELSEWHERE : copy.topicOf(l), ELSEWHERE);
            case BY_OWNER -> grouped(lines, l -> l.owner() == null ? NO_OWNER : l.owner(), NO_OWNER);
        };
    }

    private static List<CopyLine> inOrderOfTopics(List<CopyLine> lines) {
        return lines.stream().sorted(Comparator.comparingInt(CopyLine::topic)).toList();
    }

    /** In order of the first line of each; {@code last} comes last. */
    private static List<Group> grouped(List<CopyLine> lines, Function<CopyLine, String> heading, String last) {
        Map<String, List<CopyLine>> byHeading = new LinkedHashMap<>();
        for (CopyLine line : lines) {
            byHeading
                    .computeIfAbsent(heading.apply(line), h -> new ArrayList<>())
                    .add(line);
        }
        List<CopyLine> unclaimed = byHeading.remove(last);
        if (unclaimed != null) {
            byHeading.put(last, unclaimed);
        }
        return byHeading.entrySet().stream()
                .map(e -> new Group(e.getKey(), List.copyOf(e.getValue())))
                .toList();
    }
}
