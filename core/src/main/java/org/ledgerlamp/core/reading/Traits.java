package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What can be said of each sentence of a talk, as named traits with a strength each: its words and pairs of words, the
 * words around it, its shape and place, and what the rules claim of it. {@link Weights} weighs them.
 *
 * <p>Names begin with their family: {@code w:} own words, {@code n: p: N: P:} words of the next and the previous
 * speaker and of the same speaker after and before, {@code is:} shape and place, {@code claim:} and {@code why:} what the rules found.
 */
public final class Traits {
    private static final double OWN_WORDS = 4;
    private static final double WORDS_AROUND = 2;
    private static final int WORDS_OF_A_NEIGHBOUR = 8;
    private static final int FARTHEST_NEIGHBOUR = 4;
    private static final Pattern FIGURE = Pattern.compile("\\d|hundred|thousand|million|percent|per cent");
    private static final Pattern PROMISE = Pattern.compile("(?<![\\p{L}'])(?:i'll|i will|let me)(?![\\p{L}])");
    private static final Pattern CONDITION = Pattern.compile("(?<![\\p{L}'])(?:if|unless)(?![\\p{L}])");
    private static final Pattern US = Pattern.compile("(?<![\\p{L}'])(?:we|let's)(?![\\p{L}])");
    private static final Pattern YOU = Pattern.compile("(?<![\\p{L}'])you(?![\\p{L}])");

    private static final Pattern HABIT = Pattern.compile(
            "(?<![\\p{L}'])(?:usually|normally|always|generally|as usual|every (?:week|day|morning|month|time|year|\\p{L}+day)|same as every|like always|most (?:weeks|days|years))(?![\\p{L}])");
    private static final Pattern PAST = Pattern.compile(
            "(?<![\\p{L}'])(?:last (?:week|month|year|time|spring|summer|autumn|winter|\\p{L}+day)|yesterday|years? ago|months? ago|back in|used to|at the time"
                    + "|in (?:january|february|march|april|may|june|july|august|september|october|november|december|twenty[- ]\\p{L}+|(?:19|20)\\d\\d)[, ].{0,40}(?:decided|agreed|voted|said|wanted|picked|chose|resolved|changed)"
                    + "|(?:board|directorate|assembly|committee|council|they|he|she) (?:decided|agreed|voted|resolved|said|wanted))(?![\\p{L}])");

    private final Talk talk;
    private final List<List<String>> words = new ArrayList<>();
    private final List<Map<String, Double>> all = new ArrayList<>();

    private Traits(Talk talk, List<Finding> claims) {
        this.talk = talk;
        Masked masked = new Masked(talk.meeting().roster());
        talk.sentences().forEach(s -> words.add(masked.words(s.plain())));
        for (Sentence s : talk.sentences()) {
            Map<String, Double> traits = new LinkedHashMap<>();
            addOwnWords(s, traits);
            addWordsAround(s, traits);
            addShape(s, traits);
            all.add(traits);
        }
        addClaims(claims);
    }

    /** The traits of every sentence of {@code talk}, of which the rules claim {@code claims}. */
    static List<Map<String, Double>> of(Talk talk, List<Finding> claims) {
        return new Traits(talk, claims).all;
    }

    private void addOwnWords(Sentence s, Map<String, Double> traits) {
        Set<String> grams = new LinkedHashSet<>();
        String before = "^";
        for (String word : words.get(s.index())) {
            grams.add("w:" + word);
            grams.add("w:" + before + " " + word);
            before = word;
        }
        grams.add("w:" + before + " $");
        spread(grams, OWN_WORDS, traits);
    }

    private void addWordsAround(Sentence s, Map<String, Double> traits) {
        Set<String> grams = new LinkedHashSet<>();
        Sentence next = neighbour(s, 1);
        if (next != null) {
            start(next).forEach(w -> grams.add("n:" + w));
        }
        Sentence previous = neighbour(s, -1);
        if (previous != null) {
            end(previous).forEach(w -> grams.add("p:" + w));
        }
        Sentence after = talk.after(s);
        if (after != null && after.utterance() == s.utterance()) {
            start(after).forEach(w -> grams.add("N:" + w));
        }
        Sentence before = talk.before(s);
        if (before != null && before.utterance() == s.utterance()) {
            end(before).forEach(w -> grams.add("P:" + w));
        }
        spread(grams, WORDS_AROUND, traits);
    }

    private static void spread(Set<String> grams, double weight, Map<String, Double> traits) {
        double each = weight / Math.sqrt(Math.max(1, grams.size()));
        grams.forEach(g -> traits.put(g, each));
    }

