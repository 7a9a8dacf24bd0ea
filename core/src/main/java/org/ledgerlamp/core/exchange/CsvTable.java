package org.ledgerlamp.core.exchange;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables for spreadsheets (RFC 4180). */
public final class CsvTable {
    private CsvTable() {}

    /**
     * A table with a head. Words that a spreadsheet would take for a formula are marked as text.
     *
     * @param rows each with a cell for every column of the head; a cell may be null
     */
    public static String write(List<String> head, List<? extends List<?>> rows) {
        StringWriter csv = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            printer.printRecord(head);
            for (List<?> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::safe));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static Object safe(Object cell) {
        if (!(cell instanceof String words)) {
            return cell;
        }
        String plain = PlainText.of(words);
        return plain.matches("(?s)[=+@\\t\\r-].*") ? "'" + plain : plain;
    }
}
