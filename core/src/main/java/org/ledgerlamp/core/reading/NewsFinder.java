package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Finds worries about what may happen (risks), and good and bad news told as fact (highlights, lowlights). */
final class NewsFinder {
    private static final RuleSet WORRY = RuleSet.named("risk.worry");
    private static final RuleSet GOOD = RuleSet.named("highlight.good");
    private static final RuleSet BAD = RuleSet.named("lowlight.bad");
    private static final RuleSet NOT_A_FACT = RuleSet.named("news.against");
    private static final Pattern FIGURE = Pattern.compile(
            "\\d|\\b(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fifteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|million|half|percent|per cent)\\b");

    private final Talk talk;

    NewsFinder(Talk talk) {
        this.talk = talk;
    }

    List<Finding> find() {
        List<Finding> found = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            if (s.isQuestion() || s.content().size() < 3) {
                continue;
            }
            judge(s, Kind.RISK, new Judgement().favours(WORRY, s.plain()), found);
            judge(s, Kind.HIGHLIGHT, news(s, GOOD), found);
            judge(s, Kind.LOWLIGHT, news(s, BAD), found);
        }
        return found;
    }

    private static Judgement news(Sentence s, RuleSet cues) {
        Judgement judgement = new Judgement().favours(cues, s.plain());
        if (judgement.certainty() > 0) {
            if (FIGURE.matcher(s.plain()).find()) {
                judgement.favours(0.2, "with a figure");
            }
            judgement.against(NOT_A_FACT, s.plain());
        }
        return judgement;
    }

    private void judge(Sentence s, Kind kind, Judgement judgement, List<Finding> found) {
        if (judgement.certainty() >= Thresholds.WORTH_KEEPING) {
            found.add(Finding.told(kind, s, judgement, List.of(talk.evidence(s))));
        }
    }
}
