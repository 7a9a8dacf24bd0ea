package org.ledgerlamp.server.asking;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing an answer says.
 *
 * @param day of the meeting it is from, or null where it is from several or goes on where the one before was
 * @param lead who said it or what it is; may be blank
 * @param said whether the text is what was said, word for word
 * @param citations what it rests on, as far as it is still there
 */
record AnswerStatement(@Nullable LocalDate day, String lead, String text, boolean said, List<AnswerPlace> citations) {
    /**
     * A place an answer rests on.
     *
     * @param folio its number, or null where it is a draft
     * @param draft id of the minutes where these are a draft, or null
     * @param line number of the line of record or of the note's paragraph, or null for talk alone
     * @param sourceId the source of the passage, or null
     * @param passage number of the passage within its source, or null
     * @param quote the words; blank where a line stands for itself
     */
    record AnswerPlace(
            @Nullable Integer folio,
            @Nullable UUID draft,
            String title,
            LocalDate date,
            @Nullable Integer line,
            @Nullable UUID sourceId,
            @Nullable Integer passage,
            String quote) {}
}
