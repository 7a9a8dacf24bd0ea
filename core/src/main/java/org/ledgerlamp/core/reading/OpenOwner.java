package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;

/** Says between whom an owner is open: a name that several people share, spoken or spoken under. */
final class OpenOwner {
    private static final Pattern NAME = Pattern.compile("(?<![\\p{L}\\p{N}])\\p{Lu}[\\p{L}'’-]+");

    private final Talk talk;
    private final Roster roster;

    OpenOwner(Talk talk) {
        this.talk = talk;
        this.roster = talk.meeting().people();
    }

    /** {@code owner open: Rob Ashby or Rob Keane}, or empty where no shared name is the reason. */
    Optional<String> reason(Sentence s) {
        Matcher names = NAME.matcher(s.text());
        while (names.find()) {
            Optional<String> open = between(roster.candidates(names.group()));
            if (open.isPresent()) {
                return open;
            }
        }
        String speaker = talk.source().utterances().get(s.utterance()).speaker();
        return speaker == null || s.speaker() != null || !ActionCues.PROMISE.matches(s.plain())
                ? Optional.empty()
                : between(roster.candidates(speaker));
    }

    private static Optional<String> between(List<Person> candidates) {
        return candidates.size() < 2
                ? Optional.empty()
                : Optional.of(
                        "owner open: " + candidates.stream().map(Person::name).collect(Collectors.joining(" or ")));
    }
}
