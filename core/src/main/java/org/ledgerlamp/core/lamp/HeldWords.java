package org.ledgerlamp.core.lamp;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.ledger.Vocabulary;

/** The words of a ledger that is held in memory. */
final class HeldWords implements LedgerWords {
    private final Vocabulary vocabulary = new Vocabulary();
    private final Map<String, Integer> passagesWith = new HashMap<>();
    private final Map<String, String> meant = new HashMap<>();

    HeldWords(List<LampMeeting> meetings) {
        for (LampMeeting meeting : meetings) {
            vocabulary.add(meeting.filed());
            Vocabulary.counted(meeting.filed()).forEach((stem, n) -> passagesWith.merge(stem, n, Integer::sum));
        }
    }

    @Override
    public double weight(String stem) {
        return vocabulary.weight(stem);
    }

    @Override
    public int passagesWith(String stem) {
        return passagesWith.getOrDefault(stem, 0);
    }

    @Override
    public String meant(String stem) {
        return passagesWith.containsKey(stem)
                ? stem
                : meant.computeIfAbsent(
                        stem, s -> Spelling.nearest(s, passagesWith).orElse(s));
    }
}
