package org.ledgerlamp.server;

import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class BordersTest {
    @Test
    void features_use_each_other_by_their_public_types_alone_and_in_no_circle() {
        ApplicationModules.of(LedgerLamp.class).verify();
    }
}
