package org.ledgerlamp.server.asking;

import java.nio.charset.StandardCharsets;
import org.ledgerlamp.core.exchange.AnswerFile;

/** What an answer can be written as; the names are the endings of the files. */
enum AnswerForm {
    md,
    html,
    docx,
    pdf,
    csv;

    byte[] write(AnswerFile.Sheet sheet) {
        return switch (this) {
            case md -> AnswerFile.markdown(sheet).getBytes(StandardCharsets.UTF_8);
            case html -> AnswerFile.html(sheet).getBytes(StandardCharsets.UTF_8);
            case csv -> AnswerFile.table(sheet).getBytes(StandardCharsets.UTF_8);
            case docx -> AnswerFile.docx(sheet);
            case pdf -> AnswerFile.pdf(sheet);
        };
    }
}
