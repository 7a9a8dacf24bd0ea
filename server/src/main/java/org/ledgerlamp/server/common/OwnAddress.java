package org.ledgerlamp.server.common;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where people find the application. */
@Component
public class OwnAddress {
    private final Environment environment;

    OwnAddress(Environment environment) {
        this.environment = environment;
    }

    /** The address of a place of the interface, such as {@code /folio/27}: below {@code lamp.address}, where that is set. */
    public String of(String place) {
        String base = environment.getProperty(
                "lamp.address", "http://127.0.0.1:" + environment.getProperty("local.server.port", "8077"));
        return base + place;
    }

    /** Where somebody chooses a password by a key. */
    public String toChoosePassword(String key) {
        return of("/welcome/" + key);
    }
}
