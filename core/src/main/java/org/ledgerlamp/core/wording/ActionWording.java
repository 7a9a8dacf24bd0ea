package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Finding;

/** Words what somebody is to do: the owner first, then the verb. */
final class ActionWording {
    private static final Pattern POINTING = Pattern.compile(
            ",?\\s+(?:on|about|for|of|with|to|from|before|after|into|over)\\s+(?:it|that|this|them|those|these)$",
            Pattern.CASE_INSENSITIVE);

    private ActionWording() {}

    /** The action in words, or empty where its verb or an object cannot be told. */
    static Optional<String> of(Finding action, String said, Scene scene) {
        List<Person> people = scene.company().people();
        Person owner = action.owner();
        boolean bySpeaker = owner != null && owner.equals(scene.speaker());
        String cleaned = Speech.cleaned(said, people);
        String deed = Deed.in(cleaned, owner, bySpeaker);
        if (deed == null) {
            return Optional.empty();
        }
        Scene here = scene.after(cleaned.substring(0, Math.max(0, cleaned.lastIndexOf(deed))));
        for (String form : Clauses.strict(Deed.alone(deed))) {
            Optional<String> filled = References.filledDeed(form, here, owner)
                    .or(() -> References.filledDeed(withoutPointing(form), here, owner))
                    .map(f -> f.replaceAll("\\?+$", ""))
                    .filter(Sense::isDeed);
            if (filled.isPresent()) {
                return filled.map(f -> line(owner, Speech.lowerFirst(f, people)));
            }
        }
        return Optional.empty();
    }

    /** "rerun the model on that": said without "on that" where that cannot be told. */
    private static String withoutPointing(String deed) {
        return POINTING.matcher(deed).replaceFirst("");
    }

    private static String line(Person owner, String deed) {
        if (owner == null) {
            return Speech.sentence(deed);
        }
        return Speech.sentence(owner.name()
                + (deed.startsWith("not ") ? " not to " + deed.substring("not ".length()) : " to " + deed));
    }
}
