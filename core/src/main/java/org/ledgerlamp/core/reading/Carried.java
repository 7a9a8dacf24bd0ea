package org.ledgerlamp.core.reading;

import java.time.LocalDate;

/**
 * Business left open by an earlier meeting of the series.
 *
 * @param text the line as it was filed
 * @param owner full name of who is to do it, or null
 * @param due the day it is due, or null
 * @param origin the line it comes from, such as {@code 12.4}, or null
 */
public record Carried(String text, String owner, LocalDate due, String origin) {}
