package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Fillers;
import org.ledgerlamp.core.reading.Said;

/**
 * What the talk around a sentence names, and which of it a pronoun of the sentence, or the sentence as a whole, most likely
 * speaks of. The things named are ranked by their {@link ReferentTraits} (a mention ranker, after Denis and Baldridge 2008);
 * where the best is not likely enough, nothing is told.
 */
final class Referents {
    /** A pronoun with a thing of this probability is filled: chosen on meetings left out, see docs/quality.md. */
    private static final double LEAST_POINTED_AT = 0.6;
    /** The matter in front of a quotation that speaks for itself. */
    private static final double LEAST_MATTER = 0.45;
    /** The matter without which a quotation says nothing. */
    private static final double LEAST_MATTER_NEEDED = 0.3;

    /** How many sentences a pronoun reaches back. */
    private static final int FARTHEST = 3;

    private static final int MOST_WORDS = 5;
    private static final int NO_TURN = -1;

    private final Scene scene;
    private final Things things;

    Referents(Scene scene) {
        this.scene = scene;
        this.things = new Things(scene);
    }

    /**
     * A pronoun that stands for a thing.
     *
     * @param word in small letters, without an ending
     * @param many whether it stands for several
     * @param subject whether the sentence says something of it
     * @param verb dictionary form of the verb whose subject or object it is; may be empty
     */
    record Pronoun(String word, boolean many, boolean subject, String verb) {
        boolean isDemonstrative() {
            return word.startsWith("th") && !word.startsWith("the");
        }

        /** Whether it may stand for {@code r}. */
        private boolean fits(Referent r) {
            return r.phrase().isPlural() == many
                    && !r.isOneOfSeveral()
                    && !r.isDenied()
                    && r.away() <= FARTHEST
                    && (subject ? isGoneOnAbout(r) : isDoneTo(r));
        }

        /** What the same breath spoke of. */
        private static boolean isGoneOnAbout(Referent r) {
            return r.isSubject() && r.turns() == 0 && r.away() <= 1;
        }

        /** "Finance should release it": what does something is not what it is done to, nor is what only says where. */
        private static boolean isDoneTo(Referent r) {
            return !r.isGoverned() && (r.away() > 0 || !r.verb().isEmpty());
        }
    }

    /** What a pronoun points to, with an article; empty where that cannot be told. */
    Optional<String> pointedAt(Pronoun pronoun) {
        List<Referent> all = before(pronoun);
        Look look = new Look(pronoun, all, scene.speaker());
        return best(all, r -> look.isHandedOver(r) ? 1 : ReferentTraits.pointedAt(look, r))
                .filter(w -> w.probability() >= LEAST_POINTED_AT)
                .map(w -> w.referent().named());
    }

    /**
     * What a sentence is about, as far as it does not name it itself; empty where that cannot be told.
     *
     * @param needed whether the sentence says nothing without it
     */
    Optional<String> matter(String sentence, List<Said> behind, boolean needed) {
        List<Referent> all = around(sentence, behind);
        Look look = new Look(null, all, scene.speaker());
        return best(all, r -> ReferentTraits.matter(look, r))
                .filter(w -> w.probability() >= (needed ? LEAST_MATTER_NEEDED : LEAST_MATTER))
                .map(w -> w.referent().bare());
    }

    /** How traits look at a referent: for which pronoun, or for none, and beside which others that may be meant as well. */
    record Look(Pronoun pronoun, List<Referent> all, Person speaker) {
        /** "The form is still on your desk": the one certain thing that the sentence answered speaks of. */
        boolean isHandedOver(Referent r) {
            return r.away() == 1
                    && r.turns() == 1
                    && r.phrase().isDefinite()
                    && isAlone(r)
                    && (r.isSubject() || r.isSaidTo(speaker));
        }

        /** How often the same is named around the sentence. */
        long mentions(Referent r) {
            return all.stream().filter(o -> o.key().equals(r.key())).count();
        }

        /** How many others stand nearer. */
        long nearer(Referent r) {
            return all.stream()
                    .filter(o -> !o.key().equals(r.key()))
                    .filter(o -> Math.abs(o.away()) < Math.abs(r.away()))
                    .map(Referent::key)
                    .distinct()
                    .count();
        }

        /** Whether its sentence names nothing else, but for where and when. */
        boolean isAlone(Referent r) {
            return !r.isGoverned() && all.stream().noneMatch(o -> o != r && o.away() == r.away() && !o.isGoverned());
        }
    }

    private record Weighed(Referent referent, double probability) {}

    private static Optional<Weighed> best(List<Referent> all, ToDoubleFunction<Referent> probability) {
        return all.stream()
                .map(r -> new Weighed(r, probability.applyAsDouble(r)))
                .max(Comparator.comparingDouble(Weighed::probability)
                        .thenComparing(w -> -Math.abs(w.referent().away())));
    }

    /** What is named before the sentence and may be what a pronoun points to, the nearest first. */
    List<Referent> before(Pronoun pronoun) {
        return before().stream().filter(pronoun::fits).toList();
    }

    /** What is named before the sentence, the nearest first. */
    List<Referent> before() {
        List<Referent> all = new ArrayList<>();
        if (!scene.begun().isBlank()) {
            all.addAll(in(scene.begun(), scene.speaker(), 0, 0));
        }
        int turns = 0;
        int away = 0;
        int nearer = scene.goesOn() && !scene.before().isEmpty()
                ? scene.before().getFirst().utterance()
                : NO_TURN;
        for (Said said : scene.before()) {
            // "Yes, let's do that" stands between nothing.
            if (Words.content(said.text()).isEmpty()) {
                continue;
            }
            if (nearer != said.utterance()) {
                turns++;
            }
            nearer = said.utterance();
            all.addAll(in(said.text(), said.speaker(), ++away, turns));
        }
        return all;
    }

    /** What is named before and shortly behind a sentence, and not by itself. */
    List<Referent> around(String sentence, List<Said> behind) {
        List<Referent> all = new ArrayList<>(before());
        for (int i = 0; i < behind.size(); i++) {
            all.addAll(in(behind.get(i).text(), behind.get(i).speaker(), -1 - i, 1));
        }
        Set<String> own = Words.content(sentence);
        all.removeIf(r -> Words.content(r.bare()).stream().anyMatch(own::contains));
        return all;
    }

    private List<Referent> in(String said, Person speaker, int away, int turns) {
        String text = Speech.cleaned(Fillers.removed(said), scene.company().people());
        String sentence = said.strip().endsWith("?") && !text.endsWith("?") ? text + "?" : text;
        List<TaggedWord> words = Tagger.shared().words(sentence);
        return things.things(words, sentence).stream()
                .filter(p -> p.words().size() <= MOST_WORDS)
                .map(p -> new Referent(p, sentence, words, speaker, away, turns))
                .toList();
    }

    /** The dictionary form of the nearest verb before {@code i} in the same clause; empty where there is none. */
    static String verbBefore(List<TaggedWord> words, int i) {
        for (int at = i - 1; at >= 0 && !words.get(at).is("PUNCT"); at--) {
            if (words.get(at).is("VERB")) {
                return words.get(at).lemma();
            }
        }
        return "";
    }
}
