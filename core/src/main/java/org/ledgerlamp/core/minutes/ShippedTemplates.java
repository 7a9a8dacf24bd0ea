package org.ledgerlamp.core.minutes;

import java.util.List;
import org.ledgerlamp.core.minutes.Section.Content;
import org.ledgerlamp.core.minutes.Section.Form;
import org.ledgerlamp.core.minutes.Section.Grouping;

/** The templates that ship with the program. */
public final class ShippedTemplates {
    private static final NamePattern TITLE = new NamePattern("{title}");
    private static final NamePattern FILE = new NamePattern("{date} {title}");

    /** In the order in which they are offered. */
    public static final List<Template> ALL = List.of(
            template(
                    "Weekly status",
                    List.of("weekly status", "weekly", "status", "stand-up", "team meeting", "staff meeting"),
                    Detail.STANDARD,
                    Section.of("Attendance", Content.ATTENDEES),
                    Section.of("Summary", Content.SUMMARY),
                    Section.of("Matters arising", Content.MATTERS_ARISING),
                    Section.of("Highlights", Content.HIGHLIGHTS),
                    Section.of("Lowlights", Content.LOWLIGHTS),
                    Section.of("Decisions", Content.DECISIONS),
                    Section.of("Actions", Content.ACTIONS).always(),
                    Section.of("Risks", Content.RISKS),
                    Section.of("Open questions", Content.QUESTIONS),
                    Section.of("Discussed", Content.TOPICS),
                    Section.prompting(
                            "Ask", "What slipped since last week, and by how much?", "Who is away next week?")),
            template(
                    "One-to-one",
                    List.of("one-to-one", "supervision", "appraisal"),
                    Detail.BRIEF,
                    Section.of("Present", Content.ATTENDEES),
                    Section.of("In short", Content.SUMMARY),
                    Section.of("From last time", Content.MATTERS_ARISING),
                    Section.of("Talked about", Content.TOPICS),
                    Section.of("Going well", Content.HIGHLIGHTS),
                    Section.of("Not going well", Content.LOWLIGHTS),
                    Section.of("Worries", Content.RISKS),
                    Section.of("Settled", Content.DECISIONS),
                    Section.of("To do", Content.ACTIONS).grouped(Grouping.BY_OWNER),
                    Section.of("Still open", Content.QUESTIONS),
                    Section.prompting("Ask", "What is in the way?", "What should I do differently?")),
            template(
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
                    Section.of("Reviewers", Content.ATTENDEES),
                    Section.of("Verdict", Content.SUMMARY),
                    Section.of("Findings", Content.LOWLIGHTS),
                    Section.of("Risks", Content.RISKS).as(Form.TABLE),
                    Section.of("Decisions", Content.DECISIONS).always(),
                    Section.of("Changes to make", Content.ACTIONS).as(Form.TABLE),
                    Section.of("Questions left open", Content.QUESTIONS),
                    Section.of("What holds up", Content.HIGHLIGHTS),
                    Section.of("Discussion", Content.TOPICS)),
            template(
                    "Supplier call",
                    List.of("supplier call", "client call", "customer call", "call"),
                    Detail.STANDARD,
                    Section.of("On the call", Content.ATTENDEES),
                    Section.of("Summary", Content.SUMMARY),
                    Section.of("Agreed", Content.DECISIONS),
                    Section.of("Actions on either side", Content.ACTIONS).grouped(Grouping.BY_OWNER),
                    Section.answering("Price and terms", "What was said about price, cost and terms?"),
                    Section.answering("Delivery", "What was said about delivery and lead time?"),
                    Section.of("Unanswered", Content.QUESTIONS),
                    Section.of("Risks to delivery", Content.RISKS),
                    Section.of("Good news", Content.HIGHLIGHTS),
                    Section.of("Bad news", Content.LOWLIGHTS),
                    Section.of("What was said", Content.TOPICS)),
            template(
                    "Steering group",
                    List.of("steering group", "steering", "board", "project steering", "review"),
                    Detail.STANDARD,
                    Section.of("Attendance", Content.ATTENDEES),
                    Section.of("Summary", Content.SUMMARY),
                    Section.of("Matters arising", Content.MATTERS_ARISING),
                    Section.of("Decisions", Content.DECISIONS).always(),
                    Section.of("Agenda", Content.TOPICS),
                    Section.of("Highlights", Content.HIGHLIGHTS),
                    Section.of("Lowlights", Content.LOWLIGHTS),
                    Section.of("Risks", Content.RISKS).as(Form.TABLE),
                    Section.answering("Money", "What was said about budget, cost and money?"),
                    Section.of("Actions", Content.ACTIONS).as(Form.TABLE),
                    Section.of("Open questions", Content.QUESTIONS)),
            template(
                    "Committee",
                    List.of("committee", "council", "panel", "trustees", "assembly", "general meeting"),
                    Detail.STANDARD,
                    Section.of("Meeting", Content.FACTS),
                    Section.of("Present and apologies", Content.ATTENDEES).always(),
                    Section.of("Agenda", Content.AGENDA),
                    Section.of("Summary", Content.SUMMARY),
                    Section.of("Matters arising", Content.MATTERS_ARISING).always(),
                    Section.of("Business", Content.TOPICS),
                    Section.of("Motions and resolutions", Content.DECISIONS).always(),
                    Section.of("Reports: achieved", Content.HIGHLIGHTS),
                    Section.of("Reports: concerns", Content.LOWLIGHTS),
                    Section.of("Risks", Content.RISKS),
                    Section.of("Matters to carry forward", Content.QUESTIONS),
                    Section.of("Actions", Content.ACTIONS),
                    Section.answering("Any other business", "What other business was raised?")),
            template(
                    "Workshop",
                    List.of("workshop", "planning", "retrospective", "brainstorm", "offsite"),
                    Detail.FULL,
                    Section.of("Who took part", Content.ATTENDEES),
                    Section.of("Outcome", Content.SUMMARY),
                    Section.of("Ideas and discussion", Content.TOPICS),
                    Section.of("What works", Content.HIGHLIGHTS),
                    Section.of("What gets in the way", Content.LOWLIGHTS),
                    Section.of("Risks", Content.RISKS),
                    Section.of("Agreed", Content.DECISIONS),
                    Section.of("Next steps", Content.ACTIONS),
                    Section.of("Parked", Content.QUESTIONS),
                    Section.of("Share of the talk", Content.SPEAKING)),
            template(
                    "Incident review",
                    List.of("incident review", "incident", "post-incident", "debrief"),
                    Detail.FULL,
                    Section.of("Who was there", Content.ATTENDEES),
                    Section.of("What happened", Content.SUMMARY),
                    Section.answering("How it was noticed", "How was it noticed, and when?"),
                    Section.answering("Why", "What caused it?"),
                    Section.of("Course of events", Content.TOPICS),
                    Section.of("What went wrong", Content.LOWLIGHTS),
                    Section.of("What went right", Content.HIGHLIGHTS),
                    Section.of("What may happen again", Content.RISKS),
                    Section.of("Decided", Content.DECISIONS),
                    Section.of("Actions", Content.ACTIONS).as(Form.TABLE).always(),
                    Section.of("Not yet explained", Content.QUESTIONS),
                    Section.saying("How this is read", "This review looks for causes, not for anybody to blame.")),
            template(
                    "Qualification call",
                    List.of("qualification call", "qualification", "sales call", "discovery call", "first call"),
                    Detail.STANDARD,
                    Section.of("On the call", Content.ATTENDEES),
                    Section.of("In short", Content.SUMMARY),
                    Section.of("Need and situation", Content.TOPICS),
                    Section.answering("Budget", "What was said about budget, price and cost?"),
                    Section.answering("Who decides", "Who decides, and who has to approve it?"),
                    Section.answering("When", "When is it needed or planned?"),
                    Section.of("Speaks for it", Content.HIGHLIGHTS),
                    Section.of("Speaks against it", Content.LOWLIGHTS),
                    Section.of("Doubts", Content.RISKS),
                    Section.of("Agreed", Content.DECISIONS),
                    Section.of("Next steps", Content.ACTIONS),
                    Section.of("To find out", Content.QUESTIONS),
                    Section.of("Share of the talk", Content.SPEAKING),
                    Section.prompting("Ask", "What happens if nothing changes?", "What has been tried before?")));

    private ShippedTemplates() {}

    private static Template template(String name, List<String> kinds, Detail detail, Section... sections) {
        return new Template(name, kinds, detail, TITLE, FILE, List.of(sections));
    }
}
