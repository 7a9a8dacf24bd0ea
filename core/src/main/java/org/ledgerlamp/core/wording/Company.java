package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;

/** The people of a meeting, and what "we" is called in its minutes. */
final class Company {
    private static final Pattern BODY =
            Pattern.compile("(?<![\\p{L}])(board|committee|council|panel|jury|trustees|governors)(?![\\p{L}])");

    private final MeetingFacts meeting;
    private final Mentions mentions;
    private final String we;

    Company(MeetingFacts meeting) {
        this.meeting = meeting;
        this.mentions = meeting.mentions();
        Matcher body = BODY.matcher((meeting.title() + " " + meeting.kind()).toLowerCase(Locale.ROOT));
        this.we = "the " + (body.find() ? body.group(1) : "team");
    }

    /**
     * What {@code speaker}'s "we" is called, plural as to its verb; empty where the people are of several houses, whose
     * "we" is not the same.
     */
    Optional<String> we() {
        long houses = meeting.roster().stream()
                .filter(p -> meeting.invited().isEmpty() || meeting.invited().contains(p.name()))
                .map(Person::email)
                .filter(mail -> mail != null && mail.contains("@"))
                .map(mail -> mail.substring(mail.indexOf('@')).toLowerCase(Locale.ROOT))
                .distinct()
                .count();
        return houses > 1 ? Optional.empty() : Optional.of(we);
    }

    List<Mention> namedIn(String text) {
        return mentions.in(text);
    }

    List<Person> people() {
        return meeting.roster();
    }
}
