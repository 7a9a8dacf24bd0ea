package org.ledgerlamp.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.ledgerlamp.core.lamp.Answer;
import org.ledgerlamp.core.lamp.HeldLedger;
import org.ledgerlamp.core.lamp.Lamp;
import org.ledgerlamp.core.lamp.LampMeeting;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Files every meeting below a folder in order of date, and answers questions over all of them. */
@Command(
        name = "ask",
        description = "File every meeting below a folder in order of date, and answer questions over all of them.",
        mixinStandardHelpOptions = true)
final class AskCommand implements Callable<Integer> {
    @Option(
            names = "--ledger",
            paramLabel = "DIR",
            required = true,
            description = "a folder with a meeting.json and a source.* in every folder below")
    private Path ledger;

    @Parameters(arity = "0..1", paramLabel = "QUESTION", description = "a question in plain words")
    private String question;

    @Option(names = "--batch", paramLabel = "FILE", description = "JSON with many questions instead")
    private Path batch;

    @Option(names = "--out", paramLabel = "FILE", description = "where to write what --batch asks for")
    private Path out;

    @Option(
            names = "--asked-on",
            paramLabel = "DAY",
            description = "the day of asking, such as 2026-03-06; else the batch's, else that of the last meeting")
    private LocalDate askedOn;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if ((question == null) == (batch == null) || (batch == null) != (out == null)) {
            throw new IllegalArgumentException("give a question, or --batch FILE and --out FILE");
        }
        LedgerJson.Questions questions = batch == null
                ? new LedgerJson.Questions(List.of(question), null)
                : FileDrafter.understood(batch, LedgerJson::questions);
        HeldLedger held = new HeldLedger(meetings());
        LocalDate today = askedOn != null ? askedOn : questions.askedOn() != null ? questions.askedOn() : held.latest();
        Lamp lamp = new Lamp(held);
        List<Answer> answers =
                questions.asks().stream().map(ask -> lamp.ask(ask, today)).toList();
        if (batch == null) {
            print(answers.getFirst());
        } else {
            Files.writeString(out, LedgerJson.write(questions.asks(), answers, held.walk()) + "\n");
        }
        return 0;
    }

    private void print(Answer answer) {
        PrintWriter to = spec.commandLine().getOut();
        to.println(answer.answered() ? answer.text() : "The ledger does not say. Nearest:");
        answer.citations()
                .forEach(c -> to.println("  " + c.meeting()
                        + (c.passage() < 0 ? "" : ", passage " + (c.passage() + 1))
                        + (c.quote().isBlank() ? "" : ": " + c.quote())));
        to.flush();
    }

    private List<LampMeeting> meetings() throws IOException {
        FileDrafter drafter = new FileDrafter();
        List<LampMeeting> meetings = new ArrayList<>();
        for (MeetingFolder folder : MeetingFolder.below(ledger)) {
            meetings.add(LampMeeting.of(folder.name(), drafter.draft(folder)));
        }
        return meetings;
    }
}
