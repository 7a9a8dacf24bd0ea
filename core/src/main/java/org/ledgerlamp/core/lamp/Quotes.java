package org.ledgerlamp.core.lamp;

import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.SaidFigure;
import org.ledgerlamp.core.people.Person;

/** Puts statements together of what was said or recorded. */
final class Quotes {
    private static final int FEW_WORDS = 8;
    private static final int MANY_WORDS = 32;
    private static final int MANY_FIGURES = 20;

    private Quotes() {}

    /** What was said, with what stands next to it in the same breath where it is short. */
    static Statement said(Found found) {
        return said(found, quote(found.lens(), found.sentence()));
    }

    private static Statement said(Found found, String quote) {
        return new Statement(
                found.meeting().filed().date(),
                speaker(found.lens(), found.sentence().passage()),
                quote,
                true,
                List.of(new Citation(
                        found.meeting().id(), null, found.sentence().passage(), quote)));
    }

    /** Who says a passage: by the first name where it means nobody else there; blank where nobody knows. */
    private static String speaker(TalkLens lens, int n) {
        String name = lens.said(n).speaker();
        if (name == null) {
            return "";
        }
        List<Person> called = lens.meeting().roster().stream()
                .filter(p -> p.firstName().equals(name.split(" ")[0]))
                .toList();
        return called.size() == 1 && called.getFirst().name().equals(name)
                ? called.getFirst().firstName()
                : name;
    }

    /** How many words a text has. */
    static int words(String text) {
        return text.split("\\s+").length;
    }

    /** Something else said in the same meeting. */
    static Statement alone(Found found) {
        Statement said = said(found);
        return new Statement(null, said.lead(), said.text(), true, said.citations());
    }

    /** The sentences a passage begins with, at least one, and no more words than {@code most} where they are several. */
    static Statement beginning(TalkLens lens, int n, int most) {
        int last = lens.sentences(n).size() - 1;
        int to = 0;
        while (to < last && words(lens.text(n, 0, to + 1)) <= most) {
            to++;
        }
        String quote = cut(lens.text(n, 0, to));
        return new Statement(
                null,
                speaker(lens, n),
                quote,
                true,
                List.of(new Citation(lens.meeting().id(), null, n, quote)));
    }

    /** A line of record. */
    static Statement recorded(LampMeeting meeting, FiledLine line, String lead) {
        return new Statement(meeting.filed().date(), lead, line.text(), false, List.of(cited(meeting.id(), line)));
    }

    /** Another line of the same meeting. */
    static Statement further(LampMeeting meeting, FiledLine line) {
        return new Statement(null, "", line.text(), false, List.of(cited(meeting.id(), line)));
    }

    /** The line and the words it rests on. */
    static Citation cited(String meeting, FiledLine line) {
        return new Citation(meeting, line.id(), line.passage(), line.quote().isEmpty() ? line.text() : line.quote());
    }

    private static String quote(TalkLens lens, TalkLens.Spoken sentence) {
        int n = sentence.passage();
        int last = lens.sentences(n).size() - 1;
        int from = lens.sentences(n).indexOf(sentence);
        int to = from;
        while (words(lens.text(n, from, to)) < FEW_WORDS && (to < last || from > 0)) {
            if (to < last) {
                to++;
            } else {
                from--;
            }
        }
        return cut(lens.text(n, from, to));
    }

    /** The same, with the figures that are said in the sentences after it: "It isn't 900 any more. It's 950." */
    static Statement saidOn(Found found, Set<SaidFigure.Kind> kinds) {
        TalkLens lens = found.lens();
        int n = found.sentence().passage();
        int from = lens.sentences(n).indexOf(found.sentence());
        int to = from;
        for (int i = from + 1; i < lens.sentences(n).size() && words(lens.text(n, from, i)) <= MANY_FIGURES; i++) {
            if (Figures.areIn(lens, lens.sentences(n).get(i), kinds)) {
                to = i;
            }
        }
        return to == from ? said(found) : said(found, lens.text(n, from, to));
    }

    private static String cut(String text) {
        String[] words = text.split("\\s+");
        return words.length <= MANY_WORDS
                ? text
                : String.join(" ", List.of(words).subList(0, MANY_WORDS)) + " …";
    }
}
