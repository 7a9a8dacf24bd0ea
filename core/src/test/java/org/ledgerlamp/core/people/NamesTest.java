package org.ledgerlamp.core.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;

class NamesTest {
    private static final Person TOM_QUIST = new Person("Tom Quist", "painter", null, List.of());
    private final Roster roster = new Roster(List.of(Skerry.MIRA, Skerry.TOM, Skerry.ANA, Skerry.JOSS, Skerry.PETRA));
    private final Roster twoToms = new Roster(List.of(Skerry.TOM, TOM_QUIST));

    @ParameterizedTest
    @CsvSource({
        "Mira Voss,Mira Voss",
        "mira voss,Mira Voss",
        "Mira,Mira Voss",
        "Voss,Mira Voss",
        "MV,Mira Voss",
        "Annie,Ana Prokop",
        "a.prokop,Ana Prokop",
        "Lindquist,Joss Lindqvist",
        "Prókop,Ana Prokop"
    })
    void a_person_is_known_by_every_name_of_theirs_and_by_a_near_miss(String heard, String name) {
        assertThat(roster.resolve(heard).map(Person::name)).contains(name);
    }

    @ParameterizedTest
    @CsvSource({"Zebedee", "V", "''", "Marius", "...", "Anna Lind"})
    void whoever_is_not_on_the_roster_is_nobody(String heard) {
        assertThat(roster.resolve(heard)).isEmpty();
    }

    @Test
    void two_of_one_first_name_are_left_open_with_both_candidates() {
        assertThat(twoToms.resolve("Tom")).isEmpty();
        assertThat(twoToms.candidates("Tom")).containsExactly(Skerry.TOM, TOM_QUIST);
        assertThat(twoToms.resolve("Tom Quist")).contains(TOM_QUIST);
        assertThat(twoToms.resolve("TQ")).contains(TOM_QUIST);
    }

    @Test
    void a_role_means_somebody_where_exactly_one_holds_it() {
        assertThat(roster.byRole("the fleet engineer".substring(4))).contains(Skerry.ANA);
        assertThat(roster.byRole("engineer")).isEmpty();
    }

    @Test
    void people_are_found_in_running_text_by_names_that_mean_one_alone() {
        Mentions mentions = new Mentions(roster);

        assertThat(mentions.in("I'll send Tom the drawings once Ana's back, MV knows."))
                .extracting(m -> m.person().name())
                .containsExactly("Tom Reyes", "Ana Prokop", "Mira Voss");
        assertThat(mentions.in("the tomb, an anagram and mirage")).isEmpty();
        assertThat(mentions.in("mail tom@skerry.example")).isEmpty();
        assertThat(new Mentions(twoToms).in("Tom will do it")).isEmpty();
    }

    @Test
    void a_name_that_is_an_everyday_word_is_heard_with_a_capital_only() {
        Mentions mentions = new Mentions(new Roster(List.of(new Person("Will Carr", null, null, List.of()))));

        assertThat(mentions.in("Will will call.")).hasSize(1);
        assertThat(mentions.in("that will do")).isEmpty();
    }

    @Test
    void in_a_text_without_capitals_small_letters_serve() {
        assertThat(new Mentions(roster).in("ask tom about it")).hasSize(1);
        assertThat(new Mentions(roster).in("Ask tom about it")).isEmpty();
    }
}
