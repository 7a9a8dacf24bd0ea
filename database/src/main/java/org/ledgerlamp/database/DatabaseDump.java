package org.ledgerlamp.database;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** Everything in a database as statements that make it anew, written while others go on working, and read back. */
public final class DatabaseDump {
    /** The last words of a whole one. */
    static final String END = "-- Dump completed";

    private static final int LONGEST_COMPLAINT = 4000;
    private static final String LONGEST_STATEMENT = "--max-allowed-packet=64M";

    /**
     * Who may do so.
     *
     * @param socket where the server is
     * @param user by name
     * @param password of that user, empty where none is asked for
     */
    public record Access(Path socket, String user, String password) {
        /** As a JDBC client gets in, with an address such as {@link PrivateMariaDb#jdbcUrl} makes them. */
        public static Access of(String jdbcUrl, String user, String password) {
            String socket = jdbcUrl.replaceFirst(".*[?&]" + UnixSocketFactory.WHERE + "=([^&]+).*", "$1");
            return new Access(Path.of(socket), user, password);
        }
    }

    private DatabaseDump() {}

    /**
     * Writes all as it stands at this moment.
     *
     * @throws IOException where it was not written as a whole; the message says why
     */
    public static void write(Access access, OutputStream to) throws IOException {
        Process dump = begin(
                access,
                "mariadb-dump",
                List.of(
                        "--single-transaction",
                        "--quick",
                        "--hex-blob",
                        "--skip-lock-tables",
                        "--no-tablespaces",
                        LONGEST_STATEMENT));
        EndOf end = new EndOf(to);
        try (InputStream statements = dump.getInputStream()) {
            statements.transferTo(end);
        }
        finish(dump, "written");
        if (!end.words().contains(END)) {
            throw new IOException("the copy of the database breaks off");
        }
    }

    /**
     * Makes the database what was written.
     *
     * @throws IOException where that was not possible; what is in the database then is of no use
     */
    public static void load(Access access, InputStream from) throws IOException {
        Process client = begin(access, "mariadb", List.of(LONGEST_STATEMENT));
        try (OutputStream statements = client.getOutputStream()) {
            from.transferTo(statements);
        } catch (IOException e) {
            // It says itself what it stumbled over.
            finish(client, "read back");
            throw e;
        }
        finish(client, "read back");
    }

    private static Process begin(Access access, String program, List<String> options) throws IOException {
        List<String> command =
                new ArrayList<>(List.of(Programs.path(program), "--no-defaults", "--socket=" + access.socket));
        command.add("--user=" + access.user);
        command.addAll(options);
        command.add(PrivateMariaDb.DATABASE);
        ProcessBuilder builder = new ProcessBuilder(command);
        // Seen by nobody but us and the system's root, unlike what stands in a command.
        builder.environment().put("MYSQL_PWD", access.password);
        return builder.start();
    }

    private static void finish(Process process, String what) throws IOException {
        String complaint = new String(process.getErrorStream().readNBytes(LONGEST_COMPLAINT), StandardCharsets.UTF_8);
        try {
            if (process.waitFor() != 0) {
                throw new IOException("the database was not " + what + ": " + told(complaint));
            }
        } catch (InterruptedException e) {
            process.destroy();
            Thread.currentThread().interrupt();
            throw new IOException("interrupted before the database was " + what, e);
        }
    }

    /** What it stumbled over, without the words it was just reading. */
    private static String told(String complaint) {
        return complaint
                .lines()
                .map(l -> l.replaceFirst(".*(ERROR \\d+ \\(\\w+\\)).*(at line \\d+):.*", "$1 $2"))
                .filter(l -> l.startsWith("ERROR") || l.startsWith("mariadb"))
                .collect(Collectors.joining("; "));
    }

    /** Passes on, and remembers the last words. */
    private static final class EndOf extends OutputStream {
        private static final int LENGTH = 200;
        private final OutputStream to;
        private byte[] last = new byte[0];

        EndOf(OutputStream to) {
            this.to = to;
        }

        @Override
        public void write(int b) throws IOException {
            write(new byte[] {(byte) b}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            to.write(bytes, from, length);
            byte[] all = new byte[last.length + length];
            System.arraycopy(last, 0, all, 0, last.length);
            System.arraycopy(bytes, from, all, last.length, length);
            last = Arrays.copyOfRange(all, Math.max(0, all.length - LENGTH), all.length);
        }

        String words() {
            return new String(last, StandardCharsets.UTF_8);
        }
    }
}
