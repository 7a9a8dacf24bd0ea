package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What a folio is called in a list: much less to read than its minutes. */
public record FolioTitle(int folio, String title, LocalDate date, @Nullable String series) {}
