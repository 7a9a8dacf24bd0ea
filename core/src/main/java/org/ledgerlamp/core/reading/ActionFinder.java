package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;

/**
 * Finds what somebody is to do after the meeting: promised in the first person, requested and accepted, assigned by
 * name, or wanted with no taker.
 */
final class ActionFinder {
    private static final Pattern THIRD_WILL = Pattern.compile(
            "^(?:'s)?,?\\s*(?:and\\s+\\S+\\s+)?(?:(?:will|'ll|is going to|is to|are to|can|could|should|has to|needs to|must|'s going to|'s to|to)\\s+(?:also\\s+|just\\s+)?"
                    + Deeds.VERB + ")\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern VIA = Pattern.compile("(?:get|have|let|want|need)\\s+$", Pattern.CASE_INSENSITIVE);
    private static final Pattern ASKED_TO = Pattern.compile("(?:ask|tell|remind)\\s+$", Pattern.CASE_INSENSITIVE);
    private static final Pattern MODAL =
            Pattern.compile("(?<![\\p{L}'])(?:can|could|would|will|should)\\s+$", Pattern.CASE_INSENSITIVE);
    private static final Pattern IMPERATIVE =
            Pattern.compile("^,?\\s*(?:please\\s+|just\\s+|then\\s+)?" + Deeds.VERB + "\\b", Pattern.CASE_INSENSITIVE);
    private static final int REPLIES_TO_LOOK_AT = 2;

    private final Talk talk;

    ActionFinder(Talk talk) {
        this.talk = talk;
    }

    List<Finding> find() {
        List<Finding> found = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            if (Deeds.isWithinTheMeeting(s.plain())) {
                continue;
            }
            claimed(s).filter(f -> f.certainty() >= Thresholds.WORTH_KEEPING).ifPresent(found::add);
        }
        return found;
    }

    /** Whether somebody is wanted and nobody has come forward, so that another's promise close by is another matter. */
    static boolean isForTheTaking(Finding action) {
        String plain = action.said().toLowerCase(Locale.ROOT).replace('’', '\'');
        return action.owner() == null && ActionCues.WANTED.matches(plain) && !plain.startsWith("we ");
    }

    private Optional<Finding> claimed(Sentence s) {
        return best(promised(s), requested(s), assigned(s), wanted(s)).map(f -> forAnother(s, f));
    }

    /** Who says that somebody else is to, or that "you" will have it, does not promise their own and does: the owner set right. */
    private Finding forAnother(Sentence s, Finding found) {
        Person owner = Handovers.ownerIn(s, talk);
        return owner == null || owner.equals(found.owner())
                ? found
                : found.with(found.about(), owner, found.due(), found.certainty(), found.reasons(), found.evidence());
    }

