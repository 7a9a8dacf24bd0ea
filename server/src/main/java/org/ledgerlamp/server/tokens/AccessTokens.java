package org.ledgerlamp.server.tokens;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccessTokens extends JpaRepository<AccessToken, UUID> {
    Optional<AccessToken> findByDigest(String digest);

    List<AccessToken> findByMemberIdOrderByMadeAtDesc(UUID memberId);

    Optional<AccessToken> findByIdAndMemberId(UUID id, UUID memberId);
}
