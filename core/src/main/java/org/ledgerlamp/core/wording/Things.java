package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ledgerlamp.core.language.NounPhrase;
import org.ledgerlamp.core.language.NounPhrases;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Fillers;
import org.ledgerlamp.core.reading.Said;

/** The people and things that the talk before a sentence named. */
final class Things {
    private static final Set<String> PEOPLE = Set.of(
            """
            man woman guy lad lads bloke boy girl person people mother father mum dad sister brother wife husband
            customer client patient driver engineer builder plumber electrician fitter supplier nurse doctor teacher
            manager officer inspector examiner lady fella boss buyer kid child children family
            """
                    .strip()
                    .split("\\s+"));
    private static final int SENTENCES_BACK = 3;
    private static final int TURNS_BACK = 2;

    private final Scene scene;

    Things(Scene scene) {
        this.scene = scene;
    }

    static boolean isPerson(TaggedWord w) {
        return w.is("NOUN") && PEOPLE.contains(w.lower());
    }

    static boolean isNumber(TaggedWord w) {
        return NounPhrases.isNumber(new NounPhrase(List.of(w)));
    }

    static boolean isTime(TaggedWord w) {
        return NounPhrases.isTime(new NounPhrase(List.of(w)));
    }

    /** The one person named last before the sentence, who is not its speaker and not called; empty where two were named together. */
    Optional<String> personNamedLast() {
        for (Said said : near()) {
            List<Person> named = scene.company().namedIn(said.text()).stream()
                    .filter(m -> !isCall(said.text(), m))
                    .map(Mention::person)
                    .filter(p -> !p.equals(scene.speaker()))
                    .distinct()
                    .toList();
            if (!named.isEmpty()) {
                return named.size() == 1 ? Optional.of(named.getFirst().name()) : Optional.empty();
            }
            List<String> strangers = strangers(written(said));
            if (!strangers.isEmpty()) {
                return strangers.size() == 1 ? Optional.of(strangers.getFirst()) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** People by name who are on no roster; a name that begins a sentence alone may be no name. */
    private List<String> strangers(String text) {
        List<TaggedWord> words = Tagger.shared().words(text);
        return NounPhrases.in(words).stream()
                .filter(p -> p.words().stream()
                        .allMatch(w -> w.is("PROPN") && w.text().matches("\\p{Lu}\\p{Ll}.*")))
                .filter(p ->
                        p.start() > 0 && !NounPhrases.isTime(p) && p.words().size() <= 2)
                .map(p -> p.bare(text).replaceFirst("['’]s$", ""))
                .distinct()
                .toList();
    }

    /** At either end of a sentence behind or before a comma. */
    private static boolean isCall(String text, Mention m) {
        String before = text.substring(0, m.start()).strip();
        String after = text.substring(m.end()).strip();
        return before.isEmpty() && after.startsWith(",") || before.endsWith(",") && after.matches("[.?!,].*|");
    }

    private String written(Said said) {
        return Speech.cleaned(Fillers.removed(said.text()), scene.company().people());
    }

    /** What a sentence names that is neither a time, a person of the company nor anything at all. */
    List<NounPhrase> things(List<TaggedWord> words, String text) {
        List<Mention> people = scene.company().namedIn(text);
        return NounPhrases.in(words).stream()
                .filter(p -> !NounPhrases.isTime(p) && !NounPhrases.isVague(p) && !isPerson(p.head()))
                .filter(p -> !isExclaimed(p, text) && !NounPhrases.isNumber(p))
                .filter(p -> people.stream().noneMatch(m -> m.start() < p.end() && p.start() < m.end()))
                .toList();
    }

    /** "Ugh": a word alone at the beginning that only seems a name. */
    private static boolean isExclaimed(NounPhrase phrase, String text) {
        return phrase.start() == 0
                && phrase.words().size() == 1
                && (phrase.end() == text.length()
                        || text.substring(phrase.end()).matches("^[,.!?].*"));
    }

    /** The sentences a reference may reach back to, the nearest first. */
    private List<Said> near() {
        List<Said> near = new ArrayList<>();
        int turns = 0;
        int last = -1;
        for (Said said : scene.before()) {
            if (said.utterance() != last) {
                turns++;
                last = said.utterance();
            }
            if (near.size() == SENTENCES_BACK || turns > TURNS_BACK + 1) {
                break;
            }
            near.add(said);
        }
        return near;
    }
}
