package org.ledgerlamp.server.post;

/** What a letter is about. */
public enum LetterKind {
    /** An agenda, before its meeting. */
    AGENDA,
    /** Minutes, a catch-up or somebody's own actions, after a meeting. */
    MINUTES,
    /** Word that somebody was let in. */
    LET_IN,
    /** An invitation to take part in the team. */
    INVITATION,
    /** A link for somebody who forgot their password. */
    PASSWORD,
    /** Word that a draft can be looked at. */
    DRAFT_READY,
    /** Written to try the mail server. */
    TRIAL
}
