package org.ledgerlamp.core.minutes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.wording.QuotedText;
import org.ledgerlamp.core.wording.Wording;

/**
 * Sums a meeting up from its own lines, in whole sentences: what was settled, what to watch, what comes next. Only certain
 * lines that read well by themselves are taken, each once, and of those in somebody's own words what they settle; where there
 * are too few, it says how much was drafted.
 */
final class Summariser {
    private static final int MOST_SETTLED = 4;
    private static final int MOST_WATCHED = 2;
    private static final int MOST_NEXT = 3;
    private static final int MOST_WORDS = 80;
    /**
     * What to watch is told from here on, where two in three are right; of what is settled and promised nearly all that is
     * drafted is.
     */
    private static final double LEAST_CERTAIN = 0.6;

    /** "Decided", "To watch", "Next". */
    private static final int WORDS_OF_HEADINGS = 4;

    /** What to watch is told rather with a figure. */
    private static final double FOR_A_FIGURE = 1.5;

    /** A quotation stands where nothing that is worded tells as much. */
    private static final double IN_SOMEBODYS_WORDS = 0.6;

    private static final int MOST_WORDS_OF_ONE_LINE = 17;
    private static final int MOST_WORDS_OF_A_SENTENCE = 24;
    private static final Pattern FIGURE = Pattern.compile(
            "\\d|(?<![\\p{L}])(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\p{L}+teen|\\p{L}+ty|hundred|thousand|million|half)(?![\\p{L}])");
    /** Marks that only notes make. */
    private static final Pattern NOTED = Pattern.compile("[=>|+#~]|-{2}|\\?{2}|!{2}|(?<![\\p{L}\\d])w(?![\\p{L}])");

    private final double leastCertain;
    private final Salience salience;
    private final List<Line> telling;
    private final List<Line> told = new ArrayList<>();
    private final List<String> parts = new ArrayList<>();
    private int words = WORDS_OF_HEADINGS;

    private Summariser(Reading reading, List<Line> lines) {
        this.salience = new Salience(reading.source());
        // In a short talk probability says little, and rules alone what is drafted.
        this.leastCertain = reading.isShort() ? 0 : LEAST_CERTAIN;
        this.telling = lines.stream().filter(this::isTelling).toList();
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
        List<Line> settled = of(Kind.DECISION).toList();
        List<Line> watched =
                Stream.of(Kind.RISK, Kind.LOWLIGHT).flatMap(this::of).toList();
        List<Line> next = of(Kind.ACTION)
                .filter(l -> l.owner() != null)
                .sorted(Comparator.comparing((Line l) -> l.due() == null ? LocalDate.MAX : l.due()))
                .toList();
        // Room is given in turns, so that what was settled leaves some for what comes next.
        List<Line> decided = take(settled, 2);
        String oneLine = oneLine(decided);
        words += Words.count(oneLine);
        List<Line> coming = take(next, 1);
        List<Line> watching = take(watched, 1);
        decided.addAll(take(onOtherTopics(settled, decided), MOST_SETTLED - decided.size()));
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
        return new Summary(oneLine, String.join(" ", parts), evidence);
    }

    private Stream<Line> of(Kind kind) {
        return telling.stream().filter(l -> l.kind() == kind);
    }

    /** Whether a line is certain enough for what is read first, and reads well by itself. */
    private boolean isTelling(Line line) {
        Optional<QuotedText> quoted = QuotedText.in(line.text());
        return (!isWatched(line) || line.certainty() >= leastCertain)
                && Words.count(line.text()) <= MOST_WORDS_OF_A_SENTENCE
                && !NOTED.matcher(line.text()).find()
                && (quoted.isEmpty()
                        ? Wording.readsAlone(line.text())
                        : line.kind() == Kind.DECISION && quoted.get().readsAlone());
    }

    private static boolean isWatched(Line line) {
        return line.kind() == Kind.RISK || line.kind() == Kind.LOWLIGHT;
    }

    private static List<Line> onOtherTopics(List<Line> lines, List<Line> taken) {
        return lines.stream()
                .filter(l -> taken.stream().noneMatch(t -> t.topic() == l.topic()))
                .toList();
    }

    /** Those of {@code lines} that add most to what was told, one after another, as far as there is room. */
    private List<Line> take(List<Line> lines, int most) {
        List<Line> left = new ArrayList<>(lines);
        List<Line> taken = new ArrayList<>();
        while (taken.size() < most) {
            left.removeIf(l ->
                    words + Words.count(l.text()) > MOST_WORDS || told.stream().anyMatch(l::restsOnTheSameAs));
            if (left.isEmpty()) {
                break;
            }
            // The first of those that add as much.
            Line best = left.stream()
                    .reduce((a, b) -> weight(b) > weight(a) ? b : a)
                    .orElseThrow();
            taken.add(best);
            told.add(best);
            salience.tell(best);
            words += Words.count(best.text());
        }
        return taken;
    }

    private double weight(Line line) {
        double figure = isWatched(line) && FIGURE.matcher(line.text()).find() ? FOR_A_FIGURE : 1;
        double own = QuotedText.in(line.text()).isPresent() ? IN_SOMEBODYS_WORDS : 1;
        return line.certainty() * salience.adds(line) * figure * own;
    }

    private void addPart(String heading, Collection<Line> lines, Comparator<Line> order) {
        if (!lines.isEmpty()) {
            parts.add(heading + ": "
                    + String.join(
                            " ",
                            lines.stream()
                                    .sorted(order)
                                    .map(Summariser::sentence)
                                    .toList()));
        }
    }

    /** A line as one sentence of a paragraph: words that are quoted first, who said them behind. */
    private static String sentence(Line line) {
        return QuotedText.in(line.text())
                .map(q -> "“" + q.words().replaceAll("\\.$", "") + "”"
                        + (q.speaker() == null ? "." : " (" + q.speaker() + ")."))
                .orElse(line.text());
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
    private static String oneLine(List<Line> decided) {
        return decided.stream()
                .limit(1)
                .map(Line::text)
                .filter(t -> QuotedText.in(t).isEmpty())
                .filter(t -> Words.count(t) <= MOST_WORDS_OF_ONE_LINE)
                .findFirst()
                .orElse("");
    }
}
