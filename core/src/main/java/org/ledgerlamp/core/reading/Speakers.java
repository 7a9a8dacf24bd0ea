package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;

/**
 * Who speaks under which name. Where two people share the name, whoever the others call to is the one who is there, and
 * whoever they talk about is the other; where that does not tell, nobody is named.
 */
final class Speakers {
    private final MeetingFacts meeting;
    private final Map<String, Person> byName = new HashMap<>();

    private Speakers(Source source, MeetingFacts meeting) {
        this.meeting = meeting;
        Map<String, List<Person>> shared = new HashMap<>();
        Roster roster = meeting.people();
        for (String name : source.speakers()) {
            List<Person> candidates = roster.candidates(name);
            if (candidates.size() == 1) {
                byName.put(name, candidates.getFirst());
            } else if (candidates.size() > 1) {
                shared.put(name, candidates);
            } else {
                roster.byRole(name).ifPresent(holder -> byName.put(name, holder));
            }
        }
        if (!shared.isEmpty()) {
            Set<Person> taken = new HashSet<>(byName.values());
            Map<Person, Integer> presence = presence(source);
            shared.forEach((name, candidates) -> resolve(
                    name, candidates.stream().filter(p -> !taken.contains(p)).toList(), presence));
        }
    }

    /** The people behind the names under which somebody speaks in {@code source}; names that nobody is known by are missing. */
    static Map<String, Person> of(Source source, MeetingFacts meeting) {
        return new Speakers(source, meeting).byName;
    }

    private void resolve(String name, List<Person> candidates, Map<Person, Integer> presence) {
        List<Person> invited = candidates.stream()
                .filter(p -> meeting.invited().contains(p.name()))
                .toList();
        // Of two people of one name the invited one is the likelier to speak.
        List<Person> likely = new ArrayList<>(invited.isEmpty() ? candidates : invited);
        likely.sort(Comparator.comparingInt((Person p) -> -presence.getOrDefault(p, 0)));
        boolean told = likely.size() == 1
                || likely.size() > 1
                        && presence.getOrDefault(likely.getFirst(), 0) > presence.getOrDefault(likely.get(1), 0);
        if (told) {
            byName.put(name, likely.getFirst());
        }
    }

    /** For each person how often they are called to, less how often they are talked about. */
    private Map<Person, Integer> presence(Source source) {
        Mentions mentions = meeting.mentions();
        Map<Person, Integer> presence = new HashMap<>();
        for (Utterance u : source.utterances()) {
            for (Mention m : mentions.in(u.text())) {
                presence.merge(m.person(), Calls.isCall(u.text(), m) ? 1 : -1, Integer::sum);
            }
        }
        return presence;
    }
}
