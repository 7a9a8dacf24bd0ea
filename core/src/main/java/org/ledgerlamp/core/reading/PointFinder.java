package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.language.Words;

/**
 * Finds what a reader who was absent must learn beyond the other findings: sentences that carry many of the words their
 * topic turns on, with figures and names, and that nothing else has taken yet.
 */
final class PointFinder {
    private static final int SHORTEST = 6;
    private static final int LONGEST = 45;
    private static final double SAME = 0.7;

    private final Talk talk;
    private final Set<Integer> taken = new HashSet<>();
    private final Map<String, Integer> frequency = new HashMap<>();

    PointFinder(Talk talk, List<Finding> findings) {
        this.talk = talk;
        findings.forEach(f -> f.evidence().forEach(e -> taken.add(talk.at(e).index())));
        talk.sentences().forEach(s -> s.content().forEach(w -> frequency.merge(w, 1, Integer::sum)));
    }

    /** The points of one topic in order of speech, at most {@code share} of its sentences. */
    List<Finding> of(Topic topic, double share) {
        List<Sentence> sentences = new ArrayList<>();
        for (int n = topic.from(); n <= topic.to(); n++) {
            sentences.addAll(talk.of(n));
        }
        Map<String, Integer> local = new HashMap<>();
        sentences.forEach(s -> s.content().forEach(w -> local.merge(w, 1, Integer::sum)));
        int most = Math.max(1, (int) Math.round(sentences.size() * share));
        List<Sentence> chosen = new ArrayList<>();
        List<Sentence> ranked = sentences.stream()
                .filter(this::isEligible)
                .sorted(Comparator.comparingDouble((Sentence s) -> -weight(s, local))
                        .thenComparingInt(Sentence::index))
                .toList();
        for (Sentence s : ranked) {
            if (chosen.size() >= most) {
                break;
            }
            if (chosen.stream().noneMatch(c -> Words.overlap(c.content(), s.content()) >= SAME)) {
                chosen.add(s);
            }
        }
        return chosen.stream()
                .sorted(Comparator.comparingInt(Sentence::index))
                .map(s -> Finding.told(
                        Kind.POINT,
                        s,
                        new Judgement().favours(0.5, "carries what the topic turns on"),
                        List.of(talk.evidence(s))))
                .toList();
    }

    private boolean isEligible(Sentence s) {
        int words = s.plain().split("\\s+").length;
        return !s.isQuestion()
                && words >= SHORTEST
                && words <= LONGEST
                && s.content().size() >= 3
                && !taken.contains(s.index())
                && !Deeds.isWithinTheMeeting(s.plain());
    }

    private double weight(Sentence s, Map<String, Integer> local) {
        double sum = 0;
        for (String word : s.content()) {
            int here = local.getOrDefault(word, 0);
            sum += here > 1 ? Math.log(1 + here) * here / frequency.get(word) + 0.3 : 0.3;
        }
        boolean figure = s.plain()
                .matches(
                        ".*(?:\\d|\\b(?:hundred|thousand|million|percent|per cent|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\\b).*");
        double length = s.plain().split("\\s+").length;
        return sum / Math.sqrt(length) + (figure ? 0.6 : 0) + (s.mentions().isEmpty() ? 0 : 0.2);
    }
}