    /** What is to be done by {@code s}, taken that something is. */
    Finding told(Sentence s) {
        return claimed(s).orElseGet(() -> {
            Judgement judgement = new Judgement();
            List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(s)));
            Person owner = new ActionOwner(talk).of(s, evidence);
            hearDate(s, judgement, evidence);
            return finding(s, s, owner, null, judgement, evidence);
        });
    }

    @SafeVarargs
    private static Optional<Finding> best(Optional<Finding>... readings) {
        Finding best = null;
        for (Optional<Finding> reading : readings) {
            if (reading.isPresent() && (best == null || reading.get().certainty() > best.certainty())) {
                best = reading.get();
            }
        }
        return Optional.ofNullable(best);
    }

    private Optional<Finding> promised(Sentence s) {
        List<RuleSet.Rule> cues = ActionCues.PROMISE.match(s.plain());
        if (cues.isEmpty() || s.isQuestion() && !s.plain().matches(".*(?:shall i|will i|should i).*")) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement()
                .favours(cues.getFirst().weight(), cues.getFirst().rationale());
        judgement.against(ActionCues.AGAINST, s.plain());
        List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(s)));
        Sentence asked = requestBefore(s);
        if (asked != null) {
            judgement.favours(0.35, "it was asked for");
            evidence.add(talk.evidence(asked));
        }
        if (thanked(s)) {
            judgement.favours(0.25, "taken with thanks");
        }
        Sentence source = s;
        if (s.isThin()) {
            Sentence context = asked != null ? asked : matterBefore(s);
            if (context == null) {
                judgement.against(0.6, "it is not clear what");
            } else {
                source = context;
                if (asked == null) {
                    evidence.add(talk.evidence(context));
                }
            }
        }
        hearDate(s, judgement, evidence);
        Person asker = asked == null ? null : asked.speaker();
        return Optional.of(finding(source, s, s.speaker(), source == s ? asker : null, judgement, evidence));
    }

    private Optional<Finding> requested(Sentence s) {
        List<RuleSet.Rule> cues = ActionCues.REQUEST.match(s.plain());
        if (cues.isEmpty()) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement()
                .favours(cues.getFirst().weight(), cues.getFirst().rationale());
        judgement.against(ActionCues.AGAINST, s.plain());
        List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(s)));
        Person addressee = Calls.addressee(s);
        if (addressee != null) {
            judgement.favours(0.15, "addressed by name");
        }
        List<Integer> replies = talk.replies(s.utterance(), REPLIES_TO_LOOK_AT);
        boolean answered = false;
        for (int reply : replies) {
            List<Sentence> words = talk.of(reply);
            boolean byAddressee = addressee == null || addressee.equals(talk.speaker(reply));
            if (words.isEmpty() || !byAddressee || answered) {
                continue;
            }
            answered = true;
            if (Replies.refuses(words)) {
                judgement.against(0.8, "refused");
            } else if (Replies.assents(words)
                    || words.stream().limit(3).anyMatch(w -> ActionCues.PROMISE.matches(w.plain()))) {
                judgement.favours(0.45, "accepted");
                addressee = addressee == null ? talk.speaker(reply) : addressee;
                evidence.add(talk.evidence(words.getFirst()));
            }
        }
        hearDate(s, judgement, evidence);
        return Optional.of(finding(s, s, addressee, addressee, judgement, evidence));
    }

    private Optional<Finding> assigned(Sentence s) {
        if (s.isQuestion() && !s.plain().matches("(?:.*\\b)?(?:can|could|would|will) .*")) {
            return Optional.empty();
        }
        for (Mention mention : s.mentions()) {
            String before = s.text().substring(0, mention.start());
            String after = s.text().substring(mention.end());
            Judgement judgement = new Judgement();
            boolean via = VIA.matcher(before).find() && after.matches("(?is)^\\s+(?:to\\s+)?\\S.*")
                    || ASKED_TO.matcher(before).find() && after.matches("(?is)^\\s+to\\s+\\S.*");
            if (via
                    || MODAL.matcher(before).find()
                            && after.matches("(?is)^\\s+(?:\\p{L}+\\s+)?" + Deeds.VERB + "\\b.*")) {
                judgement.favours(0.45, "assigned by name");
            } else if (THIRD_WILL.matcher(after).find()) {
                judgement.favours(0.5, "said of a named person");
            } else if (before.isBlank() && IMPERATIVE.matcher(after).find() && after.startsWith(",")) {
                judgement.favours(0.5, "addressed by name");
            } else {
                continue;
            }
            judgement.against(ActionCues.AGAINST, s.plain());
            List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(s)));
            for (int reply : talk.replies(s.utterance(), 1)) {
                if (Replies.assents(talk.of(reply))) {
                    judgement.favours(0.25, "nobody minded");
                    evidence.add(talk.evidence(talk.of(reply).getFirst()));
                } else if (Replies.refuses(talk.of(reply))) {
                    judgement.against(0.5, "it was objected to");
                }
            }
            hearDate(s, judgement, evidence);
            return Optional.of(finding(s, s, mention.person(), null, judgement, evidence));
        }
        return Optional.empty();
    }

    private Optional<Finding> wanted(Sentence s) {
        List<RuleSet.Rule> cues = ActionCues.WANTED.match(s.plain());
        if (cues.isEmpty() || s.isQuestion()) {
            return Optional.empty();
        }
        Judgement judgement = new Judgement()
                .favours(cues.getFirst().weight(), cues.getFirst().rationale());
        judgement.against(ActionCues.AGAINST, s.plain());
        List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(s)));
        Person taker = null;
        for (int reply : talk.replies(s.utterance(), REPLIES_TO_LOOK_AT)) {
            for (Sentence r : talk.of(reply).stream().limit(2).toList()) {
                boolean ofIt = r.isThin() || r.content().stream().anyMatch(s.content()::contains);
                if (taker == null
                        && ofIt
                        && ActionCues.PROMISE.matches(r.plain())
                        && !Deeds.isWithinTheMeeting(r.plain())) {
                    taker = r.speaker();
                    judgement.favours(0.5, "taken up");
                    evidence.add(talk.evidence(r));
                }
            }
        }
        hearDate(s, judgement, evidence);
        return Optional.of(finding(s, s, taker, null, judgement, evidence));
    }

    private Finding finding(
            Sentence worded,
            Sentence carrier,
            Person owner,
            Person addressee,
            Judgement judgement,
            List<Evidence> evidence) {
        Person addressed = addressee != null ? addressee : Calls.addressee(carrier);
        // "I'll book it" says what is done and the words before it to what; "leave it with me" says neither.
        boolean pointsBack =
                worded != carrier && Deeds.namesADeed(carrier.plain()) && !ActionCues.REQUEST.matches(worded.plain());
        Sentence told = pointsBack || isPromisedByAnother(worded, carrier) ? carrier : worded;
        return new Finding(
                Kind.ACTION,
                told.text(),
                pointsBack && !worded.isInFirstPerson() ? worded.text() : null,
                told.speaker(),
                addressed,
                owner,
                null,
                null,
                judgement.certainty(),
                judgement.reasons(),
                evidence);
    }

    /** "I'll pay it then." "I'll send it again.": what one takes on is not what the other has to do. */
    private static boolean isPromisedByAnother(Sentence before, Sentence carrier) {
        return before.speaker() != null
                && !before.speaker().equals(carrier.speaker())
                && ActionCues.PROMISE.matches(before.plain())
                && !ActionCues.REQUEST.matches(before.plain());
    }

    /** A date said with the deed, in its sentence or in the next one of the same breath, makes it likelier. */
    private void hearDate(Sentence s, Judgement judgement, List<Evidence> evidence) {
        if (s.dates().isEmpty()) {
            Sentence next = talk.after(s);
            boolean sameBreath = next != null
                    && next.utterance() == s.utterance()
                    && !next.dates().isEmpty()
                    && (next.isThin()
                            || next.plain().matches("(?:.*\\b)?(?:have (?:it|that|them)|by|done|for)\\b.*")
                                    && ActionCues.PROMISE.matches(next.plain()));
            if (!sameBreath) {
                return;
            }
            evidence.add(talk.evidence(next));
        }
        judgement.favours(0.3, "date said");
    }

    private Sentence requestBefore(Sentence s) {
        if (s.utterance() == 0 || !talk.differ(s.utterance() - 1, s.utterance())) {
            return null;
        }
        List<Sentence> earlier = talk.of(s.utterance() - 1);
        for (Sentence e : earlier.reversed()) {
            boolean asks = ActionCues.REQUEST.matches(e.plain())
                    || ActionCues.WANTED.matches(e.plain())
                    || e.plain().matches("who(?:'s| is|'ll| can| will|'d)? .*");
            if (asks && !Deeds.isWithinTheMeeting(e.plain())) {
                return e;
            }
        }
        return null;
    }

    /** What the talk was about when somebody says "leave it with me": the last full sentence before. */
    private Sentence matterBefore(Sentence s) {
        for (int i = s.index() - 1; i >= Math.max(0, s.index() - 4); i--) {
            Sentence earlier = talk.sentences().get(i);
            if (!earlier.isThin()) {
                return earlier;
            }
        }
        return null;
    }

    private boolean thanked(Sentence s) {
        List<Sentence> rest = talk.of(s.utterance());
        boolean last = rest.getLast().index() - s.index() <= 1;
        return last
                && talk.replies(s.utterance(), 1).stream()
                        .map(talk::of)
                        .anyMatch(reply -> !reply.isEmpty()
                                && (Replies.thanks(reply.getFirst()) || Replies.assents(reply.getFirst())));
    }
}
