package org.ledgerlamp.standins;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/** Runs the partners of the demo for as long as another process runs. */
public final class Partners {
    private static final double DEMO_SPEED = 20;

    private Partners() {}

    /**
     * @param args settings, each {@code key=value}: {@code beside} the number of the process beside which to run; the ports
     *     {@code calendar}, {@code mail}, {@code letters} and {@code recorder}; {@code scripts} the folder of the demo's
     *     meetings; {@code app} a file in which the application says where it is; {@code box} and {@code secret} of the
     *     recorder
     */
    public static void main(String[] args) throws IOException {
        Map<String, String> settings = new HashMap<>();
        for (String arg : args) {
            String[] parts = arg.split("=", 2);
            settings.put(parts[0], parts[1]);
        }
        ProcessHandle beside =
                ProcessHandle.of(Long.parseLong(settings.get("beside"))).orElseThrow();
        Path app = Path.of(settings.get("app"));
        Supplier<URI> deliverTo = () -> URI.create(read(app) + "/api/arrivals/" + settings.get("box"));
        try (CalendarPartner calendar = new CalendarPartner(port(settings, "calendar"));
                MailPartner mail = new MailPartner(port(settings, "mail"));
                MailPage letters = new MailPage(port(settings, "letters"), mail);
                RecorderPartner recorder = new RecorderPartner(
                        port(settings, "recorder"), RecorderScript.in(Path.of(settings.get("scripts"))))) {
            recorder.pair(deliverTo, settings.get("secret"));
            recorder.setUsualSpeed(DEMO_SPEED);
            SkerryCalendar.fill(calendar, LocalDate.now());
            System.out.println("Beside it: the recorder's buttons at " + recorder.address()
                    + " and the letters that arrived at " + letters.address());
            beside.onExit().join();
        }
    }

    private static int port(Map<String, String> settings, String name) {
        return Integer.parseInt(settings.get(name));
    }

    private static String read(Path file) {
        try {
            return Files.readString(file).strip();
        } catch (IOException e) {
            throw new UncheckedIOException("where the application is, is not written yet", e);
        }
    }
}
