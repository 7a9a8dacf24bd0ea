package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.ledgerlamp.core.language.Sentences;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.core.time.SpokenDates;

/** A source laid out in sentences, each with its speaker, ready for the finders. */
final class Talk {
    private static final int OPENING_AT_LEAST = 12;

    private final Source source;
    private final MeetingFacts meeting;
    private final List<Sentence> sentences = new ArrayList<>();
    private final int[] firstSentence;
    private final Map<List<Integer>, Sentence> byPlace = new HashMap<>();
    private final Map<String, Person> speakers;
    private final boolean bare;

    Talk(Source source, MeetingFacts expected) {
        this.source = source;
        this.meeting = Guests.welcomed(expected, source);
        this.speakers = Speakers.of(source, meeting);
        this.bare = Contractions.areBareIn(source);
        Mentions mentions = meeting.mentions();
        firstSentence = new int[source.utterances().size() + 1];
        for (Utterance u : source.utterances()) {
            firstSentence[u.n()] = sentences.size();
            for (Span span : Sentences.of(u.text())) {
                sentences.add(sentence(u, span, mentions));
            }
        }
        firstSentence[source.utterances().size()] = sentences.size();
        sentences.forEach(s -> byPlace.put(place(s.utterance(), s.start()), s));
    }

    private Sentence sentence(Utterance u, Span span, Mentions mentions) {
        String text = span.of(u.text());
        List<Mention> named = mentions.in(text);
        String lower = Fillers.removed(text).toLowerCase(Locale.ROOT).replace('’', '\'');
        String plain = bare ? Contractions.restored(lower) : lower;
        return new Sentence(
                sentences.size(),
                u.n(),
                span.start(),
                span.end(),
                text,
                plain,
                speakers.get(u.speaker()),
                named,
                SpokenDates.in(text, meeting.calendar()),
                Words.content(plain));
    }

    Source source() {
        return source;
    }

    MeetingFacts meeting() {
        return meeting;
    }

    List<Sentence> sentences() {
        return sentences;
    }

    /** All that was said or noted, one line an utterance. */
    String text() {
        return source.utterances().stream().map(Utterance::text).collect(Collectors.joining("\n"));
    }

    /** The sentences as they are handed on. */
    List<Said> said() {
        return sentences.stream()
                .map(s -> new Said(s.utterance(), s.start(), s.text(), s.speaker()))
                .toList();
    }

    /** The first {@code share} of the sentences, 0 to 1, and at least {@value #OPENING_AT_LEAST} where there are as many. */
    List<Sentence> opening(double share) {
        int last = Math.max(OPENING_AT_LEAST, (int) (sentences.size() * share));
        return sentences.subList(0, Math.min(last, sentences.size()));
    }

    int utterances() {
        return firstSentence.length - 1;
    }

    /** The sentences of utterance {@code n}; none beyond the talk's ends. */
    List<Sentence> of(int n) {
        return n < 0 || n >= utterances() ? List.of() : sentences.subList(firstSentence[n], firstSentence[n + 1]);
    }

    /** Who speaks in utterance {@code n}, or null where unknown. */
    Person speaker(int n) {
        return speakers.get(source.utterances().get(n).speaker());
    }

    /** Whether the two utterances come from different mouths; where nobody is named, every utterance may. */
    boolean differ(int a, int b) {
        String first = source.utterances().get(a).speaker();
        String second = source.utterances().get(b).speaker();
        return first == null || second == null || !Objects.equals(first, second);
    }

    /** The next utterances, at most {@code most}, that somebody else than the speaker of {@code n} makes. */
    List<Integer> replies(int n, int most) {
        List<Integer> replies = new ArrayList<>();
        for (int i = n + 1; i < utterances() && i <= n + most + 2 && replies.size() < most; i++) {
            if (differ(n, i)) {
                replies.add(i);
            }
        }
        return replies;
    }

    /** Whether a question was asked between two utterances: what follows it answers that question, not what came before. */
    boolean isAskedBetween(int before, int after) {
        for (int i = before + 1; i < after; i++) {
            if (of(i).stream().anyMatch(Sentence::isQuestion)) {
                return true;
            }
        }
        return false;
    }

    /** The sentence before {@code s}, or null at the beginning. */
    Sentence before(Sentence s) {
        return s.index() == 0 ? null : sentences.get(s.index() - 1);
    }

    /** The sentence after {@code s}, or null at the end. */
    Sentence after(Sentence s) {
        return s.index() + 1 == sentences.size() ? null : sentences.get(s.index() + 1);
    }

    /** The sentence that {@code evidence} of this talk quotes, or a clause of which it quotes. */
    Sentence at(Evidence evidence) {
        Sentence whole = byPlace.get(place(evidence.utterance(), evidence.start()));
        return whole != null
                ? whole
                : of(evidence.utterance()).stream()
                        .filter(s -> s.start() <= evidence.start() && evidence.start() < s.end())
                        .findFirst()
                        .orElseThrow();
    }

    private static List<Integer> place(int utterance, int start) {
        return List.of(utterance, start);
    }

    Evidence evidence(Sentence s) {
        return evidence(s, 0, s.text().length());
    }

    /** A clause of a sentence, from one character of it to another. */
    Evidence evidence(Sentence s, int from, int to) {
        Utterance u = source.utterances().get(s.utterance());
        return new Evidence(
                Evidence.Origin.TALK,
                s.utterance(),
                u.start(),
                u.speaker(),
                s.start() + from,
                s.start() + to,
                s.text().substring(from, to));
    }
}
