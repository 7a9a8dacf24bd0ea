package org.ledgerlamp.core.lamp;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.ledgerlamp.core.ledger.Vocabulary;

/** The words of a ledger, counted. */
public final class CountedWords implements LedgerWords {
    private final Vocabulary vocabulary;
    private final Map<String, Integer> passagesWith;
    private final Map<String, String> meant = new HashMap<>();

    /**
     * @param passages how many passages the ledger has
     * @param passagesWith how many of them hold a stem
     */
    public CountedWords(int passages, Map<String, Integer> passagesWith) {
        this.passagesWith = Map.copyOf(passagesWith);
        this.vocabulary = new Vocabulary(passages, passagesWith);
    }

    /** The words of these meetings. */
    static CountedWords of(List<LampMeeting> meetings) {
        Map<String, Integer> passagesWith = new HashMap<>();
        int passages = 0;
        for (LampMeeting meeting : meetings) {
            passages += meeting.filed().talk().size();
            Vocabulary.counted(meeting.filed()).forEach((stem, n) -> passagesWith.merge(stem, n, Integer::sum));
        }
        return new CountedWords(passages, passagesWith);
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
    public Set<String> family(String stem) {
        String root = WordFamilies.root(stem);
        Set<String> family = passagesWith.keySet().stream()
                .filter(s -> s.startsWith(root) && WordFamilies.root(s).equals(root))
                .collect(Collectors.toCollection(TreeSet::new));
        family.add(stem);
        return family;
    }

    @Override
    public String meant(String stem) {
        return passagesWith.containsKey(stem)
                ? stem
                : meant.computeIfAbsent(
                        stem, s -> Spelling.nearest(s, passagesWith).orElse(s));
    }
}
