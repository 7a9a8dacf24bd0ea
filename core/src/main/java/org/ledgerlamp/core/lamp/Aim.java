package org.ledgerlamp.core.lamp;

/** What a question is after. */
public enum Aim {
    /** What was settled, and whether it still stands. */
    DECISION("decisions"),
    /** Who was against, and what spoke for and against. */
    OBJECTION("objections"),
    /** Why something was settled or happened. */
    REASON("reasons"),
    /** Who is to do what. */
    ACTION("actions"),
    /** What became of something. */
    STATUS("what became of it"),
    /** What was asked and not answered. */
    QUESTION("open questions"),
    /** What is feared. */
    RISK("risks"),
    /** How much or how many. */
    FIGURE("a figure"),
    /** When. */
    DAY("a day"),
    /** How a figure or a day moved through time. */
    CHANGE("how it changed"),
    /** Who said it. */
    SPEAKER("who said it"),
    /** What was said. */
    SAYING("what was said"),
    /** Who was there, who was not, who spoke how much. */
    ATTENDANCE("who was there"),
    /** Meetings, each in a line; or one of them in short. */
    MEETING("meetings"),
    /** Whatever the ledger says about it. */
    ANYTHING("anything");

    private final String label;

    Aim(String label) {
        this.label = label;
    }

    /** What it is called. */
    public String label() {
        return label;
    }
}
