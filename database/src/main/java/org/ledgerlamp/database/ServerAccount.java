package org.ledgerlamp.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileOwnerAttributeView;
import java.nio.file.attribute.GroupPrincipal;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserPrincipal;
import java.nio.file.attribute.UserPrincipalLookupService;
import java.util.List;
import java.util.stream.Stream;

/**
 * The system account that the database runs under: our own, or one without any rights where we are the system's root, so
 * that whoever got hold of the database would not have the machine.
 */
final class ServerAccount {
    /** Made at the first start as root; nothing else runs under it. */
    private static final String UNPRIVILEGED = "ledger-lamp";

    private static final String ROOT = "root";

    private final String name;
    private final boolean other;

    private ServerAccount(String name, boolean other) {
        this.name = name;
        this.other = other;
    }

    /** @throws DatabaseFailure where we are root and the other account cannot be made */
    static ServerAccount ofThisProcess() {
        String own = System.getProperty("user.name");
        if (!ROOT.equals(own)) {
            return new ServerAccount(own, false);
        }
        if (!Programs.succeeds(List.of(Programs.path("id"), "-u", UNPRIVILEGED))
                && !Programs.succeeds(List.of(
                        Programs.path("useradd"),
                        "--system",
                        "--user-group",
                        "--no-create-home",
                        "--shell=/usr/sbin/nologin",
                        UNPRIVILEGED))) {
            throw new DatabaseFailure(
                    "the account " + UNPRIVILEGED + " could not be made, under which the database runs when started as"
                            + " root: make it with \"useradd --system --user-group " + UNPRIVILEGED + "\"",
                    null);
        }
        return new ServerAccount(UNPRIVILEGED, true);
    }

    /** What tells MariaDB's programs to run under the account. */
    List<String> options() {
        return other ? List.of("--user=" + name) : List.of();
    }

    /** Makes a folder that we alone write in and the account may go through; nobody else gets in. */
    void letThrough(Path folder) throws IOException {
        Files.createDirectories(folder);
        if (other) {
            shareWithGroup(folder, "rwx--x---");
        } else {
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        }
    }

    /** Lets the account read a file of ours. */
    void letRead(Path file) throws IOException {
        if (other) {
            shareWithGroup(file, "rw-r-----");
        }
    }

    private void shareWithGroup(Path path, String rights) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        GroupPrincipal group = lookup(path).lookupPrincipalByGroupName(name);
        view.setGroup(group);
        view.setPermissions(PosixFilePermissions.fromString(rights));
    }

    /** Makes a folder that belongs to the account, with all that is in it; nobody else gets in. */
    void give(Path folder) throws IOException {
        Files.createDirectories(folder);
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        if (other) {
            UserPrincipal account = lookup(folder).lookupPrincipalByName(name);
            try (Stream<Path> all = Files.walk(folder)) {
                all.forEach(path -> own(path, account));
            }
        }
    }

    private static void own(Path path, UserPrincipal account) {
        try {
            FileOwnerAttributeView view = Files.getFileAttributeView(
                    path, FileOwnerAttributeView.class, java.nio.file.LinkOption.NOFOLLOW_LINKS);
            if (!view.getOwner().equals(account)) {
                view.setOwner(account);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static UserPrincipalLookupService lookup(Path path) {
        return path.getFileSystem().getUserPrincipalLookupService();
    }

    /** @throws DatabaseFailure where a folder above is closed to the account */
    void checkReaches(Path folder) {
        if (!other) {
            return;
        }
        boolean reached = Programs.succeeds(List.of(
                Programs.path("setpriv"),
                "--reuid=" + name,
                "--regid=" + name,
                "--clear-groups",
                Programs.path("test"),
                "-x",
                folder.toString()));
        if (!reached) {
            throw new DatabaseFailure(
                    "a folder above " + folder + " is closed to the account " + name
                            + ", under which the database runs when"
                            + " started as root: set LAMP_DATA to a folder outside it, such as /var/lib/ledger-lamp/data",
                    null);
        }
    }

    /** The account that MariaDB's root is: whoever runs us, known by the socket. */
    static String administrator() {
        return System.getProperty("user.name");
    }
}
