package org.ledgerlamp.core.exchange;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.poi.UnsupportedFileFormatException;
import org.apache.poi.ooxml.POIXMLException;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JRuntimeException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.xwpf.usermodel.IBody;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.apache.xmlbeans.XmlCursor;
import org.ledgerlamp.core.minutes.FairCopy;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTP;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTRow;

/**
 * A team's own document with placeholders, which is filled with minutes. Its styles stay: what is put in takes on the looks
 * of the placeholder it stands for. A paragraph with a list in it is repeated for every line of the list, a table's row with
 * something of an item in it for every item.
 */
public final class HouseDocument {
    /** More than any letter-head needs; what unpacks to more is no document. */
    private static final int MOST_BYTES = 10_000_000;

    private final HousePlaceholders values;

    private HouseDocument(HousePlaceholders values) {
        this.values = values;
    }

    /**
     * A placeholder as it stands in a document.
     *
     * @param name without braces
     * @param place where it stands, in words
     * @param known whether it is one
     */
    public record Found(String name, String place, boolean known) {}

    /**
     * Looks a document through.
     *
     * @return its placeholders in order
     * @throws IllegalArgumentException where it cannot be used as a house document, with the reason
     */
    public static List<Found> check(byte[] file) {
        try (XWPFDocument document = open(file)) {
            List<Found> found = new ArrayList<>();
            document.getHeaderList().forEach(h -> look(h, "header", found));
            look(document, "", found);
            document.getFooterList().forEach(f -> look(f, "footer", found));
            return found;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void look(IBody body, String within, List<Found> found) {
        int paragraphs = 0;
        int tables = 0;
        for (IBodyElement element : body.getBodyElements()) {
            if (element instanceof XWPFParagraph paragraph) {
                String place = placed(within, "paragraph " + ++paragraphs);
                HouseText.names(paragraph).forEach(n -> found.add(new Found(n, place, HousePlaceholders.isKnown(n))));
            } else if (element instanceof XWPFTable table) {
                look(table, placed(within, "table " + ++tables), found);
            }
        }
    }

    private static void look(XWPFTable table, String within, List<Found> found) {
        for (int r = 0; r < table.getNumberOfRows(); r++) {
            List<XWPFTableCell> cells = table.getRow(r).getTableCells();
            for (int c = 0; c < cells.size(); c++) {
                look(cells.get(c), within + ", row " + (r + 1) + ", column " + (c + 1), found);
            }
        }
    }

    private static String placed(String within, String place) {
        return within.isEmpty() ? place : within + ", " + place;
    }

    /** The document filled with minutes. A placeholder that is none stays as it is. */
    public static byte[] fill(byte[] file, FairCopy copy) {
        HouseDocument filling = new HouseDocument(new HousePlaceholders(copy));
        try (XWPFDocument document = open(file);
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getHeaderList().forEach(filling::fill);
            filling.fill(document);
            document.getFooterList().forEach(filling::fill);
            document.getProperties().getCoreProperties().setTitle(copy.title());
            document.write(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static XWPFDocument open(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new IllegalArgumentException("it has more than " + MOST_BYTES / 1_000_000 + " MB");
        }
        if (file.length == 0) {
            throw new IllegalArgumentException("it is empty, so it is no readable .docx document");
        }
        try {
            OPCPackage parts = OPCPackage.open(new ByteArrayInputStream(file));
            for (PackagePart part : parts.getParts()) {
                String type = part.getContentType() + part.getPartName().getName();
                if (type.contains("macroEnabled") || type.contains("vbaProject")) {
                    throw new IllegalArgumentException("it carries macros; save it without them, as .docx");
                }
            }
            return new XWPFDocument(parts);
        } catch (InvalidFormatException
                | IOException
                | POIXMLException
                | OpenXML4JRuntimeException
                | UnsupportedFileFormatException e) {
            throw new IllegalArgumentException("it is no readable .docx document: " + e.getMessage(), e);
        }
    }

    private void fill(IBody body) {
        for (IBodyElement element : List.copyOf(body.getBodyElements())) {
            if (element instanceof XWPFParagraph paragraph) {
                fill(paragraph);
            } else if (element instanceof XWPFTable table) {
                fill(table);
            }
        }
    }

    private void fill(XWPFParagraph paragraph) {
        Optional<String> list = HouseText.names(paragraph).stream()
                .filter(HousePlaceholders::isList)
                .findFirst();
        if (list.isPresent()) {
            repeat(paragraph, list.get(), values.lines(list.get()));
        } else {
            HouseText.replace(paragraph, values::text);
        }
    }

    /** One paragraph a line, each like the one that holds the placeholder. */
    private void repeat(XWPFParagraph paragraph, String list, List<String> lines) {
        for (String line : lines.subList(0, lines.size() - 1)) {
            try (XmlCursor cursor = paragraph.getCTP().newCursor()) {
                XWPFParagraph before = paragraph.getBody().insertNewParagraph(cursor);
                before.getCTP().set(paragraph.getCTP().copy());
                CTP set = before.getCTP();
                replace(new XWPFParagraph(set, before.getBody()), list, line);
            }
        }
        replace(paragraph, list, lines.getLast());
    }

    private void replace(XWPFParagraph paragraph, String list, String line) {
        HouseText.replace(paragraph, name -> name.equals(list) ? line : values.text(name));
    }

    private void fill(XWPFTable table) {
        for (XWPFTableRow row : List.copyOf(table.getRows())) {
            Optional<String> of = row.getTableCells().stream()
                    .flatMap(c -> c.getParagraphs().stream())
                    .flatMap(p -> HouseText.names(p).stream())
                    .filter(HousePlaceholders::isOfItem)
                    .findFirst();
            if (of.isPresent()) {
                repeat(table, row, HousePlaceholders.itemOf(of.get()));
            } else {
                row.getTableCells().forEach(this::fill);
            }
        }
    }

    /** One row an item, each like the one with the placeholders. */
    private void repeat(XWPFTable table, XWPFTableRow row, String item) {
        int count = values.count(item);
        int at = table.getRows().indexOf(row);
        CTRow like = (CTRow) row.getCtRow().copy();
        table.removeRow(at);
        for (int i = 0; i < count; i++) {
            int index = i;
            XWPFTableRow made = new XWPFTableRow((CTRow) like.copy(), table);
            made.getTableCells().stream()
                    .flatMap(c -> c.getParagraphs().stream())
                    .forEach(p -> HouseText.replace(
                            p,
                            name -> HousePlaceholders.isOfItem(name) ? values.field(name, index) : values.text(name)));
            table.addRow(made, at + i);
        }
    }
}
