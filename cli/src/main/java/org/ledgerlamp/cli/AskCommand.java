package org.ledgerlamp.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.ledger.LedgerWalk;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Files every meeting below a folder in order of date, and says what hangs together across them. */
@Command(
        name = "ask",
        description = "File every meeting below a folder in order of date, and write what hangs together across them.",
        mixinStandardHelpOptions = true)
final class AskCommand implements Callable<Integer> {
    @Option(
            names = "--ledger",
            paramLabel = "DIR",
            required = true,
            description = "a folder with a meeting.json and a source.* in every folder below")
    private Path ledger;

    @Option(names = "--batch", paramLabel = "FILE", required = true, description = "JSON with questions")
    private Path batch;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = "where to write")
    private Path out;

    @Override
    public Integer call() throws IOException {
        List<String> questions = FileDrafter.understood(batch, LedgerJson::questions);
        LedgerWalk walk = new LedgerWalk();
        for (FiledMeeting meeting : meetings()) {
            walk.file(meeting);
        }
        Files.writeString(out, LedgerJson.write(questions, walk) + "\n");
        return 0;
    }

    private List<FiledMeeting> meetings() throws IOException {
        FileDrafter drafter = new FileDrafter();
        List<FiledMeeting> meetings = new ArrayList<>();
        for (MeetingFolder folder : MeetingFolder.below(ledger)) {
            meetings.add(FiledMeeting.of(folder.name(), drafter.draft(folder)));
        }
        meetings.sort(Comparator.comparing(FiledMeeting::date));
        return meetings;
    }
}
