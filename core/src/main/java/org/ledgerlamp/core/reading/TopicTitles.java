package org.ledgerlamp.core.reading;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;

/** Titles a topic with the phrase that is said in it often and elsewhere seldom. */
final class TopicTitles {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+(?:['’-][\\p{L}\\p{N}]+)*");
    private static final int LONGEST_PHRASE = 3;

    private final Talk talk;
    private final Map<String, Integer> topicsWith = new HashMap<>();
    private final int topics;
    private final Set<String> names = new HashSet<>();

    TopicTitles(Talk talk, List<Integer> borders) {
        this.talk = talk;
        this.topics = borders.size();
        talk.meeting().roster().forEach(p -> names.addAll(Words.tokens(p.name())));
        for (int i = 0; i < borders.size(); i++) {
            int to = i + 1 < borders.size() ? borders.get(i + 1) - 1 : talk.utterances() - 1;
            for (String phrase : phrases(borders.get(i), to).keySet()) {
                topicsWith.merge(phrase, 1, Integer::sum);
            }
        }
    }

    private record Phrase(String words, int count) {}

    String of(int index, int from, int to) {
        String best = null;
        double bestScore = 0;
        for (Map.Entry<String, Phrase> phrase : phrases(from, to).entrySet()) {
            int words = phrase.getKey().split(" ").length;
            double rarity = Math.log(1.0 + (double) topics / topicsWith.getOrDefault(phrase.getKey(), 1));
            double score = phrase.getValue().count() * rarity * (words == 1 ? 1 : words == 2 ? 1.9 : 2.2);
            if (score > bestScore) {
                bestScore = score;
                best = phrase.getValue().words();
            }
        }
        if (best == null) {
            return index == 0 ? "Opening" : "Further talk";
        }
        return best.substring(0, 1).toUpperCase(Locale.ROOT) + best.substring(1);
    }

    /** Runs of meaningful words within a sentence: stems to the words first said. */
    private Map<String, Phrase> phrases(int from, int to) {
        Map<String, Phrase> phrases = new LinkedHashMap<>();
        for (int n = from; n <= to; n++) {
            for (Sentence s : talk.of(n)) {
                addPhrases(s.text(), phrases);
            }
        }
        return phrases;
    }

    private void addPhrases(String text, Map<String, Phrase> phrases) {
        Matcher m = WORD.matcher(text);
        int[] starts = new int[LONGEST_PHRASE];
        String[] stems = new String[LONGEST_PHRASE];
        int run = 0;
        int lastEnd = -2;
        while (m.find()) {
            String token = m.group().toLowerCase(Locale.ROOT).replace('’', '\'');
            boolean meaningful = !Words.isEmptyWord(token)
                    && token.length() > 2
                    && !names.contains(token)
                    && !token.chars().allMatch(Character::isDigit);
            if (!meaningful) {
                run = 0;
                continue;
            }
            if (m.start() != lastEnd + 1) {
                run = 0;
            }
            lastEnd = m.end();
            if (run == LONGEST_PHRASE) {
                System.arraycopy(starts, 1, starts, 0, LONGEST_PHRASE - 1);
                System.arraycopy(stems, 1, stems, 0, LONGEST_PHRASE - 1);
                run--;
            }
            starts[run] = m.start();
            stems[run++] = Words.stem(token);
            for (int first = 0; first < run; first++) {
                String key = String.join(" ", java.util.Arrays.asList(stems).subList(first, run));
                String words = text.substring(starts[first], m.end());
                phrases.merge(key, new Phrase(words, 1), (a, b) -> new Phrase(a.words(), a.count() + 1));
            }
        }
    }
}
