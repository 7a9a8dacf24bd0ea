package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * Makes findings of sentences that were weighed: sentences close by that speak of one matter are one finding, and so is
 * what a recap repeats far off; the likeliest sentence carries it, the rules say who and when.
 */
final class FindingAssembler {
    private static final List<Kind> GATHERED =
            List.of(Kind.DECISION, Kind.ACTION, Kind.QUESTION, Kind.RISK, Kind.HIGHLIGHT, Kind.LOWLIGHT);

    private static final int MOST_EVIDENCE = 5;
    /** What is left of the probabilities of a sentence that the rules speak against. */
    private static final double RULED_OUT = 0.6;

    /** What is taken back later is offered at most. */
    private static final double TAKEN_BACK = 0.4;

    private static final double NEARLY_AS_LIKELY = 0.5;
    private static final double TELLING = 0.3;
    private static final int AROUND = 4;
    /** How likely, beside the carrier, a sentence around it must be to be shown as what the finding rests on. */
    private static final double BELONGING = 0.08;

    private static final double SAME_AGAIN = 0.5;
    private static final int FEWEST_NEW_WORDS = 2;

    private final Talk talk;
    private final double[][] probabilities;
    private final Map<Kind, Map<Integer, Finding>> claimed = new HashMap<>();
    private final Map<Integer, Finding> marked = new TreeMap<>();
    private final OneMatter oneMatter;
    private final DecisionFinder decisions;
    private final ActionFinder actions;
    private final DueDates dueDates;
    private final OpenOwner openOwner;
    private final OwnerByCall ownerByCall;

    /**
     * @param claims what the rules found
     * @param probabilities how likely each carries each kind, see {@link SentenceClassifier#probabilities}
     */
    FindingAssembler(Talk talk, List<Finding> claims, double[][] probabilities) {
        this.talk = talk;
        this.probabilities = probabilities;
        this.oneMatter = new OneMatter(talk, this::claim);
        this.decisions = new DecisionFinder(talk);
        this.actions = new ActionFinder(talk);
        this.dueDates = new DueDates(talk);
        this.openOwner = new OpenOwner(talk);
        this.ownerByCall = new OwnerByCall(talk);
        for (Finding claim : claims) {
            if (claim.certainty() >= NotesFinder.MARKED) {
                marked.put(claim.utterance(), claim);
            }
            claimed.computeIfAbsent(claim.kind(), k -> new HashMap<>())
                    .merge(
                            talk.at(claim.evidence().getFirst()).index(),
                            claim,
                            (a, b) -> b.certainty() > a.certainty() ? b : a);
        }
    }

    /** Sentences of one matter by index, the likeliest first, and what they say. */
    private static final class Group {
        private final List<Integer> members = new ArrayList<>();
        private Finding finding;

        Group(int carrier, Finding finding) {
            members.add(carrier);
            this.finding = finding;
        }
    }

    /** The findings of the talk, kind by kind; lines of notes with a mark are what their mark says and nothing else. */
    List<Finding> assemble() {
        List<Finding> all = new ArrayList<>(marked.values());
        for (Kind kind : GATHERED) {
            int k = Weights.column(kind);
            double[] ofKind = new double[probabilities.length];
            for (int i = 0; i < probabilities.length; i++) {
                ofKind[i] = probabilities[i][k];
                Finding claim = claim(kind, i);
                if (SpeaksAgainst.it(kind, talk.sentences().get(i), talk)) {
                    ofKind[i] *= RULED_OUT;
                } else if (claim != null && claim.certainty() >= Thresholds.WORTH_OFFERING) {
                    ofKind[i] = Math.max(ofKind[i], Thresholds.gathering(kind));
                }
            }
            all.addAll(ofKind(kind, ofKind));
        }
        return all;
    }

