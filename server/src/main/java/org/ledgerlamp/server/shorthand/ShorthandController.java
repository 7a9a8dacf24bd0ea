package org.ledgerlamp.server.shorthand;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.NotedLine;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Marks and abbreviations over HTTP. */
@RestController
class ShorthandController {
    private final ShorthandService shorthand;
    private final RosterService roster;
    private final Clock clock;

    ShorthandController(ShorthandService shorthand, RosterService roster, Clock clock) {
        this.shorthand = shorthand;
        this.roster = roster;
        this.clock = clock;
    }

    record TriedLine(@NotNull @Size(max = 1000) String text) {}

    /**
     * What a line would be taken for, if it were noted today.
     *
     * @param kind what it would be drafted as, or null
     * @param writtenOut its words without the mark, abbreviations written out
     */
    record ReadLine(
            @Nullable Mark mark,
            @Nullable Kind kind,
            @Nullable String owner,
            @Nullable LocalDate due,
            String writtenOut) {}

    record SignFacts(@NotBlank @Size(max = 8) String sign, @NotNull Mark says) {}

    record ShortFormFacts(@NotBlank @Size(max = 20) String brief, @NotBlank @Size(max = 120) String full) {}

    record ShorthandFacts(
            @NotNull @Size(max = 50) List<@Valid SignFacts> marks,
            @NotNull @Size(max = 500) List<@Valid ShortFormFacts> abbreviations) {}

    @GetMapping("/api/shorthand")
    ShorthandView read(@AuthenticationPrincipal SignedIn who) {
        return ShorthandView.of(shorthand.sheet(who.teamId()));
    }

    @PutMapping("/api/shorthand")
    ShorthandView write(
            @AuthenticationPrincipal SignedIn who,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody ShorthandFacts facts) {
        return ShorthandView.of(shorthand.write(who.teamId(), understood(facts), ifMatch));
    }

    /** Tries the team's marks and abbreviations on a line; nothing is kept. */
    @PostMapping("/api/shorthand/tried")
    ReadLine tried(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TriedLine line) {
        List<Person> people = roster.everybody(who.teamId()).stream()
                .map(RosterPerson::person)
                .toList();
        MeetingFacts today = new MeetingFacts(
                "",
                LocalDate.now(clock),
                null,
                clock.getZone(),
                null,
                null,
                null,
                null,
                people,
                List.of(),
                List.of(),
                null);
        NotedLine read = NotedLine.read(line.text(), today, shorthand.of(who.teamId()));
        return new ReadLine(
                read.mark().orElse(null),
                read.kind(),
                read.owner() == null ? null : read.owner().name(),
                read.due() == null ? null : read.due().date(),
                read.writtenOut());
    }

    private static Shorthand understood(ShorthandFacts facts) {
        Map<String, Mark> marks = new LinkedHashMap<>();
        facts.marks().forEach(m -> put(marks, m.sign().strip(), m.says()));
        Map<String, String> abbreviations = new LinkedHashMap<>();
        facts.abbreviations()
                .forEach(a -> put(abbreviations, a.brief().strip(), a.full().strip()));
        try {
            return new Shorthand(marks, abbreviations);
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid(e.getMessage() + ".");
        }
    }

    private static <T> void put(Map<String, T> known, String key, T value) {
        if (known.keySet().stream().anyMatch(key::equalsIgnoreCase)) {
            throw Refusal.invalid("\"" + key + "\" is there already.");
        }
        known.put(key, value);
    }
}
