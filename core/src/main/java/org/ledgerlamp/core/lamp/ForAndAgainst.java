package org.ledgerlamp.core.lamp;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What spoke for something and what against it, each in the words it was said in, near the places that speak of it most. */
final class ForAndAgainst implements Composer {
    private static final int AMONG = 15;
    private static final int REACH = 8;
    private static final int MOST = 3;
    private static final int FEWEST_WORDS = 3;

    private static final Pattern FOR = Pattern.compile(
            "\\b(?:saves?|saved|saving|cheaper|faster|quicker|quieter|safer|easier|simpler|better|lighter|sooner|less (?:noise|diesel|work|time|risk)|more (?:room|time|power)"
                    + "|we (?:could|can) then|no (?:new|more) \\p{L}+|pays? (?:for itself|off|back)|worth it|good (?:idea|news|price|offer)|i like|i'?m (?:for|in favour)|in favour|it works|works well|fits|advantage|benefit)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern AGAINST = Pattern.compile(
            "\\b(?:against|too (?:dear|expensive|much|late|long|heavy|loud|small|big|slow|risky|early|little)|costs? (?:more|too)|dearer|more expensive|slower|heavier|louder|worse|late|delay|risk|risky|problem|trouble"
                    + "|can'?t|cannot|won'?t|doesn'?t (?:fit|work)|not (?:enough|sure|happy|convinced|worth)|i'?d rather|i don'?t (?:like|think|want)|afraid|worried|drawback|downside|mistake)\\b",
            Pattern.CASE_INSENSITIVE);

    @Override
    public List<Statement> compose(Asked asked) {
        if (asked.wanted().form() != Form.TABLE || !Support.isEnough(asked, asked.found())) {
            return List.of();
        }
        List<Found> centres = asked.found().stream().limit(AMONG).toList();
        List<Found> around = asked.found().stream()
                .filter(f -> Quotes.words(f.sentence().text()) >= FEWEST_WORDS
                        && !f.sentence().text().endsWith("?"))
                .filter(f -> centres.stream().anyMatch(c -> f.isNear(c, REACH)))
                .toList();
        Stream<Statement> against = side(around, AGAINST, null).stream().map(s -> under("against", s));
        Stream<Statement> inFavour = side(around, FOR, AGAINST).stream().map(s -> under("for", s));
        return Stream.concat(inFavour, against).toList();
    }

    private static List<Statement> side(List<Found> around, Pattern says, Pattern saysNot) {
        return around.stream()
                .filter(f -> says.matcher(f.sentence().text()).find())
                .filter(f ->
                        saysNot == null || !saysNot.matcher(f.sentence().text()).find())
                .sorted(Comparator.comparingDouble((Found f) -> -f.score()))
                .limit(MOST)
                .sorted(Comparator.comparing(f -> f.meeting().filed().date()))
                .map(Quotes::said)
                .toList();
    }

    private static Statement under(String side, Statement s) {
        return new Statement(
                s.day(), s.lead().isBlank() ? side : side + ", " + s.lead(), s.text(), true, s.citations());
    }
}
