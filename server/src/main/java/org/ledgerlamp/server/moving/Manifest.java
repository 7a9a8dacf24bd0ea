package org.ledgerlamp.server.moving;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/**
 * The first thing in an archive: what else is in it.
 *
 * @param format of the archive; {@link #FORMAT} is the one this edition writes
 * @param schema of the database its rows were taken from: the number of its last migration
 * @param team by name
 * @param madeAt the moment at which everything stood as it is in the archive
 * @param rows how many of every table
 */
record Manifest(int format, int schema, UUID teamId, String team, Instant madeAt, Map<String, Long> rows) {
    static final int FORMAT = 1;
}
