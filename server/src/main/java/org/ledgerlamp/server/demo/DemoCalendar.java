package org.ledgerlamp.server.demo;

import java.net.URI;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where the demo's calendar is, if there is one.
 *
 * @param address of its CalDAV collection, or null
 */
@ConfigurationProperties("lamp.demo-calendar")
record DemoCalendar(@Nullable URI address, @Nullable String user, @Nullable String password) {}
