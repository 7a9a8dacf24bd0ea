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
    private static final RuleSet SETTLED = RuleSet.named("decision.settled");
    private static final RuleSet PROPOSED = RuleSet.named("decision.proposed");
    private static final RuleSet AGAINST = RuleSet.named("decision.against");
    private static final RuleSet OBJECTED = RuleSet.named("decision.objected");
    private static final int REPLIES_TO_LOOK_AT = 4;
    /** Turns in which somebody may still say that they stand against it. */
    private static final int TURNS_TO_OBJECT = 8;

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
        List<RuleSet.Rule> cues = SETTLED.match(s.plain());
        if (cues.isEmpty() || s.isQuestion() && cues.getFirst().weight() < 0.35) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement();
        cues.stream()
                .limit(2)
                .forEach(c -> judgement.favours(c.weight() * (cues.indexOf(c) == 0 ? 1 : 0.5), c.rationale()));
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
        List<RuleSet.Rule> cues = PROPOSED.match(s.plain());
        if (cues.isEmpty() || s.isBare()) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement()
                .favours(cues.getFirst().weight(), cues.getFirst().rationale());
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
        objected.addAll(objectors(carrier));
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

    /** Who says outright to be against it, or wants that noted, whatever was said between. */
    private Set<String> objectors(Sentence carrier) {
        Set<String> names = new LinkedHashSet<>();
        for (int reply : talk.replies(carrier.utterance(), TURNS_TO_OBJECT)) {
            if (talk.of(reply).stream().anyMatch(s -> OBJECTED.matches(s.plain()))) {
                addName(names, talk.speaker(reply));
            }
        }
        return names;
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
