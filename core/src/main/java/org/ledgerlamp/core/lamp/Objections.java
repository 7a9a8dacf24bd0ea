package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;

/** Who was against something, and in what words: what was said against it near the places that speak of it most. */
final class Objections implements Composer {
    private static final int AMONG = 15;
    private static final int REACH = 10;
    private static final int MOST = 4;
    private static final double PLAINLY = 6;
    private static final double HALF = 2;

    /** Says it outright. */
    private static final Pattern AGAINST = Pattern.compile(
            "\\b(?:(?:i'?m|was|were|is|are|voted?|\\p{Lu}\\p{L}+'s) against|i(?:'d)? (?:object|disagree|oppose|abstain|vote (?:against|for))|i'?ll abstain"
                    + "|objects|regret|put my name|i don'?t (?:agree|like)|not happy|i want it (?:in the minutes|minuted|recorded)"
                    + "|on (?:the )?record|against it)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Speaks for something else. */
    private static final Pattern RATHER = Pattern.compile(
            "\\b(?:i'?d (?:rather|wait|prefer|keep|stay|sooner)|i (?:still )?think (?:we should|it'?s wrong|that'?s wrong|it'?s a mistake)|shouldn'?t|mistake|wrong|not convinced|not sure"
                    + "|i don'?t (?:think|want)|i'?m not (?:having|happy))\\b",
            Pattern.CASE_INSENSITIVE);

    @Override
    public List<Statement> compose(Asked asked) {
        if (!Support.isEnough(asked, asked.found())) {
            return List.of();
        }
        List<Found> centres = asked.found().stream().limit(AMONG).toList();
        List<Found> against = new ArrayList<>();
        for (Found found : asked.found()) {
            if (weight(found) > 0 && centres.stream().anyMatch(c -> found.isNear(c, REACH))) {
                against.add(found);
            }
        }
        against.sort(Comparator.comparingDouble((Found f) -> -f.score() - weight(f)));
        List<Statement> statements = new ArrayList<>();
        for (Found found : against.stream().limit(MOST).toList()) {
            statements.add(
                    statements.isEmpty() || !statements.getLast().isFrom(found.meeting())
                            ? Quotes.said(found)
                            : Quotes.alone(found));
        }
        return statements;
    }

    private static double weight(Found found) {
        String text = found.sentence().text();
        return AGAINST.matcher(text).find() ? PLAINLY : RATHER.matcher(text).find() ? HALF : 0;
    }
}
