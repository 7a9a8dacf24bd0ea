package org.ledgerlamp.core.ledger;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.ledgerlamp.core.language.Sentences;
import org.ledgerlamp.core.language.Span;

/** What was said in a meeting, laid out so that the places that speak of something are found by its words. */
final class TalkIndex {
    private static final int REACH = 2;
    /** How much the words of a passage count for a sentence two, one before it and one, two after it. */
    private static final double[] NEARNESS = {0.3, 0.6, 0, 0.5, 0.3};

    private static final double SAME_PASSAGE = 0.7;

    /** A sentence of the talk and its passage. */
    record Place(Said said, Span span, String sentence, Set<String> stems) {}

    private final List<Said> talk;
    private final List<Set<String>> stems = new ArrayList<>();
    private final List<List<Place>> places = new ArrayList<>();
    private final Map<String, List<Integer>> passagesWith = new HashMap<>();

    TalkIndex(List<Said> talk) {
        this.talk = talk;
        for (Said said : talk) {
            Set<String> of = Stems.of(said.text());
            of.forEach(stem ->
                    passagesWith.computeIfAbsent(stem, s -> new ArrayList<>()).add(said.n()));
            stems.add(of);
            List<Place> sentences = new ArrayList<>();
            for (Span span : Sentences.of(said.text())) {
                String sentence = span.of(said.text());
                sentences.add(new Place(said, span, sentence, Stems.of(sentence)));
            }
            places.add(sentences);
        }
    }

    Said said(int n) {
        return talk.get(n);
    }

    /** Whether a stem is said anywhere. */
    boolean says(String stem) {
        return passagesWith.containsKey(stem);
    }

    int size() {
        return talk.size();
    }

    /** The sentences that hold a stem of a subject, or stand near a passage that does. */
    List<Place> near(Subject subject) {
        Set<Integer> passages = new TreeSet<>();
        subject.stems().forEach(stem -> {
            for (int n : passagesWith.getOrDefault(stem, List.of())) {
                for (int d = -REACH; d <= REACH; d++) {
                    if (n + d >= 0 && n + d < talk.size()) {
                        passages.add(n + d);
                    }
                }
            }
        });
        return passages.stream().flatMap(n -> places.get(n).stream()).toList();
    }

    /** How near a stem is said to a sentence: 1 in it, 0 where it is out of reach. */
    double nearness(String stem, Place place) {
        if (place.stems().contains(stem)) {
            return 1;
        }
        int n = place.said().n();
        if (stems.get(n).contains(stem)) {
            return SAME_PASSAGE;
        }
        double nearest = 0;
        for (int d = -REACH; d <= REACH; d++) {
            if (n + d >= 0
                    && n + d < talk.size()
                    && NEARNESS[d + REACH] > nearest
                    && stems.get(n + d).contains(stem)) {
                nearest = NEARNESS[d + REACH];
            }
        }
        return nearest;
    }
}