    private List<String> start(Sentence s) {
        List<String> all = words.get(s.index());
        return all.subList(0, Math.min(WORDS_OF_A_NEIGHBOUR, all.size()));
    }

    private List<String> end(Sentence s) {
        List<String> all = words.get(s.index());
        return all.subList(Math.max(0, all.size() - WORDS_OF_A_NEIGHBOUR), all.size());
    }

    /** The nearest sentence of another utterance after or before {@code s}, or null where it is far. */
    private Sentence neighbour(Sentence s, int step) {
        for (int i = 1; i <= FARTHEST_NEIGHBOUR; i++) {
            int at = s.index() + i * step;
            if (at < 0 || at >= talk.sentences().size()) {
                return null;
            }
            Sentence other = talk.sentences().get(at);
            if (other.utterance() != s.utterance()) {
                return other;
            }
        }
        return null;
    }

    private void addShape(Sentence s, Map<String, Double> traits) {
        int length = s.plain().split("\\s+").length;
        Sentence next = neighbour(s, 1);
        Sentence previous = neighbour(s, -1);
        Sentence after = talk.after(s);
        Sentence before = talk.before(s);
        double place = s.utterance() / (double) talk.utterances();
        is("a question", s.isQuestion(), traits);
        is("thin", s.isThin(), traits);
        is("bare", s.isBare(), traits);
        is("under 4 words", length < 4, traits);
        is("under 8 words", length < 8, traits);
        is("over 20 words", length > 20, traits);
        is("over 30 words", length > 30, traits);
        is("full of matter", s.content().size() >= 5, traits);
        is("with a date", !s.dates().isEmpty(), traits);
        is("with a name", !s.mentions().isEmpty(), traits);
        is("with a figure", FIGURE.matcher(s.plain()).find(), traits);
        is("in first person", PROMISE.matcher(s.plain()).find(), traits);
        is("of us", US.matcher(s.plain()).find(), traits);
        is("to you", YOU.matcher(s.plain()).find(), traits);
        is("conditional", CONDITION.matcher(s.plain()).find(), traits);
        is("of a habit", HABIT.matcher(s.plain()).find(), traits);
        is("of the past", isOfThePast(s), traits);
        is("a yes", Replies.assents(s), traits);
        is("a no", Replies.refuses(s), traits);
        is("last of its turn", after == null || after.utterance() != s.utterance(), traits);
        is("first of its turn", before == null || before.utterance() != s.utterance(), traits);
        is("followed by yes", next != null && Replies.assents(next), traits);
        is("followed by no", next != null && Replies.refuses(next), traits);
        is("followed by thanks", next != null && Replies.thanks(next), traits);
        is("followed by a question of another", next != null && next.isQuestion(), traits);
        is("after a question of another", previous != null && previous.isQuestion(), traits);
        is("right before a question", after != null && after.isQuestion(), traits);
        is("right after a question", before != null && before.isQuestion(), traits);
        is("soon said yes to", isSoonSaidYesTo(s), traits);
        is("near the beginning", place < 0.1, traits);
        is("near the end", place > 0.85, traits);
        is("a note", talk.source().isNotes(), traits);
        traits.put("is:late", place);
    }

    /** Whether {@code s} tells of what was done or settled before the meeting. */
    static boolean isOfThePast(Sentence s) {
        return PAST.matcher(s.plain()).find();
    }

    private boolean isSoonSaidYesTo(Sentence s) {
        List<Sentence> sentences = talk.sentences();
        return sentences.subList(s.index() + 1, Math.min(sentences.size(), s.index() + 5)).stream()
                .anyMatch(o -> talk.differ(s.utterance(), o.utterance()) && Replies.assents(o));
    }

    private static void is(String what, boolean true_, Map<String, Double> traits) {
        if (true_) {
            traits.put("is:" + what, 1.0);
        }
    }

    private void addClaims(List<Finding> claims) {
        for (Finding claim : claims) {
            String kind = claim.kind().word();
            for (int i = 0; i < claim.evidence().size(); i++) {
                Map<String, Double> traits =
                        all.get(talk.at(claim.evidence().get(i)).index());
                traits.merge("claim:" + kind + (i == 0 ? "" : ", beside"), claim.certainty(), Math::max);
                if (i == 0) {
                    claim.reasons().forEach(r -> traits.put("why:" + kind + ", " + r, 0.5));
                }
            }
        }
    }
}
