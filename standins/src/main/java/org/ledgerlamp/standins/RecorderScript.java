package org.ledgerlamp.standins;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.core.source.Utterance;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A meeting that the recorder can play.
 *
 * @param title what it is called
 * @param people who takes part
 * @param segments what is said, in order
 */
public record RecorderScript(String title, List<String> people, List<Segment> segments) {
    private static final String SCENES = "skerry-line.json";
    private static final double WORDS_A_SECOND = 2.5;

    /**
     * Something said.
     *
     * @param start seconds since the beginning
     * @param end seconds since the beginning
     */
    public record Segment(String speaker, double start, double end, String text) {}

    /** The demo's meetings of which there is a transcript, in a folder with their scenes. */
    public static List<RecorderScript> in(Path folder) {
        try {
            JsonNode scenes = JsonMapper.shared().readTree(Files.readAllBytes(folder.resolve(SCENES)));
            List<RecorderScript> scripts = new ArrayList<>();
            for (JsonNode scene : scenes.path("meetings")) {
                for (JsonNode file : scene.path("sources")) {
                    Source source =
                            new SourceDesk(Limits.DEFAULT).read(Files.readAllBytes(folder.resolve(file.stringValue())));
                    if (!source.isNotes()) {
                        scripts.add(of(scene.path("title").stringValue(), source));
                    }
                }
            }
            return scripts;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UnreadableSource e) {
            throw new IllegalStateException("a script cannot be read", e);
        }
    }

    private static RecorderScript of(String title, Source source) {
        List<Segment> segments = new ArrayList<>();
        double now = 0;
        for (Utterance u : source.utterances()) {
            double start = u.start() == null ? now : Math.max(now, u.start().toMillis() / 1000.0);
            double length = u.text().split("\\s+").length / WORDS_A_SECOND;
            double end = u.end() == null ? start + length : u.end().toMillis() / 1000.0;
            segments.add(new Segment(u.speaker(), start, end, u.text()));
            now = start;
        }
        return new RecorderScript(title, List.copyOf(new LinkedHashSet<>(source.speakers())), segments);
    }

    /** How long it is, in seconds. */
    public double seconds() {
        return segments.isEmpty() ? 0 : segments.getLast().end();
    }
}
