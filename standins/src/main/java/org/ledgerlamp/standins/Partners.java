package org.ledgerlamp.standins;

import java.io.IOException;
import java.time.LocalDate;

/** Runs the partners of the demo for as long as another process runs. */
public final class Partners {
    private Partners() {}

    /**
     * @param args the port of the calendar server, then the number of the process beside which to run
     */
    public static void main(String[] args) throws IOException {
        ProcessHandle beside = ProcessHandle.of(Long.parseLong(args[1])).orElseThrow();
        try (CalendarPartner calendar = new CalendarPartner(Integer.parseInt(args[0]))) {
            SkerryCalendar.fill(calendar, LocalDate.now());
            beside.onExit().join();
        }
    }
}
