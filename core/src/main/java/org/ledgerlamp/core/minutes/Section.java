package org.ledgerlamp.core.minutes;

import java.util.List;
import java.util.Objects;
import org.ledgerlamp.core.reading.Kind;

/**
 * A part of the minutes under a heading of its own.
 *
 * @param heading what stands above it
 * @param content what it collects
 * @param grouping how its lines are grouped
 * @param form how its lines are set
 * @param detail how much of the talk it keeps, or null for what the template says
 * @param required whether it stands also where nothing was said for it
 * @param text fixed text, the question asked of the meeting or the ledger, or prompts line by line; empty for all other content
 */
public record Section(
        String heading, Content content, Grouping grouping, Form form, Detail detail, boolean required, String text) {
    /** What a section collects. */
    public enum Content {
        /** Date, time, place and kind of the meeting. */
        FACTS,
        ATTENDEES,
        AGENDA,
        /** Open business carried from earlier meetings of the series. */
        MATTERS_ARISING,
        SUMMARY,
        /** The talk by topic, with its points. */
        TOPICS,
        DECISIONS,
        ACTIONS,
        QUESTIONS,
        RISKS,
        HIGHLIGHTS,
        LOWLIGHTS,
        /** Who spoke how much, and how long it took. */
        SPEAKING,
        /** The same words every time. */
        FIXED_TEXT,
        /** Questions for whoever takes the notes; not part of the finished page. */
        PROMPTS,
        /** What was said in answer to a question. */
        ANSWER,
        /** What the ledger says to a question, from the meetings filed before. */
        FROM_LEDGER;

        /** The kind of finding it collects, or null where it collects none or answers to a question. */
        public Kind kind() {
            return switch (this) {
                case TOPICS -> Kind.POINT;
                case DECISIONS -> Kind.DECISION;
                case ACTIONS -> Kind.ACTION;
                case QUESTIONS -> Kind.QUESTION;
                case RISKS -> Kind.RISK;
                case HIGHLIGHTS -> Kind.HIGHLIGHT;
                case LOWLIGHTS -> Kind.LOWLIGHT;
                default -> null;
            };
        }

        /** Whether the section needs a text of its own. */
        public boolean needsText() {
            return this == FIXED_TEXT || this == PROMPTS || isAnswer();
        }

        /** Whether its lines answer a question, of the meeting or of the ledger. */
        public boolean isAnswer() {
            return this == ANSWER || this == FROM_LEDGER;
        }
    }

    /** How lines stand together. */
    public enum Grouping {
        NONE,
        BY_TOPIC,
        BY_OWNER
    }

    /** How lines are set. */
    public enum Form {
        SENTENCES,
        LIST,
        TABLE,
        CHECK_BOXES
    }

    public Section {
        Objects.requireNonNull(content, "content");
        Objects.requireNonNull(grouping, "grouping");
        Objects.requireNonNull(form, "form");
        if (heading.isBlank()) {
            throw new IllegalArgumentException("a section needs a heading");
        }
        if (content.needsText() == text.isBlank()) {
            throw new IllegalArgumentException(
                    content.needsText()
                            ? "section \"" + heading + "\" needs a text"
                            : "section \"" + heading + "\" collects what was said and has no text of its own");
        }
    }

    /** A section set as people expect its content to be. */
    public static Section of(String heading, Content content) {
        return new Section(
                heading,
                content,
                content == Content.TOPICS ? Grouping.BY_TOPIC : Grouping.NONE,
                switch (content) {
                    case SUMMARY, FIXED_TEXT -> Form.SENTENCES;
                    case ACTIONS, MATTERS_ARISING -> Form.CHECK_BOXES;
                    case SPEAKING, FACTS -> Form.TABLE;
                    default -> Form.LIST;
                },
                null,
                false,
                "");
    }

    /** A section with what was said in answer to {@code question}. */
    public static Section answering(String heading, String question) {
        return new Section(heading, Content.ANSWER, Grouping.NONE, Form.LIST, null, false, question);
    }

    /** A section that says the same every time. */
    public static Section saying(String heading, String text) {
        return new Section(heading, Content.FIXED_TEXT, Grouping.NONE, Form.SENTENCES, null, false, text);
    }

    /** A section that reminds whoever takes the notes. */
    public static Section prompting(String heading, String... prompts) {
        return new Section(heading, Content.PROMPTS, Grouping.NONE, Form.LIST, null, false, String.join("\n", prompts));
    }

    public Section grouped(Grouping other) {
        return new Section(heading, content, other, form, detail, required, text);
    }

    public Section as(Form other) {
        return new Section(heading, content, grouping, other, detail, required, text);
    }

    public Section with(Detail other) {
        return new Section(heading, content, grouping, form, other, required, text);
    }

    /** The same section, standing also where it is empty. */
    public Section always() {
        return new Section(heading, content, grouping, form, detail, true, text);
    }

    /** The same section, standing only where there is something to say. */
    Section bare() {
        return new Section(heading, content, grouping, form, detail, false, text);
    }

    /** Its text line by line. */
    public List<String> lines() {
        return text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
    }
}
