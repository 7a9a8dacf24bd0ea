package org.ledgerlamp.server.access;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PasswordLinks extends JpaRepository<PasswordLink, UUID> {
    Optional<PasswordLink> findByDigest(String digest);
}
