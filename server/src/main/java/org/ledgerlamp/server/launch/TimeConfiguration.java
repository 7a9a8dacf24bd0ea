package org.ledgerlamp.server.launch;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock everything asks, so that tests can set it. */
@Configuration
class TimeConfiguration {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
