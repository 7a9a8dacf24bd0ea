package org.ledgerlamp.server.minutes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.meetings.MeetingView;
import org.ledgerlamp.server.tray.SourceFile;

/** Minutes as the browser gets them: draft and folio alike. */
public record MinutesView(
        UUID id,
        int version,
        String title,
        String fileName,
        MeetingView meeting,
        TemplateView template,
        List<Sheet> sources,
        List<Attendee> attendance,
        Figures figures,
        List<Matter> mattersArising,
        List<TopicMark> topics,
        List<LineView> lines,
        @Nullable Filing filing) {

    /** A template and its sections. */
    public record TemplateView(String name, Detail detail, List<SectionView> sections) {
        static TemplateView of(Template t) {
            return new TemplateView(
                    t.name(),
                    t.detail(),
                    t.sections().stream().map(SectionView::of).toList());
        }
    }

    /**
     * A section: its heading and what it holds.
     *
     * @param text fixed text or prompts line by line, or the question asked
     */
    public record SectionView(
            String heading,
            Section.Content content,
            Section.Grouping grouping,
            Section.Form form,
            boolean required,
            List<String> text) {
        static SectionView of(Section s) {
            return new SectionView(s.heading(), s.content(), s.grouping(), s.form(), s.required(), s.lines());
        }
    }

    /** A source the minutes were drafted from. */
    public record Sheet(UUID id, String name, boolean notes, int passages, @Nullable Integer seconds) {
        static Sheet of(SourceFile f) {
            return new Sheet(f.id(), f.name(), f.isNotes(), f.passages(), f.seconds());
        }
    }

    /**
     * Somebody who was there or was expected.
     *
     * @param present whether the person was there; null where nobody knows
     */
    public record Attendee(
            UUID id,
            int version,
            String name,
            @Nullable String role,
            @Nullable UUID personId,
            @Nullable Boolean present,
            boolean late,
            int words,
            double share,
            int turns,
            @Nullable Integer seconds) {
        static Attendee of(Attendance a) {
            return new Attendee(
                    a.id(),
                    a.version(),
                    a.name(),
                    a.role(),
                    a.personId(),
                    a.present(),
                    a.isLate(),
                    a.words(),
                    a.share(),
                    a.turns(),
                    a.seconds());
        }
    }

    /**
     * When and by whom the minutes were filed, and under which number.
     *
     * @param revision the revision that stands; 1 is the folio as it was filed
     */
    public record Filing(int folio, Instant at, String by, int revision) {}
}
