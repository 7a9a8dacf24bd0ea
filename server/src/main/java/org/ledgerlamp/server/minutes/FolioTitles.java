package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What folios are called in a list: much less to read than their minutes. */
@Component
@Transactional(readOnly = true)
public class FolioTitles {
    private final MinutesRepository folios;

    FolioTitles(MinutesRepository folios) {
        this.folios = folios;
    }

    /** A folio's number with the title, day and series of its meeting. */
    public record FolioTitle(int folio, String title, LocalDate date, @Nullable String series) {}

    /** Those of a team's folios that have these numbers, by number. */
    public Map<Integer, FolioTitle> of(UUID teamId, Collection<Integer> numbers) {
        return folios.titles(teamId, numbers).stream()
                .collect(Collectors.toMap(FolioTitle::folio, Function.identity()));
    }
}
