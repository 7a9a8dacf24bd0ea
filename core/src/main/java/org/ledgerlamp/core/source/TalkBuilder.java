package org.ledgerlamp.core.source;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Collects the talk while a reader goes through its file: numbers utterances, joins cues that split one sentence, and
 * keeps the list of what could not be read.
 */
final class TalkBuilder {
    private static final Duration LONGEST_GAP_WITHIN_A_SENTENCE = Duration.ofSeconds(2);
    private static final int LONGEST_JOINED = 1000;
    private static final int MOST_PROBLEMS = 50;

    /** "The librarian, Mrs.": a stop that ends no sentence. */
    private static final Pattern ENDS_WITH_A_TITLE =
            Pattern.compile("(?<![\\p{L}])(?:Mr|Mrs|Ms|Dr|Prof|St|Rev|Cllr)\\.$");

    private final Limits limits;
    private final boolean joinSplitSentences;
    private final List<Utterance> utterances = new ArrayList<>();
    private final List<Problem> problems = new ArrayList<>();
    private int problemsLeftOut;
    private boolean saidBackwards;

    /** @param joinSplitSentences whether a cue may end in the middle of a sentence that the next one goes on with */
    TalkBuilder(Limits limits, boolean joinSplitSentences) {
        this.limits = limits;
        this.joinSplitSentences = joinSplitSentences;
    }

    /**
     * Adds what was said; blank text is passed over.
     *
     * @param place names the spot should this one break a limit
     */
    void add(String place, String speaker, Duration start, Duration end, String text) throws UnreadableSource {
        String words = Markup.fold(text);
        if (words.isEmpty()) {
            return;
        }
        Duration until = end != null && start != null && end.compareTo(start) < 0 ? start : end;
        Utterance last = utterances.isEmpty() ? null : utterances.getLast();
        if (last != null
                && start != null
                && last.start() != null
                && start.compareTo(last.start()) < 0
                && !saidBackwards) {
            saidBackwards = true;
            problem(place, "the times go backwards here; the order of the file is kept");
        }
        if (joinSplitSentences && last != null && continues(last, speaker, start)) {
            utterances.set(
                    utterances.size() - 1,
                    new Utterance(last.n(), last.speaker(), last.start(), until, last.text() + " " + words));
            return;
        }
        if (utterances.size() >= limits.utterances()) {
            throw new UnreadableSource(place, "more than " + limits.utterances() + " utterances; split the file");
        }
        utterances.add(new Utterance(utterances.size(), speaker, start, until, words));
    }

    /** Adds what goes on with the last utterance, whoever speaks; the first words of a talk open one. */
    void goOn(String place, Duration start, Duration end, String text) throws UnreadableSource {
        String words = Markup.fold(text);
        Utterance last = utterances.isEmpty() ? null : utterances.getLast();
        if (last == null || last.text().length() > LONGEST_JOINED) {
            add(place, last == null ? null : last.speaker(), start, end, text);
        } else if (!words.isEmpty()) {
            utterances.set(
                    utterances.size() - 1,
                    new Utterance(last.n(), last.speaker(), last.start(), end, last.text() + " " + words));
        }
    }

    private static boolean continues(Utterance last, String speaker, Duration start) {
        if (speaker == null || !speaker.equals(last.speaker()) || last.text().length() > LONGEST_JOINED) {
            return false;
        }
        if (start != null
                && last.end() != null
                && start.minus(last.end()).compareTo(LONGEST_GAP_WITHIN_A_SENTENCE) > 0) {
            return false;
        }
        return ENDS_WITH_A_TITLE.matcher(last.text()).find()
                || ".?!…\"”".indexOf(last.text().charAt(last.text().length() - 1)) < 0;
    }

    void problem(String place, String message) {
        if (problems.size() < MOST_PROBLEMS) {
            problems.add(new Problem(place, message));
        } else {
            problemsLeftOut++;
        }
    }

    boolean isEmpty() {
        return utterances.isEmpty();
    }

    /** Why nothing could be read: the first trouble met, or else what was expected at {@code place}. */
    UnreadableSource nothingRead(String place, String expected) {
        Problem first = problems.isEmpty() ? new Problem(place, expected) : problems.getFirst();
        return new UnreadableSource(first.place(), first.message());
    }

    Source build(SourceFormat format, SourceFacts facts) {
        List<Problem> all = new ArrayList<>(problems);
        if (problemsLeftOut > 0) {
            all.add(new Problem("further on", problemsLeftOut + " more places could not be read"));
        }
        return new Source(format, utterances, List.of(), facts, all);
    }
}
