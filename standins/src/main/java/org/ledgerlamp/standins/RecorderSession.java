package org.ledgerlamp.standins;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import tools.jackson.databind.json.JsonMapper;

/** One recording in the making: tells what it hears as it hears it, and delivers the whole at its end. */
final class RecorderSession {
    /** How it stands. */
    enum State {
        RUNNING,
        PAUSED,
        ENDED
    }

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final long TICK_MS = 50;

    private final String id = "rec-" + UUID.randomUUID();
    private final RecorderScript script;
    private final double speed;
    private final WebhookSender sender;
    private final Instant startedAt = Instant.now().truncatedTo(ChronoUnit.SECONDS);
    private final ExecutorService deliveries =
            Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().factory());
    private final Thread player;
    private State state = State.RUNNING;
    private int heard;
    private String finished;

    RecorderSession(RecorderScript script, double speed, WebhookSender sender) {
        this.script = script;
        this.speed = speed;
        this.sender = sender;
        deliver(event("recording.started", Map.of()));
        player = Thread.ofPlatform().daemon().start(this::play);
    }

    String id() {
        return id;
    }

    RecorderScript script() {
        return script;
    }

    synchronized State state() {
        return state;
    }

    /** How many segments it has heard. */
    synchronized int heard() {
        return heard;
    }

    private void play() {
        double seconds = 0;
        try {
            while (state() != State.ENDED && seconds < script.seconds()) {
                Thread.sleep(TICK_MS);
                if (state() == State.RUNNING) {
                    seconds += speed * TICK_MS / 1000.0;
                    hear(seconds);
                }
            }
            stop();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized void hear(double seconds) {
        if (state != State.RUNNING) {
            return;
        }
        List<RecorderScript.Segment> fresh = new ArrayList<>();
        int first = heard;
        while (heard < script.segments().size() && script.segments().get(heard).end() <= seconds) {
            fresh.add(script.segments().get(heard++));
        }
        if (!fresh.isEmpty()) {
            deliver(event("recording.segments", Map.of("first", first, "segments", fresh)));
        }
    }

    synchronized void pause() {
        if (state == State.RUNNING) {
            state = State.PAUSED;
            deliver(event("recording.paused", Map.of()));
        }
    }

    synchronized void resume() {
        if (state == State.PAUSED) {
            state = State.RUNNING;
            deliver(event("recording.resumed", Map.of()));
        }
    }

    synchronized void stop() {
        if (state == State.ENDED) {
            return;
        }
        state = State.ENDED;
        List<RecorderScript.Segment> all = script.segments().subList(0, heard);
        finished = event(
                "recording.finished",
                Map.of(
                        "durationSeconds",
                        all.isEmpty() ? 0 : Math.round(all.getLast().end()),
                        "segments",
                        all));
        deliver(finished);
    }

    synchronized void deliverAgain() {
        if (finished == null) {
            throw new IllegalStateException("it is not finished");
        }
        deliver(finished);
    }

    /** Ends without a word, as a recorder whose power fails. */
    synchronized void abandon() {
        state = State.ENDED;
        player.interrupt();
        deliveries.shutdownNow();
    }

    private void deliver(String json) {
        deliveries.execute(() -> {
            try {
                sender.deliver(json);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
    }

    private String event(String name, Map<String, Object> more) {
        Map<String, Object> event = new TreeMap<>(more);
        event.put("event", name);
        event.put("id", id);
        event.put("title", script.title());
        event.put("startedAt", startedAt.toString());
        event.put(
                "participants",
                script.people().stream().map(p -> Map.of("name", p)).toList());
        return JSON.writeValueAsString(event);
    }
}
