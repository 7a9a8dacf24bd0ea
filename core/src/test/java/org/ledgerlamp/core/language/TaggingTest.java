package org.ledgerlamp.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class TaggingTest {
    private static List<String> phrases(String sentence) {
        return NounPhrases.in(Tagger.shared().words(sentence)).stream()
                .map(p -> p.bare(sentence))
                .toList();
    }

    @Test
    void every_word_has_its_place_its_part_of_speech_and_its_dictionary_form() {
        List<TaggedWord> words = Tagger.shared().words("The yard sent the drawings.");

        assertThat(words).extracting(TaggedWord::text).containsExactly("The", "yard", "sent", "the", "drawings", ".");
        assertThat(words).extracting(TaggedWord::tag).containsExactly("DET", "NOUN", "VERB", "DET", "NOUN", "PUNCT");
        assertThat(words.get(2).lemma()).isEqualTo("send");
        assertThat(words.get(4).start()).isEqualTo(18);
    }

    @Test
    void a_noun_phrase_is_a_thing_with_what_belongs_to_it() {
        assertThat(phrases("the second berth needs a new shore supply before Easter"))
                .containsExactly("second berth", "new shore supply", "Easter");
    }

    @Test
    void a_word_that_holds_a_verb_too_names_nothing() {
        assertThat(phrases("Somebody'll need to paint the hull.")).containsExactly("hull");
        assertThat(phrases("The swab's gone to the laboratory.")).containsExactly("laboratory");
        assertThat(phrases("The crane's arm is bent.")).containsExactly("crane's arm");
    }

    @Test
    void times_numbers_and_words_for_anything_are_told_apart() {
        NounPhrase morning =
                NounPhrases.in(Tagger.shared().words("on Monday morning")).getFirst();
        NounPhrase thing =
                NounPhrases.in(Tagger.shared().words("it is a strange thing")).getFirst();
        NounPhrase berth =
                NounPhrases.in(Tagger.shared().words("it is the second berth")).getFirst();

        assertThat(NounPhrases.isTime(morning)).isTrue();
        assertThat(NounPhrases.isVague(thing)).isTrue();
        assertThat(NounPhrases.isTime(berth) || NounPhrases.isVague(berth) || NounPhrases.isNumber(berth))
                .isFalse();
        assertThat(berth.isDefinite()).isTrue();
        assertThat(thing.isDefinite()).isFalse();
    }

    @Test
    void another_language_than_english_is_told_by_name() {
        assertThat(Languages.otherThanEnglish(
                        "Guten Morgen zusammen, wir fangen an. Wer übernimmt heute das Protokoll? Ich habe letzte Woche mit dem"
                                + " Lieferanten gesprochen, und er sagt, die Batterien kommen erst im Mai. Das ist für uns ein Problem,"
                                + " weil die Fähre im Juni fahren soll. Können wir das noch einmal prüfen lassen?"))
                .contains("German");
        assertThat(Languages.otherThanEnglish(
                        "Right, so the yard rang and the batteries are late again, which we all knew was coming. I said to them that"
                                + " it is not good enough and that we have a boat to run in June, and they said they would look at it."
                                + " Och, it's aye the same wi them, but there we are."))
                .isEmpty();
        assertThat(Languages.otherThanEnglish("Batterien, Mai.")).isEmpty();
    }
}
