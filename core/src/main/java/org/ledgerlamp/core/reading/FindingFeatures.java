package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;

/**
 * What can be said of each finding as a whole, as named features with a strength each: how likely its sentence is as every
 * kind, what the rules claim, how it ranks among its like and what is likelier right beside it, who stands behind it, whether
 * the talk comes back to it. Names begin with {@code finding:}; none is a word that somebody said.
 */
final class FindingFeatures {
    private static final String FAMILY = "finding:";

    /** Sentences to either side that belong to what is said of it. */
    private static final int BESIDE = 4;
    /** Sentences to either side within which the talk may turn. */
    private static final int TURNING = 8;
    /** Turns to either side in which another finding is of the same exchange, or of the same matter. */
    private static final int SAME_EXCHANGE = 3;

    private static final int SAME_MATTER = 10;
    /** Sentences farther off come back to it. */
    private static final int FAR_OFF = 12;

    private static final int FEWEST_SHARED = 2;
    private static final double LAST_PART = 0.9;
    private static final double PER_SENTENCES = 100;
    private static final int MANY = 10;
    private static final double A_FEW = 3;

    private final Talk talk;
    private final List<InContext> context;
    private final double[][] probabilities;
    private final Map<Kind, Map<Integer, Double>> claimed = new HashMap<>();
    private final Map<String, List<Integer>> saidIn = new HashMap<>();
    private final Map<Person, Long> sentencesBy = new HashMap<>();

    /**
     * @param claims what the rules found
     * @param context how each sentence was read among its neighbours
     * @param probabilities how likely each sentence carries each kind
     */
    FindingFeatures(Talk talk, List<Finding> claims, List<InContext> context, double[][] probabilities) {
        this.talk = talk;
        this.context = context;
        this.probabilities = probabilities;
        for (Finding claim : claims) {
            claimed.computeIfAbsent(claim.kind(), k -> new HashMap<>())
                    .merge(carrier(claim).index(), claim.certainty(), Math::max);
        }
        for (Sentence s : talk.sentences()) {
            s.content().forEach(word -> saidIn.computeIfAbsent(word, w -> new ArrayList<>())
                    .add(s.index()));
            sentencesBy.merge(s.speaker(), 1L, Long::sum);
        }
    }

    /** A finding among the others: the sentence that carries it, its words, and how many of its kind are likelier. */
    private record Placed(Finding finding, Sentence carrier, Set<String> words, int rank) {}

    /** The findings in the same order with their features. */
    List<FeaturedFinding> of(List<Finding> findings) {
        List<Placed> placed = placed(findings);
        return placed.stream()
                .map(p -> {
                    Map<String, Double> features = new LinkedHashMap<>();
                    addLikelihood(p, features);
                    addClaims(p, features);
                    addRank(p, placed, features);
                    addPeople(p, features);
                    addShape(p, features);
                    addEchoes(p, features);
                    double claimed = claim(p.finding().kind(), p.carrier().index());
                    return new FeaturedFinding(p.finding(), features, claimed, left(p));
                })
                .toList();
    }

    private List<Placed> placed(List<Finding> findings) {
        int[] rank = new int[findings.size()];
        for (Kind kind : Kind.values()) {
            List<Integer> ranked = IntStream.range(0, rank.length)
                    .filter(i -> findings.get(i).kind() == kind)
                    .boxed()
                    .sorted(Comparator.comparingDouble(i -> -findings.get(i).certainty()))
                    .toList();
            for (int r = 0; r < ranked.size(); r++) {
                rank[ranked.get(r)] = r;
            }
        }
        return IntStream.range(0, rank.length)
                .mapToObj(i -> {
                    Finding f = findings.get(i);
                    return new Placed(f, carrier(f), Words.content(f.words()), rank[i]);
                })
                .toList();
    }

    private Sentence carrier(Finding finding) {
        return talk.at(finding.evidence().getFirst());
    }

    private double left(Placed p) {
        double weighed = Finding.hundredths(
                probabilities[p.carrier().index()][Weights.column(p.finding().kind())]);
        return Math.min(1, p.finding().certainty() / Math.max(Features.LEAST_PROBABLE, weighed));
    }

    private void addLikelihood(Placed p, Map<String, Double> features) {
        int at = p.carrier().index();
        int own = Weights.column(p.finding().kind());
        put("in context", Features.odds(context.get(at).probabilities()[own]), features);
        put("its sentence", Features.odds(probabilities[at][own]), features);
        put("its sentence by the rules", Features.odds(p.finding().certainty()), features);
        double rival = Features.LEAST_PROBABLE;
        for (Kind kind : Kind.values()) {
            double probability = probabilities[at][Weights.column(kind)];
            put("its sentence as " + kind.word(), Features.odds(probability), features);
            if (kind != p.finding().kind() && kind != Kind.POINT) {
                rival = Math.max(rival, probability);
            }
        }
        put("its sentence as another kind", Features.odds(rival), features);
        double[] beside = around(at, BESIDE)
                .filter(i -> i != at)
                .mapToDouble(i -> probabilities[i][own])
                .toArray();
        put("best beside", Features.odds(Arrays.stream(beside).max().orElse(0)), features);
        put("all beside", Arrays.stream(beside).sum(), features);
        put("turn", Features.odds(probabilities[at][Weights.TURN]), features);
        put("turn before", Features.odds(turn(at - TURNING, at - 1)), features);
        put("turn after", Features.odds(turn(at + 1, at + TURNING)), features);
    }

    private IntStream around(int at, int reach) {
        return IntStream.rangeClosed(Math.max(0, at - reach), Math.min(probabilities.length - 1, at + reach));
    }

