package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.time.WrittenDay;

/** Who was there, who was not, and who spoke how much, over the meetings asked for. */
final class WhoWasThere implements Composer {
    private static final int MOST = 8;
    private static final int MEETINGS = 200;
    private static final Pattern ABSENCE = Pattern.compile(
            "miss|absent|apolog|away|did ?n'?t|was ?n'?t|were ?n'?t|not (?:there|at|come)", Pattern.CASE_INSENSITIVE);
    private static final Pattern SHARE =
            Pattern.compile("spoke|talked|said (?:the )?(?:most|least)|speaking|share", Pattern.CASE_INSENSITIVE);
    private static final Pattern ROLES = Pattern.compile("\\broles?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern LEAST = Pattern.compile("least", Pattern.CASE_INSENSITIVE);

    @Override
    public List<Statement> compose(Asked asked) {
        Wanted wanted = asked.wanted();
        String names = wanted.about().isBlank() ? null : wanted.about();
        List<LampMeeting> meetings = asked.ledger().held(wanted.period(), names, MEETINGS);
        if (meetings.isEmpty()) {
            return List.of();
        }
        meetings = Latest.meant(asked.question(), meetings);
        if (wanted.form() == Form.YES_NO && !wanted.people().isEmpty()) {
            return yesOrNo(meetings, wanted);
        }
        if (SHARE.matcher(asked.question()).find()) {
            return shares(meetings, LEAST.matcher(asked.question()).find());
        }
        return ABSENCE.matcher(asked.question()).find() ? absences(meetings, wanted) : presences(meetings, asked);
    }

    /** Of each who is asked about, whether they were there: "yes: Ana was at the safety review". */
    private static List<Statement> yesOrNo(List<LampMeeting> meetings, Wanted wanted) {
        List<Statement> statements = new ArrayList<>();
        for (LampMeeting meeting : meetings.reversed()) {
            meeting.attendance().stream()
                    .filter(p -> !p.unknown() && isMeant(p, wanted) && statements.size() < MOST)
                    .forEach(p -> statements.add(new Statement(
                            meeting.filed().date(),
                            p.present() ? "yes" : "no",
                            p.name() + (p.present() ? " was at " : " was not at ") + meeting.title() + ".",
                            false,
                            List.of(attendance(meeting)))));
        }
        return statements;
    }

    private static List<Statement> absences(List<LampMeeting> meetings, Wanted wanted) {
        Map<String, List<LampMeeting>> missed = new LinkedHashMap<>();
        for (LampMeeting meeting : meetings) {
            meeting.attendance().stream()
                    .filter(p -> p.absent() && isMeant(p, wanted))
                    .forEach(p -> missed.computeIfAbsent(p.name(), n -> new ArrayList<>())
                            .add(meeting));
        }
        return missed.entrySet().stream()
                .sorted(Comparator.comparingInt(e -> -e.getValue().size()))
                .limit(MOST)
                .map(e -> new Statement(
                        null,
                        "",
                        e.getKey() + " missed "
                                + e.getValue().stream().map(WhoWasThere::called).collect(Collectors.joining(", "))
                                + ".",
                        false,
                        e.getValue().stream().map(WhoWasThere::attendance).toList()))
                .toList();
    }

    private static List<Statement> presences(List<LampMeeting> meetings, Asked asked) {
        boolean roles = ROLES.matcher(asked.question()).find();
        List<Statement> statements = new ArrayList<>();
        for (LampMeeting meeting : meetings.reversed()) {
            List<String> there = meeting.attendance().stream()
                    .filter(p -> p.present() && isMeant(p, asked.wanted()))
                    .map(p -> p.name() + (roles ? role(meeting, p) : ""))
                    .toList();
            if (statements.size() < MOST && !there.isEmpty()) {
                statements.add(new Statement(
                        meeting.filed().date(),
                        meeting.title(),
                        (asked.wanted().form() == Form.COUNT ? there.size() + " were there: " : "")
                                + String.join(", ", there) + ".",
                        false,
                        List.of(attendance(meeting))));
            }
        }
        return statements;
    }

    /** What somebody does, as far as the roster knows: " (electrician)". */
    private static String role(LampMeeting meeting, Presence presence) {
        return meeting.roster().stream()
                .filter(p -> p.name().equals(presence.name()) && p.role() != null)
                .map(p -> " (" + p.role() + ")")
                .findFirst()
                .orElse("");
    }

    /** Who spoke how much of all that was said in these meetings, in order. */
    private static List<Statement> shares(List<LampMeeting> meetings, boolean leastFirst) {
        Map<String, Integer> words = new LinkedHashMap<>();
        for (LampMeeting meeting : meetings) {
            meeting.attendance().stream()
                    .filter(p -> p.present() && p.words() > 0)
                    .forEach(p -> words.merge(p.name(), p.words(), Integer::sum));
        }
        double all = words.values().stream().mapToInt(Integer::intValue).sum();
        Comparator<Map.Entry<String, Integer>> order = Map.Entry.comparingByValue();
        String inOrder = words.entrySet().stream()
                .sorted(leastFirst ? order : order.reversed())
                .map(e -> e.getKey() + " " + Math.round(e.getValue() / all * 100) + " %")
                .collect(Collectors.joining(", "));
        if (inOrder.isEmpty()) {
            return List.of();
        }
        LampMeeting last = meetings.getLast();
        boolean one = meetings.size() == 1;
        return List.of(new Statement(
                one ? last.filed().date() : null,
                one ? last.title() : "of " + meetings.size() + " meetings",
                inOrder + ".",
                false,
                meetings.reversed().stream().map(WhoWasThere::attendance).toList()));
    }

    private static boolean isMeant(Presence presence, Wanted wanted) {
        return wanted.people().isEmpty()
                || wanted.people().stream().map(Person::name).anyMatch(presence.name()::equals);
    }

    private static String called(LampMeeting meeting) {
        return meeting.title() + " (" + WrittenDay.of(meeting.filed().date()) + ")";
    }

    private static Citation attendance(LampMeeting meeting) {
        return new Citation(meeting.id(), null, -1, "");
    }
}
