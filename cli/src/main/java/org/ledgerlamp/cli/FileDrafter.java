package org.ledgerlamp.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.ledgerlamp.core.exchange.InvitationFile;
import org.ledgerlamp.core.exchange.MeetingJson;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.ShippedTemplates;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;

/** Drafts minutes from files. Whatever cannot be read is refused with the file's name. */
final class FileDrafter {
    private final Shorthand shorthand;
    private final SourceDesk desk;
    private final String template;
    private final UnaryOperator<MeetingFacts> known;

    /** Drafts by the template that fits the kind of meeting, with nothing of one's own. */
    FileDrafter() {
        this(Shorthand.NONE, null, facts -> facts);
    }

    /**
     * @param shorthand marks and abbreviations of one's own
     * @param template name of a shipped template, or null for the one that fits the kind of meeting
     * @param known what is known of a meeting beyond its own file
     */
    FileDrafter(Shorthand shorthand, String template, UnaryOperator<MeetingFacts> known) {
        this.shorthand = shorthand;
        this.desk = new SourceDesk(Limits.DEFAULT, shorthand);
        this.template = template;
        this.known = known;
    }

    Draft draft(MeetingFolder meeting) throws IOException {
        return draft(meeting.source(), meeting.notes(), meeting.facts());
    }

    /**
     * @param notes notes typed beside the talk, or null
     * @param facts what the calendar knows of the meeting, or null
     */
    Draft draft(Path talk, Path notes, Path facts) throws IOException {
        MeetingFacts meeting = known.apply(facts == null ? unknownMeeting(talk) : meetingIn(facts, talk));
        Template form = template == null
                ? Template.forKind(meeting.kind())
                : Template.named(template)
                        .orElseThrow(() -> new IllegalArgumentException("no template \"" + template + "\"; there are: "
                                + String.join(
                                        ", ",
                                        ShippedTemplates.ALL.stream()
                                                .map(Template::name)
                                                .toList())));
        return new Drafter(SentenceClassifier.shipped(), shorthand)
                .draft(read(talk, false), notes == null ? null : read(notes, true), meeting, form);
    }

    private Source read(Path file, boolean asNotes) throws IOException {
        try {
            byte[] bytes = bytesOf(file);
            return asNotes ? desk.readNotes(bytes) : desk.read(bytes);
        } catch (UnreadableSource e) {
            throw new IllegalArgumentException(file + ": " + e.getMessage(), e);
        }
    }

    private static MeetingFacts meetingIn(Path file, Path talk) throws IOException {
        String extension = extension(file);
        if (extension.equals("ics") || extension.equals("eml")) {
            LocalDate day = dayOf(talk);
            return understood(file, bytes -> InvitationFile.read(bytes, ZoneId.systemDefault(), day))
                    .facts();
        }
        return understood(file, bytes -> MeetingJson.read(new String(bytes, StandardCharsets.UTF_8)));
    }

    /** What a file says; where it cannot be understood, the reason names the file. */
    static <T> T understood(Path file, Function<byte[], T> reader) throws IOException {
        byte[] bytes = bytesOf(file);
        try {
            return reader.apply(bytes);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(file + ": " + e.getMessage(), e);
        }
    }

    /** What follows the last dot of a file's name, in small letters. */
    static String extension(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    private static LocalDate dayOf(Path talk) throws IOException {
        return LocalDate.ofInstant(Files.getLastModifiedTime(talk).toInstant(), ZoneId.systemDefault());
    }

    private static byte[] bytesOf(Path file) throws IOException {
        try {
            return Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw new IllegalArgumentException(file + ": there is no such file", e);
        }
    }

    /** Without a meeting.json the file's own day is taken for the meeting's. */
    private static MeetingFacts unknownMeeting(Path talk) throws IOException {
        if (!Files.exists(talk)) {
            throw new IllegalArgumentException(talk + ": there is no such file");
        }
        LocalDate day = dayOf(talk);
        return new MeetingFacts(
                talk.getFileName().toString(),
                day,
                null,
                ZoneId.systemDefault(),
                null,
                null,
                null,
                null,
                List.of(),
                List.of(),
                List.of(),
                null);
    }
}
