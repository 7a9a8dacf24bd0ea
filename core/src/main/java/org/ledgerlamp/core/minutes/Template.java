package org.ledgerlamp.core.minutes;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Thresholds;

/**
 * The form minutes take.
 *
 * @param name what the template is called
 * @param kinds kinds of meeting it fits, in lower case
 * @param detail how much of the talk is kept
 * @param title how minutes are titled
 * @param file how their file is called
 * @param sections in order; no two have the same heading
 */
public record Template(
        String name, List<String> kinds, Detail detail, NamePattern title, NamePattern file, List<Section> sections) {
    /** However strict a section is, what is marked in notes enters. */
    private static final double MOST_CERTAIN = 0.95;

    public Template {
        kinds = List.copyOf(kinds);
        sections = List.copyOf(sections);
        long headings = sections.stream()
                .map(s -> s.heading().toLowerCase(Locale.ROOT))
                .distinct()
                .count();
        if (headings < sections.size()) {
            throw new IllegalArgumentException("two sections of \"" + name + "\" have the same heading");
        }
    }

    /** The same form with another share of the talk. */
    public Template with(Detail other) {
        return new Template(name, kinds, other, title, file, sections);
    }

    /** The same form with other sections. */
    Template with(List<Section> other) {
        return new Template(name, kinds, detail, title, file, other);
    }

    /** How likely a sentence must be a point to be kept, 0 to 1: by the section of topics, else by the template. */
    double leastPoint() {
        return sections.stream()
                .filter(s -> s.content() == Section.Content.TOPICS && s.detail() != null)
                .findFirst()
                .map(Section::detail)
                .orElse(detail)
                .leastPoint();
    }

    /**
     * A template in the shape of filed minutes: the sections that say something there, and those that have to stand.
     *
     * @param name what it is to be called
     */
    public static Template like(FairCopy copy, String name) {
        List<Section> shape = Page.of(copy).stream()
                .filter(part -> !part.groups().isEmpty()
                        || part.section().required()
                        || part.section().content().kind() == null
                                && part.section().content() != Section.Content.SUMMARY
                                && !part.section().content().isAnswer())
                .map(Page.Part::section)
                .toList();
        Template like = copy.template();
        String kind = copy.meeting().kind();
        return new Template(
                name,
                kind == null ? List.of() : List.of(kind.toLowerCase(Locale.ROOT)),
                like.detail(),
                like.title(),
                like.file(),
                shape);
    }

    /** How much of the talk a section keeps. */
    Detail detailOf(Section section) {
        return section.detail() == null ? detail : section.detail();
    }

    /** The sections that ask something of the meeting, in order. */
    public List<Section> asking() {
        return sections.stream()
                .filter(s -> s.content() == Section.Content.ANSWER)
                .toList();
    }

    /** The sections that ask something of the ledger, in order. */
    public List<Section> askingTheLedger() {
        return sections.stream()
                .filter(s -> s.content() == Section.Content.FROM_LEDGER)
                .toList();
    }

    /** How certain a finding must be to be drafted, 0 to 1: stricter or less so where its section says how much to keep. */
    double least(Kind kind) {
        double strictness = sections.stream()
                .filter(s -> s.detail() != null && s.content().kind() == kind && kind != Kind.POINT)
                .findFirst()
                .map(s -> s.detail().strictness())
                .orElse(1.0);
        return Math.min(MOST_CERTAIN, Thresholds.drafting(kind) * strictness);
    }

    /** What minutes of {@code meeting} are titled. */
    public String titleOf(MeetingFacts meeting) {
        return title.of(meeting, name);
    }

    /** What the file of {@code meeting}'s minutes is called, without an ending. */
    public String fileOf(MeetingFacts meeting) {
        return file.fileOf(meeting, name);
    }

    /** The shipped template of that name, whatever its case. */
    public static Optional<Template> named(String name) {
        return ShippedTemplates.ALL.stream()
                .filter(t -> t.name().equalsIgnoreCase(name))
                .findFirst();
    }

    /** The shipped template that fits a kind of meeting; the first where none does. */
    public static Template forKind(String kind) {
        String wanted = kind == null ? "" : kind.toLowerCase(Locale.ROOT);
        return ShippedTemplates.ALL.stream()
                .filter(t -> t.kinds().contains(wanted))
                .findFirst()
                .or(() -> ShippedTemplates.ALL.stream()
                        .filter(t -> t.kinds().stream().anyMatch(wanted::contains))
                        .findFirst())
                .orElse(ShippedTemplates.ALL.getFirst());
    }
}
