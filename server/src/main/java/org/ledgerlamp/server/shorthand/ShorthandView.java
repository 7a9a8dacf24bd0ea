package org.ledgerlamp.server.shorthand;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.ledgerlamp.core.source.Mark;

/**
 * A team's marks and abbreviations as the browser gets them.
 *
 * @param everybodys the marks that everybody has
 * @param marks the team's own
 * @param abbreviations the team's own
 */
record ShorthandView(int version, List<Sign> everybodys, List<Sign> marks, List<ShortForm> abbreviations) {
    /** A sign and what it says of a line. */
    record Sign(String sign, Mark says) {}

    /** A short form and what it stands for. */
    record ShortForm(String brief, String full) {}

    static ShorthandView of(ShorthandSheet sheet) {
        return new ShorthandView(
                sheet.version(),
                Arrays.stream(Mark.values()).map(m -> new Sign(m.sign(), m)).toList(),
                sorted(
                        sheet.content().marks().entrySet().stream().map(e -> new Sign(e.getKey(), e.getValue())),
                        Comparator.comparing(Sign::sign)),
                sorted(
                        sheet.content().abbreviations().entrySet().stream()
                                .map(e -> new ShortForm(e.getKey(), e.getValue())),
                        Comparator.comparing(ShortForm::brief)));
    }

    private static <T> List<T> sorted(Stream<T> all, Comparator<T> order) {
        return all.sorted(order).toList();
    }
}
