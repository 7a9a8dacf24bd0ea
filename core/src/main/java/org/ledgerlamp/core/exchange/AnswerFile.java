package org.ledgerlamp.core.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes what the ledger says to a question for others: as a page with what it rests on, or as a table. */
public final class AnswerFile {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private AnswerFile() {}

    /**
     * An answer.
     *
     * @param askedOn the day it was asked on
     * @param of what was asked, such as "the whole ledger"
     * @param answered whether the ledger says it; otherwise the statements are what comes nearest
     * @param notSaid the one of two questions asked in one breath that it does not answer, or null
     */
    public record Sheet(
            String question, LocalDate askedOn, String of, boolean answered, List<Said> statements, String notSaid) {
        public Sheet {
            statements = List.copyOf(statements);
        }
    }

    /**
     * One thing it says.
     *
     * @param day of its meeting, or null where it goes on where the one before was, or is from several
     * @param lead who said it or what it is; may be blank
     * @param said whether the text is word for word what was said
     */
    public record Said(LocalDate day, String lead, String text, boolean said, List<Place> places) {
        public Said {
            places = List.copyOf(places);
        }

        String words() {
            return (lead.isBlank() ? "" : lead + ": ") + (said ? "“" + text + "”" : text);
        }
    }

    /**
     * A place it rests on.
     *
     * @param number of the line or the folio, such as {@code 27.3} or {@code 27}; blank for a draft
     * @param title of the meeting
     * @param date of the meeting
     * @param quote the words as they stand there; may be blank
     */
    public record Place(String number, String title, LocalDate date, String quote) {}

    /** As CommonMark. */
    public static String markdown(Sheet sheet) {
        return Markdown.write(set(sheet));
    }

    /** As one HTML file without outside references. */
    public static String html(Sheet sheet) {
        return HtmlPage.write(sheet.question(), set(sheet));
    }

    /** As a document of Office Open XML. */
    public static byte[] docx(Sheet sheet) {
        return MinutesDocx.of(sheet.question(), set(sheet));
    }

    /** As a PDF for printing. */
    public static byte[] pdf(Sheet sheet) {
        return MinutesPdf.of(html(sheet));
    }

    /** As a table with a head (RFC 4180): a row for every statement and each place it rests on. */
    public static String table(Sheet sheet) {
        List<List<?>> rows = new ArrayList<>();
        for (Said s : sheet.statements()) {
            for (Place p : s.places()) {
                rows.add(List.of(p.date(), s.lead(), s.text(), p.number(), p.title(), p.quote()));
            }
        }
        return CsvTable.write(List.of("date", "who or what", "statement", "folio", "meeting", "words"), rows);
    }

    /** One thing an answer says, as a line: "3 March 2026, Ana: “…” (27.3)". */
    public static String line(Said s) {
        String day = s.day() == null ? "" : DAY.format(s.day()) + (s.lead().isBlank() ? ": " : ", ");
        return day + s.words() + (s.places().isEmpty() ? "" : " (" + named(s) + ")");
    }

    private static List<Block> set(Sheet sheet) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Title(sheet.question(), "Asked of " + sheet.of() + " on " + DAY.format(sheet.askedOn())));
        if (!sheet.answered()) {
            blocks.add(new Block.Paragraph(
                    sheet.statements().isEmpty()
                            ? "The ledger does not say, and nothing in it comes near."
                            : "The ledger does not say. What comes nearest:"));
        }
        List<Block.Item> items = new ArrayList<>();
        for (Said s : sheet.statements()) {
            if (s.day() != null || items.isEmpty()) {
                close(items, blocks);
                if (s.day() != null) {
                    blocks.add(new Block.Heading(3, DAY.format(s.day())));
                }
            }
            items.add(new Block.Item(null, false, s.words(), named(s)));
        }
        close(items, blocks);
        if (sheet.notSaid() != null) {
            blocks.add(new Block.Paragraph("The ledger does not say: " + sheet.notSaid()));
        }
        rests(sheet, blocks);
        return blocks;
    }

    private static void close(List<Block.Item> items, List<Block> blocks) {
        if (!items.isEmpty()) {
            blocks.add(new Block.Items(Block.Style.BULLETS, items));
            items.clear();
        }
    }

    private static String named(Said s) {
        return s.places().stream().map(AnswerFile::named).distinct().collect(Collectors.joining(", "));
    }

    private static String named(Place place) {
        return place.number().isBlank()
                ? place.title()
                : place.number().indexOf('.') < 0 ? "folio " + place.number() : place.number();
    }

    private static void rests(Sheet sheet, List<Block> blocks) {
        Set<Place> places = new LinkedHashSet<>();
        sheet.statements().forEach(s -> places.addAll(s.places()));
        if (!places.isEmpty()) {
            blocks.add(new Block.Heading(2, "What it rests on"));
            blocks.add(new Block.Items(
                    Block.Style.BULLETS,
                    places.stream()
                            .map(p -> new Block.Item(
                                    p.number().isBlank() ? null : p.number(),
                                    false,
                                    p.quote().isBlank() ? p.title() : "“" + p.quote() + "”",
                                    (p.quote().isBlank() ? "" : p.title() + ", ") + DAY.format(p.date())))
                            .toList()));
        }
    }
}
