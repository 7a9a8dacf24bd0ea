package org.ledgerlamp.core.wording;

import java.util.List;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;

/** Lines from notes, which are minutes in the making: what they say stays as written, but for an action's owner in front. */
final class Notes {
    private Notes() {}

    static String line(Finding finding, Company company) {
        String said = Speech.cleaned(finding.said(), company.people());
        String text = said.isBlank() ? finding.said() : said;
        if (finding.kind() != Kind.ACTION || finding.owner() == null) {
            return Speech.sentence(Frames.statement(text));
        }
        Person owner = finding.owner();
        String deed = Deed.in(text, owner, owner.equals(finding.speaker()));
        if (deed == null) {
            boolean named = List.of(owner.name(), owner.firstName(), owner.initials()).stream()
                    .anyMatch(n -> text.startsWith(n + " "));
            return named
                    ? Speech.sentence(text)
                    : owner.name() + ": " + Speech.sentence(Speech.lowerFirst(text, company.people()));
        }
        return Speech.sentence(owner.name() + " to " + Speech.lowerFirst(Deed.alone(deed), company.people()));
    }
}
