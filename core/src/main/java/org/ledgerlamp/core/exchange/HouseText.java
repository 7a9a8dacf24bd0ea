package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;

/** Placeholders in the words of a paragraph, which word processors cut into runs wherever they please. */
final class HouseText {
    private static final Pattern PLACEHOLDER = Pattern.compile("\\{([A-Za-z][A-Za-z.]*)\\}");

    private HouseText() {}

    /** The names of the placeholders in a paragraph, in order. */
    static List<String> names(XWPFParagraph paragraph) {
        Matcher m = PLACEHOLDER.matcher(words(paragraph));
        List<String> names = new ArrayList<>();
        while (m.find()) {
            names.add(m.group(1));
        }
        return names;
    }

    private static String words(XWPFParagraph paragraph) {
        StringBuilder words = new StringBuilder();
        paragraph.getRuns().forEach(r -> words.append(r.text()));
        return words.toString();
    }

    /**
     * Puts values in the place of placeholders; they look like the run in which the placeholder begins.
     *
     * @param value by name; null where a placeholder is to stay
     */
    static void replace(XWPFParagraph paragraph, Function<String, String> value) {
        String words = words(paragraph);
        Matcher m = PLACEHOLDER.matcher(words);
        List<int[]> places = new ArrayList<>();
        List<String> values = new ArrayList<>();
        while (m.find()) {
            String put = value.apply(m.group(1));
            if (put != null) {
                places.add(new int[] {m.start(), m.end()});
                values.add(put);
            }
        }
        // From the end, so that what stands before keeps its place.
        for (int i = places.size() - 1; i >= 0; i--) {
            replace(paragraph.getRuns(), places.get(i)[0], places.get(i)[1], values.get(i));
        }
    }

    private static void replace(List<XWPFRun> runs, int start, int end, String value) {
        int at = 0;
        boolean isPut = false;
        for (XWPFRun run : runs) {
            String text = run.text();
            int from = Math.max(start - at, 0);
            int to = Math.min(end - at, text.length());
            if (from < to) {
                String before = text.substring(0, from);
                String after = text.substring(to);
                set(run, before + (isPut ? "" : value) + after);
                isPut = true;
            }
            at += text.length();
        }
    }

    private static void set(XWPFRun run, String text) {
        var inner = run.getCTR();
        while (inner.sizeOfTArray() > 0) {
            inner.removeT(0);
        }
        while (inner.sizeOfBrArray() > 0) {
            inner.removeBr(0);
        }
        while (inner.sizeOfTabArray() > 0) {
            inner.removeTab(0);
        }
        String[] lines = text.split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                run.addBreak();
            }
            run.setText(lines[i], i);
        }
    }
}
