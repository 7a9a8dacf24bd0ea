package org.ledgerlamp.core.reading;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * Finds the date said for an action: with the deed itself, right after it in the same breath or in the answer ("By
 * Friday?"), or with what else was said of it close by. A recap far off corrects it.
 */
final class DueDates {
    private static final Pattern CLAUSE_HEAD = Pattern.compile("(?:^|[,;:.(]|\\band)\\s*$", Pattern.CASE_INSENSITIVE);

    private static final int CLOSE = 2;
    private static final int FAR = 4;
    private static final int WORDS_OF_A_BARE_DATE = 8;
    /** "Tuesday works." */
    private static final Pattern AGREED_DAY =
            Pattern.compile("^(?:\\S+ ){1,4}(?:works|suits|is fine|is good|would do|it is)\\b");

    /** Sentences after the deed in which its day may still be said. */
    private static final int REACH = 4;

    private static final Pattern WHEN =
            Pattern.compile("(?<![\\p{L}])(?:when(?:'s|'re| is| are)|(?:what|which) (?:day|date)).*\\?$");

    private static final Pattern DEADLINE = Pattern.compile("(?:by|before|until|till)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern ON =
            Pattern.compile("(?:on|for|today|tonight|tomorrow|this)\\b", Pattern.CASE_INSENSITIVE);
    /** From here on a sentence tells of somebody else. */
    private static final Pattern ASIDE =
            Pattern.compile("[,;]\\s+(?:because\\s+|and\\s+)?(?:they|he|she|it|there|we)(?:['’](?:re|s|ll|ve)|\\s)"
                    + "|\\s(?:so\\s+(?:that|it|there|we|they|he|she)|because|cos)(?![\\p{L}])");

    private static final Pattern EVENT = Pattern.compile(
            "[,;]\\s+(?:because\\s+|and\\s+)?(?:there(?:['’](?:s|re)|\\s)|(?:they|he|she|it)(?:['’](?:re|s)|\\s+(?:is|are|was|were|lapses?|opens?|closes?|starts?|begins?|ends?)(?![\\p{L}])))",
            Pattern.CASE_INSENSITIVE);

    /** Behind these a day takes the place of one said before. */
    private static final Pattern CORRECTED = Pattern.compile(
            "[,.;]\\s*(?:so|no|or rather|make (?:it|that)|say)[,\\s]+(?:(?:by|on|for)\\s+)?(?=\\p{Lu})");

    private static final Pattern PROMISE = Pattern.compile(
            "(?<![\\p{L}'’])(?:I(?:['’]ll| can| could| will| shall)|we(?:['’]ll| can| will))(?![\\p{L}])",
            Pattern.CASE_INSENSITIVE);

    /** Somebody else's days. */
    private static final Pattern OF_ANOTHER = Pattern.compile(
            "(?<![\\p{L}'])(?:he|she|they)(?:'ll|'s|'re|'d)? (?:be|is|are|was|were|back|come|comes|off|away)(?![\\p{L}])");

    /** What hangs on something else has no day. */
    private static final Pattern WAITING = Pattern.compile(
            "(?<![\\p{L}'])(?:once|as soon as|when) (?:he|she|they|it|we|i|you|the|his|her|their|that|this|my|our)(?:'\\w+)?(?![\\p{L}])");

    private static final Pattern HAS_TO = Pattern.compile(
            "(?<![\\p{L}'])(?:ha[sd]|have|needs?|must|got|want|wants) (?:to |it |them |got )?|(?<![\\p{L}'])(?:due|deadline|lapses?|runs? out|closes?)(?![\\p{L}])");
    /** A day that is only to be told to somebody. */
    private static final Pattern TOLD = Pattern.compile(
            "(?<![\\p{L}'’])(?:I|we|s?he|they)(?:['’]ll| will)? say\\s+(?:by\\s+)?$", Pattern.CASE_INSENSITIVE);

    private static final Pattern THEN = Pattern.compile(
            "(?<![\\p{L}'])(?:(?:before|by|for|until) then|(?:to|for|at|before|by) that (?:one|meeting)|(?:bring|show|present|take|put) .{1,40} to that(?=[,.;]|$))(?![\\p{L}'])");
    private static final int SENTENCES_BACK = 6;

    private final Talk talk;

    DueDates(Talk talk) {
        this.talk = talk;
    }

    /**
     * The date, or null where none was said.
     *
     * @param carrier the sentence that carries the action
     * @param others what else was said of it
     * @param owner who is to do it, or null
     */
    SpokenDate of(Sentence carrier, List<Sentence> others, Person owner) {
        SpokenDate recapped = others.stream()
                .filter(s -> s.utterance() - carrier.utterance() > FAR
                        && s.dates().stream().anyMatch(d -> d.date() != null))
                .reduce((earlier, later) -> later)
                .map(s -> in(s, carrier.content()))
                .orElse(null);
        SpokenDate own = in(carrier, Set.of());
        if (recapped != null) {
            return isVaguer(recapped, own) ? own : recapped;
        }
        List<SpokenDate> behind = talk.source().isNotes() ? behindName(owner, carrier) : List.of();
        if (!behind.isEmpty()) {
            return behind.getFirst();
        }
        List<SpokenDate> ownersDates =
                carrier.dates().stream().filter(d -> isOf(owner, d, carrier)).toList();
        if (ownersDates.size() < carrier.dates().size() && (talk.source().isNotes() || !ownersDates.isEmpty())) {
            return ownersDates.isEmpty() ? null : ownersDates.getFirst();
        }
        if (own != null && own.date() != null || talk.source().isNotes()) {
            return own;
        }
        if (THEN.matcher(carrier.plain()).find()) {
            return then(carrier);
        }
        for (Sentence next : inTheSameBreath(carrier)) {
            if (!next.dates().isEmpty()) {
                return in(next, carrier.content());
            }
        }
        Sentence before = talk.before(carrier);
        if (before != null
                && before.utterance() == carrier.utterance()
                && AGREED_DAY.matcher(before.plain()).find()
                && !before.dates().isEmpty()) {
            return in(before, Set.of());
        }
        boolean waiting = WAITING.matcher(carrier.plain()).find();
        return others.stream()
                .filter(s -> !s.dates().isEmpty()
                        && isOfThePromise(s, carrier)
                        && (!waiting || sharesContent(s, carrier))
                        && (s.index() > carrier.index()
                                ? s.utterance() - carrier.utterance() <= FAR
                                : carrier.utterance() - s.utterance() <= CLOSE && leadsTo(s, carrier)))
                .min(Comparator.comparing((Sentence s) -> !sharesContent(s, carrier))
                        .thenComparingInt(s -> Math.abs(s.index() - carrier.index())))
                .map(s -> in(s, carrier.content()))
                .or(() -> deadlineBefore(carrier))
                .orElse(own);
    }

    /** Whether a sentence close by may say by when: the same speaker's, a request, or hardly more than a date in answer. */
    private static boolean isOfThePromise(Sentence s, Sentence carrier) {
        return s.speaker() == null
                || s.speaker().equals(carrier.speaker())
                || s.isQuestion()
                || ActionCues.REQUEST.matches(s.plain())
                || ActionCues.WANTED.matches(s.plain())
                || s.plain().split("\\s+").length <= WORDS_OF_A_BARE_DATE;
    }

    /** "The claim has to be in by the thirty-first": a deadline said just before of what the deed is about. */
    private Optional<SpokenDate> deadlineBefore(Sentence carrier) {
        for (int i = carrier.index() - 1; i >= Math.max(0, carrier.index() - SENTENCES_BACK); i--) {
            Sentence s = talk.sentences().get(i);
            if (carrier.utterance() - s.utterance() <= CLOSE && sharesContent(s, carrier) && !s.isQuestion()) {
                Optional<SpokenDate> deadline = s.dates().stream()
                        .filter(d -> d.date() != null && isDeadline(d))
                        .findFirst();
                if (deadline.isPresent() && HAS_TO.matcher(s.plain()).find()) {
                    return deadline;
                }
            }
        }
        return Optional.empty();
    }

    /** The dates behind the owner's name, where it heads a clause in the middle: "free concert on the third, MK to reply by Friday". */
    private static List<SpokenDate> behindName(Person owner, Sentence s) {
        return s.mentions().stream()
                .filter(m -> m.person().equals(owner)
                        && m.start() > 0
                        && CLAUSE_HEAD.matcher(s.text().substring(0, m.start())).find())
                .findFirst()
                .map(m -> s.dates().stream()
                        .filter(d -> d.start() >= m.end() && isOf(owner, d, s))
                        .toList())
                .orElse(List.of());
    }

    /** Whether a date is {@code owner}'s where a sentence tells several people what to do: the last one told before it. */
    private static boolean isOf(Person owner, SpokenDate date, Sentence s) {
        List<Mention> told = s.mentions().stream()
                .filter(m ->
                        CLAUSE_HEAD.matcher(s.text().substring(0, m.start())).find())
                .toList();
        return told.stream().noneMatch(m -> m.person().equals(owner))
                || told.stream()
                        .filter(m -> m.end() <= date.start())
                        .reduce((a, b) -> b)
                        .map(m -> m.person().equals(owner))
                        .orElse(true);
    }

    /** Whether {@code earlier} may say by when: unless it promises something else by then. */
    private static boolean leadsTo(Sentence earlier, Sentence carrier) {
        boolean ofAnother = ActionCues.PROMISE.matches(earlier.plain())
                || OF_ANOTHER.matcher(earlier.plain()).find();
        return !ofAnother || sharesContent(earlier, carrier);
    }

    private static boolean sharesContent(Sentence a, Sentence b) {
        return a.content().stream().anyMatch(b.content()::contains);
    }

    /** Whether what is said again names only the week of the day that was said before. */
    static boolean isVaguer(SpokenDate again, SpokenDate said) {
        return said != null
                && said.date() != null
                && again.date() != null
                && again.words().endsWith("week")
                && said.date().with(DayOfWeek.MONDAY).equals(again.date().with(DayOfWeek.MONDAY));
    }

    /** Whether two sentences each name a day of their own, and not the same. */
    static boolean nameDifferentDays(Sentence a, Sentence b) {
        SpokenDate first = in(a, Set.of());
        SpokenDate second = in(b, Set.of());
        return first != null
                && second != null
                && first.date() != null
                && second.date() != null
                && !first.date().equals(second.date());
    }

    /** What "then" means: the day named last before, or null where none is near. */
    private SpokenDate then(Sentence carrier) {
        for (int i = carrier.index() - 1; i >= Math.max(0, carrier.index() - SENTENCES_BACK); i--) {
            List<SpokenDate> named = talk.sentences().get(i).dates();
            if (!named.isEmpty()) {
                return named.getLast();
            }
        }
        return null;
    }

    /** What follows at once and says little more than a date: of the speaker, or of those who answer. */
    private List<Sentence> inTheSameBreath(Sentence carrier) {
        List<Sentence> following = new ArrayList<>();
        List<Sentence> all = talk.sentences();
        for (int i = carrier.index() + 1; i < Math.min(all.size(), carrier.index() + REACH); i++) {
            Sentence s = all.get(i);
            boolean answersWhen = WHEN.matcher(all.get(i - 1).plain()).find();
            if (s.utterance() - carrier.utterance() > (answersWhen ? CLOSE + 1 : CLOSE)) {
                continue;
            }
            boolean bare = s.plain().split("\\s+").length <= WORDS_OF_A_BARE_DATE;
            boolean sameTurn = s.utterance() == carrier.utterance();
            if (bare
                    || sameTurn
                            && s.dates().stream()
                                    .anyMatch(d -> isDeadline(d)
                                            || ON.matcher(d.words()).lookingAt())) {
                following.add(s);
            }
        }
        return following;
    }

    /**
     * Of the dates in a sentence, if any, the one it is to be done by: a deadline before a day, and what stands with the deed
     * before what is added about somebody else.
     */
    private static SpokenDate in(Sentence s, Set<String> matter) {
        if (s.dates().isEmpty()) {
            return null;
        }
        List<DeedList.Deed> deeds = DeedList.of(s);
        if (!deeds.isEmpty() && !matter.isEmpty()) {
            return deeds.stream()
                    .max(Comparator.comparingLong((DeedList.Deed d) -> Words.content(d.words()).stream()
                            .filter(matter::contains)
                            .count()))
                    .orElseThrow()
                    .due();
        }
        Matcher aside = ASIDE.matcher(s.text());
        int end = aside.find() ? aside.start() : s.text().length();
        Matcher corrected = CORRECTED.matcher(s.text());
        int correction = corrected.find() ? corrected.end() : -1;
        Matcher promise = PROMISE.matcher(s.text());
        int deed = promise.find() ? promise.start() : 0;
        return s.dates().stream()
                .filter(d -> !TOLD.matcher(s.text().substring(0, d.start())).find())
                .filter(d -> d.start() < end || !isOfAnEvent(s.text().substring(end)))
                .min(Comparator.comparing((SpokenDate d) -> d.date() == null)
                        .thenComparing(d -> d.start() != correction)
                        .thenComparing(d -> d.start() < deed)
                        .thenComparing(d -> d.start() >= end)
                        .thenComparing(d -> !isDeadline(d))
                        .thenComparing(d -> !ON.matcher(d.words()).lookingAt())
                        .thenComparingInt(SpokenDate::start))
                .orElse(null);
    }

    /** "I can book him a test, there's a slot on the nineteenth": the day of something else. */
    private static boolean isOfAnEvent(String aside) {
        return EVENT.matcher(aside).lookingAt();
    }

    private static boolean isDeadline(SpokenDate date) {
        return DEADLINE.matcher(date.words()).lookingAt();
    }
}
