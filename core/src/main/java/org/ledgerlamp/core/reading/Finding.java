package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * What reading a source yields.
 *
 * @param kind what it is
 * @param said the words that carry it, as said: what the line is worded from
 * @param about what "it" or "that" in these words points to, as said, or null where they speak for themselves
 * @param speaker who said them, or null
 * @param addressee who they were said to, or null
 * @param owner for an action who is to do it, or null where open
 * @param due for an action the date said, or null
 * @param backing for a decision who proposed, assented and objected, or null
 * @param certainty between 0 and 1
 * @param reasons why, in words
 * @param evidence the passages it rests on, the carrying one first; never empty
 */
public record Finding(
        Kind kind,
        String said,
        String about,
        Person speaker,
        Person addressee,
        Person owner,
        SpokenDate due,
        Backing backing,
        double certainty,
        List<String> reasons,
        List<Evidence> evidence) {
    public Finding {
        if (evidence.isEmpty()) {
            throw new IllegalArgumentException("a finding without evidence: " + said);
        }
        reasons = List.copyOf(reasons);
        evidence = List.copyOf(evidence);
    }

    /**
     * Who stood behind a decision.
     *
     * @param proposedBy full name or null
     * @param assentedBy full names
     * @param objectedBy full names
     * @param standing what follows from these
     */
    public record Backing(String proposedBy, List<String> assentedBy, List<String> objectedBy, Standing standing) {}

    /** What one sentence says, with nobody to do it and no day to do it by. */
    static Finding told(Kind kind, Sentence s, Judgement judgement, List<Evidence> evidence) {
        return new Finding(
                kind,
                s.text(),
                null,
                s.speaker(),
                null,
                null,
                null,
                null,
                judgement.certainty(),
                judgement.reasons(),
                evidence);
    }

    /** The same, said in other words. */
    public Finding inWords(UnaryOperator<String> other) {
        return new Finding(
                kind,
                other.apply(said),
                about == null ? null : other.apply(about),
                speaker,
                addressee,
                owner,
                due,
                backing,
                certainty,
                reasons,
                evidence);
    }

    /** All the words that tell what it is about. */
    public String words() {
        return about == null ? said : said + " " + about;
    }

    /** The utterance that carries it. */
    public int utterance() {
        return evidence.getFirst().utterance();
    }

    /** The same, as certain as the probabilities of the sentence that carries it. */
    Finding weighed(double probabilities) {
        List<String> more = new ArrayList<>(reasons);
        more.add("its words and the talk around it");
        return with(about, owner, due, certainty, more, evidence).asCertainAs(probabilities);
    }

    /** The same, with an owner, and with the one who turned out to say it. */
    Finding ownedBy(Person other, Person saidBy) {
        return new Finding(kind, said, about, saidBy, addressee, other, due, backing, certainty, reasons, evidence);
    }

    /** The same, of another certainty. */
    Finding asCertainAs(double probability) {
        return with(about, owner, due, hundredths(probability), reasons, evidence);
    }

    /** As finely as certainty is told. */
    static double hundredths(double probability) {
        return Math.round(probability * 100) / 100.0;
    }

    /** One of several things said in one breath, with its own day. */
    Finding narrowed(String part, SpokenDate partDue, Evidence clause) {
        return new Finding(
                kind, part, null, speaker, addressee, owner, partDue, backing, certainty, reasons, List.of(clause));
    }

    /** The same words of the same people with what else became known of them. */
    public Finding with(
            String newAbout,
            Person newOwner,
            SpokenDate newDue,
            double newCertainty,
            List<String> newReasons,
            List<Evidence> newEvidence) {
        return new Finding(
                kind,
                said,
                newAbout,
                speaker,
                addressee,
                newOwner,
                newDue,
                backing,
                newCertainty,
                newReasons,
                newEvidence);
    }
}