    /** Likelier sentences found groups, and less likely ones join them. */
    private List<Finding> ofKind(Kind kind, double[] probabilities) {
        List<Group> groups = new ArrayList<>();
        IntStream.range(0, probabilities.length)
                .filter(i -> probabilities[i] >= Thresholds.gathering(kind)
                        && !marked.containsKey(talk.sentences().get(i).utterance())
                        && !talk.sentences().get(i).content().isEmpty())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -probabilities[i])
                        .thenComparingInt(i -> i))
                .forEach(i -> {
                    Finding here = finding(kind, i);
                    Group group = groupFor(i, here, groups);
                    if (group == null) {
                        groups.add(new Group(i, here));
                    } else {
                        group.members.add(i);
                        group.finding = joined(group.finding, here);
                    }
                });
        if (kind == Kind.DECISION) {
            groups.forEach(g -> lastStateFirst(g, probabilities));
        }
        if (kind != Kind.ACTION) {
            groups.forEach(g -> claimedFirst(kind, g, probabilities));
        }
        if (kind == Kind.DECISION) {
            Reversals reversals = new Reversals(talk, probabilities.clone());
            groups.stream()
                    .mapToInt(g -> g.members.getFirst())
                    .filter(reversals::takeBack)
                    .forEach(carrier -> probabilities[carrier] *= TAKEN_BACK);
        }
        List<Finding> told = groups.stream().map(g -> told(g, probabilities)).toList();
        return kind == Kind.ACTION ? new Recap(talk).sharedOut(told) : told;
    }

    /** Of what was settled twice close by, the last state counts, where it is nearly as likely as the likeliest. */
    private void lastStateFirst(Group group, double[] probabilities) {
        int likeliest = group.members.getFirst();
        int last = group.members.stream()
                .filter(m -> probabilities[m] >= probabilities[likeliest] * NEARLY_AS_LIKELY)
                .filter(m -> !talk.sentences().get(m).isThin()
                        && !talk.sentences().get(m).isQuestion())
                .max(Comparator.naturalOrder())
                .orElse(likeliest);
        if (last > likeliest) {
            letCarry(Kind.DECISION, last, group);
        }
    }

    /** The sentence says it best that a rule takes for what it is, where it is nearly as likely as the likeliest. */
    private void claimedFirst(Kind kind, Group group, double[] probabilities) {
        int first = group.members.getFirst();
        if (claim(kind, first) != null) {
            return;
        }
        group.members.stream()
                .filter(m -> claim(kind, m) != null && probabilities[m] >= probabilities[first] * NEARLY_AS_LIKELY)
                .findFirst()
                .ifPresent(m -> letCarry(kind, m, group));
    }

    private void letCarry(Kind kind, Integer member, Group group) {
        group.members.remove(member);
        group.members.addFirst(member);
        group.finding = joined(finding(kind, member), group.finding);
    }

    private Group groupFor(int i, Finding here, List<Group> groups) {
        for (Group group : groups) {
            if (sameOwner(group.finding, here) && oneMatter.joins(here.kind(), i, group.members)) {
                return group;
            }
        }
        return null;
    }

    private static boolean sameOwner(Finding a, Finding b) {
        if (a.kind() != Kind.ACTION) {
            return true;
        }
        if (a.owner() == null || b.owner() == null) {
            return a.owner() == b.owner() || !ActionFinder.isForTheTaking(a.owner() == null ? a : b);
        }
        return a.owner().equals(b.owner());
    }

    /** What the rules claim of the sentence, or null. */
    private Finding claim(Kind kind, int i) {
        return claimed.getOrDefault(kind, Map.of()).get(i);
    }

    /** What the rules found at the sentence, or would find if they knew that it carries the kind. */
    private Finding finding(Kind kind, int i) {
        Finding claim = claim(kind, i);
        if (claim != null) {
            return claim;
        }
        Sentence s = talk.sentences().get(i);
        return switch (kind) {
            case DECISION -> decisions.told(s);
            case ACTION -> actions.told(s);
            default -> Finding.told(kind, s, new Judgement(), List.of(talk.evidence(s)));
        };
    }

    private static Finding joined(Finding better, Finding other) {
        Person owner = better.owner() != null ? better.owner() : other.owner();
        Set<Evidence> evidence = new LinkedHashSet<>(better.evidence());
        evidence.addAll(other.evidence());
        Set<String> reasons = new LinkedHashSet<>(better.reasons());
        reasons.addAll(other.reasons());
        return better.with(
                better.about(), owner, better.due(), better.certainty(), List.copyOf(reasons), List.copyOf(evidence));
    }

    private Finding told(Group group, double[] probabilities) {
        int carrier = group.members.getFirst();
        Finding finding = owned(group.finding, talk.sentences().get(carrier));
        Set<Evidence> evidence = new LinkedHashSet<>();
        List<Integer> telling = group.members.stream()
                .filter(m -> probabilities[m] >= probabilities[carrier] * TELLING)
                .filter(m -> m == carrier
                        || finding.kind() != Kind.DECISION
                        || !Features.isOfThePast(talk.sentences().get(m)))
                .limit(MOST_EVIDENCE - 1)
                .toList();
        telling.forEach(m -> evidence.add(talk.evidence(talk.sentences().get(m))));
        evidence.addAll(finding.evidence());
        around(carrier, probabilities)
                .forEach(m -> evidence.add(talk.evidence(talk.sentences().get(m))));
        Sentence before = talk.before(talk.sentences().get(carrier));
        if (before != null && !before.isBare() && evidence.size() < MOST_EVIDENCE) {
            evidence.add(talk.evidence(before));
        }
        return finding.with(
                        finding.about() != null ? finding.about() : matter(finding, telling),
                        finding.owner(),
                        finding.kind() == Kind.ACTION ? dueOf(finding, carrier, telling) : null,
                        finding.certainty(),
                        reasons(finding, carrier),
                        evidence.stream().limit(MOST_EVIDENCE).toList())
                .weighed(probabilities[carrier]);
    }

    /** The sentences around one that likely belong to it, the likeliest first. */
    private Stream<Integer> around(int carrier, double[] probabilities) {
        return IntStream.rangeClosed(
                        Math.max(0, carrier - AROUND), Math.min(probabilities.length - 1, carrier + AROUND))
                .filter(m -> m != carrier && probabilities[m] >= probabilities[carrier] * BELONGING)
                .boxed()
                .sorted(Comparator.comparingDouble(m -> -probabilities[m]));
    }

    private Finding owned(Finding finding, Sentence carrier) {
        if (finding.kind() != Kind.ACTION || finding.owner() != null) {
            return finding;
        }
        return ownerByCall.owned(finding, carrier);
    }

    private List<String> reasons(Finding finding, int carrier) {
        List<String> reasons = new ArrayList<>(finding.reasons());
        if (finding.kind() == Kind.ACTION && finding.owner() == null) {
            openOwner.reason(talk.sentences().get(carrier)).ifPresent(reasons::add);
        }
        return reasons;
    }

    private SpokenDate dueOf(Finding finding, int carrier, List<Integer> telling) {
        if (talk.source().isNotes()) {
            return dueDates.of(talk.sentences().get(carrier), List.of(), finding.owner());
        }
        return dueDates.of(
                talk.sentences().get(carrier),
                telling.stream()
                        .filter(m -> m != carrier)
                        .map(talk.sentences()::get)
                        .toList(),
                finding.owner());
    }

    /** What else is said of the matter: the likeliest other sentence that adds to what carries it, or null. */
    private String matter(Finding finding, List<Integer> telling) {
        Set<String> said = Words.content(finding.said());
        for (int m : telling) {
            Sentence s = talk.sentences().get(m);
            long adds = s.content().stream().filter(w -> !said.contains(w)).count();
            boolean another = adds >= FEWEST_NEW_WORDS && Words.overlap(said, s.content()) < SAME_AGAIN;
            boolean readable = !s.isThin() && (s.speaker() == finding.speaker() || !s.isInFirstPerson());
            if (another && readable) {
                return s.text();
            }
        }
        return null;
    }
}
