package org.ledgerlamp.core.minutes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.wording.QuotedText;
import org.ledgerlamp.core.wording.Wording;

/**
 * Sums a meeting up from its own lines, in whole sentences: what was settled, what to watch, what comes next. Only lines that
 * read well by themselves are taken, each once; where there are too few, it says how much was drafted.
 */
final class Summariser {
    private static final int MOST_SETTLED = 4;
    private static final int MOST_WATCHED = 2;
    private static final int MOST_NEXT = 3;
    /** With one sentence more on top a summary stays within eighty words. */
    private static final int MOST_WORDS = 62;

    private static final int MOST_WORDS_OF_ONE_LINE = 17;
    private static final int MOST_WORDS_OF_A_SENTENCE = 24;
    private static final Pattern FIGURE = Pattern.compile(
            "\\d|(?<![\\p{L}])(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\p{L}+teen|\\p{L}+ty|hundred|thousand|million|half)(?![\\p{L}])");
    /** Marks that only notes make. */
    private static final Pattern NOTED = Pattern.compile("[=>|+#~]|-{2}|\\?{2}|!{2}|(?<![\\p{L}\\d])w(?![\\p{L}])");

    /** How many words were spoken of each topic. */
    private final int[] spokenOfTopic;

    private final List<Line> telling;
    private final List<Line> told = new ArrayList<>();
    private final List<String> parts = new ArrayList<>();
    private int words;

    private Summariser(Reading reading, List<Line> lines) {
        this.spokenOfTopic = reading.topics().stream()
                .mapToInt(t -> reading.source().utterances().stream()
                        .filter(u -> u.n() >= t.from() && u.n() <= t.to())
                        .mapToInt(u -> Words.count(u.text()))
                        .sum())
                .toArray();
        this.telling = lines.stream().filter(Summariser::isTelling).toList();
    }

    static Summary of(Reading reading, List<Line> lines) {
        if (reading.language() != null) {
            return new Summary(
                    "",
                    "The source is in %s. Minutes are drafted from English alone; add their lines by hand."
                            .formatted(reading.language()),
                    List.of());
        }
        return new Summariser(reading, lines).summary(lines);
    }

    private Summary summary(List<Line> lines) {
        List<Line> settled = onePerTopic(of(Kind.DECISION)
                .sorted(Comparator.comparingDouble((Line l) -> -weight(l)))
                .toList());
        List<Line> watched = Stream.of(Kind.RISK, Kind.LOWLIGHT)
                .flatMap(this::of)
                .sorted(Comparator.comparing(
                                (Line l) -> !FIGURE.matcher(l.text()).find())
                        .thenComparing(l -> l.kind() != Kind.RISK)
                        .thenComparingDouble(l -> -l.certainty()))
                .toList();
        List<Line> next = of(Kind.ACTION)
                .filter(l -> l.owner() != null)
                .sorted(Comparator.comparing((Line l) -> l.due() == null ? LocalDate.MAX : l.due())
                        .thenComparingDouble(l -> -l.certainty()))
                .toList();
        // Room is given in turns, so that what was settled leaves some for what comes next.
        List<Line> decided = take(settled, 2);
        List<Line> coming = take(next, 1);
        List<Line> watching = take(watched, 1);
        decided.addAll(take(settled, MOST_SETTLED - decided.size()));
        coming.addAll(take(next, MOST_NEXT - coming.size()));
        watching.addAll(take(watched, MOST_WATCHED - watching.size()));
        addPart("Decided", decided, Comparator.comparingInt(Line::topic));
        addPart("To watch", watching, Comparator.comparingInt(Line::topic));
        addPart("Next", coming, Comparator.comparingInt(next::indexOf));
        if (decided.isEmpty() && coming.isEmpty()) {
            parts.add(counted(lines));
        }
        List<Evidence> evidence =
                told.stream().map(l -> l.evidence().getFirst()).toList();
        return new Summary(oneLine(settled), String.join(" ", parts), evidence);
    }

    private Stream<Line> of(Kind kind) {
        return telling.stream().filter(l -> l.kind() == kind);
    }

    /** Whether a line reads well by itself. */
    private static boolean isTelling(Line line) {
        return QuotedText.in(line.text()).isEmpty()
                && Words.count(line.text()) <= MOST_WORDS_OF_A_SENTENCE
                && !NOTED.matcher(line.text()).find()
                && Wording.readsAlone(line.text());
    }

    /** The more, the longer its topic was talked about and the more certain it is. */
    private double weight(Line line) {
        if (spokenOfTopic.length == 0) {
            return line.certainty();
        }
        int spoken = spokenOfTopic[Math.min(line.topic(), spokenOfTopic.length - 1)];
        return line.certainty() * Math.log(2.0 + spoken);
    }

    private static List<Line> onePerTopic(List<Line> ranked) {
        Set<Integer> topics = new HashSet<>();
        return ranked.stream().filter(l -> topics.add(l.topic())).toList();
    }

    /** The first of {@code ranked} that there is room for and that were not told. */
    private List<Line> take(List<Line> ranked, int most) {
        List<Line> taken = new ArrayList<>();
        for (Line line : ranked) {
            int length = Words.count(line.text());
            Predicate<Line> same = line::restsOnTheSameAs;
            if (taken.size() < most
                    && words + length <= MOST_WORDS
                    && told.stream().noneMatch(same)) {
                taken.add(line);
                told.add(line);
                words += length;
            }
        }
        return taken;
    }

    private void addPart(String heading, Collection<Line> lines, Comparator<Line> order) {
        if (!lines.isEmpty()) {
            parts.add(heading + ": "
                    + String.join(
                            " ", lines.stream().sorted(order).map(Line::text).toList()));
        }
    }

    private static String counted(List<Line> lines) {
        long decisions = lines.stream().filter(l -> l.kind() == Kind.DECISION).count();
        long actions = lines.stream().filter(l -> l.kind() == Kind.ACTION).count();
        return decisions + actions == 0
                ? "No decisions or actions were found with certainty."
                : "The minutes hold %d %s and %d %s."
                        .formatted(
                                decisions,
                                decisions == 1 ? "decision" : "decisions",
                                actions,
                                actions == 1 ? "action" : "actions");
    }

    /** The settled matter that was talked about most, where it is short enough to be told alone. */
    private static String oneLine(List<Line> settled) {
        return settled.stream()
                .limit(1)
                .map(Line::text)
                .filter(t -> Words.count(t) <= MOST_WORDS_OF_ONE_LINE)
                .findFirst()
                .orElse("");
    }
}
