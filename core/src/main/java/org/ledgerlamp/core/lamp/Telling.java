package org.ledgerlamp.core.lamp;

import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.reading.Kind;

/** Orders lines by how much they tell somebody who was not there: sure ones whose words say what they are about. */
final class Telling {
    /** Words that tell this much together say what a line is about. */
    private static final double ENOUGH = 14;

    private Telling() {}

    /** The lines of a meeting of some kinds, those of the kind named first before the others, the most telling first. */
    static List<FiledLine> lines(LampMeeting meeting, List<Kind> kinds, LedgerWords words) {
        return meeting.filed().lines().stream()
                .filter(l -> kinds.contains(l.kind()))
                .sorted(Comparator.comparingInt((FiledLine l) -> kinds.indexOf(l.kind()))
                        .thenComparing(l -> -telling(l, words)))
                .toList();
    }

    private static double telling(FiledLine line, LedgerWords words) {
        double told = Stems.of(line.text()).stream().mapToDouble(words::weight).sum();
        return line.certainty() * Math.min(1, told / ENOUGH);
    }
}
