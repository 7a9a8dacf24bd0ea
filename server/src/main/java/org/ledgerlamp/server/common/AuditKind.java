package org.ledgerlamp.server.common;

/** What is worth finding again later: who got in, what was changed for all, what left the house. */
public enum AuditKind {
    SIGNED_IN,
    SIGN_IN_REFUSED,
    PASSWORD_CHANGED,
    MEMBER_INVITED,
    MEMBER_REMOVED,
    ROLE_CHANGED,
    PASSWORD_LINK_MADE,
    ACCESS_GIVEN,
    ACCESS_TAKEN_BACK,
    TOKEN_MADE,
    TOKEN_REVOKED,
    MAIL_SERVER_CHANGED,
    RECORDER_SET_UP,
    RECORDER_REMOVED,
    NETWORK_ALLOWED,
    NETWORK_CLOSED,
    EXCERPT_MADE,
    EXCERPT_OPENED,
    EXCERPT_REVOKED,
    CIRCULATED,
    EXPORTED,
    FILING_TAKEN_BACK,
    FOLIO_DELETED,
    SECOND_FACTOR_ON,
    SECOND_FACTOR_OFF,
    BACKUP_ORDERED
}
