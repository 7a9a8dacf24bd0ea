package org.ledgerlamp.core.exchange;

/**
 * What is sent by mail: the same words once as plain text and once with headings and lists.
 *
 * @param subject one line
 * @param text plain text
 * @param html one HTML file without outside references
 */
public record Letter(String subject, String text, String html) {
    /** A subject on one line, whatever it contained. */
    static String oneLine(String subject) {
        return subject.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
    }
}
