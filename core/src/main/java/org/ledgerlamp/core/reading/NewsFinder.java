package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Finds worries about what may happen (risks), and good and bad news told as fact (highlights, lowlights). */
final class NewsFinder {
    private static final CueTable WORRY = new CueTable()
            .cue(
                    0.6,
                    "a worry put into words",
                    "(?:i'm|i am|we're|a bit|bit|really) (?:worried|concerned|nervous|afraid)|worries me|my (?:worry|concern|fear)|the (?:worry|concern|risk|danger|trouble) is|there's a (?:risk|danger|chance)|at risk|i'm not comfortable|that's the bit that worries|worried re")
            .cue(
                    0.5,
                    "what may go wrong",
                    "if .{3,80}(?:we're|we'll|we'd|they'll|it'll|it's|that's|then|we|nobody|there's|you|he's|she's) .{0,40}(?:stuck|trouble|lose|lost|late|fail|dead|nothing|short|can't|won't|gone|slip|stop|void|screwed|stuffed)|(?:could|might|may) (?:well )?(?:fail|slip|break|lose|go wrong|refuse|be late|run out|not (?:be|make|get|hold|come|work|dry)|delay|cost us)")
            .cue(
                    0.45,
                    "a dependency",
                    "depends? on|blocked (?:by|on)|waiting (?:on|for)|can't .{3,40} (?:until|till|unless|without)|no cover|single point|only (?:one|person) who|nobody else (?:can|knows)|runs? out|full (?:in|by)|down to (?:one|two|three)")
            .cue(
                    0.3,
                    "a doubt",
                    "i wouldn't bet|not sure (?:it|that|we|they)'?l?l?|touch and go|tight|cutting it fine|i doubt|unlikely|might not|may not|won't be enough");
    private static final CueTable GOOD = new CueTable()
            .cue(
                    0.6,
                    "told as good news",
                    "good news|delighted|thrilled|chuffed|best (?:ever|yet|month|week|year)|first time (?:ever|we've|since|in)|record (?:month|week|year|number)|lowest (?:in|since|i've|ever)|highest (?:in|since|ever)|most (?:we've )?ever|never seen (?:it|them|'em)|sold out|shortlist|won the|came first|well done|really (?:good|well)|much better than|better than (?:we|feared|expected)|went (?:really |very )?well|without a (?:single|hitch)|like new|big improvement|proud")
            .cue(
                    0.45,
                    "reached or finished",
                    "(?:is|are|was|were|it's|they're|all|now|been) (?:done|finished|complete|completed|fixed|approved|through|live|signed|in place|sorted|up and running|delivered|passed)|passed (?:the|its|our|first|with)|came (?:back )?(?:in )?(?:clean|clear|under|early|ahead)|ahead of (?:plan|schedule|target|time|last)|on (?:time|schedule|budget|track)|under budget|saved|saving|came through|got the (?:grant|go-ahead|contract|licence|permit)")
            .cue(
                    0.3,
                    "figures got better",
                    "(?:up|rose|gone up|grown|increased) (?:to|from|by)|(?:down|fell|fallen|dropped|cut) (?:to|from|by|in half)|improved|better than last");
    private static final CueTable BAD = new CueTable()
            .cue(
                    0.6,
                    "told as bad news",
                    "bad news|unfortunately|not so good|disappoint|sadly|the bad|complaints?|badly|worse than|worst|embarrass|a mess|disaster|nightmare|shambles")
            .cue(
                    0.5,
                    "broke or was lost",
                    "(?:is|are|was|were|it's|has|have|got|been|'s) (?:\\w+ )?(?:broken|broke|failed|lost|missed|stolen|cracked|damaged|dead|down again|leaking|rotten|cancelled|rejected|refused|withdrawn|missing|wrong|short|late|overdue|behind|delayed|seized|faulty|stuck|out of stock|expired|lapsed)|broke down|fell (?:over|through|short)|went wrong|gave up|pulled out|packed in|we(?:'ve)? lost|we missed|didn't (?:arrive|come|turn up|make|work|get|hold)|hasn't (?:paid|arrived|come|replied|turned)|haven't (?:paid|arrived|had|heard|got)|came broken|still (?:not|hasn't|haven't|waiting|broken)|not paid|positive (?:for|swab)")
            .cue(
                    0.45,
                    "slipped or missed a target",
                    "slipp(?:ed|ing|s)|slid|over budget|over by|light|behind (?:plan|schedule|target)|under (?:forecast|target|plan)|below (?:target|plan)|against a target|target'?s|short by|weeks? late|days? late|overspen[dt]")
            .cue(
                    0.35,
                    "figures got worse",
                    "(?:up|rose|gone up|gone) (?:to|from)|(?:down|fell|fallen|dropped) (?:to|from|by)|only (?:\\w+ ){0,2}(?:out of|of)");
    private static final CueTable NOT_A_FACT = new CueTable()
            .cue(
                    0.5,
                    "not told as fact",
                    "would|could|might|may|if|should|will|i'll|we'll|let's|can you|could you|hope|i think|maybe|imagine");
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

    private static Judgement news(Sentence s, CueTable cues) {
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
