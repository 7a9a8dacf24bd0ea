package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.ledger.FiledLine;

/** Tells a decision with what stands now, as far as later folios speak of it. */
final class Standing {
    private static final Pattern ASKED =
            Pattern.compile("\\bstill\\b|\\bstands?\\b|in force|valid|any ?more|\\bnow\\b", Pattern.CASE_INSENSITIVE);

    private Standing() {}

    /** The decision as it was recorded; where it was changed, first what it was changed to, last of all. */
    static List<Statement> of(Asked asked, LampMeeting meeting, FiledLine decision) {
        Optional<Change> later = asked.ledger().changed(meeting.id(), decision.id());
        if (later.isEmpty()) {
            boolean doubted = ASKED.matcher(asked.question()).find();
            return List.of(Quotes.recorded(meeting, decision, doubted ? "not changed since" : ""));
        }
        Change last = last(asked, later.get());
        Statement before = Quotes.recorded(meeting, decision, "changed on " + Days.written(last.day(), asked.today()));
        List<Citation> places = new ArrayList<>(before.citations());
        Citation stands = Quotes.cited(last.meeting(), last.later());
        places.add(stands);
        return List.of(
                new Statement(last.day(), "", last.later().text(), false, List.of(stands)),
                new Statement(before.day(), before.lead(), before.text(), false, places));
    }

    /** What was changed may have been changed again. */
    private static Change last(Asked asked, Change first) {
        Set<String> seen = new HashSet<>();
        Change last = first;
        while (seen.add(last.later().id())) {
            Optional<Change> next =
                    asked.ledger().changed(last.meeting(), last.later().id());
            if (next.isEmpty()) {
                break;
            }
            last = next.get();
        }
        return last;
    }
}
