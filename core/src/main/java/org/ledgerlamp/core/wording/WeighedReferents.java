package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Said;
import org.ledgerlamp.core.wording.Referents.Look;
import org.ledgerlamp.core.wording.Referents.Pronoun;

/** The things that a pronoun may point to or a sentence be about, trait by trait: what the weights of the traits are learned from. */
public final class WeighedReferents {
    private WeighedReferents() {}

    /**
     * A thing that is named.
     *
     * @param name as it is called
     * @param head the word that says what kind of thing it is
     * @param traits how much it has of each of {@link WeighedReferents#traits()}, in their order
     */
    public record Named(String name, String head, List<Double> traits) {
        public Named {
            traits = List.copyOf(traits);
        }
    }

    /** What the traits are called. */
    public static List<String> traits() {
        return Arrays.stream(ReferentTraits.values()).map(ReferentTraits::name).toList();
    }

    /** For each pronoun of a sentence that stands for a thing, what it may point to. */
    public static List<List<Named>> pronouns(List<Said> said, int index, MeetingFacts meeting) {
        Scene scene = scene(said, index, meeting);
        String sentence = Speech.cleaned(said.get(index).text(), meeting.roster());
        List<TaggedWord> words = Tagger.shared().words(sentence);
        List<List<Named>> pronouns = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            int at = i;
            References.thing(words, i).ifPresent(pronoun -> {
                Scene here = scene.after(sentence.substring(0, words.get(at).start()));
                pronouns.add(named(pronoun, new Referents(here).before(pronoun), here));
            });
        }
        return pronouns;
    }

    /** What a sentence may be about. */
    public static List<Named> matters(List<Said> said, int index, MeetingFacts meeting) {
        Scene scene = scene(said, index, meeting);
        return named(null, new Referents(scene).around(said.get(index).text(), Scene.behind(said, index)), scene);
    }

    private static List<Named> named(Pronoun pronoun, List<Referent> all, Scene scene) {
        Look look = new Look(pronoun, all, scene.speaker());
        return all.stream()
                .map(r -> new Named(
                        r.bare(),
                        r.phrase().head().lower(),
                        Arrays.stream(ReferentTraits.values())
                                .map(t -> t.of(look, r))
                                .toList()))
                .toList();
    }

    private static Scene scene(List<Said> said, int index, MeetingFacts meeting) {
        return Scene.at(said, index, said.get(index).speaker(), null, new Company(meeting));
    }
}
