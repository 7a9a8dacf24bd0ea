package org.ledgerlamp.server.roster;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.RosterFile;
import org.ledgerlamp.core.people.Person;
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
    private final Validator validator;

    RosterService(RosterPeople people, Validator validator) {
        this.people = people;
        this.validator = validator;
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

    /** Who of the roster somebody is: by mail address, or else by name, where that is certain. */
    @Transactional(readOnly = true)
    public Optional<RosterPerson> personOf(UUID teamId, String name, String email) {
        List<RosterPerson> everybody = everybody(teamId);
        List<RosterPerson> byMail = everybody.stream()
                .filter(p -> email.equalsIgnoreCase(p.email()))
                .toList();
        return byMail.size() == 1
                ? byMail.stream().findFirst()
                : everybody.stream().filter(p -> p.name().equals(name)).findFirst();
    }

    /** What everybody on the roster is called. */
    @Transactional(readOnly = true)
    public Map<UUID, String> names(UUID teamId) {
        return everybody(teamId).stream().collect(Collectors.toMap(RosterPerson::id, RosterPerson::name));
    }

    /** The roster, ready to resolve names. */
    @Transactional(readOnly = true)
    public Roster roster(UUID teamId) {
        return new Roster(everybody(teamId).stream().map(RosterPerson::person).toList());
    }

    /**
     * Who is meant by some names, each once, in order.
     *
     * @param people on the roster
     * @param unknown names nobody on the roster has, or several may be meant by
     */
    public record Heard(List<RosterPerson> people, List<String> unknown) {}

    /** The people who are meant by names as they were said or written. */
    @Transactional(readOnly = true)
    public Heard heard(UUID teamId, Collection<String> names) {
        Roster roster = roster(teamId);
        Map<String, RosterPerson> byName =
                everybody(teamId).stream().collect(Collectors.toMap(RosterPerson::name, Function.identity()));
        Set<RosterPerson> known = new LinkedHashSet<>();
        Set<String> unknown = new LinkedHashSet<>();
        for (String name : names) {
            roster.resolve(name).map(p -> byName.get(p.name())).ifPresentOrElse(known::add, () -> unknown.add(name));
        }
        return new Heard(List.copyOf(known), List.copyOf(unknown));
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

    /**
     * What became of a list of people that was brought in.
     *
     * @param added how many are new on the roster
     * @param known who was there already, and stays as they were
     * @param leftOut whose entry cannot be used, with the reason
     */
    record BroughtIn(int added, List<String> known, List<String> leftOut) {}

    /**
     * Adds the people of a file, vCards or a table. Whoever is on the roster already stays as they are.
     *
     * @throws Refusal where the file is neither
     */
    BroughtIn bringIn(UUID teamId, String fileName, byte[] bytes) {
        List<Person> listed;
        try {
            listed = RosterFile.read(bytes);
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid(fileName + ": " + e.getMessage());
        }
        int added = 0;
        List<String> known = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        for (Person person : listed) {
            PersonFacts facts = new PersonFacts(person.name(), person.role(), person.email(), person.aliases());
            Set<ConstraintViolation<PersonFacts>> wrong = validator.validate(facts);
            if (!wrong.isEmpty()) {
                ConstraintViolation<PersonFacts> first = wrong.iterator().next();
                leftOut.add(person.name() + ": " + first.getPropertyPath() + " " + first.getMessage());
            } else if (people.existsByTeamIdAndName(teamId, person.name().strip())) {
                known.add(person.name());
            } else {
                people.save(new RosterPerson(teamId, facts));
                added++;
            }
        }
        return new BroughtIn(added, known, leftOut);
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
