package org.ledgerlamp.core.source;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the plain text layouts of transcripts. A layout is a pattern for the line that opens an utterance; the layout
 * that opens the most lines of a file is the file's.
 */
final class LayoutReader implements SourceReader {
    /** Ways of opening an utterance. Groups: {@code name}, {@code time}, {@code text}, each optional. */
    private enum Layout {
        NAME_THEN_TIME(SourceFormat.TEXT_BLOCKS, "^(?<name>@)[\\s,|–-]+[\\[(]?(?<time>#)[\\])]?:?\\s*$"),
        TIME_THEN_NAME(SourceFormat.TEXT_BLOCKS, "^[\\[(]?(?<time>#)[\\])]?[\\s,|–-]+(?<name>@):?\\s*$"),
        TIMED_LINE(
                SourceFormat.TEXT_LINES,
                "^[\\[(]?(?<time>#)[\\])]?\\s+(?:[-–|]\\s+)?(?<name>@)\\s*:\\s+(?<text>\\S.*)$"),
        LINE_WITH_TIME(SourceFormat.TEXT_LINES, "^(?<name>@)\\s+[\\[(](?<time>#)[\\])]\\s*:\\s*(?<text>\\S.*)$"),
        NAMED_LINE(SourceFormat.TEXT_LINES, "^(?<name>@)\\s*:\\s+(?<text>\\S.*)$"),
        TIME_ONLY(SourceFormat.TEXT_PLAIN, "^[\\[(]?(?<time>#)[\\])]?\\s+(?<text>\\S.*)$");

        final SourceFormat format;
        final Pattern opening;

        Layout(SourceFormat format, String opening) {
            this.format = format;
            this.opening =
                    Pattern.compile(opening.replace("@", SpeakerPrefix.NAME).replace("#", Clock.TIME));
        }
    }

    private static final int LINES_TO_LOOK_AT = 400;
    private static final double SHARE_OF_OPENINGS_IN_UNTIMED_TEXT = 0.5;
    private static final int WORDS_OF_A_PARAGRAPH = 40;

    @Override
    public boolean recognises(SourceText text) {
        return layoutOf(text).isPresent() || isProse(text);
    }

    @Override
    public Source read(SourceText text, Limits limits) throws UnreadableSource {
        Optional<Layout> layout = layoutOf(text);
        return layout.isPresent() ? readLayout(text, layout.get(), limits) : readProse(text, limits);
    }

    private static Optional<Layout> layoutOf(SourceText text) {
        List<String> lines = text.lines().stream()
                .filter(l -> !l.isBlank())
                .limit(LINES_TO_LOOK_AT)
                .toList();
        Map<Layout, Integer> openings = new HashMap<>();
        for (Layout layout : Layout.values()) {
            openings.put(layout, (int) lines.stream()
                    .filter(l -> layout.opening.matcher(l.strip()).matches())
                    .count());
        }
        if (!looksLikeTalk(lines, openings.get(Layout.NAMED_LINE))) {
            openings.put(Layout.NAMED_LINE, 0);
        }
        // In a block the words stand below: where nothing stands between the openings they are something else.
        for (Layout block : List.of(Layout.NAME_THEN_TIME, Layout.TIME_THEN_NAME)) {
            if (openings.get(block) * 2 > lines.size() + 1) {
                openings.put(block, 0);
            }
        }
        int most = openings.values().stream().max(Comparator.naturalOrder()).orElse(0);
        return EnumSet.allOf(Layout.class).stream()
                .filter(l -> openings.get(l) == most && most >= 2 && most * 20 >= lines.size())
                .findFirst();
    }

    /** Notes have colons too: untimed lines are talk where most open with a name and few names open them all. */
    private static boolean looksLikeTalk(List<String> lines, int openings) {
        if (openings < 3) {
            return false;
        }
        List<String> names = new ArrayList<>();
        for (String line : lines) {
            Matcher m = Layout.NAMED_LINE.opening.matcher(line.strip());
            if (m.matches()) {
                names.add(m.group("name"));
            }
        }
        long different = names.stream().distinct().count();
        boolean dense = openings >= lines.size() * SHARE_OF_OPENINGS_IN_UNTIMED_TEXT || openings >= 20;
        return dense && different * 2 <= openings + 1 && names.stream().noneMatch(n -> n.length() == 1);
    }

    private static Source readLayout(SourceText text, Layout layout, Limits limits) throws UnreadableSource {
        TalkBuilder talk = new TalkBuilder(limits, false);
        Matcher open = null;
        int openedAt = 0;
        StringBuilder words = new StringBuilder();
        List<String> lines = text.lines();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            Matcher m = layout.opening.matcher(line);
            if (m.matches()) {
                close(talk, layout, open, openedAt, words);
                open = m;
                openedAt = i;
                words.setLength(0);
                words.append(has(layout, "text") ? m.group("text") : "");
            } else if (!line.isEmpty()) {
                if (open == null) {
                    talk.problem(
                            "line " + (i + 1), "words before the first speaker, left out: \"" + shorten(line) + "\"");
                } else {
                    words.append(' ').append(line);
                }
            }
        }
        close(talk, layout, open, openedAt, words);
        if (talk.isEmpty()) {
            throw talk.nothingRead("whole file", "there is not a word in it");
        }
        return talk.build(layout.format, SourceFacts.NONE);
    }

    private static boolean has(Layout layout, String group) {
        return layout.opening.namedGroups().containsKey(group);
    }

    private static void close(TalkBuilder talk, Layout layout, Matcher open, int openedAt, StringBuilder words)
            throws UnreadableSource {
        if (open == null) {
            return;
        }
        String place = "line " + (openedAt + 1);
        String name = has(layout, "name") ? open.group("name") : null;
        Duration at = null;
        if (has(layout, "time")) {
            at = Clock.parse(open.group("time")).orElse(null);
            if (at == null) {
                talk.problem(place, "expected a time such as 0:03:12, found \"" + open.group("time") + "\"");
            }
        }
        talk.add(place, name, at, null, words.toString());
    }

    /** Talk written down without times or names: long paragraphs. */
    private static boolean isProse(SourceText text) {
        List<String> lines = text.lines().stream().filter(l -> !l.isBlank()).toList();
        long words =
                lines.stream().mapToLong(l -> l.strip().split("\\s+").length).sum();
        return words / Math.max(1, lines.size()) >= WORDS_OF_A_PARAGRAPH;
    }

    private static Source readProse(SourceText text, Limits limits) throws UnreadableSource {
        TalkBuilder talk = new TalkBuilder(limits, false);
        List<String> lines = text.lines();
        for (int i = 0; i < lines.size(); i++) {
            talk.add("line " + (i + 1), null, null, null, lines.get(i));
        }
        return talk.build(SourceFormat.TEXT_PLAIN, SourceFacts.NONE);
    }

    private static String shorten(String line) {
        return line.length() > 60 ? line.substring(0, 60) + "…" : line;
    }
}
