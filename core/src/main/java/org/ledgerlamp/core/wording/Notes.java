package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;

/** Lines from notes, which are minutes in the making: what they say stays as written, but for an action's owner in front. */
final class Notes {
    private static final String FOR_SOMEBODY = "(?:actions?|task|todo|to do|ap)(?:\\s+(?:for|on|by))?\\s*[:–-]?\\s*";

    private Notes() {}

    /** "Action for Ana: tell the harbour master": what stands behind the name, or null. */
    private static String assigned(String text, Person owner) {
        for (String name : List.of(owner.name(), owner.firstName(), owner.initials())) {
            Matcher m = Pattern.compile(
                            FOR_SOMEBODY + Pattern.quote(name) + "\\s*[:,–-]?\\s+(?:to\\s+)?(\\p{L}.*)",
                            Pattern.CASE_INSENSITIVE)
                    .matcher(text);
            if (m.matches()) {
                return m.group(1);
            }
        }
        return null;
    }

    /** "TR needs the key" as "Tom Reyes needs the key"; empty where the line does not begin with the name. */
    private static Optional<String> namedInFull(String text, Person owner) {
        return Stream.of(owner.name(), owner.firstName(), owner.initials())
                .filter(name -> text.startsWith(name + " "))
                .findFirst()
                .map(name -> owner.name() + text.substring(name.length()));
    }

    static String line(Finding finding, Company company) {
        String written = Speech.cleaned(finding.said(), company.people());
        String text = written.isBlank() ? finding.said() : written;
        if (finding.kind() != Kind.ACTION || finding.owner() == null) {
            return Speech.sentence(Frames.statement(text));
        }
        Person owner = finding.owner();
        String said = Deed.in(text, owner, owner.equals(finding.speaker()));
        String deed = said == null ? assigned(text, owner) : said;
        if (deed == null || deed.contains("?") || !Sense.isTold(deed)) {
            return Speech.sentence(namedInFull(text, owner)
                    .orElseGet(() -> owner.name() + ": " + Speech.lowerFirst(text, company.people())));
        }
        return Speech.sentence(owner.name() + " to " + Speech.lowerFirst(Deed.alone(deed), company.people()));
    }
}
