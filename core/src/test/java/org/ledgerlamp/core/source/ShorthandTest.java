package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.exchange.ShorthandJson;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.SentenceClassifier;

/** Marks and abbreviations of a team's own. */
class ShorthandTest {
    private static final Shorthand OURS = new Shorthand(
            Map.of("!!", Mark.RISK, "!", Mark.ACTION, "todo:", Mark.ACTION),
            Map.of("w/", "with", "hm", "harbour master", "pls", "please"));

    private static Source notes(String text) throws UnreadableSource {
        return new SourceDesk(Limits.DEFAULT, OURS).readNotes(text.getBytes(StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @CsvSource({
        "'!! cable wears through',RISK,cable wears through",
        "'! ring the yard',ACTION,ring the yard",
        "'TODO: ring the yard',ACTION,ring the yard",
        "'A: ring the yard',ACTION,ring the yard",
        "'~ roller is late',LOWLIGHT,roller is late",
        "'!important thing',,!important thing",
        "'!!',,!!"
    })
    void a_line_is_what_its_sign_says_ones_own_beside_everybodys(String line, Mark mark, String words)
            throws UnreadableSource {
        NoteLine read = notes("x y\n" + line + "z").noteLines().getLast();

        assertThat(read.mark()).isEqualTo(Optional.ofNullable(mark));
        assertThat(read.text()).isEqualTo(words + "z");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "talk w/ the HM|talk with the harbour master",
                "Hm pls, at once|Harbour master please, at once",
                "hmm, w/o a plug|hmm, w/o a plug",
                "ahm|ahm"
            })
    void short_forms_are_written_out_as_whole_words(String brief, String full) {
        assertThat(OURS.writtenOut(brief)).isEqualTo(full);
    }

    @Test
    void the_line_is_written_out_and_the_notes_stay_as_typed() throws UnreadableSource {
        Draft draft = new Drafter(SentenceClassifier.shipped(), OURS)
                .draft(
                        notes("! TR to talk w/ hm by fri\n!! crane w/o permit\n"),
                        null,
                        Skerry.meeting(),
                        Template.forKind("weekly status"));

        assertThat(Skerry.lines(draft, Kind.ACTION)).singleElement().satisfies(action -> {
            assertThat(action.text()).isEqualTo("Tom Reyes to talk with harbour master by fri.");
            assertThat(action.evidence().getFirst().quote()).isEqualTo("TR to talk w/ hm by fri");
        });
        assertThat(Skerry.lines(draft, Kind.RISK)).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "A:,is a mark that everybody has",
        "a:,is a mark that everybody has",
        "-,begins a list",
        "3.,begins a list",
        "'a b',is no mark",
        "'',is no mark",
        "verylongsign,is no mark"
    })
    void a_sign_that_cannot_be_told_apart_is_refused(String sign, String why) {
        assertThatThrownBy(() -> new Shorthand(Map.of(sign, Mark.RISK), Map.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }

    @Test
    void a_short_form_is_one_word_and_stands_for_something() {
        assertThatThrownBy(() -> new Shorthand(Map.of(), Map.of("a b", "c"))).hasMessageContaining("no short form");
        assertThatThrownBy(() -> new Shorthand(Map.of(), Map.of("a", " "))).hasMessageContaining("stands for nothing");
    }

    @Test
    void a_file_of_them_is_read_and_a_wrong_one_says_what_is_wrong() {
        assertThat(ShorthandJson.read("{\"marks\":{\"!!\":\"risk\"},\"abbreviations\":{\"w/\":\"with\"}}"))
                .isEqualTo(new Shorthand(Map.of("!!", Mark.RISK), Map.of("w/", "with")));
        for (String broken : List.of("{\"marks\":{\"!!\":\"worry\"}}", "{\"marks\":{\"A:\":\"risk\"}}", "{")) {
            assertThatThrownBy(() -> ShorthandJson.read(broken)).isInstanceOf(IllegalArgumentException.class);
        }
    }
}
