package org.ledgerlamp.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A folder with a {@code meeting.json} and a {@code source.*}.
 *
 * @param folder the folder itself
 * @param source what was said
 * @param notes notes typed beside it, or null
 */
record MeetingFolder(Path folder, Path source, Path notes) {
    /**
     * Every meeting below a folder, in order of their folders' names.
     *
     * @throws IllegalArgumentException where there is none
     */
    static List<MeetingFolder> below(Path top) throws IOException {
        if (!Files.isDirectory(top)) {
            throw new IllegalArgumentException(top + ": there is no such folder");
        }
        List<Path> folders;
        try (Stream<Path> below = Files.walk(top)) {
            folders = below.filter(p -> p.getFileName().toString().equals("meeting.json"))
                    .map(Path::getParent)
                    .sorted()
                    .toList();
        }
        List<MeetingFolder> meetings = new ArrayList<>();
        for (Path folder : folders) {
            Path source = sourceIn(folder);
            if (source != null) {
                Path notes = folder.resolve("notes.txt");
                meetings.add(new MeetingFolder(folder, source, Files.exists(notes) ? notes : null));
            }
        }
        if (meetings.isEmpty()) {
            throw new IllegalArgumentException("no folder with a meeting.json and a source.* below " + top);
        }
        return meetings;
    }

    /** The name of the folder. */
    String name() {
        return folder.getFileName().toString();
    }

    /** What the calendar knows of the meeting. */
    Path facts() {
        return folder.resolve("meeting.json");
    }

    private static Path sourceIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().startsWith("source."))
                    .sorted()
                    .findFirst()
                    .orElse(null);
        }
    }
}
