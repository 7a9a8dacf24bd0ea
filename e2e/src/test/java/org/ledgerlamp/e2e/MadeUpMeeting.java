package org.ledgerlamp.e2e;

import java.util.List;
import java.util.Locale;

/** A long meeting about refitting a boat. */
final class MadeUpMeeting {
    private static final int SECONDS_A_TURN = 38;
    private static final String TALK =
            """
            Mira Voss: Morning all. The refit of the Tern, twelve weeks to go. Tom, the rudder first.
            Tom Reyes: The rudder came off on Tuesday and the bearing is worn through, worse than the survey said.
            Ana Prokop: How much worse?
            Tom Reyes: Four millimetres of play where we allow one and a half.
            Mira Voss: So do we send it to the foundry or buy a new one?
            Tom Reyes: I'd send it to the foundry, it is half the price.
            Ana Prokop: Agreed, the foundry.
            Mira Voss: Good, the rudder goes to the foundry then.
            Tom Reyes: I'll drive it over on Monday.
            Ana Prokop: The good news is that the propellers passed the inspection without a remark.
            Mira Voss: Lovely. That saves us eleven thousand euros.
            Tom Reyes: The shaft seal is another matter, the supplier cannot deliver before April.
            Mira Voss: That is three weeks late.
            Ana Prokop: I'm worried that the slip is booked from May by the fishing fleet.
            Mira Voss: Ana, can you ask the yard for a second week on the slip?
            Ana Prokop: Will do, by Friday.
            Tom Reyes: And somebody has to tell the insurer that the seal is late.
            Mira Voss: True. Next, the bow ramp.
            Tom Reyes: We could weld it here instead of at the yard.
            Ana Prokop: No, our welder is not certified for it.
            Mira Voss: Then the yard welds the ramp.
            Tom Reyes: Fine, agreed.
            Ana Prokop: The car deck paint blistered again on the port side.
            Tom Reyes: It was painted in the rain, that is why.
            Mira Voss: Do we paint the whole deck or only the port side?
            Ana Prokop: Only port, the rest is sound.
            Mira Voss: Okay, only the port side.
            Ana Prokop: I'll order the primer tomorrow.
            Tom Reyes: Who pays for the second coat, the painter or us?
            Mira Voss: I don't know. We have to look into the contract.
            Ana Prokop: Nobody found the contract in the office.
            Mira Voss: The galley stove, Ana?
            Ana Prokop: The crews want induction, they have written it into the log twice.
            Tom Reyes: That needs another breaker, it is eight hundred euros.
            Mira Voss: It is worth it. Let's take the induction stove.
            Ana Prokop: Thank you, the crews will like that.
            Tom Reyes: I'll ask the electrician for an offer by the end of the month.
            Mira Voss: The radar was replaced in spring, nothing there.
            Tom Reyes: The anchor winch leaks oil, a litre a week.
            Ana Prokop: That must not go into the harbour.
            Tom Reyes: If the drip tray overflows we get a fine from the harbour office.
            Mira Voss: Can you look at it this week, Tom?
            Tom Reyes: Not this week, I'm at the foundry. Next week.
            Mira Voss: Next week is fine.
            Ana Prokop: Life rafts: two of six are out of date since January.
            Mira Voss: How did we miss that?
            Ana Prokop: The list was on Leena's old computer.
            Tom Reyes: We can hire two until the service is done.
            Mira Voss: Yes, hire two rafts.
            Ana Prokop: Okay, I'll call the station in Holm this afternoon.
            Mira Voss: The fuel tank stays as reserve, as we said in autumn.
            Tom Reyes: The class society wants it pressure tested before launch.
            Ana Prokop: Do we have a date for the launch?
            Mira Voss: The fifteenth of May, if the seal comes.
            Tom Reyes: It is tight but it works.
            Ana Prokop: The wheelhouse glass arrived broken, one pane of five.
            Mira Voss: Oh no. Did the carrier take it back?
            Ana Prokop: They did, and a new one is under way.
            Tom Reyes: The horn is too quiet, the pilot complained.
            Mira Voss: Then buy the louder one, it's in the catalogue.
            Tom Reyes: Shall I order it?
            Mira Voss: Please do, before the twentieth.
            Tom Reyes: Done, I'll order it today.
            Ana Prokop: One more thing, the apprentices would like to see the launch.
            Mira Voss: Sure, why not, let's invite them.
            Ana Prokop: I'll write to the school.
            Tom Reyes: We have finished the wiring of the bow thruster a week early, by the way.
            Mira Voss: Splendid. Anything else?
            Ana Prokop: Will the old engine be sold or scrapped?
            Mira Voss: We'll see in the steering group. Thank you all, same time next week.
            """;

    private MadeUpMeeting() {}

    /** A transcript of 45 minutes. */
    static String ofFortyFiveMinutes() {
        StringBuilder talk = new StringBuilder();
        List<String> turns = TALK.lines().toList();
        for (int i = 0; i < turns.size(); i++) {
            int at = i * SECONDS_A_TURN;
            talk.append(String.format(Locale.ROOT, "[%02d:%02d:%02d] ", at / 3600, at / 60 % 60, at % 60))
                    .append(turns.get(i))
                    .append('\n');
        }
        return talk.toString();
    }
}
