package org.ledgerlamp.core.exchange;

import java.math.BigInteger;
import java.util.List;
import org.apache.poi.xwpf.usermodel.ParagraphAlignment;
import org.apache.poi.xwpf.usermodel.XWPFAbstractNum;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFNumbering;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.apache.xmlbeans.XmlException;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTAbstractNum;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTLvl;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTP;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STNumberFormat;

/** Adds blocks to a document with the styles of {@link WordStyles}. */
final class WordBlocks {
    private static final BigInteger INDENT = BigInteger.valueOf(360);
    private static final String BOX =
            """
            <w:p xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"
                 xmlns:w14="http://schemas.microsoft.com/office/word/2010/wordml">
              <w:pPr><w:pStyle w:val="ListParagraph"/><w:ind w:left="360" w:hanging="360"/></w:pPr>
              <w:sdt>
                <w:sdtPr><w14:checkbox><w14:checked w14:val="%1$d"/>
                  <w14:checkedState w14:val="2612" w14:font="MS Gothic"/>
                  <w14:uncheckedState w14:val="2610" w14:font="MS Gothic"/></w14:checkbox></w:sdtPr>
                <w:sdtContent><w:r><w:rPr><w:rFonts w:ascii="MS Gothic" w:eastAsia="MS Gothic" w:hAnsi="MS Gothic" w:hint="eastAsia"/></w:rPr><w:t>%2$s</w:t></w:r></w:sdtContent>
              </w:sdt>
            </w:p>
            """;

    private final XWPFDocument document;
    private BigInteger bullets;

    WordBlocks(XWPFDocument document) {
        this.document = document;
    }

    void add(List<Block> blocks) {
        blocks.forEach(this::add);
    }

    private void add(Block block) {
        switch (block) {
            case Block.Title t -> {
                write(styled(WordStyles.TITLE), t.text());
                write(styled(WordStyles.SUBTITLE), t.below());
            }
            case Block.Heading h -> write(styled(h.level() == 2 ? WordStyles.SECTION : WordStyles.GROUP), h.text());
            case Block.Paragraph p -> write(document.createParagraph(), p.text());
            case Block.Items items -> items(items);
            case Block.Table table -> table(table);
        }
    }

    private XWPFParagraph styled(String style) {
        XWPFParagraph paragraph = document.createParagraph();
        paragraph.setStyle(style);
        return paragraph;
    }

    private static void write(XWPFParagraph paragraph, String text) {
        List<String> lines = text.lines().toList();
        XWPFRun run = paragraph.createRun();
        for (int i = 0; i < lines.size(); i++) {
            if (i > 0) {
                run.addBreak();
            }
            run.setText(lines.get(i));
        }
    }

    private void items(Block.Items items) {
        XWPFParagraph together = items.style() == Block.Style.RUN_ON ? document.createParagraph() : null;
        BigInteger list =
                switch (items.style()) {
                    case NUMBERS -> numbering(STNumberFormat.DECIMAL, "%1.");
                    case BULLETS -> bullets();
                    case BOXES, RUN_ON -> null;
                };
        for (Block.Item item : items.items()) {
            XWPFParagraph paragraph = together != null ? together : list == null ? box(item) : listed(list);
            item(paragraph, item);
        }
    }

    private BigInteger bullets() {
        if (bullets == null) {
            bullets = numbering(STNumberFormat.BULLET, "•");
        }
        return bullets;
    }

    private XWPFParagraph listed(BigInteger list) {
        XWPFParagraph paragraph = styled(WordStyles.LISTED);
        paragraph.setNumID(list);
        paragraph.setNumILvl(BigInteger.ZERO);
        return paragraph;
    }

    private XWPFParagraph box(Block.Item item) {
        XWPFParagraph paragraph = document.createParagraph();
        try {
            CTP box = CTP.Factory.parse(BOX.formatted(item.ticked() ? 1 : 0, item.ticked() ? "\u2612" : "\u2610"));
            paragraph
                    .getCTP()
                    .set(box.selectPath(
                                    "declare namespace w='http://schemas.openxmlformats.org/wordprocessingml/2006/main' ./w:p")[
                            0]);
        } catch (XmlException e) {
            throw new IllegalStateException(e);
        }
        paragraph.createRun().setText(" ");
        return paragraph;
    }

    private void item(XWPFParagraph paragraph, Block.Item item) {
        if (item.number() != null) {
            XWPFRun number = paragraph.createRun();
            number.setStyle(WordStyles.NUMBER);
            number.setText(item.number() + " ");
        }
        paragraph.createRun().setText(item.text() + (item.aside().isEmpty() ? " " : ""));
        if (!item.aside().isEmpty()) {
            XWPFRun aside = paragraph.createRun();
            aside.setStyle(WordStyles.ASIDE);
            aside.setText(" (" + item.aside() + ") ");
        }
    }

    private BigInteger numbering(STNumberFormat.Enum format, String text) {
        XWPFNumbering numbering =
                document.getNumbering() == null ? document.createNumbering() : document.getNumbering();
        CTAbstractNum list = CTAbstractNum.Factory.newInstance();
        list.setAbstractNumId(BigInteger.valueOf(numbering.getAbstractNums().size()));
        CTLvl level = list.addNewLvl();
        level.setIlvl(BigInteger.ZERO);
        level.addNewStart().setVal(BigInteger.ONE);
        level.addNewNumFmt().setVal(format);
        level.addNewLvlText().setVal(text);
        var indent = level.addNewPPr().addNewInd();
        indent.setLeft(INDENT);
        indent.setHanging(INDENT);
        return numbering.addNum(numbering.addAbstractNum(new XWPFAbstractNum(list)));
    }

    private void table(Block.Table table) {
        XWPFTable made = document.createTable(1, table.columns().size());
        made.setStyleID(WordStyles.TABLE);
        made.setWidth("100%");
        XWPFTableRow head = made.getRow(0);
        head.setRepeatHeader(true);
        for (int i = 0; i < table.columns().size(); i++) {
            cell(head.getCell(i), table.columns().get(i), table.columns().get(i).name(), true);
        }
        for (List<String> row : table.rows()) {
            XWPFTableRow below = made.createRow();
            for (int i = 0; i < row.size(); i++) {
                cell(below.getCell(i), table.columns().get(i), row.get(i), false);
            }
        }
        document.createParagraph();
    }

    private static void cell(XWPFTableCell cell, Block.Column column, String text, boolean head) {
        XWPFParagraph paragraph = cell.getParagraphs().getFirst();
        paragraph.setAlignment(column.figures() ? ParagraphAlignment.RIGHT : ParagraphAlignment.LEFT);
        XWPFRun run = paragraph.createRun();
        run.setBold(head);
        run.setText(text);
    }
}
