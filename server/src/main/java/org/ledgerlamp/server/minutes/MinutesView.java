package org.ledgerlamp.server.minutes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.meetings.MeetingView;
import org.ledgerlamp.server.tray.SourceFile;

/** Minutes as the browser gets them: draft and folio alike. */
public record MinutesView(
        UUID id,
        int version,
        MeetingView meeting,
        TemplateView template,
        List<Sheet> sources,
        List<Attendee> attendance,
        List<TopicMark> topics,
        List<LineView> lines,
        @Nullable Filing filing) {

    /** A template and its sections. */
    public record TemplateView(String name, Detail detail, List<SectionView> sections) {
        static TemplateView of(Template t) {
            return new TemplateView(
                    t.name(),
                    t.detail(),
                    t.sections().stream()
                            .map(s -> new SectionView(s.heading(), s.content()))
                            .toList());
        }
    }

    /** A section: its heading and what it holds. */
    public record SectionView(String heading, Template.Content content) {}

    /** A source the minutes were drafted from. */
    public record Sheet(UUID id, String name, boolean notes, int passages, @Nullable Integer seconds) {
        static Sheet of(SourceFile f) {
            return new Sheet(f.id(), f.name(), f.isNotes(), f.passages(), f.seconds());
        }
    }

    /** Somebody who was there or was expected. */
    public record Attendee(
            UUID id,
            int version,
            String name,
            @Nullable String role,
            @Nullable UUID personId,
            boolean present,
            int words,
            double share,
            @Nullable Integer seconds) {
        static Attendee of(Attendance a) {
            return new Attendee(
                    a.id(),
                    a.version(),
                    a.name(),
                    a.role(),
                    a.personId(),
                    a.isPresent(),
                    a.words(),
                    a.share(),
                    a.seconds());
        }
    }

    /** When and by whom the minutes were filed, and under which number. */
    public record Filing(int folio, Instant at, String by) {}
}
