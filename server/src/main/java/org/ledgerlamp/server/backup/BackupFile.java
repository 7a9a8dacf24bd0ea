package org.ledgerlamp.server.backup;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.OpenPgp;

/**
 * A backup as a file: a zip archive with the database as statements and the key of the secrets in it. Where it is encrypted,
 * it is so as OpenPGP has it, with a passphrase and a digest of the whole: other programs open it too.
 */
final class BackupFile {
    private static final String DATABASE = "database.sql";
    private static final String SECRETS = "secrets.key";
    private static final String ENCRYPTED = ".zip.gpg";
    private static final String PLAIN = ".zip";
    private static final int CHUNK = 1 << 16;
    private static final int LONGEST_SECRET = 1024;

    private BackupFile() {}

    /** Something that writes into a stream, or reads it, and leaves it open. */
    interface With<S> {
        void stream(S stream) throws IOException;
    }

    static String ending(boolean encrypted) {
        return encrypted ? ENCRYPTED : PLAIN;
    }

    static boolean isEncrypted(Path file) {
        return file.toString().endsWith(ENCRYPTED);
    }

    /**
     * Writes one.
     *
     * @param key what it is encrypted with, or null
     */
    static void write(Path file, char @Nullable [] key, With<OutputStream> database, byte[] secrets)
            throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file), CHUNK)) {
            if (key == null) {
                zip(out, database, secrets);
            } else {
                OpenPgp.seal(out, key, "backup.zip", inner -> zip(inner, database, secrets));
            }
        }
    }

    private static void zip(OutputStream out, With<OutputStream> database, byte[] secrets) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        zip.putNextEntry(new ZipEntry(SECRETS));
        zip.write(secrets);
        zip.closeEntry();
        zip.putNextEntry(new ZipEntry(DATABASE));
        database.stream(new LeftOpen(zip));
        zip.closeEntry();
        zip.finish();
        zip.flush();
    }

    /**
     * Reads one.
     *
     * @param key what it was encrypted with; null where it was not
     * @param database reads the statements
     * @return the key of the secrets
     * @throws IOException where it is no backup, not a whole one, or the key is another
     */
    static byte[] read(Path file, char @Nullable [] key, With<InputStream> database) throws IOException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file), CHUNK)) {
            if (!isEncrypted(file)) {
                return unzip(in, database);
            }
            if (key == null) {
                throw new IOException(file.getFileName() + " is encrypted: say with which key");
            }
            return OpenPgp.open(in, key, "backup", inner -> unzip(inner, database));
        }
    }

    private static byte[] unzip(InputStream in, With<InputStream> database) throws IOException {
        ZipInputStream zip = new ZipInputStream(in);
        byte[] secrets = null;
        boolean loaded = false;
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            if (entry.getName().equals(SECRETS)) {
                secrets = zip.readNBytes(LONGEST_SECRET);
            } else if (entry.getName().equals(DATABASE)) {
                database.stream(zip);
                loaded = true;
            }
        }
        if (secrets == null || !loaded) {
            throw new IOException("this is no whole backup");
        }
        in.transferTo(OutputStream.nullOutputStream());
        return secrets;
    }

    /** Closing it ends an entry, not the archive. */
    private static final class LeftOpen extends FilterOutputStream {
        LeftOpen(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
