package org.ledgerlamp.server.asking;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * A question.
 *
 * @param reading how it is to be read, or null to read it
 * @param before how the question was read that it may lean on, or null where it is the first
 * @param where which part of the ledger is asked, or null for all of it
 */
record LampQuestion(
        @NotBlank @Size(max = 300) String question,
        @Nullable @Valid QuestionReading reading,
        @Nullable @Valid QuestionReading before,
        @Nullable @Valid Scope where) {
    Scope scope() {
        return where == null ? Scope.LEDGER : where;
    }
}
