package org.ledgerlamp.database;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The system's programs, by name. */
final class Programs {
    private static final List<String> WHERE_THEY_ARE =
            List.of("/usr/sbin", "/usr/bin", "/usr/local/sbin", "/usr/local/bin", "/sbin", "/bin");

    private Programs() {}

    /** @throws DatabaseFailure where there is none of that name */
    static String path(String name) {
        return WHERE_THEY_ARE.stream()
                .map(folder -> Path.of(folder, name))
                .filter(Files::isExecutable)
                .findFirst()
                .map(Path::toString)
                .orElseThrow(() -> new DatabaseFailure(
                        "the program " + name + " is missing: install it with \"apt-get install mariadb-server\"",
                        null));
    }

    /** Whether a command ends with status 0; what it says is not kept. */
    static boolean succeeds(List<String> command) {
        return run(command, ProcessBuilder.Redirect.DISCARD) == 0;
    }

    /** The status a command ends with; what it says goes to the end of a file. */
    static int run(List<String> command, File log) {
        return run(command, ProcessBuilder.Redirect.appendTo(log));
    }

    private static int run(List<String> command, ProcessBuilder.Redirect output) {
        try {
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(output)
                    .start();
            try {
                return process.waitFor();
            } catch (InterruptedException e) {
                process.destroy();
                Thread.currentThread().interrupt();
                throw new DatabaseFailure("interrupted while " + command.getFirst() + " was running", e);
            }
        } catch (IOException e) {
            throw new DatabaseFailure(command.getFirst() + " cannot be run: " + e.getMessage(), e);
        }
    }
}
