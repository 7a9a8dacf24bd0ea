package org.ledgerlamp.server.outgoing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NetworkTest {
    @ParameterizedTest
    @CsvSource({
        "10.20.0.0/16, 10.20.255.1, true",
        "10.20.0.0/16, 10.21.0.1, false",
        "192.168.7.128/25, 192.168.7.200, true",
        "192.168.7.128/25, 192.168.7.100, false",
        "127.0.0.1, 127.0.0.1, true",
        "127.0.0.1, 127.0.0.2, false",
        "fd00::/8, fd12::1, true",
        "fd00::/8, 10.0.0.1, false",
        "::1, ::1, true"
    })
    void an_address_lies_in_a_network_or_beside_it(String network, String address, boolean inside)
            throws UnknownHostException {
        assertThat(Network.of(network).contains(InetAddress.getByName(address))).isEqualTo(inside);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "quay", "10.20/16", "10.20.0.0/33", "10.20.0.1/16", "abc.de", "300.1.1.1", "10.0.0.0/"})
    void what_is_no_network_is_refused(String written) {
        assertThatThrownBy(() -> Network.of(written)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "93.184.216.34, PUBLIC",
        "2606:2800:220:1::1, PUBLIC",
        "127.0.0.1, INSIDE",
        "::1, INSIDE",
        "10.1.2.3, INSIDE",
        "172.31.0.1, INSIDE",
        "192.168.0.9, INSIDE",
        "100.100.1.1, INSIDE",
        "fd00::17, INSIDE",
        "::ffff:10.1.2.3, INSIDE",
        "169.254.169.254, NEVER",
        "fe80::1, NEVER",
        "0.0.0.0, NEVER",
        "0.1.2.3, NEVER",
        "224.0.0.1, NEVER",
        "255.255.255.255, NEVER",
        "'::', NEVER"
    })
    void how_far_away_an_address_is(String address, Reach reach) throws UnknownHostException {
        assertThat(Reach.of(InetAddress.getByName(address))).isEqualTo(reach);
    }

    @Test
    void a_network_is_written_as_it_is_read() {
        assertThat(Network.of("10.20.0.0/16")).hasToString("10.20.0.0/16");
        assertThat(Network.of("127.0.0.1")).hasToString("127.0.0.1/32");
    }
}
