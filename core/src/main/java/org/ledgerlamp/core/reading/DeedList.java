package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.time.SpokenDate;

/** Several things one person is told to do in one breath, each with its day: "Jonas, the analysis Wednesday and the build next Thursday." */
final class DeedList {
    private static final Pattern CALLED = Pattern.compile("\\s*[,:]\\s*");
    private static final Pattern AND_THEN =
            Pattern.compile("\\s*(?:,|;|&|\\+)?\\s*(?:and|then|&|\\+)\\s+|\\s*[,;]\\s+", Pattern.CASE_INSENSITIVE);

    /**
     * One of them.
     *
     * @param words what is to be done, as said, with its day
     * @param start first character of the words within the sentence
     * @param due the day
     */
    record Deed(String words, int start, SpokenDate due) {}

    private DeedList() {}

    /** The deeds in order where {@code s} names one person and then at least two of them; otherwise none. */
    static List<Deed> of(Sentence s) {
        List<SpokenDate> dates = s.dates();
        if (dates.size() < 2 || s.mentions().size() != 1 || s.isQuestion()) {
            return List.of();
        }
        Matcher comma = CALLED.matcher(s.text())
                .region(s.mentions().getFirst().end(), s.text().length());
        if (!comma.lookingAt()) {
            return List.of();
        }
        List<Deed> deeds = new ArrayList<>();
        int from = comma.end();
        if (dates.getFirst().start() < from) {
            return List.of();
        }
        for (int i = 0; i < dates.size(); i++) {
            boolean last = i == dates.size() - 1;
            Matcher next = AND_THEN.matcher(s.text())
                    .region(dates.get(i).end(), s.text().length());
            if (!last && !next.lookingAt()) {
                return List.of();
            }
            String words = s.text()
                    .substring(from, last ? s.text().length() : dates.get(i).end());
            String matter = s.text().substring(from, Math.max(from, dates.get(i).start()));
            if (Words.content(matter).isEmpty()) {
                return List.of();
            }
            deeds.add(new Deed(words.replaceAll("[.!]+$", ""), from, dates.get(i)));
            from = last ? from : next.end();
        }
        return deeds;
    }
}
