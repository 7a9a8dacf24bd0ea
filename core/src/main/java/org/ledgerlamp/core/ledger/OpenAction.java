package org.ledgerlamp.core.ledger;

import java.time.LocalDate;

/**
 * An action that is not known to have ended.
 *
 * @param line the line that recorded it
 * @param subject what it is about
 * @param series the series of the meeting that recorded it, or null
 * @param spokenOf the day it was last spoken of
 */
public record OpenAction(FiledLine line, Subject subject, String series, LocalDate spokenOf) {}
