package org.ledgerlamp.server.recorder;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RecordedSegments extends JpaRepository<RecordedSegment, UUID> {
    List<RecordedSegment> findByRecordingIdOrderByN(UUID recordingId);

    @Query("select s.n from RecordedSegment s where s.recordingId = :recordingId and s.n between :from and :to")
    Set<Integer> numbersBetween(UUID recordingId, int from, int to);

    void deleteByRecordingId(UUID recordingId);
}
