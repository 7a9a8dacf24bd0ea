package org.ledgerlamp.server.demo;

import java.net.URI;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/** Where the simulated partners of the demo are; null for what there is none of. */
@ConfigurationProperties("lamp.demo-partners")
record DemoPartners(@Nullable CalendarAt calendar, @Nullable MailAt mail, @Nullable RecorderAt recorder) {
    /** @param address of a CalDAV collection */
    record CalendarAt(URI address, String user, String password) {}

    record MailAt(String host, int port) {}

    /**
     * @param control where it takes commands
     * @param box where it delivers
     */
    record RecorderAt(String control, String box, String secret) {}
}
