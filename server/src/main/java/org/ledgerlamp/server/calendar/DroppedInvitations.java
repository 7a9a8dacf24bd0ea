package org.ledgerlamp.server.calendar;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DroppedInvitations extends JpaRepository<DroppedInvitation, UUID> {}
