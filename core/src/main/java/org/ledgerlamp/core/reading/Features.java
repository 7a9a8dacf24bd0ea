package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What can be said of each sentence of a talk, as named features with a strength each: which rules match it, what the finders
 * claim of it, its shape and place, what the context classifier says of it and its neighbours, how the talk turns at it.
 *
 * <p>Names begin with their family: {@code rule:} the ids of {@link RuleSet rules}, {@code claim:} what the finders found,
 * {@code is:} shape and place, {@code context:} log-odds by the {@link ContextClassifier}, {@code turn:} see {@link Cohesion}.
 * None is a word that somebody said.
 */
public final class Features {
    /** Sentences to either side whose context counts. */
    private static final int NEIGHBOURS = 2;

    /** What is less probable is taken to be as probable as this. */
    static final double LEAST_PROBABLE = 1e-3;

    private static final double STRENGTH_OF_ODDS = 0.5;
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
    private final List<Map<String, Double>> all = new ArrayList<>();

    private Features(Talk talk, List<Finding> claims, List<InContext> context) {
        this.talk = talk;
        for (Sentence s : talk.sentences()) {
            Map<String, Double> features = new LinkedHashMap<>();
            addContext(s, context, features);
            addRules(s, features);
            addShape(s, features);
            all.add(features);
        }
        addClaims(claims);
        Cohesion.addTo(all, talk, context);
    }

    /**
     * The features of every sentence of {@code talk}.
     *
     * @param claims what the finders take for findings
     * @param context how a {@link ContextReader} reads each sentence
     */
    static List<Map<String, Double>> of(Talk talk, List<Finding> claims, List<InContext> context) {
        return new Features(talk, claims, context).all;
    }

    private static void addContext(Sentence s, List<InContext> context, Map<String, Double> features) {
        for (int step = -NEIGHBOURS; step <= NEIGHBOURS; step++) {
            int at = s.index() + step;
            for (int k = 0; k < Weights.COLUMNS.size(); k++) {
                double probability =
                        at < 0 || at >= context.size() ? 0 : context.get(at).probabilities()[k];
                features.put("context:" + Weights.COLUMNS.get(k) + " " + step, odds(probability));
            }
        }
    }

    /** The strength of a feature that says how probable something is: its log-odds, which stay finite at 0 and 1. */
    static double odds(double probability) {
        return STRENGTH_OF_ODDS * Math.log((probability + LEAST_PROBABLE) / (1 - probability + LEAST_PROBABLE));
    }

    private static void addRules(Sentence s, Map<String, Double> features) {
        for (RuleSet set : RuleSet.all()) {
            set.match(s.plain()).forEach(rule -> features.put("rule:" + rule.id(), 1.0));
        }
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

    private void addShape(Sentence s, Map<String, Double> features) {
        int length = s.plain().split("\\s+").length;
        Sentence next = neighbour(s, 1);
        Sentence previous = neighbour(s, -1);
        Sentence after = talk.after(s);
        Sentence before = talk.before(s);
        double place = s.utterance() / (double) talk.utterances();
        is("a question", s.isQuestion(), features);
        is("thin", s.isThin(), features);
        is("bare", s.isBare(), features);
        is("under 4 words", length < 4, features);
        is("under 8 words", length < 8, features);
        is("over 20 words", length > 20, features);
        is("over 30 words", length > 30, features);
        is("full of matter", s.content().size() >= 5, features);
        is("with a date", !s.dates().isEmpty(), features);
        is("with a name", !s.mentions().isEmpty(), features);
        is("with a figure", FIGURE.matcher(s.plain()).find(), features);
        is("in first person", PROMISE.matcher(s.plain()).find(), features);
        is("of us", US.matcher(s.plain()).find(), features);
        is("to you", YOU.matcher(s.plain()).find(), features);
        is("conditional", CONDITION.matcher(s.plain()).find(), features);
        is("of a habit", HABIT.matcher(s.plain()).find(), features);
        is("of the past", isOfThePast(s), features);
        is("a yes", Replies.assents(s), features);
        is("a no", Replies.refuses(s), features);
        is("last of its turn", after == null || after.utterance() != s.utterance(), features);
        is("first of its turn", before == null || before.utterance() != s.utterance(), features);
        is("followed by yes", next != null && Replies.assents(next), features);
        is("followed by no", next != null && Replies.refuses(next), features);
        is("followed by thanks", next != null && Replies.thanks(next), features);
        is("followed by a question of another", next != null && next.isQuestion(), features);
        is("after a question of another", previous != null && previous.isQuestion(), features);
        is("right before a question", after != null && after.isQuestion(), features);
        is("right after a question", before != null && before.isQuestion(), features);
        is("soon said yes to", isSoonSaidYesTo(s), features);
        is("near the beginning", place < 0.1, features);
        is("near the end", place > 0.85, features);
        is("a note", talk.source().isNotes(), features);
        features.put("is:late", place);
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

    private static void is(String what, boolean true_, Map<String, Double> features) {
        if (true_) {
            features.put("is:" + what, 1.0);
        }
    }

    private void addClaims(List<Finding> claims) {
        for (Finding claim : claims) {
            String kind = claim.kind().word();
            for (int i = 0; i < claim.evidence().size(); i++) {
                Map<String, Double> features =
                        all.get(talk.at(claim.evidence().get(i)).index());
                features.merge("claim:" + kind + (i == 0 ? "" : ", beside"), claim.certainty(), Math::max);
            }
        }
    }
}
