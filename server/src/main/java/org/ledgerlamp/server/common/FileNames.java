package org.ledgerlamp.server.common;

/** Names of files as people gave them. */
public final class FileNames {
    private static final int LONGEST = 255;

    private FileNames() {}

    /** A name fit to be shown and kept: folders and control characters have no place in it. */
    public static String presentable(String name) {
        String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
        String clean = last.replaceAll("\\p{Cntrl}", "").strip();
        String named = clean.isEmpty() ? "unnamed" : clean;
        return Texts.shortened(named, LONGEST);
    }
}
