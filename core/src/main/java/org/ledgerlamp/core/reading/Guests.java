package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.source.Source;

/** People who speak and are on no roster: suppliers, visitors. They are known by the name they speak under. */
public final class Guests {
    private static final Pattern NAME =
            Pattern.compile("\\p{Lu}[\\p{L}'’.-]+(?:\\s+(?:\\p{Lu}|d[aeiu]|v[ao]n)[\\p{L}'’.-]*){0,3}");
    private static final Pattern NO_NAME = Pattern.compile(
            "(?:speaker|unknown|participant|guest|caller|user|voice|male|female|man|woman|room|host|recorder|everyone|all|multiple|various)\\b.*",
            Pattern.CASE_INSENSITIVE);

    private Guests() {}

    /** {@code meeting} with those who speak in {@code source} and are not on its roster, nor hold a role on it. */
    public static MeetingFacts welcomed(MeetingFacts meeting, Source source) {
        Roster roster = meeting.people();
        List<Person> people = new ArrayList<>(meeting.roster());
        for (String speaker : source.speakers()) {
            boolean known = !roster.candidates(speaker).isEmpty()
                    || roster.byRole(speaker).isPresent();
            if (!known
                    && NAME.matcher(speaker).matches()
                    && !NO_NAME.matcher(speaker).matches()) {
                people.add(new Person(speaker, null, null, List.of()));
            }
        }
        return people.size() == meeting.roster().size() ? meeting : meeting.withRoster(people);
    }
}
