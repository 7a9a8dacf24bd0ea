package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MinutesRepository extends JpaRepository<Minutes, UUID> {
    @EntityGraph(attributePaths = "meeting")
    Optional<Minutes> findByIdAndTeamId(UUID id, UUID teamId);

    /** Says whether minutes are linked to what was filed before; how many that changed. */
    @Modifying
    @Query(value = "update minutes set linked = :linked where id = :id and linked <> :linked", nativeQuery = true)
    int setLinked(UUID id, boolean linked);

    /** Says that the words of minutes are counted; 0 where they were already. */
    @Modifying
    @Query(value = "update minutes set words_counted = true where id = :id and not words_counted", nativeQuery = true)
    int setWordsCounted(UUID id);

    /** Folios that are not linked to what was filed before, in the order of their meetings. */
    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByLinkedFalseAndFolioIsNotNullOrderByMeetingDate();

    int countByTeamIdAndFolioIsNotNull(UUID teamId);

    @EntityGraph(attributePaths = "meeting")
    Optional<Minutes> findFirstByTeamIdAndFolioGreaterThanOrderByFolio(UUID teamId, int folio);

    @EntityGraph(attributePaths = "meeting")
    Optional<Minutes> findByTeamIdAndFolio(UUID teamId, int folio);

    @Query("select new org.ledgerlamp.server.minutes.DraftsInHand$DraftInHand(m.id, m.meeting.title, m.meeting.date,"
            + " count(case when l.state = PENCIL then 1 end), count(case when l.state = INK then 1 end))"
            + " from Minutes m left join MinutesLine l on l.minutesId = m.id"
            + " where m.teamId = :teamId and m.folio is null"
            + " group by m.id, m.meeting.title, m.meeting.date order by m.meeting.date desc, m.id")
    List<DraftsInHand.DraftInHand> draftsInHand(UUID teamId);

    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByTeamIdAndFolioIn(UUID teamId, Collection<Integer> folios);

    @Query("select new org.ledgerlamp.server.minutes.FolioTitles$FolioTitle(m.folio, m.meeting.title, m.meeting.date,"
            + " m.meeting.series) from Minutes m where m.teamId = :teamId and m.folio in :folios")
    List<FolioTitles.FolioTitle> titles(UUID teamId, Collection<Integer> folios);

    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByTeamIdAndIdIn(UUID teamId, Collection<UUID> ids);

    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByTeamIdAndMeetingIdIn(UUID teamId, Collection<UUID> meetings);

    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByTeamIdOrderByMeetingDateDesc(UUID teamId, Limit most);

    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByTeamIdAndFolioIsNotNullAndMeetingSeriesOrderByMeetingDateDesc(UUID teamId, String series);

    /** The folios of meetings held from one day to another, the latest first. */
    @EntityGraph(attributePaths = "meeting")
    List<Minutes> findByTeamIdAndFolioIsNotNullAndMeetingDateBetweenOrderByMeetingDateDescFolioDesc(
            UUID teamId, LocalDate from, LocalDate to, Limit most);

    /** Why a folio of a team was deleted for good, if it was. */
    @Query(
            value =
                    "select concat('Folio ', folio, ' was deleted for good on ', date_format(erased_at, '%e %M %Y'), ' by ', erased_by, ': ', reason)"
                            + " from erased_folio where team_id = :teamId and folio = :number",
            nativeQuery = true)
    Optional<String> whyErased(UUID teamId, int number);

    /** @throws Refusal where the team has no folio of that number, or none any more */
    default Minutes folio(UUID teamId, int number) {
        return findByTeamIdAndFolio(teamId, number)
                .orElseThrow(
                        () -> whyErased(teamId, number).map(Refusal::gone).orElseGet(() -> Refusal.notFound("folio")));
    }
}
