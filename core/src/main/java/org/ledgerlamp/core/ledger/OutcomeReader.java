package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.ledger.TalkIndex.Place;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.time.Calendar;
import org.ledgerlamp.core.time.SpokenDates;

/**
 * Reads what was said of an action where a meeting comes back to it: in the sentence itself, in the rest of the passage, or,
 * where that only asks, in the reply.
 */
final class OutcomeReader {
    private static final Pattern DROPPED = phrases(
            """
            (?:we'll |we |i'll |i |let's |just |then )?(?:drop|scrap|forget|bin|abandon|cancel)(?:ped|ned|led|ed)? (?:it|that|them|the \\w+|this)
            |never mind|no point(?: in)?|not going to (?:finish|do|bother|happen|look at)|not doing (?:it|that|them)
            |don't (?:bother|need (?:it|that|them)) (?:any ?more|now)?|no longer (?:need|want|look|going)\\w*|not any ?more
            |we're mad to|won't (?:happen|be doing|bother)|(?:i'm|we're|we are) not (?:going to|doing|chasing|looking)
            |doesn't matter (?:any ?more|now)|overtaken|(?:leave|left) it (?:behind|at that|there|be)|called off|gave up|given up""");
    private static final Pattern NOT_YET = phrases(
            """
            (?:have|has|did|is|was|are|were|do|does)(?:n't|nae| not) (?:been |had |got |done |a chance|yet|quite|finished|heard|touched|written|sent|started|come|arrived|answered|rung|looked)\\w*
            |havenae|(?:it|that|they) (?:is|are)n't(?: done)?|isn't done|not (?:yet|done|finished|ready|there yet|started)|still (?:not|to do|to come|waiting|outstanding|have to|need|chasing|open)
            |(?:i've|i have|we've) been (?:asking|chasing|waiting|trying)|no (?:news|word|answer|reply|sign)(?: yet)?|nothing (?:yet|back)|can't get (?:through|hold)
            |has any(?:body|one) (?:seen|had|heard)|(?:i'm|we're|it's|it is|running) (?:\\w+ )?(?:late|behind)|nobody(?:'s|'d| has)? \\w+ (?:it|that)
            |i(?:'ll| will) (?:have|do|finish|get|chase|write|send|ring|ask|try|put|book)|will be (?:done|ready|finished|there|in)|it'll be (?:done|ready|in)|to be done by|needs? (?:another|more)
            |(?:was|were|am|is|are) (?:meant|supposed) to|was going to|were going to|(?:was|were) to be (?:\\w+ ){1,3}by
            |(?:you'll|he'll|she'll|they'll) have (?:it|them|that)|going to (?:do|be|have)|haven't""");
    private static final Pattern PARTLY = phrases(
            """
            half (?:of|a|done|the|way|story)\\w*|some of (?:it|them)|most of (?:it|them)|(?:\\w+) out of (?:\\w+)|(?:one|two|three|four|five|six) of (?:the |them|those)\\w*
            |(?:i've|we've|i|we) (?:made a start|started)|part of it|partly|(?:two|three|one|four|five) to go|not all of|the rest|still (?:one|two|three|four|five)""");
    private static final Pattern DONE = phrases(
            """
            done|finished|sorted|complete(?:d)?|signed|sent|(?:it|they|that|which|\\w+) went (?:in|off|out|round|on|up|well|to)|(?:it|they|that) (?:came|arrived)|came (?:on|in|back|through|last)|arrived
            |(?:i|we|he|she|they|\\p{Lu}\\w+) (?:rang|wrote|spoke|booked|bought|ordered|paid|measured|found|fixed|told|asked|did|got|saw|met|took|moved|made|put|gave|sold|submitted|arranged|engaged|finished|signed|sent|brought|built|drew|filed|checked|counted|printed|rung|posted|emailed|phoned|called|agreed)
            |(?:i've|we've|he's|she's|they've|have|has|i have|we have|we've had|i've had|we've all had|all had) (?:now |already |just |all |since )?(?:got|had|done|sent|written|booked|bought|rung|found|seen|paid|ordered|fixed|measured|spoken|asked|told|moved|made|put|signed|finished|sold|heard|met|taken|your)
            |(?:is|are|it's|they're|'s) (?:in|up|out|fitted|installed|done|signed|booked|ready|sorted|finished|back|official|clean)|(?:in place|all set|ticked off|taken care of)|got (?:it|one|the|them|a|its|back)|said (?:yes|no)|heard back|answered|ours|the price|fitted|had their""");
    private static final Pattern HANDED = phrases(
            """
            (?:took|taken|taking|take|takes) (?:it|that|this|them) (?:over|on)|hand(?:ed|ing)? (?:it|that|this|them|the \\w+(?: \\w+)?)?(?: over)? ?to|(?:dropping|putting|leaving) (?:it|that|this) (?:on|with|to)
            |would you (?:take|do|have) (?:it|that|this)|you have it now|it's yours|(?:has|have) (?:it|that) now|instead of me|over to you""");
    /** A matter called up, which somebody then tells of: "And the skip." */
    private static final Pattern CALL = Pattern.compile("^(?:\\S+\\s+){0,4}\\S+$");

