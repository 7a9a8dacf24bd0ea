package org.ledgerlamp.core.lamp;

/** What a question is after. */
public enum Aim {
    /** What was settled, and whether it still stands. */
    DECISION,
    /** Who was against, and what spoke for and against. */
    OBJECTION,
    /** Why something was settled or happened. */
    REASON,
    /** Who is to do what. */
    ACTION,
    /** What became of something. */
    STATUS,
    /** What was asked and not answered. */
    QUESTION,
    /** What is feared. */
    RISK,
    /** How much or how many. */
    FIGURE,
    /** When. */
    DAY,
    /** How a figure or a day moved through time. */
    CHANGE,
    /** Who said it. */
    SPEAKER,
    /** What was said. */
    SAYING,
    /** Who was there, who was not, who spoke how much. */
    ATTENDANCE,
    /** Meetings, each in a line; or one of them in short. */
    MEETING,
    /** Whatever the ledger says about it. */
    ANYTHING
}
