package org.ledgerlamp.server.live;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.server.access.MemberRemoved;
import org.ledgerlamp.server.meetings.MeetingChanged;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Keeps the streams of those who are looking, and tells them what changed. */
@Component
public class LiveDesk {
    /** So often a sign of life is sent: a browser that hears nothing for longer knows that the line is dead. */
    private static final int SECONDS_BETWEEN_SIGNS = 10;

    private final Map<UUID, Set<SseEmitter>> streams = new ConcurrentHashMap<>();
    private final ScheduledExecutorService heart = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("live").factory());

    LiveDesk() {
        heart.scheduleAtFixedRate(this::beat, SECONDS_BETWEEN_SIGNS, SECONDS_BETWEEN_SIGNS, TimeUnit.SECONDS);
    }

    @PreDestroy
    void close() {
        heart.shutdownNow();
        streams.values().forEach(all -> all.forEach(SseEmitter::complete));
    }

    /** A stream of what changes about any of these, open until the browser leaves. Whoever may see them may hear. */
    SseEmitter listen(Set<UUID> about) {
        SseEmitter stream = new SseEmitter(0L);
        about.forEach(a -> streams.compute(a, (x, all) -> {
            Set<SseEmitter> more = all == null ? ConcurrentHashMap.newKeySet() : all;
            more.add(stream);
            return more;
        }));
        stream.onCompletion(() -> leave(stream, about));
        stream.onError(e -> leave(stream, about));
        send(stream, SseEmitter.event().name("hello").data("{}"));
        return stream;
    }

    /** Whoever is no member any more hears nothing from then on. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void ended(MemberRemoved removed) {
        streams.getOrDefault(removed.memberId(), Set.of()).forEach(SseEmitter::complete);
    }

    private void leave(SseEmitter stream, Set<UUID> about) {
        about.forEach(a -> streams.computeIfPresent(a, (x, all) -> {
            all.remove(stream);
            return all.isEmpty() ? null : all;
        }));
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(MeetingChanged meeting) {
        tell(new Changed(meeting.meetingId(), "meeting", Map.of()));
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void tell(Changed changed) {
        for (SseEmitter stream : streams.getOrDefault(changed.about(), Set.of())) {
            send(stream, SseEmitter.event().name(changed.what()).data(changed.told()));
        }
    }

    private void beat() {
        streams.values().stream()
                .flatMap(Set::stream)
                .distinct()
                .forEach(s -> send(s, SseEmitter.event().name("alive").data("{}")));
    }

    /** A stream that takes nothing more is one whose browser left; the container ends it by itself. */
    private void send(SseEmitter stream, SseEmitter.SseEventBuilder event) {
        try {
            stream.send(event);
        } catch (IOException | IllegalStateException gone) {
            leave(stream, Set.copyOf(streams.keySet()));
        }
    }
}
