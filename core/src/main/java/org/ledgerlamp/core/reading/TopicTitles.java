package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/**
 * Titles a topic in the speakers' own words: with the one or two things that are named where it opens, come up in it
 * often and elsewhere seldom.
 */
final class TopicTitles {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+(?:['’-][\\p{L}\\p{N}]+)*");
    private static final int LONGEST_PHRASE = 3;
    private static final int OPENING = 2;
    private static final double OPENING_WEIGHT = 3;
    /** A second thing is named where it scores at least this share of the first. */
    private static final double SECOND = 0.5;

    /** "they've", "who'll": no name of anything. */
    private static final Pattern CONTRACTED =
            Pattern.compile(".*(?:'(?:ll|re|ve|d|m)|n't)|(?:one|who|what|how|where|nobody|everybody|somebody)'s");

    private static final double OF_A_DEED = 0.6;

    /** What stands before a thing that is named, rather than before something done or a quality. */
    private static final Set<String> BEFORE_A_THING = Set.of(
            "the a an this that these those our my your his her their its of on for about with in at from by per no some any each every other new old"
                    .split(" "));

    private static final Set<String> BEFORE_A_DEED = Set.of(
            "to i we you they he she it who will would can could should shall may might must i'll we'll you'll they'll he'll she'll it'll i'd we'd i've we've they've you've not didn't don't doesn't won't can't couldn't been be is are was were it's that's there's i'm we're you're they're he's she's very so too"
                    .split(" "));

    private final Talk talk;
    private final Map<String, Integer> topicsWith = new HashMap<>();
    private final List<Map<String, Phrase>> phrasesOf = new ArrayList<>();
    private final Masked masked;

    TopicTitles(Talk talk, List<Integer> borders) {
        this.talk = talk;
        this.masked = new Masked(talk.meeting().roster());
        for (int i = 0; i < borders.size(); i++) {
            int to = i + 1 < borders.size() ? borders.get(i + 1) - 1 : talk.utterances() - 1;
            Map<String, Phrase> phrases = phrases(borders.get(i), to);
            phrases.keySet().forEach(phrase -> topicsWith.merge(phrase, 1, Integer::sum));
            phrasesOf.add(phrases);
        }
    }

    /** A run of meaningful words: as first said, where, how often, and how much like a thing it was used. */
    private static final class Phrase {
        private final String words;
        private final int length;
        private final int order;
        private double count;
        private double rarity;
        private int asThing;
        private int asDeed;

        Phrase(String words, int length, int order) {
            this.words = words;
            this.length = length;
            this.order = order;
            for (String word : words.toLowerCase(Locale.ROOT).split("\\s+")) {
                rarity = Math.max(rarity, SentenceVectors.shared().rarity(word));
            }
        }

        double score(double elsewhere) {
            double thing = (1.0 + asThing) / (1.0 + asThing + 2.0 * asDeed);
            return count
                    * elsewhere
                    * rarity
                    * rarity
                    * thing
                    * (words.endsWith("ed") ? OF_A_DEED : 1)
                    * (length == 1 ? 1 : length == 2 ? 1.7 : 1.9);
        }
    }

    private record Scored(String stems, Phrase phrase, double score) {
        boolean sharesWords(Collection<String> others) {
            return Arrays.stream(stems.split(" ")).anyMatch(others::contains);
        }
    }

    /**
     * The title of a topic.
     *
     * @param item the agenda item it belongs to, which then comes first, or null
     */
    String of(int topic, String item) {
        List<Scored> ranked = new ArrayList<>();
        phrasesOf.get(topic).forEach((stems, phrase) -> {
            double elsewhere = Math.log(1.0 + (double) phrasesOf.size() / topicsWith.getOrDefault(stems, 1));
            ranked.add(new Scored(stems, phrase, phrase.score(elsewhere)));
        });
        ranked.sort(Comparator.comparingDouble((Scored s) -> -s.score()).thenComparingInt(s -> s.phrase().order));
        if (item != null) {
            Set<String> words = Words.content(item);
            return ranked.stream()
                    .filter(s -> !s.sharesWords(words))
                    .findFirst()
                    .map(s -> item + ": " + s.phrase().words)
                    .orElse(item);
        }
        if (ranked.isEmpty()) {
            return topic == 0 ? "Opening" : "Further talk";
        }
        Scored first = ranked.getFirst();
        List<Scored> title = new ArrayList<>(List.of(first));
        ranked.stream()
                .filter(s -> s.score() >= first.score() * SECOND
                        && !s.sharesWords(List.of(first.stems().split(" "))))
                .findFirst()
                .ifPresent(title::add);
        title.sort(Comparator.comparingInt(s -> s.phrase().order));
        String joined =
                String.join(" and ", title.stream().map(s -> s.phrase().words).toList());
        return joined.substring(0, 1).toUpperCase(Locale.ROOT) + joined.substring(1);
    }

    /** Runs of meaningful words within a sentence, by their stems. */
    private Map<String, Phrase> phrases(int from, int to) {
        Map<String, Phrase> phrases = new LinkedHashMap<>();
        for (int n = from; n <= to; n++) {
            double weight = n < from + OPENING ? OPENING_WEIGHT : 1;
            for (Sentence s : talk.of(n)) {
                addPhrases(s.text(), weight, phrases);
            }
        }
        return phrases;
    }

    private void addPhrases(String text, double weight, Map<String, Phrase> phrases) {
        Matcher m = WORD.matcher(text);
        int[] starts = new int[LONGEST_PHRASE];
        String[] stems = new String[LONGEST_PHRASE];
        String[] previous = new String[LONGEST_PHRASE];
        int run = 0;
        int lastEnd = -2;
        String before = "";
        while (m.find()) {
            String token = m.group().toLowerCase(Locale.ROOT).replace('’', '\'');
            boolean meaningful = !Words.isEmptyWord(token)
                    && token.length() > 2
                    && !CONTRACTED.matcher(token).matches()
                    && !masked.isNameOrNumber(token);
            if (!meaningful) {
                run = 0;
                before = token;
                continue;
            }
            if (m.start() != lastEnd + 1) {
                run = 0;
            }
            lastEnd = m.end();
            if (run == LONGEST_PHRASE) {
                System.arraycopy(starts, 1, starts, 0, LONGEST_PHRASE - 1);
                System.arraycopy(stems, 1, stems, 0, LONGEST_PHRASE - 1);
                System.arraycopy(previous, 1, previous, 0, LONGEST_PHRASE - 1);
                run--;
            }
            starts[run] = m.start();
            previous[run] = before;
            stems[run++] = Words.stem(token);
            before = token;
            for (int first = 0; first < run; first++) {
                String key = String.join(" ", Arrays.asList(stems).subList(first, run));
                Phrase phrase = phrases.get(key);
                if (phrase == null) {
                    phrase = new Phrase(
                            text.substring(starts[first], m.end()).replaceFirst("['’]s$", ""),
                            run - first,
                            phrases.size());
                    phrases.put(key, phrase);
                }
                phrase.count += weight;
                phrase.asThing += BEFORE_A_THING.contains(previous[first]) ? 1 : 0;
                phrase.asDeed += BEFORE_A_DEED.contains(previous[first]) ? 1 : 0;
            }
        }
    }
}
