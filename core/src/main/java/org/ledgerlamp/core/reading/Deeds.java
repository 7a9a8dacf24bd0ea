package org.ledgerlamp.core.reading;

import java.util.regex.Pattern;

/** Verbs of things that people undertake to do after a meeting, and of things they merely say or do within it. */
final class Deeds {
    static final String VERB =
            "(?:send|check|ask|call|ring|email|e-mail|mail|message|text|write|draft|book|order|find|talk|speak|chase|prepare|update|fix|arrange|bring|finish"
                    + "|circulate|share|confirm|move|change|add|test|run|follow|contact|sort|organise|organize|schedule|drop|pick|print|collect|put|get|do|make|set|look|file|submit|sign"
                    + "|pay|buy|price|measure|count|redo|review|read|see|cancel|close|open|invite|clean|replace|remove|take|tell|let|pass|post|publish|order|quote|cost|compare|list|label|pull"
                    + "|push|raise|report|record|log|train|cover|meet|visit|walk|hand|deliver|ship|return|swap|switch|turn|upload|download|work|write|build|cut|paint|mend|repair|install|inspect"
                    + "|try|start|plan|propose|present|give|hold|keep|clear|lock|unlock|phone|chat|catch|nudge|remind|reply|answer|respond|dig|go|come|copy|forward|draw|sketch|resend|reprint|rewrite|rework|rerun|retest|rebook|tidy|tag|merge|deploy|roll|patch|escalate|document|translate|proofread|edit|scan|type|lend|borrow|fetch|grab|stick|throw|weigh|sample|swab|ring round|round up|line up|double check|double-check|recheck|investigate|summarise|analyse|calculate|work out|figure out|budget|invoice|credit|refund|register|apply|request|approach|recruit|advertise|interview|hire|shortlist|notify|inform|brief|warn)";

    /** Any word that may be a verb, less those that say, think or are something. */
    static final String ANY =
            "(?!(?:be|been|say|tell|think|know|see|like|want|need|have|hear|feel|mean|guess|admit|never|not|probably|always|only|still|even|believe|remember|understand|wait|stop|start|shut|bet|grant|try|happily|all|both|each|no|survive|manage|live|miss|love|hate|get (?:there|used)|sleep|die|cry|take (?:that|it) as|let (?:you|that|it)|leave (?:it|that)|give (?:you that|it that))\\b)\\p{L}{3,}";

    private static final RuleSet WITHIN_THE_MEETING = RuleSet.named("meeting.talk");

    private static final Pattern NAMED = Pattern.compile(
            "(?<![\\p{L}'])(?:i'll|i will|i can|i'm going to|i)\\s+(?:just |also |then |certainly )?(?!(?:do|sort|take|handle|see|deal|get)\\b)"
                    + "(?:" + VERB + "|have (?:it|them|that|those|this) \\w+)(?![\\p{L}])");

    private Deeds() {}

    /** Whether the sentence says what is going to be done, and not just that somebody sees to it. */
    static boolean namesADeed(String plain) {
        return NAMED.matcher(plain).find();
    }

    /** Whether the sentence is about the running conversation rather than about later. */
    static boolean isWithinTheMeeting(String plain) {
        return WITHIN_THE_MEETING.matches(plain);
    }
}
