package org.ledgerlamp.core.minutes;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.MeetingFacts;

/**
 * Words a line of minutes from what was said: third person, actions with their owner first, decisions with their
 * outcome first. Numbers, names and terms stay exactly as said.
 */
final class Wording {
    private static final Pattern FIRST_PERSON_DEED = Pattern.compile(
            "(?:^|.*?(?<![\\p{L}'’]))(?:I['’]ll|I will|I shall|I['’]m (?:going to|gonna)|I can|I could|let me|I(?:['’]ll)? (?:need|have) to|I['’]ve (?:still )?got to|I['’]d better|I must|I want to|happy to)\\s+((?:have to |need to )?\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SECOND_PERSON_DEED = Pattern.compile(
            ".*?(?<![\\p{L}'’])(?:(?:can|could|will|would) (?:you|ye)(?: please| just| maybe| perhaps| mind)*|(?:I['’]d|I would) like you to|I (?:want|need) you to|you['’]ll(?: (?:need|have) to)?|you (?:need|have|want|ought) to|you should|please)\\s+(\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WANTED_DEED = Pattern.compile(
            ".*?(?<![\\p{L}'’])(?:(?:somebody|someone|one of us|one of you|anyone)(?:['’]s)?(?: really)?(?: needs? to| has to| should| ought to| must| will|['’]ll| to|['’]d better)|we(?:['’]ll)?(?: really)? (?:need|have|ought) to|we['’]ve got to|we must|we should)\\s+(\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SETTLING = Pattern.compile(
            "^(?:(?:so|then|and|but)\\s+)*(?:let['’]s(?: just)?|shall we(?: just)?|(?:can|could|should) we(?: just)?|why don['’]t we|how about(?: we)?|what (?:about|if)(?: we)?|I(?:['’]d| would) (?:say|suggest|propose)(?: that)?(?: we)?|I (?:suggest|propose|move)(?: that)?(?: we)?|we(?:['’]ll| will|['’]re going to)(?: just)?|we (?:could|should|might)|the decision is(?: to)?|(?:we['’]ve |we )?(?:agreed|decided)(?: (?:to|that))?[,:]?)\\s+",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ASIDE =
            Pattern.compile("[,;]\\s+(?:(?:because|cos|and|so|as|but|since)\\s+)?I(?:['’](?:ll|m|ve|d))?\\s.*$");
    private static final int FEWEST_WORDS_OF_A_DEED = 3;

    /** The owner by name, then what is to be done: asked for, announced, or bare as in notes, but no report. */
    private static final String OWNER_FIRST = "^(?:(?:get|have|ask|let|tell)\\s+%1$s\\s+(?:to\\s+)?"
            + "|%1$s(?:['’]s|['’]ll)?\\s+(?:(?:to|will|can|could|should|must|has to|needs to|is going to)\\s+|(?!\\p{L}+(?:s|ed)\\s|is\\s|has\\s|had\\s|was\\s)))"
            + "(?:also\\s+)?(.*)";

    private final MeetingFacts meeting;

    Wording(MeetingFacts meeting) {
        this.meeting = meeting;
    }

    String of(Finding finding) {
        String said = Phrases.withoutVocative(Phrases.clean(finding.said()), meeting.roster());
        return switch (finding.kind()) {
            case ACTION -> action(finding, said);
            case DECISION -> decision(finding, said);
            default -> statement(finding, said);
        };
    }

    private String action(Finding finding, String said) {
        String deed = deed(finding, said);
        String named =
                Phrases.addressed(Phrases.thirdPerson(withoutAsides(deed), finding.speaker()), finding.addressee());
        String text = Phrases.shortened(named.replaceAll("\\?+$", "")) + about(finding);
        if (finding.owner() == null) {
            return Phrases.sentence(text);
        }
        if (deed.equals(said)) {
            return Phrases.sentence(ownerFirst(finding.owner(), text));
        }
        return Phrases.sentence(finding.owner().name() + " to " + lowerFirst(text));
    }

    /** "I'll email her, I'll do it when I get home": what somebody adds about themselves is no part of the deed. */
    private static String withoutAsides(String deed) {
        String brief = ASIDE.matcher(deed).replaceFirst("");
        return brief.split("\\s+").length >= FEWEST_WORDS_OF_A_DEED ? brief : deed;
    }

    /** What "it" is, in brackets behind the deed; nothing where the deed speaks for itself. */
    private String about(Finding finding) {
        if (finding.about() == null) {
            return "";
        }
        String matter = Phrases.withoutVocative(Phrases.clean(finding.about()), meeting.roster())
                .replaceAll("[?.!]+$", "")
                .replaceFirst("(?i)^(?:do (?:we|you)|does (?:anyone|anybody)) (?:happen to )?know\\s+", "");
        String outcome = SETTLING.matcher(matter).replaceFirst("");
        String told = Phrases.thirdPerson(outcome.isBlank() ? matter : outcome, finding.speaker());
        return " (" + lowerFirst(Phrases.brief(told)) + ")";
    }

    /** What is to be done, from its verb on; the whole sentence where no pattern finds the verb. */
    private static String deed(Finding finding, String said) {
        boolean bySpeaker = finding.owner() != null && finding.owner().equals(finding.speaker());
        for (Pattern pattern : bySpeaker
                ? List.of(FIRST_PERSON_DEED, WANTED_DEED, SECOND_PERSON_DEED)
                : List.of(SECOND_PERSON_DEED, WANTED_DEED, FIRST_PERSON_DEED)) {
            Matcher m = pattern.matcher(said);
            if (m.matches() && (pattern != FIRST_PERSON_DEED || bySpeaker)) {
                return m.group(1);
            }
        }
        return said;
    }

    private String ownerFirst(Person owner, String text) {
        List<String> names = text.startsWith(owner.name())
                ? List.of(owner.name())
                : List.of(owner.name(), owner.firstName(), owner.initials());
        for (String name : names) {
            Matcher m = Pattern.compile(OWNER_FIRST.formatted(Pattern.quote(name)), Pattern.CASE_INSENSITIVE)
                    .matcher(text);
            if (m.matches()) {
                return owner.name() + " to " + m.group(1);
            }
        }
        return owner.name() + ": " + lowerFirst(text);
    }

    private String decision(Finding finding, String said) {
        String outcome = SETTLING.matcher(said).replaceFirst("");
        outcome = outcome.isBlank() ? said : outcome;
        String named = Phrases.addressed(Phrases.thirdPerson(outcome, finding.speaker()), finding.addressee());
        return Phrases.sentence(Phrases.shortened(named.replaceAll("\\?+$", "")) + about(finding));
    }

    private String statement(Finding finding, String said) {
        return Phrases.sentence(Phrases.shortened(Phrases.thirdPerson(said, finding.speaker())) + about(finding));
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
