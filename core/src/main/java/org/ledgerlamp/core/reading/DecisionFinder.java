package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.ledgerlamp.core.people.Person;

/**
 * Finds what the meeting settles: said outright ("agreed, the second supplier"), or proposed, assented to and left
 * behind. Keeping things as they are and putting them off are decisions as well.
 */
final class DecisionFinder {
    private static final CueTable SETTLED = new CueTable()
            .cue(
                    0.6,
                    "settled outright",
                    "(?:so )?(?:that's|it's|we're|we are|is that|are we) (?:agreed|decided|settled)|decision is|we(?:'ve)? decided|we've agreed|carried|that's the decision|all in favour|adopted|approved|unanimous|motion (?:is )?(?:passed|carried)|resolved")
            .cue(
                    0.5,
                    "chosen",
                    "(?:we'll|we will|we|let's|i'd|i'll|shall we) (?:just )?(?:go (?:with|for)|stick (?:with|to|at)|stay (?:with|on|at)|keep (?:it|the|to|on|with|running|going)|leave (?:it|that|the|them|things)|take (?:option|the)|do without|drop|scrap|park|postpone|put off|hold off|move (?:it|the|to)|run with|settle (?:on|for)|make it|start (?:with|on))")
            .cue(
                    0.2,
                    "outcome stated",
                    "(?:so |okay |ok |right |then |fine |good )+,?(?:then )?(?:it's|it is|that's|we|no|the|let's|we'll|we're|leave|keep|scrap|drop|make it|both|from)")
            .cue(
                    0.3,
                    "let us",
                    "let's (?:do|say|call|have|get|not|just|put|try|set|use|give|wait|see|stop|start|close|open|cut|run|buy|order|ask|skip)")
            .cue(
                    0.45,
                    "settled against",
                    "we (?:don't|won't|do not|will not|are not going to|aren't going to|'re not (?:going to|doing|having|paying|buying|signing|changing|moving))|we're not (?:going to|doing|having|paying|buying|signing|changing|moving|taking)|scrap (?:it|that|what|the)|forget (?:it|that|the)|no (?:more|further)|not (?:this (?:year|season|time)|until|till|before)")
            .cue(
                    0.45,
                    "put off",
                    "(?:come back to|look at|revisit|pick up|discuss|decide|take up) (?:it|that|this|them)? ?(?:again )?(?:in|at|next|after|when|on)|(?:leave|park|hold|keep|shelve|defer) (?:\\w+ ){1,4}?(?:over )?(?:till|until|for (?:now|the moment))|until (?:then|we|the)|not (?:decide|deciding|picking|choosing)|(?:ask|bring|raise) (?:\\w+ ){1,3}again (?:in|at|next|when)|hold (?:\\w+ ){1,3}over|not (?:today|this (?:time|year|tour|term|quarter|spring|summer|autumn|winter))|for now,? yes")
            .cue(
                    0.45,
                    "it stays as it is",
                    "(?:we|it|that|they|he|she|you) (?:all |both )?stays? (?:on|in|at|as|out|shut|open|put|where|with|home)|leave (?:it|that|them) (?:so|as it is|as they are|where (?:it|they)|alone|be)|carry on (?:as|with|like)|stays? (?:as it is|where it is|at home|shut|open|in the)|nothing changes|same as (?:before|last)")
            .cue(
                    0.5,
                    "made a rule",
                    "that's (?:a|the) rule|new rule|from (?:now|here) on|as of now|nobody (?:\\w+ ){1,4}(?:until|before|without)")
            .cue(
                    0.45,
                    "turned down",
                    "(?:it's|that's|i say|i'm saying|i'm going to say|then|telling \\w+|so) (?:a )?no(?= |$|\\.|,)|scrap (?:it|that|the)|bin (?:it|that|the)|ditch (?:it|that|the)|forget (?:it|that|the)|turn (?:\\w+ ){1,4}down|out of the question|i'm not having|we do without|not worth it")
            .cue(
                    0.4,
                    "ruled for a case",
                    "if (?:[\\w',£$%-]+ ){2,14}(?:then )?(?:we|you|it|they|he|she|somebody|everybody)(?:'ll| will)? (?:just |all )?(?:go|goes|put|puts|move|moves|take|takes|stay|stays|open|opens|close|closes|hold|use|run|switch|fix|tell|don't|do without|drop|rope|come|comes|get|gets|wait|stop|start|book|hire|cancel|postpone)")
            .cue(
                    0.35,
                    "then it is",
                    "(?:it's|it is|that's) .{2,60} then|then$|happy (?:with|to go)|(?:everybody|everyone|all) (?:happy|content|agreed|ok|okay)|any objections|does that work|sign(?:ed)? off");
    private static final CueTable PROPOSED = new CueTable()
            .cue(
                    0.35,
                    "proposed",
                    "i(?:'d| would) (?:say|suggest|propose|prefer|rather|go|keep|leave|put|want|like to|take|move|reserve|get|be inclined)|i (?:suggest|propose|move|recommend|vote)|i'm inclined|my (?:suggestion|proposal|vote|preference)|what (?:if|about)(?: we)?|how about|why don't we|why not|(?:could|can|should|shall) we|we (?:could|should|might)|couldn't we|suppose we|would it (?:work|help|be better) if");
    private static final CueTable AGAINST = new CueTable()
            .cue(
                    0.7,
                    "reported or past",
                    "(?:last (?:week|month|year|time|meeting|spring|autumn|summer|winter))|years? ago|back in|(?:he|she|they)(?:'d)? (?:said|decided|agreed|wanted|told)|had (?:agreed|decided)|used to|we decided .{0,20}(?:in|last)|remember when|yesterday")
            .cue(
                    0.6,
                    "hypothetical",
                    "if (?:we|they|it|you) (?:had|were|could)|imagine|in theory|would have|could have|might have|i wonder")
            .cue(
                    0.6,
                    "about the talk itself",
                    "let's (?:see|start|move on|go (?:on|through|round)|begin|not get|take (?:it|that) offline|hear|talk about|get (?:going|started|on with)|be (?:honest|clear|quick)|have a look|face it|hope|say)|shall we (?:start|begin|move|go on|press on|crack on)|next (?:item|one|thing|point)|moving on|any other business")
            .cue(0.6, "a joke", "\\[laugh|kidding|joking|haha|i'd say so");
    private static final int REPLIES_TO_LOOK_AT = 4;
    private static final int SENTENCES_BACK_TO_A_PROPOSAL = 8;

