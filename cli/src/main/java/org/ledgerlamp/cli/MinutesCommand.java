package org.ledgerlamp.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.ledgerlamp.core.exchange.MinutesDocx;
import org.ledgerlamp.core.exchange.MinutesHtml;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.exchange.MinutesMarkdown;
import org.ledgerlamp.core.exchange.MinutesPdf;
import org.ledgerlamp.core.exchange.MinutesText;
import org.ledgerlamp.core.exchange.RosterFile;
import org.ledgerlamp.core.exchange.ShorthandJson;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.source.Shorthand;
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

    @Override
    public Integer call() throws IOException {
        if ((batch == null) == (source == null)) {
            throw new IllegalArgumentException("name either a SOURCE or --batch DIR");
        }
        Shorthand shorthand = shorthandFile == null ? Shorthand.NONE : shorthandIn(shorthandFile);
        List<Person> people = rosterIn(roster);
        FileDrafter drafter = new FileDrafter(shorthand, template, known -> withPeople(known, people));
        if (batch == null) {
            Draft draft = drafter.draft(source, notes, meeting);
            if (out == null) {
                System.out.write(written(draft, formatOr("json")));
                System.out.flush();
            } else if (Files.isDirectory(out)) {
                Format as = formatOr("json");
                String name = draft.template().fileOf(draft.meeting()) + "." + as;
                Files.write(out.resolve(name), written(draft, as));
            } else {
                Files.write(out, written(draft, formatOr(FileDrafter.extension(out))));
            }
            return 0;
        }
        if (out == null) {
            throw new IllegalArgumentException("--batch wants --out OUTDIR");
        }
        return draftAll(drafter);
    }

    private int draftAll(FileDrafter drafter) throws IOException {
        Files.createDirectories(out);
        Format as = formatOr("json");
        for (MeetingFolder meeting : MeetingFolder.below(batch)) {
            Files.write(out.resolve(meeting.name() + "." + as), written(drafter.draft(meeting), as));
        }
        return 0;
    }

    private static Shorthand shorthandIn(Path file) throws IOException {
        return FileDrafter.understood(file, bytes -> ShorthandJson.read(new String(bytes, StandardCharsets.UTF_8)));
    }

    private List<Person> rosterIn(Path file) throws IOException {
        return file == null ? List.of() : FileDrafter.understood(file, RosterFile::read);
    }

    /** The meeting with the people of a roster file; those invited stay. */
    private static MeetingFacts withPeople(MeetingFacts known, List<Person> roster) {
        List<Person> people = new ArrayList<>(roster);
        known.roster().stream()
                .filter(p -> people.stream().noneMatch(q -> q.name().equals(p.name())))
                .forEach(people::add);
        return known.withRoster(people);
    }

    private Format formatOr(String fallback) {
        return format != null
                ? format
                : Stream.of(Format.values())
                        .filter(f -> f.name().equals(fallback))
                        .findFirst()
                        .orElse(Format.json);
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
