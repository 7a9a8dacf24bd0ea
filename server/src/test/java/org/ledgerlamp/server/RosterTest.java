package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A list of people that comes in as a file. */
class RosterTest extends ServerTest {
    @Test
    void adds_whoever_is_new_and_leaves_whoever_is_known_as_they_are() throws Exception {
        desk.create("/api/people", "{\"name\":\"Mira Voss\",\"role\":\"lead\",\"aliases\":[]}");

        Desk.Answer answer = desk.people(
                "crew.csv",
                "Name;Role;E-mail;Aliases\nMira Voss;skipper;m@skerry.example;\nTom Reyes;engineer;tom@skerry.example;Tommy\n");

        assertThat(answer.at("/added").asInt()).isEqualTo(1);
        assertThat(answer.at("/known")).extracting(JsonNode::asString).containsExactly("Mira Voss");
        JsonNode people = desk.read("/api/people").body();
        assertThat(people).extracting(p -> p.at("/role").asString()).containsExactly("lead", "engineer");
        assertThat(people.at("/1/aliases/0").asString()).isEqualTo("Tommy");
    }

    @Test
    void takes_cards_and_says_whose_entry_cannot_be_used() throws Exception {
        Desk.Answer answer = desk.people(
                "crew.vcf",
                "BEGIN:VCARD\nVERSION:3.0\nFN:Ana Prokop\nEMAIL:not an address\nEND:VCARD\n"
                        + "BEGIN:VCARD\nVERSION:3.0\nFN:Joss Lindqvist\nEND:VCARD\n");

        assertThat(answer.at("/added").asInt()).isEqualTo(1);
        assertThat(answer.text("/leftOut/0")).startsWith("Ana Prokop: email ");
    }

    @Test
    void that_is_none_is_refused_with_what_was_expected() throws Exception {
        Desk.Answer answer = desk.people("song.txt", "la la la\nla la\n");

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text("/detail")).startsWith("song.txt: ");
        assertThat(desk.read("/api/people").body()).isEmpty();
    }
}