    private final Talk talk;

    DecisionFinder(Talk talk) {
        this.talk = talk;
    }

    List<Finding> find() {
        List<Finding> found = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            settled(s)
                    .or(() -> proposed(s))
                    .filter(f -> f.certainty() >= Thresholds.WORTH_KEEPING)
                    .ifPresent(found::add);
        }
        return found;
    }

    /** What {@code s} settles, taken that it settles something. */
    Finding told(Sentence s) {
        return settled(s).or(() -> proposed(s)).orElseGet(() -> {
            Sentence proposal = proposalBefore(s);
            return judged(s.isThin() && proposal != null ? proposal : s, s, proposal, new Judgement());
        });
    }

    private Optional<Finding> settled(Sentence s) {
        List<CueTable.Cue> cues = SETTLED.in(s.plain());
        if (cues.isEmpty() || s.isQuestion() && cues.getFirst().weight() < 0.35) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement();
        cues.stream()
                .limit(2)
                .forEach(c -> judgement.favours(c.weight() * (cues.indexOf(c) == 0 ? 1 : 0.5), c.reason()));
        Sentence proposal = proposalBefore(s);
        Sentence worded = s;
        if (s.isThin()) {
            if (proposal == null) {
                judgement.against(0.5, "it is not clear what");
            } else {
                worded = proposal;
            }
        }
        return worded.content().isEmpty() ? Optional.empty() : Optional.of(judged(worded, s, proposal, judgement));
    }

    private Optional<Finding> proposed(Sentence s) {
        List<CueTable.Cue> cues = PROPOSED.in(s.plain());
        if (cues.isEmpty() || s.isBare()) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement()
                .favours(cues.getFirst().weight(), cues.getFirst().reason());
        return Optional.of(judged(s, s, s, judgement));
    }

    private Finding judged(Sentence worded, Sentence carrier, Sentence proposal, Judgement judgement) {
        judgement.against(AGAINST, carrier.plain());
        Set<String> assented = new LinkedHashSet<>();
        Set<String> objected = new LinkedHashSet<>();
        List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(carrier)));
        if (proposal != null && proposal != carrier) {
            evidence.add(talk.evidence(proposal));
        }
        boolean heard = false;
        boolean noMeansYes = talk.of(carrier.utterance()).stream().anyMatch(Replies::asksForObjections);
        for (int reply : talk.replies(carrier.utterance(), REPLIES_TO_LOOK_AT)) {
            List<Sentence> words = talk.of(reply);
            Person by = talk.speaker(reply);
            if (Replies.assents(words) || noMeansYes && Replies.refuses(words)) {
                heard = true;
                addName(assented, by);
                if (evidence.size() < 4) {
                    evidence.add(talk.evidence(words.getFirst()));
                }
            } else if (Replies.refuses(words) && !talk.isAskedBetween(carrier.utterance(), reply)) {
                addName(objected, by);
                judgement.against(0.3, "somebody objected");
                break;
            }
        }
        if (heard) {
            judgement.favours(0.35, "assented to");
        } else if (carrier.isQuestion() && carrier != proposal) {
            judgement.against(0.35, "put as a question");
        }
        Person proposer = proposal == null ? carrier.speaker() : proposal.speaker();
        Standing standing = !objected.isEmpty()
                ? Standing.CONTESTED
                : proposal != null && proposal.utterance() < carrier.utterance() - 2
                        ? Standing.AGREED
                        : Standing.UNOPPOSED;
        Finding.Backing backing = new Finding.Backing(
                proposer == null ? null : proposer.name(), List.copyOf(assented), List.copyOf(objected), standing);
        return new Finding(
                Kind.DECISION,
                worded.text(),
                null,
                worded.speaker(),
                null,
                null,
                null,
                backing,
                judgement.certainty(),
                judgement.reasons(),
                evidence);
    }

    private static void addName(Set<String> names, Person person) {
        if (Objects.nonNull(person)) {
            names.add(person.name());
        }
    }

    private Sentence proposalBefore(Sentence s) {
        for (int i = s.index() - 1; i >= Math.max(0, s.index() - SENTENCES_BACK_TO_A_PROPOSAL); i--) {
            Sentence earlier = talk.sentences().get(i);
            boolean related = s.isThin() || earlier.content().stream().anyMatch(s.content()::contains);
            if (!earlier.isBare() && related && PROPOSED.matches(earlier.plain())) {
                return earlier;
            }
        }
        return null;
    }
}
