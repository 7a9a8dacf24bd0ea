package org.ledgerlamp.server;

import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application. Start it with {@code ./lamp}, or through {@link org.ledgerlamp.server.launch.Launcher}. */
@SpringBootApplication
public class LedgerLamp {}
