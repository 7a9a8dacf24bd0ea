package org.ledgerlamp.core.source;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads notes typed by a person: nested lines with bullets, marks, task boxes and headings. Takes any text. */
final class NotesReader implements SourceReader {
    private static final Pattern BULLET = Pattern.compile("^(?:[-*•–]|\\d{1,2}[.)])\\s+(?=\\S)");
    private static final Pattern HASHES = Pattern.compile("^#{1,6}\\s+");
    private static final int TAB_WIDTH = 4;
    private static final int LONGEST_HEADING = 60;

    private final Shorthand shorthand;

    NotesReader(Shorthand shorthand) {
        this.shorthand = shorthand;
    }

    @Override
    public boolean recognises(SourceText text) {
        return true;
    }

    @Override
    public Source read(SourceText text, Limits limits) throws UnreadableSource {
        List<NoteLine> notes = new ArrayList<>();
        List<Integer> columns = new ArrayList<>();
        List<String> lines = text.lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).chars().noneMatch(Character::isLetterOrDigit)) {
                continue;
            }
            if (notes.size() >= limits.utterances()) {
                throw new UnreadableSource(
                        "line " + (i + 1), "more than " + limits.utterances() + " lines; split the file");
            }
            notes.add(readLine(lines.get(i), i + 1, notes.size(), columns));
        }
        if (notes.isEmpty()) {
            throw new UnreadableSource("whole file", "there is not a word in it");
        }
        List<Utterance> utterances = notes.stream()
                .map(note -> new Utterance(note.n(), null, null, null, note.text()))
                .toList();
        return new Source(SourceFormat.NOTES, utterances, notes, SourceFacts.NONE, List.of());
    }

    private NoteLine readLine(String raw, int line, int n, List<Integer> columns) {
        int indent = depth(column(raw), columns);
        String words = Markup.fold(raw);
        boolean hashes = HASHES.matcher(words).find();
        words = HASHES.matcher(words).replaceFirst("");
        Matcher bullet = BULLET.matcher(words);
        boolean bulleted = bullet.find();
        if (bulleted) {
            words = words.substring(bullet.end());
        }
        Optional<Shorthand.Found> found = shorthand.markAt(words);
        if (found.isPresent()) {
            words = words.substring(found.get().length()).strip();
        }
        Optional<Mark> mark = found.map(Shorthand.Found::mark);
        words = words.replaceFirst("^-{2,}\\s*", "");
        boolean heading = hashes || (!bulleted && mark.isEmpty() && indent == 0 && readsAsHeading(words));
        if (heading && words.endsWith(":")) {
            words = words.substring(0, words.length() - 1);
        }
        return new NoteLine(n, line, indent, heading, mark, words);
    }

    /** Capitals alone, or a few words ending in a colon. */
    private static boolean readsAsHeading(String words) {
        if (words.length() > LONGEST_HEADING) {
            return false;
        }
        boolean capitals = words.equals(words.toUpperCase())
                && words.chars().filter(Character::isLetter).count() >= 3;
        String head = words.replaceFirst("\\s*\\(.*$", "");
        boolean shouted = !capitals
                && head.length() >= 3
                && head.equals(head.toUpperCase())
                && head.chars().allMatch(c -> Character.isLetter(c) || c == ' ' || c == '&' || c == '/');
        return capitals && words.chars().noneMatch(Character::isDigit) || shouted || words.endsWith(":");
    }

    private static int column(String raw) {
        int column = 0;
        for (int i = 0; i < raw.length(); i++) {
            char c = raw.charAt(i);
            if (c == '\t') {
                column += TAB_WIDTH;
            } else if (c == ' ') {
                column++;
            } else {
                break;
            }
        }
        return column;
    }

    /** Depth from the indents seen so far; {@code columns} is the stack of open ones. */
    private static int depth(int column, List<Integer> columns) {
        while (!columns.isEmpty() && columns.getLast() >= column) {
            columns.removeLast();
        }
        columns.add(column);
        return columns.size() - 1;
    }
}
