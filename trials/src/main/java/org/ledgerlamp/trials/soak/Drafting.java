package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.trials.Member;

/** Drafts that were ordered. */
final class Drafting implements Work {
    private final List<String> ordered = new ArrayList<>();

    @Override
    public String name() {
        return "drafts ordered";
    }

    @Override
    public void doOne(Member member, int number) throws IOException, InterruptedException {
        String meeting = Meetings.withTalk(member, "the ferry " + number);
        Meetings.order(member, meeting);
        ordered.add(meeting);
    }

    @Override
    public int confirmed() {
        return ordered.size();
    }

    /** How many of them are there. */
    int done(Member member) throws IOException, InterruptedException {
        int done = 0;
        for (String meeting : ordered) {
            done += isDrafted(member, meeting) ? 1 : 0;
        }
        return done;
    }

    private static boolean isDrafted(Member member, String meeting) throws IOException, InterruptedException {
        return member.json("/api/meetings/" + meeting).at("/hasMinutes").asBoolean();
    }

    @Override
    public Losses check(Member member) throws IOException, InterruptedException {
        int stuck = 0;
        Patience patience = new Patience();
        for (String meeting : ordered) {
            stuck += patience.until(() -> isDrafted(member, meeting)) ? 0 : 1;
        }
        // A meeting has minutes once: the database knows no second.
        return new Losses(0, 0, stuck);
    }
}
