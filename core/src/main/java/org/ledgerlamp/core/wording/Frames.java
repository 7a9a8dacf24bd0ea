package org.ledgerlamp.core.wording;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Tagger;

/** What speakers put around the thing they say: "what I'd propose is", "my feeling is", "so let's". */
final class Frames {
    private static final String SETTLING =
            "let['’]s(?: just| all)?(?! not)|shall we(?: just)?|(?:can|could|should) we(?: just| maybe)?|why don['’]t we|how about(?: we)?|what (?:about|if)(?: we)?"
                    + "|(?:I (?:think|reckon|suggest|propose|move|say|vote|recommend)(?: that)? )?we(?: should| could| might| can| must| will|['’]ll| shall| need to| have to|['’]re going to| are going to|['’]d better| ought to)(?: just| all)?"
                    + "|I(?:['’]d| would) (?:say|suggest|propose|recommend|vote for|go for|like us to|rather we)(?: that)?(?: we)?|I(?:['’]d| would)(?: just)?(?= (?:leave|keep|go|put|take|hold|drop|move|stick|do|give|make|use|buy|wait|start|stop|ask|run|have|get|let))"
                    + "|I (?:suggest|propose|move|recommend|vote for)(?: that)?(?: we)?|what (?:I['’]d|I would|she['’]d|he['’]d) (?:propose|suggest|do|say|like|want) is(?: that)?(?: we| to)?"
                    + "|my (?:feeling|view|sense|proposal|suggestion|vote|preference) (?:is|would be)(?: that| to)?(?: we)?|the (?:decision|idea|plan|proposal) is(?: that| to)?(?: we)?"
                    + "|(?:we |we['’]ve |we have |we['’]re |it['’]s |that['’]s )?(?:agreed|decided|settled|resolved)(?: (?:to|that|on|then))?[,:]?|(?:we|we all) agree(?: (?:to|that|on))?|(?:can|could|may) I suggest(?: that)?(?: we| you)?|I['’]m inclined to|I['’]m minded to|we(?= (?:keep|leave|go|put|take|hold|drop|move|stick|do|give|make|use|buy|wait|start|stop|ask|run|get|let|stay|pay|cut|order|skip|try|order|close|open|book|split|push|pull|park|carry|cap|set) )";
    private static final Pattern SETTLED = Pattern.compile(
            "^(?:(?:so|then|and|but|okay|right)\\s+)*(?:" + SETTLING + ")\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern REFUSED = Pattern.compile(
            "^(?:let['’]s not|we(?:['’]re| are) not(?: going to)?|we (?:won['’]t|don['’]t|do not|will not|can['’]t|shouldn['’]t))\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OPINION = Pattern.compile(
            "^I(?:['’]d| would)?(?: just| really| still)? (?:think|reckon|guess|believe|suppose|suspect|imagine|feel|say|mean)(?: that)?,?\\s+(?=(?:\\p{L}|\\d))",
            Pattern.CASE_INSENSITIVE);
    /** Says before a colon what kind of line follows, which the section says already. */
    private static final Pattern LABEL = Pattern.compile(
            "^(?:(?:just|only|so) )?(?:(?:one|another|a|an|my|the|some|big|small|more|quick|other|main|only|last|little|bit of|piece of|open) )*(?:worry|concern|fear|risk|danger|question|(?:good |bad )?news|highlight|lowlight|thing)\\s*(?:[:–—]|\\s-|,?\\s+is(?: that)?)\\s*(?=.)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ASKED_ROUND = Pattern.compile(
            "^(?:(?:do|does|did) (?:we|you|anyone|anybody|somebody|someone) (?:happen to )?know(?: yet)?|has (?:anyone|anybody) (?:any idea|heard)|any idea|I (?:don['’]t|do not) know|no idea|nobody knows|we don['’]t know|I['’]m not sure|I['’]d like to know|I wonder|what I (?:don['’]t know|want to know) is|the question is)[,:]?\\s+(?=(?:who|what|when|where|which|why|how|if|whether)(?![\\p{L}]))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WHO_DOES = Pattern.compile(
            "^(?:we|you|I(?:['’]d| would))(?: just| then| all)?\\s+(\\p{L}+)(?=\\s)", Pattern.CASE_INSENSITIVE);
    /** Verbs of what somebody is, knows or wishes; nobody is told to. */
    private static final Set<String> STATES = Set.of(
            """
            be have do know think want need mean see hear like hope feel love say guess reckon suppose believe prefer care
            wish owe lose lack miss remember forget understand agree wonder find fear doubt expect seem look rather ask
            got die
            """
                    .strip()
                    .split("\\s+"));

    /** "Works for me": says that one agrees, not to what. */
    private static final Pattern ASSENT = Pattern.compile(
            "^(?:(?:it|that|which) )?(?:works|suits|fine|good|okay|ok|happy|all right|grand)(?: (?:for|by|with))? (?:me|us|you)(?![\\p{L}])",
            Pattern.CASE_INSENSITIVE);

    private Frames() {}

    /** Whether somebody only agrees, for himself. */
    static boolean isAssent(String said) {
        return ASSENT.matcher(said).find();
    }

    /** The outcome of what settles something: its verb first where it is told to be done. */
    static String outcome(String said) {
        String refused = REFUSED.matcher(said).replaceFirst("");
        if (!refused.equals(said)) {
            return refused.matches("\\p{L}+ing\\b.*") ? "No " + refused : "Do not " + refused;
        }
        // One frame may stand in another: "agreed then, we keep it".
        String outcome = SETTLED.matcher(SETTLED.matcher(said).replaceFirst("")).replaceFirst("");
        return outcome.isBlank() ? said : withoutWho(outcome);
    }

    /** "We acknowledge at once": what is settled is told from the verb on. */
    private static String withoutWho(String outcome) {
        Matcher who = WHO_DOES.matcher(outcome);
        if (!who.find()) {
            return outcome;
        }
        boolean deed = Tagger.shared().words(outcome).stream()
                .filter(w -> w.start() == who.start(1))
                .anyMatch(w -> w.is("VERB") && w.lower().equals(w.lemma()) && !STATES.contains(w.lower()));
        return deed ? outcome.substring(who.start(1)) : outcome;
    }

    /** Without the words that only say what kind of line it is. */
    static String statement(String said) {
        return LABEL.matcher(said).replaceFirst("");
    }

    /** Without "I think" in front. */
    static String opinion(String said) {
        return OPINION.matcher(said).replaceFirst("");
    }

    /** A question as it stands, without asking who knows. */
    static String question(String said) {
        return ASKED_ROUND.matcher(said).replaceFirst("");
    }
}
