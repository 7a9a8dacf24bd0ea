package org.ledgerlamp.server.imports;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ImportItems extends JpaRepository<ImportItem, UUID> {
    /** How many files of an import are in a state. */
    record Count(UUID runId, ItemState state, long files) {}

    @Query("select new org.ledgerlamp.server.imports.ImportItems$Count(i.runId, i.state, count(i)) from ImportItem i"
            + " where i.runId in :runs group by i.runId, i.state")
    List<Count> count(Collection<UUID> runs);

    /** A file as the list shows it, without its bytes. */
    record Listed(
            UUID id, int n, String path, long size, ItemState state, String reason, Integer folio, UUID minutesId) {}

    @Query("select new org.ledgerlamp.server.imports.ImportItems$Listed(i.id, i.n, i.path, i.size, i.state, i.reason,"
            + " i.folio, i.minutesId) from ImportItem i where i.runId = :run and i.n > :after"
            + " and (:state is null or i.state = :state) order by i.n")
    List<Listed> list(UUID run, int after, ItemState state, Limit most);

    Optional<ImportItem> findFirstByRunIdAndStateInOrderByN(UUID run, Collection<ItemState> states);

    Optional<ImportItem> findByRunIdAndPath(UUID run, String path);

    Optional<ImportItem> findByIdAndTeamId(UUID id, UUID teamId);

    Optional<ImportItem> findFirstByTeamIdAndSha256AndStateIn(UUID teamId, String sha256, Collection<ItemState> states);

    @Query("select coalesce(max(i.n), 0) from ImportItem i where i.runId = :run")
    int last(UUID run);

    /** How many other files of an import lie in a folder. */
    @Query("select count(i) from ImportItem i where i.runId = :run and i.path like :prefix escape '!'")
    long inFolder(UUID run, String prefix);
}
