package org.ledgerlamp.server.recorder;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecordedSegments extends JpaRepository<RecordedSegment, UUID> {
    List<RecordedSegment> findByRecordingIdOrderByN(UUID recordingId);

    long countByRecordingId(UUID recordingId);

    void deleteByRecordingId(UUID recordingId);
}
