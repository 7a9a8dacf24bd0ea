package org.ledgerlamp.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.ServerSocket;
import org.junit.jupiter.api.Test;

class FreePortTest {
    @Test
    void the_usual_port_is_taken_unless_somebody_listens_on_it() throws Exception {
        int usual;
        try (ServerSocket somebody = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            usual = somebody.getLocalPort();
            assertThat(FreePort.orUsual(usual)).isNotEqualTo(usual).isPositive();
        }
        assertThat(FreePort.orUsual(usual)).isEqualTo(usual);
    }
}