    private static final Pattern QUESTION = Pattern.compile("\\?\\s*$");

    private final TalkIndex index;
    private final Calendar calendar;
    private final Mentions mentions;

    OutcomeReader(FiledMeeting meeting, TalkIndex index) {
        this.index = index;
        this.calendar = new Calendar(meeting.date(), null);
        this.mentions = new Mentions(new Roster(meeting.people().stream()
                .map(name -> new Person(name, null, null, List.of()))
                .toList()));
    }

    private static Pattern phrases(String any) {
        return Phrases.any("(?<![\\p{L}\\p{N}'])", any, "(?![\\p{L}\\p{N}'])");
    }

    /** What is said of an action at a place. */
    Recall recall(OpenAction action, Place place, double strength) {
        int n = place.said().n();
        List<String> telling = telling(place);
        Outcome outcome = Outcome.SPOKEN_OF;
        String words = place.said().text();
        boolean answered = false;
        for (String part : telling) {
            outcome = of(part, action.subject().own());
            if (outcome != Outcome.SPOKEN_OF) {
                words = part;
                answered = n + 1 < index.size() && part.equals(index.said(n + 1).text());
                break;
            }
        }
        boolean later = outcome == Outcome.SLIPPED || outcome == Outcome.PARTLY;
        LocalDate due = later
                ? telling.stream()
                        .flatMap(part -> dayAfter(part).stream())
                        .findFirst()
                        .orElse(null)
                : null;
        String owner =
                outcome == Outcome.HANDED_OVER ? named(words, action.line().owner()) : null;
        return new Recall(action, n, place.span(), place.sentence(), answered, strength, outcome, due, owner);
    }

    /** Where to look for what became of it, the likeliest words first. */
    private List<String> telling(Place place) {
        String all = place.said().text();
        String before = all.substring(0, place.span().start());
        String after = all.substring(place.span().end());
        int n = place.said().n();
        String reply = n + 1 < index.size() ? index.said(n + 1).text() : "";
        boolean asks =
                QUESTION.matcher(all).find() || CALL.matcher(place.sentence()).find();
        return asks ? List.of(after, reply, place.sentence(), before) : List.of(place.sentence(), after, before, reply);
    }

    private static Outcome of(String words, Set<String> deed) {
        String plain = words.replace('’', '\'');
        if (DROPPED.matcher(plain).find()) {
            return Outcome.DROPPED;
        }
        if (HANDED.matcher(plain).find()) {
            return Outcome.HANDED_OVER;
        }
        if (PARTLY.matcher(plain).find()) {
            return Outcome.PARTLY;
        }
        if (NOT_YET.matcher(plain).find()) {
            return Outcome.SLIPPED;
        }
        return DONE.matcher(plain).find() || isDone(plain, deed) ? Outcome.DONE : Outcome.SPOKEN_OF;
    }

    /** Whether the deed itself is told as done: "mended" of what somebody was to mend. */
    private static boolean isDone(String words, Set<String> deed) {
        return Words.tokens(words).stream()
                .anyMatch(token -> token.endsWith("ed") && deed.contains(Stems.ofWord(token)));
    }

    private Optional<LocalDate> dayAfter(String words) {
        return SpokenDates.in(words, calendar).stream()
                .map(d -> d.date())
                .filter(d -> d != null && d.isAfter(calendar.today()))
                .max(Comparator.naturalOrder());
    }

    private String named(String words, String owner) {
        return mentions.in(words).stream()
                .map(m -> m.person().name())
                .filter(name -> !name.equals(owner))
                .findFirst()
                .orElse(null);
    }
}
