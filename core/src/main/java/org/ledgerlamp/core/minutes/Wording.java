package org.ledgerlamp.core.minutes;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.MeetingFacts;

/**
 * Words a line of minutes from what was said: third person, actions with their owner first, decisions with their
 * outcome first. Numbers, names and terms stay exactly as said.
 */
final class Wording {
    private static final Pattern SETTLING = Pattern.compile(
            "^(?:(?:so|then|and|but)\\s+)*(?:let['’]s(?: just)?|shall we(?: just)?|(?:can|could|should) we(?: just)?|why don['’]t we|how about(?: we)?|what (?:about|if)(?: we)?|(?:I (?:think|reckon) )?we(?: should| could| might|['’]ll| will|['’]re going to)(?: just)?|I(?:['’]d| would) (?:say|suggest|propose)(?: that)?(?: we)?|I (?:suggest|propose|move)(?: that)?(?: we)?|my (?:feeling|view|sense|proposal|suggestion) is(?: that)?(?: we)?|the decision is(?: to)?|(?:we['’]ve |we )?(?:agreed|decided)(?: (?:to|that))?[,:]?)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ASKED_ROUND = Pattern.compile(
            "^(?:do (?:we|you)|does (?:anyone|anybody|somebody)) (?:happen to )?know\\s+", Pattern.CASE_INSENSITIVE);
    /** Says before a colon what kind of line follows, which the section says already. */
    private static final Pattern LABEL = Pattern.compile(
            "^(?:(?:just|only) )?(?:(?:one|another|a|an|my|the|some|big|small|more|quick|other|main|only|last|little|bit of|piece of|open) )*(?:worry|concern|fear|risk|danger|question|(?:good |bad )?news|highlight|lowlight)\\s*(?:[:–—]|\\s-)\\s*(?=.)",
            Pattern.CASE_INSENSITIVE);

    /** Fewer words that carry meaning do not tell what a line is about. */
    private static final int TELLING = 3;

    /** With as many, "it" needs no explaining. */
    private static final int CLEAR = 4;

    private static final int MOST_WORDS = 40;
    private static final int MOST_BESIDE = 12;

    private final MeetingFacts meeting;
    private final ThirdPerson person;

    Wording(MeetingFacts meeting) {
        this.meeting = meeting;
        this.person = new ThirdPerson(meeting.roster());
    }

    String of(Finding finding) {
        String said = cleaned(finding.said());
        String about = finding.about() == null ? null : cleaned(finding.about());
        return switch (finding.kind()) {
            case ACTION -> action(finding, said, about);
            case DECISION -> decision(finding, said, about);
            default -> statement(finding, LABEL.matcher(said).replaceFirst(""), about);
        };
    }

    private String cleaned(String said) {
        return Phrases.withoutVocative(Phrases.clean(said), meeting.roster());
    }

    private String action(Finding finding, String said, String about) {
        Person owner = finding.owner();
        boolean bySpeaker = owner != null && owner.equals(finding.speaker());
        String words = said;
        String deed = Deed.in(said, owner, bySpeaker);
        if (deed == null && about != null) {
            deed = Deed.in(about, owner, bySpeaker);
            words = deed == null ? said : about;
        }
        boolean named = owner != null;
        String matter = Deed.alone(deed == null ? words : deed);
        String pointed = pointedOut(matter, words.equals(said) ? about : null);
        String turned = person.turned(pointed, finding.speaker(), named && bySpeaker);
        String text = Phrases.shortened(
                person.addressed(turned, finding.addressee(), named && owner.equals(finding.addressee())));
        text = text.replaceAll("\\?+$", "");
        if (owner == null) {
            return Phrases.sentence(text);
        }
        if (deed == null) {
            return Phrases.sentence(owner.name() + ": " + lowerFirst(text));
        }
        boolean not = text.startsWith("not ");
        return Phrases.sentence(owner.name() + (not ? " not to " + text.substring(4) : " to " + lowerFirst(text)));
    }

    /** "send them" with what "them" are behind it; unchanged where the words speak for themselves. */
    private String pointedOut(String deed, String about) {
        if (about == null || Words.content(deed).size() >= CLEAR) {
            return deed;
        }
        Matcher pointer = Antecedent.POINTER.matcher(deed);
        if (pointer.find()) {
            Optional<String> thing = Antecedent.of(pointer.group(1), about);
            if (thing.isPresent()) {
                return deed.substring(0, pointer.end()) + " (" + thing.get() + ")" + deed.substring(pointer.end());
            }
        }
        return Words.content(deed).size() >= TELLING
                ? deed
                : deed + "; " + lowerFirst(Phrases.shortened(matter(about), MOST_BESIDE));
    }

    private String decision(Finding finding, String said, String about) {
        String outcome = outcome(said);
        String named = turned(finding, outcome.replaceAll("\\?+$", ""));
        return Phrases.sentence(Phrases.shortened(named) + beside(finding, outcome, about));
    }

    private static String outcome(String said) {
        String outcome = SETTLING.matcher(said).replaceFirst("");
        return outcome.isBlank() ? said : outcome;
    }

    private String statement(Finding finding, String said, String about) {
        return Phrases.sentence(Phrases.shortened(turned(finding, said)) + beside(finding, said, about));
    }

    private String turned(Finding finding, String text) {
        return person.addressed(person.turned(text, finding.speaker(), false), finding.addressee(), false);
    }

    /** What else was said of the matter, behind a semicolon, where the line has room for it. */
    private String beside(Finding finding, String said, String about) {
        if (about == null) {
            return "";
        }
        String more = lowerFirst(Phrases.shortened(turned(finding, matter(about)), MOST_BESIDE));
        boolean fits = Words.count(said) + Words.count(more) <= MOST_WORDS
                || Words.content(said).size() < TELLING;
        return fits ? "; " + more : "";
    }

    private static String matter(String about) {
        return outcome(ASKED_ROUND.matcher(about.replaceAll("[?.!]+$", "")).replaceFirst(""));
    }

    /** Begins in small letters, unless it begins with somebody's name or an acronym. */
    private String lowerFirst(String text) {
        boolean acronym = text.length() > 1 && Character.isUpperCase(text.charAt(1));
        boolean name = meeting.roster().stream().anyMatch(p -> text.startsWith(p.firstName()));
        boolean self = text.matches("I(?:[ '’].*)?");
        return text.isEmpty() || acronym || name || self
                ? text
                : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
