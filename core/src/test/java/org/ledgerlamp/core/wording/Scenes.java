package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Said;

/** Scenes of the Skerry Line for tests. */
final class Scenes {
    static final Company COMPANY = new Company(Skerry.meeting());

    private Scenes() {}

    /** Mira speaks, after {@code before}, of which the last stands nearest, each in a turn of its own by Tom. */
    static Scene mira(String... before) {
        return new Scene(Skerry.MIRA, null, "", said(Skerry.TOM, before), false, COMPANY);
    }

    /** Mira speaks to Tom, and nothing was said before. */
    static Scene miraToTom() {
        return new Scene(Skerry.MIRA, Skerry.TOM, "", List.of(), false, COMPANY);
    }

    /** Nobody knows who speaks, and nothing was said before. */
    static Scene nobodyKnown() {
        return new Scene(null, null, "", List.of(), false, COMPANY);
    }

    /** Mira goes on in the turn in which she has said {@code before}. */
    static Scene miraGoesOn(String... before) {
        List<Said> said = new ArrayList<>();
        for (String text : before) {
            said.addFirst(new Said(0, said.size() * 50, text, Skerry.MIRA));
        }
        return new Scene(Skerry.MIRA, null, "", said, true, COMPANY);
    }

    private static List<Said> said(Person speaker, String... texts) {
        List<Said> said = new ArrayList<>();
        for (int i = 0; i < texts.length; i++) {
            said.addFirst(new Said(i, 0, texts[i], speaker));
        }
        return said;
    }
}
