package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.reading.Kind;

/**
 * What was said about it: the sentences that fit best, each with what was said next to it, because an answer often stands
 * beside the words that name its subject: the reply to it, and of what follows that which minutes would tell of. A decision
 * that was recorded is told as it was recorded.
 */
final class Passages implements Composer {
    /** Within so many passages it is the same stretch of talk. */
    private static final int BESIDE = 4;

    private static final int FEWEST_WORDS = 3;
    /** An exchange is read on for so many passages at most. */
    private static final int FAR = 12;
    /** The share of a subject that is named by a place that speaks of it, not of something like it. */
    private static final double MOST_OF_IT = 0.6;
    /** So far below the best score a place may still be of the same subject. */
    private static final double NOT_FAR_BELOW = 9;

    @Override
    public List<Statement> compose(Asked asked) {
        return Support.isEnough(asked, asked.found()) ? nearest(asked) : List.of();
    }

    /** The passages that fit best, whether they answer or not. */
    static List<Statement> nearest(Asked asked) {
        List<Found> places = places(asked);
        List<Statement> statements = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            statements.addAll(stretch(asked, places.get(i), words(asked, i)));
        }
        return statements;
    }

    /** The best place, and others that speak of enough of the subject themselves. */
    private static List<Found> places(Asked asked) {
        boolean answers = Support.isEnough(asked, asked.found());
        List<Found> places = new ArrayList<>();
        for (Found found : asked.found()) {
            boolean tells = places.isEmpty() || !answers || found.covered() >= Support.least(asked);
            if (tells
                    && places.size() < asked.room().stretches()
                    && places.stream().noneMatch(p -> p.isNear(found, BESIDE))) {
                places.add(found);
            }
        }
        return switch (asked.wanted().aim()) {
            case DECISION -> settledFirst(asked, places);
            case STATUS -> lastHeardFirst(asked, places);
            default -> places;
        };
    }

    /** What became of something is told by the last meeting that named it. */
    private static List<Found> lastHeardFirst(Asked asked, List<Found> places) {
        double best = asked.found().getFirst().score();
        Optional<Found> last = asked.found().stream()
                .filter(f -> f.covered() >= MOST_OF_IT && f.score() >= best - NOT_FAR_BELOW && isNamed(asked, f))
                .max(Comparator.comparing((Found f) -> f.meeting().filed().date())
                        .thenComparing(Found::score));
        if (last.isEmpty()) {
            return places;
        }
        return Stream.concat(last.stream(), places.stream().filter(p -> !p.isNear(last.get(), BESIDE)))
                .limit(asked.room().stretches())
                .toList();
    }

    /** Decisions on the subject before those that were only taken near it; what was settled last stands, so it is first. */
    private static List<Found> settledFirst(Asked asked, List<Found> places) {
        List<Found> settled = places.stream()
                .filter(p -> isSettled(p) && isNamed(asked, p))
                .sorted(Comparator.comparing((Found p) -> p.meeting().filed().date())
                        .reversed())
                .toList();
        Set<Found> ordered = new LinkedHashSet<>(settled);
        ordered.addAll(places);
        return List.copyOf(ordered);
    }

    private static boolean isSettled(Found found) {
        return found.line(Kind.DECISION).isPresent();
    }

    /** Whether the subject of a question is named where it was found, or just before, and not only somewhere near. */
    private static boolean isNamed(Asked asked, Found found) {
        Sought subject = asked.sought().withoutPeople();
        int n = found.sentence().passage();
        Set<String> words = new HashSet<>(found.lens().stems(n));
        words.addAll(found.lens().stems(n - 1));
        found.line(Kind.DECISION).ifPresent(line -> words.addAll(Stems.of(line.text())));
        return subject.held(term -> term.isIn(words) ? 1 : 0) >= subject.weight() / 2;
    }

    private static List<Statement> stretch(Asked asked, Found found, int length) {
        TalkLens lens = found.lens();
        List<Statement> statements = new ArrayList<>();
        Optional<FiledLine> line = asked.wanted().aim() == Aim.DECISION ? found.line(Kind.DECISION) : Optional.empty();
        if (line.isPresent()) {
            statements.addAll(Standing.of(asked, found.meeting(), line.get()));
        } else {
            statements.add(Quotes.said(found));
        }
        int words = statements.stream().mapToInt(s -> Quotes.words(s.text())).sum();
        int last = Math.min(lens.size() - 1, found.sentence().passage() + FAR);
        for (int n = found.sentence().passage() + 1; n <= last && words < length; n++) {
            if (isWorthReading(found, n)) {
                Statement next = Quotes.beginning(lens, n, length - words);
                words += Quotes.words(next.text());
                statements.add(next);
            }
        }
        return statements;
    }

    /** Who said something is told by one sentence each. */
    private static int words(Asked asked, int stretch) {
        return asked.wanted().aim() == Aim.SPEAKER ? 1 : asked.room().words(stretch);
    }

    /** Whether a passage after the one found goes on with it: the reply to it, or what minutes would tell of. */
    private static boolean isWorthReading(Found found, int n) {
        return Quotes.words(found.lens().said(n).text()) >= FEWEST_WORDS
                && (n == found.sentence().passage() + 1
                        || found.meeting().filed().lines().stream().anyMatch(l -> l.passage() == n));
    }
}
