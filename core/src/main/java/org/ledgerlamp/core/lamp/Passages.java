package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.reading.Kind;

/**
 * What was said about it: the sentences that fit best, each with what was said next to it, because an answer often stands
 * beside the words that name its subject. A decision that was recorded is told as it was recorded.
 */
final class Passages implements Composer {
    /** Words of the first stretch of talk, the second and the third. */
    private static final int[] LENGTHS = {30, 14, 1};

    /** Within so many passages it is the same stretch of talk. */
    private static final int BESIDE = 4;

    private static final int FEWEST_WORDS = 3;

    @Override
    public List<Statement> compose(Asked asked) {
        return Support.isEnough(asked, asked.found()) ? nearest(asked) : List.of();
    }

    /** The passages that fit best, whether they answer or not. */
    static List<Statement> nearest(Asked asked) {
        List<Statement> statements = new ArrayList<>();
        List<Found> taken = new ArrayList<>();
        for (Found found : asked.found()) {
            if (taken.size() < LENGTHS.length && taken.stream().noneMatch(t -> t.isNear(found, BESIDE))) {
                statements.addAll(stretch(asked, found, LENGTHS[taken.size()]));
                taken.add(found);
            }
        }
        return statements;
    }

    private static List<Statement> stretch(Asked asked, Found found, int length) {
        TalkLens lens = found.lens();
        List<Statement> statements = new ArrayList<>();
        Optional<FiledLine> line = asked.wanted().aim() == Aim.DECISION ? found.line(Kind.DECISION) : Optional.empty();
        if (line.isPresent()) {
            statements.add(Standing.of(asked, found.meeting(), line.get()));
        } else {
            statements.add(Quotes.said(found));
        }
        int words = Quotes.words(statements.getFirst().text());
        for (int n = found.sentence().passage() + 1; n < lens.size() && words < length; n++) {
            if (Quotes.words(lens.said(n).text()) >= FEWEST_WORDS) {
                Statement next = Quotes.beginning(lens, n, length - words);
                words += Quotes.words(next.text());
                statements.add(next);
            }
        }
        return statements;
    }
}
