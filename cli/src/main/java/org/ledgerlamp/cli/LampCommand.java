package org.ledgerlamp.cli;

import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The part of {@code ./lamp} that works on files alone, without server and database. */
@Command(
        name = "lamp",
        subcommands = {MinutesCommand.class, AskCommand.class, BenchCommand.class},
        mixinStandardHelpOptions = true)
public final class LampCommand {
    private LampCommand() {}

    /** Exit status 0, or 2 with one line on standard error. */
    public static void main(String[] args) {
        System.exit(run(args, new PrintWriter(System.err, true)));
    }

    static int run(String[] args, PrintWriter err) {
        return run(args, new PrintWriter(System.out, true), err);
    }

    static int run(String[] args, PrintWriter out, PrintWriter err) {
        return new CommandLine(new LampCommand())
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((e, command, parsed) -> fail(err, e.getMessage()))
                .setParameterExceptionHandler((e, parsed) -> fail(err, e.getMessage()))
                .execute(args);
    }

    private static int fail(PrintWriter err, String message) {
        err.println("lamp: " + String.valueOf(message).replaceAll("\\s*\\R\\s*", " "));
        return 2;
    }
}
