package org.ledgerlamp.server.erasing;

import java.util.List;

/**
 * What holds words of a folio besides its card and its counts, in the order in which it can be deleted. Who adds a
 * table that does adds it here; a test sees to it that none is left out which names a meeting, minutes, a line or a source.
 */
final class Quoted {
    private static final String LINES = "(select id from minutes_line where minutes_id = :minutes)";
    private static final String SOURCES = "(select id from source_file where meeting_id = :meeting)";
    private static final String LETTERS = "(select dispatch from outgoing_letter where meeting_id = :meeting)";
    private static final String EXCERPTS = "(select id from excerpt where minutes_id = :minutes)";
    private static final String ATTACHMENTS = "(select id from attachment where meeting_id = :meeting)";
    private static final String ENTRIES = "(select id from calendar_entry where meeting_id = :meeting)";

    /** Statements with the parameters :team, :minutes, :meeting, :folio and :cited, a pattern of how answers name the folio. */
    static final List<String> DELETED = List.of(
            "delete from kept_question where team_id = :team and statements regexp :cited",
            "delete from excerpt_opening where excerpt_id in " + EXCERPTS,
            "delete from excerpt where minutes_id = :minutes",
            "delete from guest_grant where minutes_id = :minutes",
            "delete from dispatch_file where dispatch in " + LETTERS,
            "delete from outgoing_letter where meeting_id = :meeting",
            "delete from entry_minutes where entry_id in " + ENTRIES,
            "delete from import_item where minutes_id = :minutes or meeting_id = :meeting"
                    + " or (team_id = :team and folio = :folio)",
            "delete from citation where team_id = :team"
                    + " and (home_id = :minutes or cited_home = :minutes or folio = :folio)",
            "delete from labelled where folio_id = :minutes",
            "delete from line_link where later_minutes = :minutes or earlier_line in " + LINES,
            "delete from line_subject where minutes_id = :minutes",
            "delete from facet_count where team_id = :team and folios <= 0",
            "delete from folio_word where folio_id = :minutes",
            "delete from pulled_matter where line_id in " + LINES,
            "delete from register_entry where minutes_id = :minutes",
            "delete from amendment where minutes_id = :minutes",
            "delete from act where line_id in " + LINES,
            "delete from attendance where minutes_id = :minutes",
            "delete from minutes_line where minutes_id = :minutes",
            "delete from minutes where id = :minutes",
            "delete from drafting where meeting_id = :meeting",
            "delete from recording where meeting_id = :meeting or source_id in " + SOURCES,
            "delete from passage where source_id in " + SOURCES,
            "delete from source_original where source_id in " + SOURCES,
            "delete from source_file where meeting_id = :meeting",
            "delete from attachment_original where attachment_id in " + ATTACHMENTS,
            "delete from attachment where meeting_id = :meeting",
            "delete from remark where meeting_id = :meeting",
            "delete from private_margin where meeting_id = :meeting",
            "delete from pen where meeting_id = :meeting",
            "delete from page_line where meeting_id = :meeting");

    /** What stays though it names the meeting: that it was held, with whom, and what was done in it about other folios. */
    static final List<String> STAYS = List.of("meeting_person", "calendar_entry", "pulled_matter", "act");

    private Quoted() {}
}
