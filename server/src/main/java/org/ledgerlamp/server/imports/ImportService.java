package org.ledgerlamp.server.imports;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes the files of an import in. Each is kept for itself: what was handed in before a connection broke stays. */
@Service
class ImportService {
    private static final int MOST_FILES = 20_000;
    private static final long MOST_BYTES = 4L << 30;
    private static final int LONGEST_PATH = 700;
    /** What file managers leave behind in folders and archives. */
    private static final Pattern LEFT_BEHIND =
            Pattern.compile("(?:^|/)(?:__MACOSX/.*|\\.DS_Store|Thumbs\\.db|desktop\\.ini|\\._[^/]*)$");

    private final ImportRuns runs;
    private final ImportItems items;
    private final TransactionTemplate transaction;
    private final Clock clock;

    ImportService(ImportRuns runs, ImportItems items, TransactionTemplate transaction, Clock clock) {
        this.runs = runs;
        this.items = items;
        this.transaction = transaction;
        this.clock = clock;
    }

    ImportRun open(SignedIn who, String name) {
        return runs.save(new ImportRun(who, FileNames.presentable(name), clock.instant()));
    }

    /** @throws Refusal where the team has no such import */
    ImportRun one(UUID teamId, UUID id) {
        return runs.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("import"));
    }

    /**
     * Takes a file in, or every file of a zip archive.
     *
     * @param path where it lay, folders and all
     * @return how many files were new
     * @throws Refusal where it is too large or no archive; what was taken in before that stays
     */
    int receive(ImportRun run, String path, InputStream in) throws IOException {
        if (run.state() == ImportState.RUNNING) {
            throw Refusal.conflict("This import is running: pause it before you add to it.");
        }
        if (path.toLowerCase(Locale.ROOT).endsWith(".zip")) {
            return unpack(run, in);
        }
        byte[] bytes = in.readNBytes(Limits.DEFAULT.bytes() + 1);
        if (bytes.length > Limits.DEFAULT.bytes()) {
            throw Refusal.invalid(path + " is larger than " + (Limits.DEFAULT.bytes() >> 20) + " MB.");
        }
        return keep(run, path, bytes) ? 1 : 0;
    }

    private int unpack(ImportRun run, InputStream in) {
        int taken = 0;
        long unpacked = 0;
        String at = "its beginning";
        try (ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.isDirectory()) {
                    continue;
                }
                at = entry.getName();
                byte[] bytes = zip.readNBytes(Limits.DEFAULT.bytes() + 1);
                unpacked += bytes.length;
                if (unpacked > MOST_BYTES) {
                    throw Refusal.invalid("The archive unpacks to more than " + (MOST_BYTES >> 30)
                            + " GB. What came before " + at + " is kept.");
                }
                taken += keep(run, entry.getName(), bytes) ? 1 : 0;
            }
        } catch (IOException | IllegalArgumentException e) {
            throw Refusal.invalid("The archive is broken or locked at " + at + ". What came before is kept.")
                    .because(e);
        }
        if ("its beginning".equals(at)) {
            throw Refusal.invalid("This is no zip archive, or there is no file in it.");
        }
        return taken;
    }

    private boolean keep(ImportRun run, String given, byte[] bytes) {
        String path = given.replace('\\', '/').replaceAll("\\p{Cntrl}", "").replaceFirst("^/+", "");
        if (LEFT_BEHIND.matcher(path).find()) {
            return false;
        }
        if (path.isBlank() || path.length() > LONGEST_PATH) {
            throw Refusal.invalid(
                    "A file of the import has no name, or one of more than " + LONGEST_PATH + " letters.");
        }
        return Boolean.TRUE.equals(transaction.execute(t -> {
            boolean again = items.findByRunIdAndPath(run.id(), path)
                    .map(i -> i.sha256().equals(Digests.sha256(bytes)))
                    .orElse(false);
            if (again) {
                return false;
            }
            int n = items.last(run.id()) + 1;
            if (n > MOST_FILES) {
                throw Refusal.invalid("An import takes " + MOST_FILES + " files; begin another for the rest.");
            }
            boolean tooLarge = bytes.length > Limits.DEFAULT.bytes();
            ImportItem item = new ImportItem(run, n, unused(run, path), tooLarge ? new byte[0] : bytes);
            if (tooLarge) {
                item.failed("It is larger than " + (Limits.DEFAULT.bytes() >> 20) + " MB and was left in the archive.");
            }
            items.saveAndFlush(item);
            return true;
        }));
    }

    /** Another file of the same path gets a number behind it. */
    private String unused(ImportRun run, String path) {
        String name = path;
        for (int i = 2; items.findByRunIdAndPath(run.id(), name).isPresent(); i++) {
            name = path + " (" + i + ")";
        }
        return name;
    }
}
