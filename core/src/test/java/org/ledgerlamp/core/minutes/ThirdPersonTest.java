package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.people.Person;

class ThirdPersonTest {
    private final ThirdPerson person = new ThirdPerson(List.of(Skerry.TOM, Skerry.ANA, Skerry.MIRA));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I'll do it with my crew|Tom Reyes will do it with Tom's crew",
                "they told me that I'm late|they told Tom Reyes that Tom is late",
                "I think Mimi's island is mine|Tom Reyes thinks Mimi's island is Tom's",
                "in the time I had|in the time Tom Reyes had",
                "where am I to put it|where is Tom Reyes to put it",
                "I honestly don't know|Tom Reyes does not know",
                "I'd an offer from the yard|Tom Reyes had an offer from the yard",
                "I'd go by boat|Tom Reyes would go by boat",
                "I carry ten on the deck|Tom Reyes carries ten on the deck",
                "I still need the key|Tom Reyes still needs the key"
            })
    void the_first_person_becomes_the_speaker_by_full_name_first_and_then_by_first_name(String said, String turned) {
        assertThat(person.turned(said, Skerry.TOM, false)).isEqualTo(turned);
        assertThat(person.turned(said, null, false)).isEqualTo(said);
    }

    @Test
    void a_line_that_has_named_the_speaker_goes_on_with_the_first_name() {
        assertThat(person.turned("send my drawings", Skerry.TOM, true)).isEqualTo("send Tom's drawings");
    }

    @Test
    void a_first_name_that_two_people_share_is_never_used_alone() {
        Person other = new Person("Tom Haldane", null, null, List.of());

        assertThat(new ThirdPerson(List.of(Skerry.TOM, other)).turned("I take my boat", Skerry.TOM, false))
                .isEqualTo("Tom Reyes takes Tom Reyes's boat");
    }

    @Test
    void you_becomes_the_one_addressed() {
        assertThat(person.addressed("send you your young drawings", Skerry.ANA, false))
                .isEqualTo("send Ana Prokop Ana's young drawings");
        assertThat(person.addressed("send you", null, false)).isEqualTo("send you");
    }
}
