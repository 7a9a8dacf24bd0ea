package org.ledgerlamp.server.minutes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.minutes.Template;

/** The order in which a page shows its lines, and a folio numbers them: the same as the interface's {@code sections.ts}. */
final class PageOrder {
    private static final Comparator<MinutesLine> AS_WRITTEN = Comparator.comparingDouble(MinutesLine::position);

    private PageOrder() {}

    /** The lines in ink, section by section and group by group; what no section holds comes last. */
    static List<MinutesLine> of(Template template, List<MinutesLine> page) {
        List<MinutesLine> ink = page.stream()
                .filter(l -> l.state() == LineState.INK)
                .sorted(AS_WRITTEN)
                .toList();
        Set<MinutesLine> ordered = new LinkedHashSet<>();
        for (Section section : template.sections()) {
            ordered.addAll(
                    grouped(section, ink.stream().filter(l -> holds(section, l)).toList()));
        }
        ordered.addAll(ink);
        return new ArrayList<>(ordered);
    }

    private static boolean holds(Section section, MinutesLine line) {
        boolean ofKind =
                LineKind.in(section.content()).filter(k -> k == line.kind()).isPresent();
        return ofKind && (line.kind() != LineKind.ANSWER || section.heading().equals(line.section()));
    }

    private static List<MinutesLine> grouped(Section section, List<MinutesLine> lines) {
        return switch (section.grouping()) {
            case NONE -> lines;
            case BY_TOPIC ->
                lines.stream()
                        .sorted(Comparator.comparingInt(MinutesLine::topic))
                        .toList();
            case BY_OWNER -> {
                Map<UUID, Integer> first = new HashMap<>();
                lines.forEach(l -> first.putIfAbsent(l.ownerId(), first.size()));
                yield lines.stream()
                        .sorted(Comparator.comparing((MinutesLine l) -> l.ownerId() == null)
                                .thenComparingInt(l -> first.get(l.ownerId())))
                        .toList();
            }
        };
    }
}
