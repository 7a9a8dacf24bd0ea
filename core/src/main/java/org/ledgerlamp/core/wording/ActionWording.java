package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.people.Person;

/** Words what somebody is to do: the owner first, then the verb. */
final class ActionWording {
    private static final Pattern POINTING = Pattern.compile(
            ",?(?:\\s+(?:on|in|out|up|back))?\\s+(?:on|about|for|of|with|to|from|before|after|into|over)\\s+(?:it|that|this|them|those|these)$",
            Pattern.CASE_INSENSITIVE);

    /** "Set Tom on it": says nothing without. */
    private static final Pattern SETS =
            Pattern.compile("^(?:set|get|put|have|bring|let|keep|leave|take)\\s", Pattern.CASE_INSENSITIVE);

    private static final Pattern RECIPIENT = Pattern.compile(
            "^((?:not )?\\p{L}[\\p{L}-]*\\s+)(?:you|ye|him|her|them|us|me)\\s+(?=(?:the|an?|my|your|his|its|our|their|some|two|three|this|that|those|these|\\d+)\\s)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern RECIPIENT_BEHIND = Pattern.compile(
            "\\s+(?:to|with|for)\\s+(?:you|ye|him|her|them|us|me)(?=[\\s,]|$)", Pattern.CASE_INSENSITIVE);

    private static final Pattern ALL_OF_YOU =
            Pattern.compile("(?<![\\p{L}])(to|with|for) (?:you|ye) (?:all|lot)(?![\\p{L}])", Pattern.CASE_INSENSITIVE);

    private ActionWording() {}

    /**
     * The action in words, or empty where its verb or an object cannot be told.
     *
     * @param owner who is to do it, or null
     */
    static Optional<String> of(Person owner, String said, Scene scene) {
        List<Person> people = scene.company().people();
        boolean bySpeaker = owner != null && owner.equals(scene.speaker());
        String cleaned = Speech.cleaned(said, people);
        String deed = Deed.in(cleaned, owner, bySpeaker || owner == null && scene.speaker() == null);
        if (deed == null && scene.speaker() == null) {
            // Where nobody knows who speaks, whoever takes it on is its owner.
            deed = Deed.in(cleaned, owner, true);
        }
        if (deed == null) {
            return Optional.empty();
        }
        deed = ALL_OF_YOU.matcher(Speech.withoutCall(deed, people)).replaceAll("$1 everybody");
        Scene here = scene.after(cleaned.substring(0, Math.max(0, cleaned.lastIndexOf(deed))));
        for (String form : Clauses.strict(Speech.withoutCall(Deed.alone(deed), people))) {
            Optional<String> filled = Stream.of(form, withoutPointing(form), withoutRecipient(form))
                    .flatMap(f -> References.filled(f, here, owner).stream())
                    .map(f -> f.replaceAll("\\?+$", ""))
                    .filter(Sense::isDeed)
                    .filter(f -> owner == null || !names(f, owner))
                    .findFirst();
            if (filled.isPresent()) {
                return filled.map(f -> line(owner, infinitive(Speech.lowerFirst(f, people))));
            }
        }
        return Optional.empty();
    }

    /** "Ask Ines", of Ines herself: somebody else is meant, or somebody else is to do it. */
    private static boolean names(String deed, Person owner) {
        return Pattern.compile("(?<![\\p{L}'’])" + Pattern.quote(owner.firstName()) + "(?![\\p{L}])")
                .matcher(deed)
                .find();
    }

    /** "rerun the model on that": said without "on that" where that cannot be told. */
    private static String withoutPointing(String deed) {
        return SETS.matcher(deed).find() ? deed : POINTING.matcher(deed).replaceFirst("");
    }

    /** "send you the list", "give it to him today": said without who gets it where that cannot be told. */
    private static String withoutRecipient(String deed) {
        return RECIPIENT_BEHIND
                .matcher(RECIPIENT.matcher(deed).replaceFirst("$1"))
                .replaceAll("");
    }

    /** "Tom ringing the yard": told from the verb as a dictionary has it. */
    private static String infinitive(String deed) {
        return Tagger.shared().words(deed).stream()
                .limit(1)
                .filter(w ->
                        w.is("VERB") && w.lower().endsWith("ing") && !w.lower().equals(w.lemma()))
                .findFirst()
                .map(w -> w.lemma() + deed.substring(w.end()))
                .orElse(deed);
    }

    private static String line(Person owner, String deed) {
        if (owner == null) {
            return Speech.sentence(deed);
        }
        return Speech.sentence(owner.name()
                + (deed.startsWith("not ") ? " not to " + deed.substring("not ".length()) : " to " + deed));
    }
}
