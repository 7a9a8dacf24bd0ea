package org.ledgerlamp.server.guests;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Invitations extends JpaRepository<Invitation, UUID> {
    Optional<Invitation> findByDigest(String digest);
}
