package org.ledgerlamp.server.moving;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.ledgerlamp.server.common.OpenPgp;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The archive as a file: a zip archive, encrypted as OpenPGP has it, of {@code team.json} and, for every table, its rows as
 * lines of JSON. Its digest tells whether it is whole.
 */
final class TeamArchive {
    static final String ENDING = ".team.zip.gpg";

    private static final String INNER = "team.zip";
    private static final String WHAT = "team archive";
    private static final String MANIFEST = "team.json";
    private static final String TABLES = "tables/";
    private static final String ROWS = ".jsonl";
    private static final int CHUNK = 1 << 16;
    /** A file of 25 MB is 34 MB as base64; a picture of a page more. */
    private static final int LONGEST_VALUE = 200_000_000;

    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxStringLength(LONGEST_VALUE)
                            .build())
                    .build())
            .build();

    private TeamArchive() {}

    /** Rows on their way into a table of the archive. */
    interface Table {
        void add(JsonNode row) throws IOException;
    }

    /** Fills an archive. */
    static final class Writer {
        private final ZipOutputStream zip;

        private Writer(ZipOutputStream zip) {
            this.zip = zip;
        }

        void begin(Manifest manifest) throws IOException {
            zip.putNextEntry(new ZipEntry(MANIFEST));
            zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
        }

        /** Begins a table; what was begun before ends. */
        Table table(String name) throws IOException {
            zip.putNextEntry(new ZipEntry(TABLES + name + ROWS));
            return row -> {
                zip.write(JSON.writeValueAsBytes(row));
                zip.write('\n');
            };
        }
    }

    /** Something that fills an archive. */
    interface Filling {
        void into(Writer archive) throws IOException;
    }

    static void write(Path file, char[] key, Filling filling) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file), CHUNK)) {
            OpenPgp.seal(out, key, INNER, inner -> {
                ZipOutputStream zip = new ZipOutputStream(inner);
                filling.into(new Writer(zip));
                zip.finish();
                zip.flush();
            });
        }
    }

    /** Somebody who is told what is in an archive. */
    interface Reader {
        /** First of all, once. */
        void begin(Manifest manifest) throws IOException;

        /** Then each table. @param rows to be gone through at once */
        void table(String name, Iterator<JsonNode> rows) throws IOException;
    }

    /**
     * Reads an archive. Only when this returns is it sure that nothing in it was changed.
     *
     * @throws IOException where it is none, not a whole one, or the key is another
     */
    static void read(Path file, char[] key, Reader reader) throws IOException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file), CHUNK)) {
            OpenPgp.open(in, key, WHAT, inner -> {
                unzip(inner, reader);
                return file;
            });
        } catch (JacksonException e) {
            throw new IOException("the " + WHAT + " is damaged: " + e.getOriginalMessage(), e);
        }
    }

    private static void unzip(InputStream in, Reader reader) throws IOException {
        ZipInputStream zip = new ZipInputStream(in);
        try {
            ZipEntry first = zip.getNextEntry();
            if (first == null || !first.getName().equals(MANIFEST)) {
                throw new IOException("this is no " + WHAT);
            }
            reader.begin(JSON.readValue(zip.readAllBytes(), Manifest.class));
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                if (!name.startsWith(TABLES) || !name.endsWith(ROWS)) {
                    throw new IOException("the " + WHAT + " holds something unknown: " + name);
                }
                reader.table(
                        name.substring(TABLES.length(), name.length() - ROWS.length()),
                        JSON.readerFor(JsonNode.class).readValues(new LeftOpen(zip)));
            }
        } catch (ZipException e) {
            throw new IOException("the " + WHAT + " is damaged: " + e.getMessage(), e);
        }
        in.transferTo(OutputStream.nullOutputStream());
    }

    /** Closing it ends a table, not the archive. */
    private static final class LeftOpen extends FilterInputStream {
        LeftOpen(InputStream in) {
            super(in);
        }

        @Override
        public void close() {
            // The archive goes on.
        }
    }
}
