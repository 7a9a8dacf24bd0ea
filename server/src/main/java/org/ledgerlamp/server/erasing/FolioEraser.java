package org.ledgerlamp.server.erasing;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.work.SearchIndexingPlan;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.tray.Passage;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Deletes folios for good. That a meeting was held, when and with whom, stays; so does the number, which nobody gets again. */
@Service
@Transactional
public class FolioEraser {
    private final MinutesService minutes;
    private final LinkService links;
    private final EntityManager entities;
    private final NamedParameterJdbcTemplate database;
    private final Auditor auditor;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    FolioEraser(
            MinutesService minutes,
            LinkService links,
            EntityManager entities,
            NamedParameterJdbcTemplate database,
            Auditor auditor,
            ApplicationEventPublisher events,
            Clock clock) {
        this.minutes = minutes;
        this.links = links;
        this.entities = entities;
        this.database = database;
        this.auditor = auditor;
        this.events = events;
        this.clock = clock;
    }

    /**
     * What goes with a folio, counted.
     *
     * @param lines of record
     * @param sources transcripts and notes, as they came
     * @param attachments files beside them
     * @param letters that were sent or are to be sent about its meeting
     * @param excerpts made of it
     * @param keptAnswers of the lamp that cite it
     */
    public record Goes(long lines, long sources, long attachments, long letters, long excerpts, long keptAnswers) {}

    /** Counts what would go. */
    @Transactional(readOnly = true)
    public Goes goes(UUID teamId, int number) {
        Map<String, Object> of = parameters(minutes.folio(teamId, number));
        return new Goes(
                count("minutes_line where minutes_id = :minutes and number is not null", of),
                count("source_file where meeting_id = :meeting", of),
                count("attachment where meeting_id = :meeting", of),
                count("outgoing_letter where meeting_id = :meeting", of),
                count("excerpt where minutes_id = :minutes", of),
                count("kept_question where team_id = :team and statements regexp :cited", of));
    }

    private long count(String of, Map<String, Object> parameters) {
        Long rows = database.queryForObject("select count(*) from " + of, parameters, Long.class);
        return rows == null ? 0 : rows;
    }

    private static Map<String, Object> parameters(Minutes folio) {
        return Map.of(
                "team", folio.teamId(),
                "minutes", folio.id(),
                "meeting", folio.meeting().id(),
                "folio", folio.folio(),
                "cited", "\"meeting\":\"(" + folio.meeting().id() + "|" + folio.id() + ")\"");
    }

    /**
     * Deletes a folio with everything that quotes it; nothing brings it back but a backup made before.
     *
     * @param reason what stands in its place, and in the audit trail
     */
    public void erase(SignedIn who, int number, String reason) {
        Minutes folio = minutes.folio(who.teamId(), number);
        Map<String, Object> of = parameters(folio);
        if (count("minutes where id = :minutes and words_counted", of) > 0) {
            links.forgetWords(folio);
        }
        events.publishEvent(FolioChanged.takenBack(folio));
        folio.meeting().loseMinutes();
        entities.flush();
        forgetInIndex(of);
        entities.clear();
        Quoted.DELETED.forEach(statement -> database.update(statement, of));
        database.update(
                "insert into erased_folio (team_id, folio, erased_at, erased_by, reason)"
                        + " values (:team, :folio, :at, :by, :reason)",
                Map.of(
                        "team", who.teamId(),
                        "folio", number,
                        "at", clock.instant(),
                        "by", who.name(),
                        "reason", reason));
        auditor.note(who, AuditKind.FOLIO_DELETED, "folio " + number + ": " + reason);
        events.publishEvent(new Changed(who.teamId(), "ledger", Map.of("folio", number)));
    }

    private void forgetInIndex(Map<String, Object> of) {
        SearchIndexingPlan plan = Search.session(entities).indexingPlan();
        database.queryForList("select id from minutes_line where minutes_id = :minutes", of, UUID.class)
                .forEach(id -> plan.purge(MinutesLine.class, id, null));
        database.queryForList(
                        "select p.id from passage p join source_file s on s.id = p.source_id"
                                + " where s.meeting_id = :meeting",
                        of,
                        UUID.class)
                .forEach(id -> plan.purge(Passage.class, id, null));
    }
}
