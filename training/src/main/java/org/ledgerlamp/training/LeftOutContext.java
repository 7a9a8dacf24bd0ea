package org.ledgerlamp.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What context classifiers that had not seen their authors say of the sentences of labelled meetings, as a file. */
final class LeftOutContext {
    private LeftOutContext() {}

    /** Writes a line a sentence: the meeting's name, the sentence's number, a probability a column. */
    static void write(Map<String, double[][]> byMeeting, Path file) throws IOException {
        List<String> lines = new ArrayList<>();
        byMeeting.forEach((meeting, probabilities) -> {
            for (int i = 0; i < probabilities.length; i++) {
                StringBuilder line = new StringBuilder(meeting).append('\t').append(i);
                for (double p : probabilities[i]) {
                    line.append('\t').append(String.format(Locale.ROOT, "%.5f", p));
                }
                lines.add(line.toString());
            }
        });
        Files.write(file, lines);
    }

    /** Reads what {@link #write} wrote. */
    static Map<String, double[][]> read(Path file) throws IOException {
        Map<String, List<double[]>> rows = new LinkedHashMap<>();
        for (String line : Files.readAllLines(file)) {
            String[] cells = line.split("\t");
            double[] probabilities = new double[cells.length - 2];
            for (int k = 0; k < probabilities.length; k++) {
                probabilities[k] = Double.parseDouble(cells[k + 2]);
            }
            rows.computeIfAbsent(cells[0], name -> new ArrayList<>()).add(probabilities);
        }
        Map<String, double[][]> byMeeting = new LinkedHashMap<>();
        rows.forEach((name, all) -> byMeeting.put(name, all.toArray(double[][]::new)));
        return byMeeting;
    }
}
