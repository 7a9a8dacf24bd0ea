package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.language.Sentences;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.ledger.Said;
import org.ledgerlamp.core.ledger.Stems;

/** The talk of a meeting, laid out sentence by sentence so that each is seen with what was said around it. */
final class TalkLens {
    /** How many passages around a sentence tell what it is about, and how fast that fades. */
    private static final int REACH = 15;

    private static final double FADES = 6;
    private static final double OFTEN = 1.5;

    /** A sentence of the talk. */
    record Spoken(int passage, Span span, String text, Set<String> stems) {}

    private final LampMeeting meeting;
    private final List<Set<String>> stems = new ArrayList<>();
    private final List<List<Spoken>> sentences = new ArrayList<>();

    TalkLens(LampMeeting meeting) {
        this.meeting = meeting;
        for (Said said : meeting.filed().talk()) {
            List<Spoken> spoken = new ArrayList<>();
            for (Span span : Sentences.of(said.text())) {
                String text = span.of(said.text());
                spoken.add(new Spoken(said.n(), span, text, Stems.of(text)));
            }
            sentences.add(spoken);
            stems.add(Stems.of(said.text()));
        }
    }

    LampMeeting meeting() {
        return meeting;
    }

    int size() {
        return sentences.size();
    }

    Said said(int n) {
        return meeting.filed().talk().get(n);
    }

    List<Spoken> sentences(int n) {
        return sentences.get(n);
    }

    /** The stems of passage {@code n}; none where there is no such passage. */
    Set<String> stems(int n) {
        return n < 0 || n >= stems.size() ? Set.of() : stems.get(n);
    }

    /** How much the talk around a passage is about a term: 0 where it is not said near it, towards 1 the nearer and oftener. */
    double density(Sought.Term term, int passage) {
        double often = 0;
        for (int n = Math.max(0, passage - REACH); n <= Math.min(size() - 1, passage + REACH); n++) {
            if (term.isIn(stems(n))) {
                often += Math.exp(-Math.abs(n - passage) / FADES);
            }
        }
        return 1 - Math.exp(-often / OFTEN);
    }

    /** How much the talk around a passage is about a subject, by what its terms tell. */
    double about(Sought sought, int passage) {
        return sought.held(term -> density(term, passage));
    }

    /** Some sentences of a passage, from one to another, as they stand there. */
    String text(int n, int from, int to) {
        List<Spoken> all = sentences.get(n);
        return said(n).text()
                .substring(all.get(from).span().start(), all.get(to).span().end());
    }

    /** A passage with the one before it, which often tells what it answers. */
    String withWhatWasBefore(int n) {
        return n == 0 ? said(0).text() : said(n - 1).text() + " " + said(n).text();
    }
}
