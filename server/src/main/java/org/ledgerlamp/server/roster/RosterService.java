package org.ledgerlamp.server.roster;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the team's roster. */
@Service
@Transactional
public class RosterService {
    private final RosterPeople people;

    RosterService(RosterPeople people) {
        this.people = people;
    }

    /** What a member says of a person. */
    public record PersonFacts(
            @NotBlank @Size(max = 120) String name,
            @Nullable @Size(max = 120) String role,
            @Nullable @Email @Size(max = 254) String email,
            @NotNull @Size(max = 20) List<@NotBlank @Size(max = 120) String> aliases) {}

    /** Everybody on the roster, by name. */
    @Transactional(readOnly = true)
    public List<RosterPerson> everybody(UUID teamId) {
        return people.findByTeamIdOrderByName(teamId);
    }

    /** The roster, ready to resolve names. */
    @Transactional(readOnly = true)
    public Roster roster(UUID teamId) {
        return new Roster(everybody(teamId).stream().map(RosterPerson::person).toList());
    }

    /**
     * The people of these ids.
     *
     * @throws Refusal where one of them is not on the team's roster
     */
    @Transactional(readOnly = true)
    public List<RosterPerson> named(UUID teamId, Collection<UUID> ids) {
        return ids.stream().distinct().map(id -> one(teamId, id)).toList();
    }

    /**
     * Adds a person.
     *
     * @throws Refusal where the roster has that name already
     */
    public RosterPerson add(UUID teamId, PersonFacts facts) {
        if (people.existsByTeamIdAndName(teamId, facts.name().strip())) {
            throw Refusal.conflict("The roster has a " + facts.name().strip() + " already.");
        }
        return people.save(new RosterPerson(teamId, facts));
    }

    RosterPerson change(UUID teamId, UUID id, PersonFacts facts, String ifMatch) {
        RosterPerson person = one(teamId, id);
        Versions.require(ifMatch, person.version(), () -> RosterController.PersonView.of(person));
        boolean renamed = !person.name().equals(facts.name().strip());
        if (renamed && people.existsByTeamIdAndName(teamId, facts.name().strip())) {
            throw Refusal.conflict("The roster has a " + facts.name().strip() + " already.");
        }
        person.change(facts);
        return people.saveAndFlush(person);
    }

    private RosterPerson one(UUID teamId, UUID id) {
        return people.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("person"));
    }
}
