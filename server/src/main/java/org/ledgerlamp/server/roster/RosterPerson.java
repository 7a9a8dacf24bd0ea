package org.ledgerlamp.server.roster;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.server.common.Strings;
import org.ledgerlamp.server.common.Versioned;

/** Somebody on the team's roster. */
@Entity
@Table(name = "person")
public class RosterPerson extends Versioned {
    private String name;
    private String role;
    private String email;

    @Convert(converter = Strings.class)
    @Column(columnDefinition = "longtext")
    private List<String> aliases;

    protected RosterPerson() {}

    RosterPerson(UUID teamId, RosterService.PersonFacts facts) {
        super(teamId);
        change(facts);
    }

    final void change(RosterService.PersonFacts facts) {
        name = facts.name().strip();
        role = facts.role();
        email = facts.email();
        aliases = List.copyOf(facts.aliases());
    }

    public String name() {
        return name;
    }

    public String role() {
        return role;
    }

    public String email() {
        return email;
    }

    public List<String> aliases() {
        return aliases;
    }

    /** The person as the core knows people. */
    public Person person() {
        return new Person(name, role, email, aliases);
    }
}
