package org.ledgerlamp.core.minutes;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The form minutes take.
 *
 * @param name what the template is called
 * @param kinds kinds of meeting it fits, in lower case
 * @param detail how much of the talk is kept
 * @param sections in order
 */
public record Template(String name, List<String> kinds, Detail detail, List<Section> sections) {
    /** What a section holds. */
    public enum Content {
        ATTENDEES,
        SUMMARY,
        TOPICS,
        DECISIONS,
        ACTIONS,
        QUESTIONS,
        RISKS,
        HIGHLIGHTS,
        LOWLIGHTS
    }

    /** A part of the minutes under a heading of its own. */
    public record Section(String heading, Content content) {}

    /** The templates that ship with the program. */
    public static final List<Template> SHIPPED = List.of(
            new Template(
                    "Weekly status",
                    List.of("weekly status", "weekly", "status", "stand-up", "team meeting", "staff meeting"),
                    Detail.STANDARD,
                    List.of(
                            new Section("Attendance", Content.ATTENDEES),
                            new Section("Summary", Content.SUMMARY),
                            new Section("Highlights", Content.HIGHLIGHTS),
                            new Section("Lowlights", Content.LOWLIGHTS),
                            new Section("Decisions", Content.DECISIONS),
                            new Section("Actions", Content.ACTIONS),
                            new Section("Risks", Content.RISKS),
                            new Section("Open questions", Content.QUESTIONS),
                            new Section("Discussed", Content.TOPICS))),
            new Template(
                    "One-to-one",
                    List.of("one-to-one", "supervision", "appraisal"),
                    Detail.BRIEF,
                    List.of(
                            new Section("Present", Content.ATTENDEES),
                            new Section("In short", Content.SUMMARY),
                            new Section("Talked about", Content.TOPICS),
                            new Section("Going well", Content.HIGHLIGHTS),
                            new Section("Not going well", Content.LOWLIGHTS),
                            new Section("Worries", Content.RISKS),
                            new Section("Settled", Content.DECISIONS),
                            new Section("To do", Content.ACTIONS),
                            new Section("Still open", Content.QUESTIONS))),
            new Template(
                    "Technical review",
                    List.of(
                            "technical review",
                            "design review",
                            "architecture",
                            "code review",
                            "safety review",
                            "inspection",
                            "engineering"),
                    Detail.FULL,
                    List.of(
                            new Section("Reviewers", Content.ATTENDEES),
                            new Section("Verdict", Content.SUMMARY),
                            new Section("Findings", Content.LOWLIGHTS),
                            new Section("Risks", Content.RISKS),
                            new Section("Decisions", Content.DECISIONS),
                            new Section("Changes to make", Content.ACTIONS),
                            new Section("Questions left open", Content.QUESTIONS),
                            new Section("What holds up", Content.HIGHLIGHTS),
                            new Section("Discussion", Content.TOPICS))),
            new Template(
                    "Supplier call",
                    List.of("supplier call", "client call", "customer call", "call"),
                    Detail.STANDARD,
                    List.of(
                            new Section("On the call", Content.ATTENDEES),
                            new Section("Summary", Content.SUMMARY),
                            new Section("Agreed", Content.DECISIONS),
                            new Section("Actions on either side", Content.ACTIONS),
                            new Section("Unanswered", Content.QUESTIONS),
                            new Section("Risks to delivery", Content.RISKS),
                            new Section("Good news", Content.HIGHLIGHTS),
                            new Section("Bad news", Content.LOWLIGHTS),
                            new Section("What was said", Content.TOPICS))),
            new Template(
                    "Steering group",
                    List.of("steering group", "steering", "board", "project steering", "review"),
                    Detail.STANDARD,
                    List.of(
                            new Section("Attendance", Content.ATTENDEES),
                            new Section("Summary", Content.SUMMARY),
                            new Section("Decisions", Content.DECISIONS),
                            new Section("Agenda", Content.TOPICS),
                            new Section("Highlights", Content.HIGHLIGHTS),
                            new Section("Lowlights", Content.LOWLIGHTS),
                            new Section("Risks", Content.RISKS),
                            new Section("Actions", Content.ACTIONS),
                            new Section("Open questions", Content.QUESTIONS))),
            new Template(
                    "Committee",
                    List.of("committee", "council", "panel", "trustees", "assembly", "general meeting"),
                    Detail.STANDARD,
                    List.of(
                            new Section("Present and apologies", Content.ATTENDEES),
                            new Section("Summary", Content.SUMMARY),
                            new Section("Business", Content.TOPICS),
                            new Section("Motions and resolutions", Content.DECISIONS),
                            new Section("Reports: achieved", Content.HIGHLIGHTS),
                            new Section("Reports: concerns", Content.LOWLIGHTS),
                            new Section("Risks", Content.RISKS),
                            new Section("Matters to carry forward", Content.QUESTIONS),
                            new Section("Actions", Content.ACTIONS))),
            new Template(
                    "Workshop",
                    List.of("workshop", "planning", "retrospective", "brainstorm", "offsite"),
                    Detail.FULL,
                    List.of(
                            new Section("Who took part", Content.ATTENDEES),
                            new Section("Outcome", Content.SUMMARY),
                            new Section("Ideas and discussion", Content.TOPICS),
                            new Section("What works", Content.HIGHLIGHTS),
                            new Section("What gets in the way", Content.LOWLIGHTS),
                            new Section("Risks", Content.RISKS),
                            new Section("Agreed", Content.DECISIONS),
                            new Section("Next steps", Content.ACTIONS),
                            new Section("Parked", Content.QUESTIONS))),
            new Template(
                    "Incident review",
                    List.of("incident review", "incident", "post-incident", "debrief"),
                    Detail.FULL,
                    List.of(
                            new Section("Who was there", Content.ATTENDEES),
                            new Section("What happened", Content.SUMMARY),
                            new Section("Course of events", Content.TOPICS),
                            new Section("What went wrong", Content.LOWLIGHTS),
                            new Section("What went right", Content.HIGHLIGHTS),
                            new Section("What may happen again", Content.RISKS),
                            new Section("Decided", Content.DECISIONS),
                            new Section("Actions", Content.ACTIONS),
                            new Section("Not yet explained", Content.QUESTIONS))),
            new Template(
                    "Qualification call",
                    List.of("qualification call", "qualification", "sales call", "discovery call", "first call"),
                    Detail.STANDARD,
                    List.of(
                            new Section("On the call", Content.ATTENDEES),
                            new Section("In short", Content.SUMMARY),
                            new Section("Need and situation", Content.TOPICS),
                            new Section("Speaks for it", Content.HIGHLIGHTS),
                            new Section("Speaks against it", Content.LOWLIGHTS),
                            new Section("Doubts", Content.RISKS),
                            new Section("Agreed", Content.DECISIONS),
                            new Section("Next steps", Content.ACTIONS),
                            new Section("To find out", Content.QUESTIONS))));

    /** The same form with another share of the talk. */
    public Template with(Detail other) {
        return new Template(name, kinds, other, sections);
    }

    /** The shipped template of that name, whatever its case. */
    public static Optional<Template> named(String name) {
        return SHIPPED.stream().filter(t -> t.name().equalsIgnoreCase(name)).findFirst();
    }

    /** The shipped template that fits a kind of meeting; the first where none does. */
    public static Template forKind(String kind) {
        String wanted = kind == null ? "" : kind.toLowerCase(Locale.ROOT);
        return SHIPPED.stream()
                .filter(t -> t.kinds().contains(wanted))
                .findFirst()
                .or(() -> SHIPPED.stream()
                        .filter(t -> t.kinds().stream().anyMatch(wanted::contains))
                        .findFirst())
                .orElse(SHIPPED.getFirst());
    }
}
