package org.ledgerlamp.server.feed;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DueFeeds extends JpaRepository<DueFeed, UUID> {
    Optional<DueFeed> findByDigest(String digest);
}
