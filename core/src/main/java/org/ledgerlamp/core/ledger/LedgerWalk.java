package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.reading.Kind;

/** Files meetings one after the other and links each to those before it. */
public final class LedgerWalk {
    private final Vocabulary vocabulary = new Vocabulary();
    private final Map<String, Thread> threads = new LinkedHashMap<>();
    private final List<StandingDecision> decisions = new ArrayList<>();
    private final List<DecisionLink> links = new ArrayList<>();

    private static final class Thread {
        private final String meeting;
        private OpenAction action;
        private final List<Course.Step> steps = new ArrayList<>();

        Thread(String meeting, OpenAction action) {
            this.meeting = meeting;
            this.action = action;
        }

        void speaksOfIt(FiledMeeting later, Recall recall) {
            steps.add(new Course.Step(later.id(), recall));
            action = new OpenAction(action.line(), action.subject(), action.series(), later.date());
        }
    }

    /**
     * Files a meeting.
     *
     * @param meeting one that was held no earlier than those filed before
     */
    public void file(FiledMeeting meeting) {
        vocabulary.add(meeting);
        followActions(meeting);
        followDecisions(meeting);
    }

    private void followActions(FiledMeeting meeting) {
        List<OpenAction> open = threads.values().stream().map(t -> t.action).toList();
        List<Recall> recalls = new RecallFinder(vocabulary).in(meeting, open);
        for (Recall recall : recalls) {
            threads.get(recall.action().line().id()).speaksOfIt(meeting, recall);
        }
        for (FiledLine line : meeting.lines()) {
            if (line.kind() == Kind.ACTION && recalls.stream().noneMatch(r -> r.isSaidAgainBy(line))) {
                LocalDate day = meeting.date();
                threads.put(
                        line.id(),
                        new Thread(
                                meeting.id(), new OpenAction(line, Subject.of(line, meeting), meeting.series(), day)));
            }
        }
    }

    private void followDecisions(FiledMeeting meeting) {
        links.addAll(new DecisionFollower(vocabulary).in(meeting, decisions));
        meeting.lines().stream()
                .filter(line -> line.kind() == Kind.DECISION)
                .map(line -> StandingDecision.of(line, meeting))
                .forEach(decisions::add);
    }

    /** Which decision bears on which earlier one, in order. */
    public List<DecisionLink> links() {
        return List.copyOf(links);
    }

    /** The course of every action, in the order they were recorded. */
    public List<Course> courses() {
        return threads.values().stream()
                .map(t -> new Course(t.meeting, t.action.line(), t.steps))
                .toList();
    }
}
