package org.ledgerlamp.server.calendar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.meetings.MeetingService.Facts;

/** Brings together what is known of a meeting here and what its calendar says. */
final class FactsMerge {
    private FactsMerge() {}

    /** What is known here, with what the calendar says where nothing is known. */
    static Facts filled(Facts here, Facts said) {
        List<UUID> people = new ArrayList<>(here.people());
        said.people().stream().filter(p -> !people.contains(p)).forEach(people::add);
        return new Facts(
                here.title(),
                here.date(),
                here.start(),
                here.zone(),
                or(here.plannedMinutes(), said.plannedMinutes()),
                here.kind(),
                or(here.location(), said.location()),
                or(here.series(), said.series()),
                here.agenda().isEmpty() ? said.agenda() : here.agenda(),
                or(here.nextMeeting(), said.nextMeeting()),
                people,
                or(here.link(), said.link()),
                or(here.description(), said.description()),
                or(here.organiser(), said.organiser()),
                here.template(),
                said.guests(),
                or(here.label(), said.label()));
    }

    /** What the calendar says now, but where a person changed what it had said before. */
    static Facts merged(Facts here, Facts before, Facts now) {
        return new Facts(
                pick(here.title(), before.title(), now.title()),
                pick(here.date(), before.date(), now.date()),
                pick(here.start(), before.start(), now.start()),
                pick(here.zone(), before.zone(), now.zone()),
                pick(here.plannedMinutes(), before.plannedMinutes(), now.plannedMinutes()),
                here.kind(),
                pick(here.location(), before.location(), now.location()),
                pick(here.series(), before.series(), now.series()),
                pick(here.agenda(), before.agenda(), now.agenda()),
                pick(here.nextMeeting(), before.nextMeeting(), now.nextMeeting()),
                people(here.people(), before.people(), now.people()),
                pick(here.link(), before.link(), now.link()),
                pick(here.description(), before.description(), now.description()),
                pick(here.organiser(), before.organiser(), now.organiser()),
                here.template(),
                pick(here.guests(), before.guests(), now.guests()),
                pick(here.label(), before.label(), now.label()));
    }

    /** Of what a calendar says what it carries, and all else as it was: a meeting made here has more than that. */
    static Facts carriedOnly(Facts said, Facts before) {
        return new Facts(
                said.title(),
                said.date(),
                said.start(),
                said.zone(),
                said.plannedMinutes(),
                before.kind(),
                said.location(),
                before.series(),
                before.agenda(),
                before.nextMeeting(),
                Carried.PEOPLE.isSame(said, before) ? before.people() : said.people(),
                said.link(),
                said.description(),
                before.organiser(),
                before.template(),
                Carried.GUESTS.isSame(said, before) ? before.guests() : said.guests(),
                said.label());
    }

    /** What was changed here and there since, and not to the same. People are brought together instead. */
    static List<Carried> clashes(Facts here, Facts before, Facts now) {
        return Arrays.stream(Carried.values())
                .filter(c -> c != Carried.PEOPLE && c != Carried.GUESTS)
                .filter(c -> !c.isSame(here, before) && !c.isSame(now, before) && !c.isSame(here, now))
                .toList();
    }

    /** What is known here, but of these things what the calendar says. */
    static Facts taking(Set<Carried> theirs, Facts here, Facts said) {
        return new Facts(
                theirs.contains(Carried.TITLE) ? said.title() : here.title(),
                theirs.contains(Carried.DATE) ? said.date() : here.date(),
                theirs.contains(Carried.START) ? said.start() : here.start(),
                theirs.contains(Carried.ZONE) ? said.zone() : here.zone(),
                theirs.contains(Carried.MINUTES) ? said.plannedMinutes() : here.plannedMinutes(),
                here.kind(),
                theirs.contains(Carried.PLACE) ? said.location() : here.location(),
                here.series(),
                here.agenda(),
                here.nextMeeting(),
                here.people(),
                theirs.contains(Carried.CALL) ? said.link() : here.link(),
                theirs.contains(Carried.TEXT) ? said.description() : here.description(),
                here.organiser(),
                here.template(),
                here.guests(),
                theirs.contains(Carried.LABEL) ? said.label() : here.label());
    }

    private static <T> @Nullable T or(@Nullable T here, @Nullable T said) {
        return here == null ? said : here;
    }

    private static <T> T pick(T here, T before, T now) {
        return Objects.equals(here, before) ? now : here;
    }

    /** Those here, with whoever was invited since and without whoever was let go since. */
    private static List<UUID> people(List<UUID> here, List<UUID> before, List<UUID> now) {
        List<UUID> people = new ArrayList<>(here);
        now.stream().filter(p -> !before.contains(p) && !people.contains(p)).forEach(people::add);
        people.removeIf(p -> before.contains(p) && !now.contains(p));
        return people;
    }
}
