package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.ledgerlamp.core.ledger.SaidFigure;
import org.ledgerlamp.core.ledger.SaidFigures;

/** Figures: which kind a question asks for, and where they are said. */
final class Figures {
    private static final Pattern DAYS = Pattern.compile(
            "\\b(?:when|date|day|open|live|deadline|move[ds]? (?:to|back))\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern MONEY = Pattern.compile(
            "\\b(?:costs?|prices?|fees?|premiums?|rents?|budgets?|quotes?|estimates?|pay|paid|paying|spend|spent"
                    + "|deposits?|charge[ds]?|raised?|worth|cap|salary|wages?|bills?|invoices?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MUCH = Pattern.compile("\\bhow much\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern MANY = Pattern.compile("\\bhow many\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern MEASURE = Pattern.compile(
            MONEY.pattern() + "|(?:totals?|sums?|amounts?|figures?|numbers?|rates?)", Pattern.CASE_INSENSITIVE);
    private static final double SHARE_NEAR = 0.5;
    private static final int NEAR = 2;

    private Figures() {}

    /** Whether a word, such as "price", only tells what a figure measures. */
    static boolean isMeasure(String word) {
        return MEASURE.matcher(word).matches();
    }

    /** The kinds of figure that may answer a question. */
    static Set<SaidFigure.Kind> wanted(String question) {
        if (MONEY.matcher(question).find() && !MANY.matcher(question).find()) {
            return EnumSet.of(SaidFigure.Kind.MONEY, SaidFigure.Kind.NUMBER, SaidFigure.Kind.SHARE);
        }
        if (DAYS.matcher(question).find()) {
            return EnumSet.of(SaidFigure.Kind.DATE);
        }
        if (MUCH.matcher(question).find()) {
            // Of money or of anything that is measured: "how much does it lift?"
            return EnumSet.complementOf(EnumSet.of(SaidFigure.Kind.DATE, SaidFigure.Kind.COUNT));
        }
        return EnumSet.complementOf(EnumSet.of(SaidFigure.Kind.DATE));
    }

    /** Whether a figure of a kind is said in a sentence. */
    static boolean areIn(Found found, Set<SaidFigure.Kind> kinds) {
        return areIn(found.lens(), found.sentence(), kinds);
    }

    static boolean areIn(TalkLens lens, TalkLens.Spoken sentence, Set<SaidFigure.Kind> kinds) {
        return SaidFigures.in(sentence.text(), lens.meeting().filed().date()).stream()
                .anyMatch(f -> kinds.contains(f.kind()));
    }

    /** Whether a figure of a kind is said within a few passages, those before it and those that answer it. */
    static boolean areBeside(Found found, Set<SaidFigure.Kind> kinds) {
        LocalDate day = found.meeting().filed().date();
        int n = found.sentence().passage();
        return IntStream.rangeClosed(
                        Math.max(0, n - NEAR), Math.min(found.lens().size() - 1, n + NEAR + 1))
                .mapToObj(i -> found.lens().said(i).text())
                .flatMap(text -> SaidFigures.in(text, day).stream())
                .anyMatch(f -> kinds.contains(f.kind()));
    }

    /**
     * Whether half of the subject, as far as the ledger has words for it, is said within a passage or two. A word such as
     * "price" is told by the figure itself.
     */
    static boolean isNear(Asked asked, Found found) {
        LedgerWords words = asked.ledger().words();
        Set<String> said = new HashSet<>();
        for (int d = -NEAR; d <= NEAR; d++) {
            said.addAll(found.lens().stems(found.sentence().passage() + d));
        }
        Sought sought = asked.sought().without(t -> isMeasure(t.word()));
        double all = sought.held(t -> t.stems().stream().anyMatch(s -> words.passagesWith(s) > 0) ? 1 : 0);
        return all == 0 || sought.held(t -> t.isIn(said) ? 1 : 0) / all >= SHARE_NEAR;
    }
}
