package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What somebody who leaves the team has still to do. */
class LeavingTest extends WithDraft {
    @Test
    void open_actions_are_handed_over_to_whoever_is_named() throws Exception {
        Desk reyes = colleague("Tom Reyes");
        change(line("ACTION"), facts("ACTION", "Order the paint", tom, "INK"));
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        String joss = desk.person("Joss Lindqvist");
        int open = desk.read("/api/members/{id}/open", reyes.who().memberId())
                .at("/actions")
                .asInt();
        assertThat(open).isPositive();

        assertThat(desk.remove("/api/members/{id}?handTo={to}", reyes.who().memberId(), joss)
                        .status())
                .isEqualTo(204);

        assertThat(desk.read("/api/registers/ACTION?owner={id}&open=true", joss).at("/entries"))
                .hasSize(open);
        assertThat(desk.read("/api/registers/ACTION?owner={id}&open=true", tom).at("/entries"))
                .isEmpty();
    }
}
