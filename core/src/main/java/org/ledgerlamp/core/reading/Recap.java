package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * Takes lists of deeds apart: "Ana, the brake today, and the drawings on Friday" are two actions. What repeats one of
 * the same person adds evidence to it and corrects its day; the rest are actions of their own.
 */
final class Recap {
    private final Talk talk;

    Recap(Talk talk) {
        this.talk = talk;
    }

    /** The actions with every list among them shared out, in the same order. */
    List<Finding> sharedOut(List<Finding> actions) {
        List<Finding> single = new ArrayList<>();
        List<Finding> parts = new ArrayList<>();
        for (Finding action : actions) {
            Sentence s = talk.at(action.evidence().getFirst());
            List<DeedList.Deed> deeds = DeedList.of(s);
            if (deeds.isEmpty()) {
                single.add(action);
            }
            for (DeedList.Deed deed : deeds) {
                int end = deed.start() + deed.words().length();
                parts.add(action.narrowed(deed.words(), deed.due(), talk.evidence(s, deed.start(), end)));
            }
        }
        Set<Integer> repeated = new HashSet<>();
        for (Finding part : parts) {
            int same = indexOfSame(part, single, repeated);
            if (same < 0) {
                single.add(part);
            } else {
                repeated.add(same);
                single.set(same, corrected(single.get(same), part));
            }
        }
        return single;
    }

    /** Of the person's earlier actions that share a word with it the one for the same day, else the first; or -1. */
    private static int indexOfSame(Finding part, List<Finding> actions, Set<Integer> repeated) {
        Set<String> matter = Words.content(part.said());
        return IntStream.range(0, actions.size())
                .filter(i -> !repeated.contains(i) && actions.get(i).utterance() < part.utterance())
                .filter(i ->
                        Objects.equals(actions.get(i).owner(), part.owner()) && sharesWords(actions.get(i), matter))
                .boxed()
                .min(Comparator.comparing((Integer i) -> !sameDay(actions.get(i), part))
                        .thenComparingInt(i -> i))
                .orElse(-1);
    }

    private static boolean sameDay(Finding a, Finding b) {
        return a.due() != null
                && b.due() != null
                && Objects.equals(a.due().date(), b.due().date());
    }

    private static boolean sharesWords(Finding action, Set<String> matter) {
        Set<String> words = new LinkedHashSet<>(Words.content(action.words()));
        action.evidence().forEach(e -> words.addAll(Words.content(e.quote())));
        Set<String> days =
                Words.content(action.due() == null ? "" : action.due().words());
        return words.stream().anyMatch(w -> matter.contains(w) && !days.contains(w));
    }

    private static Finding corrected(Finding action, Finding recap) {
        List<Evidence> evidence = new ArrayList<>(action.evidence());
        evidence.addAll(recap.evidence());
        boolean keeps = recap.due() == null || DueDates.isVaguer(recap.due(), action.due());
        SpokenDate due = keeps ? action.due() : recap.due();
        return action.with(action.about(), action.owner(), due, action.certainty(), action.reasons(), evidence);
    }
}
