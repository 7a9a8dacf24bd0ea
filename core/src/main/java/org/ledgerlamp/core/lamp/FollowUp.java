package org.ledgerlamp.core.lamp;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Person;

/** Completes a question that leans on the one before it ("and who objected?") by what it leaves out. */
final class FollowUp {
    private static final Pattern OPENS =
            Pattern.compile("^(?:and|but|so|then|also|or|ok(?:ay)?|what about|how about)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern SOMETHING =
            Pattern.compile("\\b(?:it|that|this|those|these|they|them|there|then|one)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern IT = Pattern.compile("\\bit\\b", Pattern.CASE_INSENSITIVE);
    private static final int FEW = 2;
    /** What is after one of these is after it of something. */
    private static final Set<Aim> OF_SOMETHING =
            EnumSet.of(Aim.REASON, Aim.OBJECTION, Aim.SPEAKER, Aim.SAYING, Aim.DAY, Aim.FIGURE, Aim.STATUS, Aim.CHANGE);

    private static final Pattern SOMEBODY =
            Pattern.compile("\\b(?:he|she|him|her|his|hers)\\b", Pattern.CASE_INSENSITIVE);

    private FollowUp() {}

    /**
     * What is wanted by a question, seen after another one. One that stands for itself is left as it was read.
     *
     * @param read what it says by itself
     * @param before what the question before it wanted
     */
    static Wanted completed(String question, Wanted read, Wanted before) {
        String text = question.strip();
        boolean opens = OPENS.matcher(text).find();
        boolean ofIt = IT.matcher(text).find() && read.about().split(" ").length <= FEW;
        boolean ofSomebody = read.people().isEmpty() && SOMEBODY.matcher(text).find();
        boolean ofNothing =
                read.about().isBlank() && (SOMETHING.matcher(text).find() || OF_SOMETHING.contains(read.aim()));
        if (!opens && !ofIt && !ofSomebody && !ofNothing) {
            return read;
        }
        boolean sameAbout = read.people().isEmpty() && read.about().isBlank();
        List<Person> people = ofSomebody || sameAbout ? before.people() : read.people();
        boolean sameAim = read.aim() == Aim.ANYTHING;
        Wanted asks = sameAim ? before : read;
        return new Wanted(
                asks.aim(),
                asks.form(),
                about(read, before, ofIt),
                people,
                read.period() == null ? before.period() : read.period(),
                read.meetings() == null ? before.meetings() : read.meetings(),
                asks.onlyOpen(),
                asks.onlyOverdue(),
                asks.onlyChanged(),
                read.also());
    }

    /** "And the price?" asks for the price of what was asked about, as "when is it due?" does for its day. */
    private static String about(Wanted read, Wanted before, boolean ofIt) {
        if (read.about().isBlank() || before.about().isBlank()) {
            return before.about() + read.about();
        }
        boolean measure = List.of(read.about().split(" ")).stream().allMatch(Figures::isMeasure);
        return ofIt || measure ? before.about() + " " + read.about() : read.about();
    }
}
