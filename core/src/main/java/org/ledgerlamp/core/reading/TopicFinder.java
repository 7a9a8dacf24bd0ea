package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Source;

/**
 * Finds where the talk turns: where the words after differ from the words before (Hearst's TextTiling, 1997, on
 * utterances), where somebody says that it turns, and where the words of an agenda item come up. Notes turn at their
 * headings.
 */
final class TopicFinder {
    private static final CueTable TURN = new CueTable()
            .cue(
                    0.55,
                    "announced",
                    "next (?:item|one|thing|point|up|is)|moving on|move on|let's (?:move|go) on|any other business|aob|item \\w+|(?:first|second|third|last|final) (?:thing|item|one|point)|before we (?:go|finish|close)|shall we (?:do|go on|move)|on to|over to|turning to|one more thing|another thing|speaking of|while we're (?:here|on)|what about|how about the|what's next")
            .cue(
                    0.3,
                    "a fresh start",
                    "^(?:right|okay|ok|so|now|anyway|then|good|grand|well|alright|all right|fine|and then|lovely|next|and)(?:[,.]| then| so)");
    private static final int WINDOW = 7;
    private static final int SHORTEST_TOPIC = 4;
    private static final int UTTERANCES_PER_TOPIC = 13;
    private static final double LOWEST_SCORE = 0.45;

    private final Talk talk;
    private final List<Set<String>> content = new ArrayList<>();

    TopicFinder(Talk talk) {
        this.talk = talk;
        for (int n = 0; n < talk.utterances(); n++) {
            Set<String> words = new HashSet<>();
            talk.of(n).forEach(s -> words.addAll(s.content()));
            content.add(words);
        }
    }

    List<Topic> find() {
        Source source = talk.source();
        List<Topic> byHeading = source.isNotes() ? byHeadings(source) : List.of();
        if (!byHeading.isEmpty()) {
            return byHeading;
        }
        List<Integer> borders = new ArrayList<>(borders());
        TopicTitles titles = new TopicTitles(talk, borders);
        List<Topic> topics = new ArrayList<>();
        AgendaMatch agenda = new AgendaMatch(talk.meeting().agenda());
        for (int i = 0; i < borders.size(); i++) {
            int from = borders.get(i);
            int to = i + 1 < borders.size() ? borders.get(i + 1) - 1 : talk.utterances() - 1;
            Integer item = agenda.itemOf(wordsBetween(from, to), wordsBetween(from, Math.min(to, from + 2)));
            String title = item != null ? talk.meeting().agenda().get(item) : titles.of(i, from, to);
            topics.add(new Topic(title, from, to, source.utterances().get(from).start(), item));
        }
        return topics;
    }

    private List<Topic> byHeadings(Source source) {
        List<NoteLine> headings =
                source.noteLines().stream().filter(NoteLine::heading).toList();
        List<Topic> topics = new ArrayList<>();
        AgendaMatch agenda = new AgendaMatch(talk.meeting().agenda());
        for (int i = 0; i < headings.size(); i++) {
            int from = headings.get(i).n();
            int to = i + 1 < headings.size()
                    ? headings.get(i + 1).n() - 1
                    : source.noteLines().size() - 1;
            if (to > from) {
                Set<String> title = Words.content(headings.get(i).text());
                topics.add(new Topic(headings.get(i).text(), from, to, null, agenda.itemOf(title, title)));
            }
        }
        return topics;
    }

    /** The utterances that open a topic, in order; the first is always 0. */
    private Set<Integer> borders() {
        Set<Integer> chosen = new TreeSet<>(Set.of(0));
        int n = talk.utterances();
        double[] score = new double[n];
        for (int i = 2; i < n - 1; i++) {
            score[i] = score(i);
        }
        int most = Math.max(1, n / UTTERANCES_PER_TOPIC + 1);
        while (chosen.size() < most) {
            int best = -1;
            for (int i = 2; i < n - 1; i++) {
                int at = i;
                if (score[i] >= LOWEST_SCORE
                        && (best < 0 || score[i] > score[best])
                        && chosen.stream().noneMatch(c -> Math.abs(c - at) < SHORTEST_TOPIC)) {
                    best = i;
                }
            }
            if (best < 0) {
                break;
            }
            chosen.add(best);
        }
        return chosen;
    }

    private double score(int at) {
        Set<String> before = wordsBetween(Math.max(0, at - WINDOW), at - 1);
        Set<String> after = wordsBetween(at, Math.min(content.size() - 1, at + WINDOW));
        double shared = Words.overlap(before, after);
        double score = 0.6 * (1 - Math.min(1, shared * 2.5));
        String opening = talk.of(at).isEmpty() ? "" : talk.of(at).getFirst().plain();
        for (CueTable.Cue cue : TURN.in(opening)) {
            score += cue.weight();
        }
        if (newAgendaItem(at)) {
            score += 0.4;
        }
        // A turn is taken by somebody who then talks, or by a question to somebody named.
        score += content.get(at).size() >= 5 ? 0.1 : content.get(at).isEmpty() ? -0.3 : 0;
        boolean closed = at > 0
                && talk.of(at - 1).stream().anyMatch(s -> s.isThin() && (Replies.assents(s) || Replies.thanks(s)));
        return score + (closed ? 0.1 : 0);
    }

    private boolean newAgendaItem(int at) {
        return talk.meeting().agenda().stream().anyMatch(item -> {
            Set<String> words = Words.content(item);
            long here = words.stream().filter(content.get(at)::contains).count();
            boolean before =
                    at > 0 && words.stream().anyMatch(wordsBetween(Math.max(0, at - WINDOW), at - 1)::contains);
            return here > 0 && here * 2 >= words.size() && !before;
        });
    }

    private Set<String> wordsBetween(int from, int to) {
        Set<String> words = new HashSet<>();
        for (int i = from; i <= to; i++) {
            words.addAll(content.get(i));
        }
        return words;
    }

    /** Gives each agenda item to the first stretch of talk that speaks its words. */
    private static final class AgendaMatch {
        private final Map<Integer, Set<String>> items = new HashMap<>();

        AgendaMatch(List<String> agenda) {
            for (int i = 0; i < agenda.size(); i++) {
                items.put(i, Words.content(agenda.get(i)));
            }
        }

        Integer itemOf(Set<String> spoken, Set<String> opening) {
            Integer best = null;
            double bestShare = 0.5;
            for (Map.Entry<Integer, Set<String>> item : items.entrySet()) {
                if (item.getValue().isEmpty()) {
                    continue;
                }
                double share = item.getValue().stream().filter(spoken::contains).count()
                        / (double) item.getValue().size();
                boolean opens = item.getValue().stream().anyMatch(opening::contains);
                double weighed = share + (opens ? 0.5 : 0);
                if (share >= 0.5 && weighed > bestShare) {
                    best = item.getKey();
                    bestShare = weighed;
                }
            }
            if (best != null) {
                items.remove(best);
            }
            return best;
        }
    }
}