    private double turn(int from, int to) {
        return IntStream.rangeClosed(Math.max(0, from), Math.min(probabilities.length - 1, to))
                .mapToDouble(i -> probabilities[i][Weights.TURN])
                .max()
                .orElse(0);
    }

    private void addClaims(Placed p, Map<String, Double> features) {
        int at = p.carrier().index();
        put("claimed", claim(p.finding().kind(), at), features);
        put(
                "claimed as another kind",
                Arrays.stream(Kind.values())
                        .filter(k -> k != p.finding().kind())
                        .mapToDouble(k -> claim(k, at))
                        .max()
                        .orElse(0),
                features);
    }

    private double claim(Kind kind, int at) {
        return claimed.getOrDefault(kind, Map.of()).getOrDefault(at, 0.0);
    }

    private void addRank(Placed p, List<Placed> all, Map<String, Double> features) {
        put("rank", Math.log1p(p.rank()), features);
        put(
                "rank for the length",
                Math.log1p(p.rank() / Math.max(1, talk.sentences().size() / PER_SENTENCES)),
                features);
        int inExchange = 0;
        int inMatter = 0;
        double same = 0;
        double action = Features.LEAST_PROBABLE;
        double decision = Features.LEAST_PROBABLE;
        for (Placed other : all) {
            Kind kind = other.finding().kind();
            int apart = Math.abs(other.finding().utterance() - p.finding().utterance());
            if (kind == p.finding().kind()) {
                if (other.rank() < p.rank()) {
                    inExchange += apart <= SAME_EXCHANGE ? 1 : 0;
                    inMatter += apart <= SAME_MATTER ? 1 : 0;
                    same = Math.max(same, Words.overlap(p.words(), other.words()));
                }
            } else if (apart <= SAME_EXCHANGE) {
                action = kind == Kind.ACTION ? Math.max(action, other.finding().certainty()) : action;
                decision = kind == Kind.DECISION
                        ? Math.max(decision, other.finding().certainty())
                        : decision;
            }
        }
        put("likelier in the exchange", Math.log1p(inExchange), features);
        put("likelier in the matter", Math.log1p(inMatter), features);
        put("said by a likelier one", same, features);
        put("an action beside", Features.odds(action), features);
        put("a decision beside", Features.odds(decision), features);
    }

    private void addPeople(Placed p, Map<String, Double> features) {
        Finding finding = p.finding();
        put("owned", on(finding.owner() != null), features);
        put(
                "promised by its owner",
                on(finding.owner() != null && finding.owner().equals(finding.speaker())),
                features);
        put("due", on(finding.due() != null), features);
        Finding.Backing backing = finding.backing();
        if (backing != null) {
            put("proposed", on(backing.proposedBy() != null), features);
            put("assented", Math.min(A_FEW, backing.assentedBy().size()) / A_FEW, features);
            put("objected to", on(!backing.objectedBy().isEmpty()), features);
            put("agreed", on(backing.standing() == Standing.AGREED), features);
        }
        Person speaker = p.carrier().speaker();
        put(
                "share of its speaker",
                sentencesBy.get(speaker) / (double) talk.sentences().size(),
                features);
        put("by who began", on(Objects.equals(talk.sentences().getFirst().speaker(), speaker)), features);
        Set<Person> voices = new HashSet<>();
        around(p.carrier().index(), BESIDE)
                .forEach(i -> voices.add(talk.sentences().get(i).speaker()));
        put("voices", voices.size() / A_FEW, features);
    }

    private void addShape(Placed p, Map<String, Double> features) {
        Sentence s = p.carrier();
        put("passages", p.finding().evidence().size() / A_FEW, features);
        put("with its matter", on(p.finding().about() != null), features);
        put("content", Math.min(MANY, s.content().size()) / A_FEW, features);
        put("words", Math.log1p(s.plain().split("\\s+").length), features);
        put("bare", on(s.isBare()), features);
        put("a question", on(s.isQuestion()), features);
        put("in first person", on(s.isInFirstPerson()), features);
        put("of the past", on(Features.isOfThePast(s)), features);
        double place = s.utterance() / (double) talk.utterances();
        put("late", place, features);
        put("last part", on(place > LAST_PART), features);
        put("length of the talk", Math.log(talk.sentences().size()), features);
        put("noted", on(talk.source().isNotes()), features);
    }

    /** How much of its words is said far before it, and far behind it, and how often the talk comes back to them. */
    private void addEchoes(Placed p, Map<String, Double> features) {
        Map<Integer, Integer> shared = new HashMap<>();
        p.words().forEach(word -> saidIn.getOrDefault(word, List.of())
                .forEach(index -> shared.merge(index, 1, Integer::sum)));
        int before = 0;
        int behind = 0;
        int times = 0;
        for (Map.Entry<Integer, Integer> sentence : shared.entrySet()) {
            int apart = sentence.getKey() - p.carrier().index();
            if (apart < -FAR_OFF) {
                before = Math.max(before, sentence.getValue());
            } else if (apart > FAR_OFF) {
                behind = Math.max(behind, sentence.getValue());
                times += sentence.getValue() >= FEWEST_SHARED ? 1 : 0;
            }
        }
        boolean tells = p.words().size() >= FEWEST_SHARED;
        put("said before", tells ? before / (double) p.words().size() : 0, features);
        put("said again", tells ? behind / (double) p.words().size() : 0, features);
        put("times said again", tells ? Math.log1p(times) : 0, features);
    }

    private static double on(boolean holds) {
        return holds ? 1 : 0;
    }

    private static void put(String name, double strength, Map<String, Double> features) {
        features.put(FAMILY + name, strength);
    }
}
