package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.ledgerlamp.core.ledger.FiledLine;

/** Tells a decision with whether it still stands, as far as later folios speak of it. */
final class Standing {
    private static final Pattern ASKED =
            Pattern.compile("\\bstill\\b|\\bstands?\\b|in force|valid|any ?more|\\bnow\\b", Pattern.CASE_INSENSITIVE);

    private Standing() {}

    /** The decision as it was recorded; where it was changed, when, resting on the later one as well. */
    static Statement of(Asked asked, LampMeeting meeting, FiledLine decision) {
        Optional<Change> later = asked.ledger().changed(meeting.id(), decision.id());
        Statement told = Quotes.recorded(meeting, decision, lead(asked, later));
        if (later.isEmpty()) {
            return told;
        }
        List<Citation> places = new ArrayList<>(told.citations());
        places.add(Quotes.cited(later.get().meeting(), later.get().later()));
        return new Statement(told.day(), told.lead(), told.text(), false, places);
    }

    private static String lead(Asked asked, Optional<Change> later) {
        return later.map(c -> "changed on " + Days.written(c.day(), asked.today()))
                .orElse(ASKED.matcher(asked.question()).find() ? "not changed since" : "");
    }
}
