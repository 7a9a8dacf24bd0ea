package org.ledgerlamp.server.citations;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Rows of citations. Those of a private margin are read for their author alone. */
interface CitationRows extends JpaRepository<Citation, UUID> {
    String READABLE = " and c.teamId = :team and (c.memberId is null or c.memberId = :member) order by c.id";

    List<Citation> findByPlaceId(UUID placeId);

    @Query("select c from Citation c where c.home = :home" + READABLE)
    List<Citation> in(UUID team, UUID member, UUID home);

    @Query("select c from Citation c where c.citedHome = :home" + READABLE)
    List<Citation> of(UUID team, UUID member, UUID home);

    @Query("select c from Citation c where c.placeId in :places" + READABLE)
    List<Citation> at(UUID team, UUID member, Collection<UUID> places);

    void deleteByHome(UUID home);

    /** Deletes those in lines that are there no more. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from Citation c where c.teamId = :teamId and c.place = LINE and c.placeId not in"
            + " (select l.id from MinutesLine l where l.teamId = :teamId)")
    void deleteLost(UUID teamId);
}
