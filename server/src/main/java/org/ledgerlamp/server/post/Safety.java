package org.ledgerlamp.server.post;

/** How the way to a mail server is kept from listeners. */
enum Safety {
    /** Not at all: for a server on the same machine. */
    NONE,
    /** Begun in the open, and refused where the server cannot encrypt (RFC 3207). */
    STARTTLS,
    /** Encrypted from the first byte (RFC 8314). */
    TLS
}
