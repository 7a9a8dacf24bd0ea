package org.ledgerlamp.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.stream.Stream;
import org.ledgerlamp.core.exchange.InvitationFile;
import org.ledgerlamp.core.exchange.MeetingJson;
import org.ledgerlamp.core.exchange.MinutesDocx;
import org.ledgerlamp.core.exchange.MinutesHtml;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.exchange.MinutesMarkdown;
import org.ledgerlamp.core.exchange.MinutesPdf;
import org.ledgerlamp.core.exchange.MinutesText;
import org.ledgerlamp.core.exchange.RosterFile;
import org.ledgerlamp.core.exchange.ShorthandJson;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.ShippedTemplates;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Judge;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Drafts minutes of one source, or of every meeting folder below a directory. */
@Command(
        name = "minutes",
        description = "Draft minutes from a source, or from every meeting folder below a directory.",
        mixinStandardHelpOptions = true)
final class MinutesCommand implements Callable<Integer> {
    /** What a draft can be written as. */
    enum Format {
        json,
        md,
        html,
        docx,
        pdf,
        txt
    }

    @Parameters(index = "0", arity = "0..1", paramLabel = "SOURCE", description = "transcript or notes")
    private Path source;

    @Option(
            names = "--meeting",
            paramLabel = "FILE",
            description = "what the calendar knows of the meeting: meeting.json, an .ics file or an invitation as .eml")
    private Path meeting;

    @Option(names = "--roster", paramLabel = "FILE", description = "people who may be meant: a .csv or .vcf file")
    private Path roster;

    @Option(names = "--notes", paramLabel = "notes.txt", description = "notes typed in the same meeting")
    private Path notes;

    @Option(
            names = "--template",
            paramLabel = "NAME",
            description = "name of a shipped template; otherwise the one that fits the kind of meeting")
    private String template;

    @Option(names = "--shorthand", paramLabel = "FILE", description = "JSON with marks and abbreviations of one's own")
    private Path shorthandFile;

    @Option(names = "--format", description = "${COMPLETION-CANDIDATES}; json unless --out says otherwise")
    private Format format;

    @Option(
            names = "--out",
            paramLabel = "FILE",
            description =
                    "where to write; a directory: there, named by the template; standard output if missing; with --batch a directory")
    private Path out;

    @Option(
            names = "--batch",
            paramLabel = "DIR",
            description = "draft every folder below with a meeting.json and a source.*")
    private Path batch;

    private Shorthand shorthand = Shorthand.NONE;
    private SourceDesk desk;

    @Override
    public Integer call() throws IOException {
        if ((batch == null) == (source == null)) {
            throw new IllegalArgumentException("name either a SOURCE or --batch DIR");
        }
        shorthand = shorthandFile == null ? Shorthand.NONE : shorthandIn(shorthandFile);
        desk = new SourceDesk(Limits.DEFAULT, shorthand);
        if (batch == null) {
            Draft draft = draft(source, notes, meeting);
            if (out == null) {
                System.out.write(written(draft, formatOr("json")));
                System.out.flush();
            } else if (Files.isDirectory(out)) {
                Format as = formatOr("json");
                String name = draft.template().fileOf(draft.meeting()) + "." + as;
                Files.write(out.resolve(name), written(draft, as));
            } else {
                Files.write(out, written(draft, formatOr(extension(out))));
            }
            return 0;
        }
        if (out == null) {
            throw new IllegalArgumentException("--batch wants --out OUTDIR");
        }
        return draftAll();
    }

    private int draftAll() throws IOException {
        Files.createDirectories(out);
        List<Path> folders;
        try (Stream<Path> below = Files.walk(batch)) {
            folders = below.filter(p -> p.getFileName().toString().equals("meeting.json"))
                    .map(Path::getParent)
                    .sorted()
                    .toList();
        }
        int drafted = 0;
        for (Path folder : folders) {
            Path talk = sourceIn(folder);
            if (talk != null) {
                Path beside = folder.resolve("notes.txt");
                Draft draft = draft(talk, Files.exists(beside) ? beside : null, folder.resolve("meeting.json"));
                Format as = formatOr("json");
                Files.write(out.resolve(folder.getFileName() + "." + as), written(draft, as));
                drafted++;
            }
        }
        if (drafted == 0) {
            throw new IllegalArgumentException("no folder with a meeting.json and a source.* below " + batch);
        }
        return 0;
    }

    private static Path sourceIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().startsWith("source."))
                    .sorted()
                    .findFirst()
                    .orElse(null);
        }
    }

    private Draft draft(Path talk, Path besideNotes, Path facts) throws IOException {
        MeetingFacts known = withRoster(facts == null ? unknownMeeting(talk) : meetingIn(facts, talk));
        Template form = template == null
                ? Template.forKind(known.kind())
                : Template.named(template)
                        .orElseThrow(() -> new IllegalArgumentException("no template \"" + template + "\"; there are: "
                                + String.join(
                                        ", ",
                                        ShippedTemplates.ALL.stream()
                                                .map(Template::name)
                                                .toList())));
        return new Drafter(Judge.shipped(), shorthand)
                .draft(read(talk, false), besideNotes == null ? null : read(besideNotes, true), known, form);
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

    private static Shorthand shorthandIn(Path file) throws IOException {
        return understood(file, bytes -> ShorthandJson.read(new String(bytes, StandardCharsets.UTF_8)));
    }

    /** What a file says; where it cannot be understood, the reason names the file. */
    private static <T> T understood(Path file, Function<byte[], T> reader) throws IOException {
        byte[] bytes = bytesOf(file);
        try {
            return reader.apply(bytes);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(file + ": " + e.getMessage(), e);
        }
    }

    /** The meeting with the people of a roster file, where one was named; those invited stay. */
    private MeetingFacts withRoster(MeetingFacts known) throws IOException {
        if (roster == null) {
            return known;
        }
        List<Person> people = new ArrayList<>(understood(roster, RosterFile::read));
        known.roster().stream()
                .filter(p -> people.stream().noneMatch(q -> q.name().equals(p.name())))
                .forEach(people::add);
        return known.withRoster(people);
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

    private Format formatOr(String fallback) {
        return format != null
                ? format
                : Stream.of(Format.values())
                        .filter(f -> f.name().equals(fallback))
                        .findFirst()
                        .orElse(Format.json);
    }

    private static String extension(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    private static byte[] written(Draft draft, Format as) {
        FairCopy copy = FairCopy.of(draft);
        return switch (as) {
            case json -> (MinutesJson.write(copy) + "\n").getBytes(StandardCharsets.UTF_8);
            case md -> MinutesMarkdown.write(copy, false).getBytes(StandardCharsets.UTF_8);
            case html -> MinutesHtml.write(copy, false).getBytes(StandardCharsets.UTF_8);
            case docx -> MinutesDocx.write(copy, false);
            case pdf -> MinutesPdf.write(copy, false);
            case txt -> MinutesText.write(copy, false).getBytes(StandardCharsets.UTF_8);
        };
    }
}
