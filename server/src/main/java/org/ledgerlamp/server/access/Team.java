package org.ledgerlamp.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.UuidGenerator;

/** The people who share one ledger. */
@Entity
public class Team {
    @Id
    @UuidGenerator(style = UuidGenerator.Style.VERSION_7)
    private UUID id;

    private String name;

    @Column(name = "last_folio")
    private int lastFolio;

    protected Team() {}

    Team(String name) {
        this.name = name;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    int takeFolioNumber() {
        return ++lastFolio;
    }

    /** Whether the number was the last one taken, and is free again. */
    boolean giveBackFolioNumber(int number) {
        if (number != lastFolio) {
            return false;
        }
        lastFolio--;
        return true;
    }
}
