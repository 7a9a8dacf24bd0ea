package org.ledgerlamp.server.post;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MailAccounts extends JpaRepository<MailAccount, UUID> {
    Optional<MailAccount> findByTeamId(UUID teamId);
}
