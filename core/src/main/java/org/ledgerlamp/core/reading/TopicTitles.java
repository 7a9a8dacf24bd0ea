package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ledgerlamp.core.language.NounPhrase;
import org.ledgerlamp.core.language.NounPhrases;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Mentions;

/**
 * Titles a stretch of talk with one noun phrase of it, in the speakers' own words: what it names again and again and the rest
 * of the talk seldom.
 */
final class TopicTitles {
    private static final Set<String> LOOSE = Set.of(
            """
            same other whole few more most less many much own only next last first second third single big bigger biggest
            small smaller little wee huge tiny good better best bad worse worst great nice fine lovely poor right wrong
            old older real proper actual certain different normal usual main bloody damn bit sort kind such sure
            entire full extra another several quick long short
            """
                    .strip()
                    .split("\\s+"));

    private static final int FEWEST_TIMES = 2;
    private static final int OPENING = 3;
    private static final double OPENING_WEIGHT = 2;
    private static final double FINDING_WEIGHT = 3;
    /** From which share on the longer of two forms is the telling one. */
    private static final double TELLING = 0.3;

    private static final int MOST_WORDS = 3;
    private static final double LEAST_RARE = 0.4;
    private static final double LONGER = 1.3;

    private final Talk talk;
    private final double[][] probabilities;
    private final Mentions mentions;
    private final List<Map<String, Named>> namedIn = new ArrayList<>();
    private final Map<String, Integer> stretchesWith = new HashMap<>();

    /** A thing by its head: how often it is named, and in which words. */
    private static final class Named {
        private final Map<String, Double> forms = new LinkedHashMap<>();
        private int times;
        private double weight;

        /** The form that is said most; one of several words where it is said as often as {@link #TELLING} asks. */
        String words() {
            Comparator<Map.Entry<String, Double>> byWeight = Map.Entry.comparingByValue();
            Comparator<Map.Entry<String, Double>> telling =
                    Comparator.comparing(f -> Words.count(f.getKey()) > 1 && f.getValue() >= weight * TELLING);
            return forms.entrySet().stream()
                    .max(telling.thenComparing(byWeight))
                    .orElseThrow()
                    .getKey();
        }
    }

    /**
     * @param borders the utterances that open a stretch, in order
     * @param probabilities how likely each sentence carries each kind, see {@link SentenceClassifier#probabilities}
     */
    TopicTitles(Talk talk, List<Integer> borders, double[][] probabilities) {
        this.probabilities = probabilities;
        this.talk = talk;
        this.mentions = talk.meeting().mentions();
        for (int i = 0; i < borders.size(); i++) {
            int to = i + 1 < borders.size() ? borders.get(i + 1) - 1 : talk.utterances() - 1;
            Map<String, Named> named = named(borders.get(i), to);
            named.keySet().forEach(head -> stretchesWith.merge(head, 1, Integer::sum));
            namedIn.add(named);
        }
    }

    private Map<String, Named> named(int from, int to) {
        Map<String, Named> all = new LinkedHashMap<>();
        for (int n = from; n <= to; n++) {
            double place = n < from + OPENING ? OPENING_WEIGHT : 1;
            for (Sentence s : talk.of(n)) {
                double weight = place + FINDING_WEIGHT * likeliest(probabilities[s.index()]);
                String text = Fillers.removed(s.text());
                List<Mention> people = mentions.in(text);
                for (NounPhrase phrase : NounPhrases.in(Tagger.shared().words(text))) {
                    if (namesAThing(phrase, text, people)) {
                        Named named =
                                all.computeIfAbsent(Words.stem(phrase.head().lower()), k -> new Named());
                        named.times++;
                        named.weight += weight;
                        named.forms.merge(shortened(phrase, text), weight, Double::sum);
                    }
                }
            }
        }
        return all;
    }

    /** How likely a sentence carries a finding that is no mere point. */
    private static double likeliest(double[] probabilities) {
        double likeliest = 0;
        for (Kind kind : Kind.values()) {
            likeliest = kind == Kind.POINT ? likeliest : Math.max(likeliest, probabilities[Weights.column(kind)]);
        }
        return likeliest;
    }

    private static boolean namesAThing(NounPhrase phrase, String text, List<Mention> people) {
        boolean alone = phrase.start() == 0 && phrase.words().size() == 1;
        return !alone
                && !NounPhrases.isTime(phrase)
                && !NounPhrases.isVague(phrase)
                && !NounPhrases.isNumber(phrase)
                && !Words.isEmptyWord(phrase.head().lower())
                && phrase.head().text().length() > 2
                && phrase.head().text().indexOf('\'') < 0
                && phrase.head().text().indexOf('’') < 0
                && rarity(phrase.head().lower()) >= LEAST_RARE
                && people.stream().noneMatch(m -> m.start() < phrase.end() && phrase.start() < m.end());
    }

    /** "Same package", "big sack", "a Friday aye": what only says which or how good is no part of a title. */
    private static boolean tellsNothing(TaggedWord w) {
        return !w.is("NOUN", "PROPN", "ADJ")
                || LOOSE.contains(w.lower())
                || NounPhrases.isTime(new NounPhrase(List.of(w)));
    }

    /** The last words of a phrase, without its article. */
    private static String shortened(NounPhrase phrase, String text) {
        int size = phrase.words().size();
        int first = Math.max(phrase.isDetermined() && size > 1 ? 1 : 0, size - MOST_WORDS);
        while (first < size - 1 && tellsNothing(phrase.words().get(first))) {
            first++;
        }
        return text.substring(phrase.words().get(first).start(), phrase.end());
    }

    /** The title of a stretch by its number; empty where nothing is named twice in it. */
    Optional<String> of(int stretch) {
        String best = null;
        double bestScore = 0;
        for (Map.Entry<String, Named> entry : namedIn.get(stretch).entrySet()) {
            Named named = entry.getValue();
            if (named.times < FEWEST_TIMES) {
                continue;
            }
            String words = named.words();
            double elsewhere = Math.log(1.0 + (double) namedIn.size() / stretchesWith.get(entry.getKey()));
            double rare = rarity(entry.getKey());
            double score = named.weight * elsewhere * rare * (Words.count(words) > 1 ? LONGER : 1);
            if (score > bestScore) {
                bestScore = score;
                best = words;
            }
        }
        return Optional.ofNullable(best).map(Words::capitalised);
    }

    private static double rarity(String word) {
        return SentenceVectors.rarity(word);
    }
}
