package org.ledgerlamp.core.ledger;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.SentenceVectors;

/**
 * How much a word tells about what is spoken of: much where few passages of the ledger hold it and English seldom does
 * (inverse document frequency, Spärck Jones 1972, damped by how common the word is in the language).
 */
public final class Vocabulary {
    /** What a time, a number or a word of any meeting tells. */
    private static final double NEXT_TO_NOTHING = 0.15;

    private static final double COMMON_IN_ENGLISH = 0.45;
    private static final double LEAST_RARITY = 0.1;
    private static final Pattern NUMBER = Pattern.compile(
            ".*\\d.*|(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:-\\p{L}+)?|(?:thir|four|fif|six|seven|eigh|nine)(?:teen|teenth)");
    /** What a word tells that was never said before. */
    private static final double NEW_WORD = 6.7;
    /** A new ledger is treated as if so many passages had been said before it. */
    private static final double UNHEARD = 300;

    private static final double OF_A_VALUE = 0.5;
    private static final Set<String> VALUES = stems(
            """
            monday tuesday wednesday thursday friday saturday sunday january february march april may june july august
            september october november december jan feb mar apr jun jul aug sep sept oct nov dec first second third fourth
            fifth sixth seventh eighth ninth tenth eleventh twelfth twentieth thirtieth hundred thousand one two three four
            five six seven eight nine ten eleven twelve
            """);
    private static final Set<String> OF_ANY_MEETING = stems(
            """
            week day month year today tomorrow tonight yesterday morning afternoon evening noon end mid early late start
            spring summer autumn winter half quarter fortnight minute hour time ago meeting together soon already yet anyway idea thought feel happen people bring call talk work
            stop wait leave turn keep try use help run place part side number
            """);

    /** Words that take a decision; they tell nothing of what is decided. */
    private static final Set<String> OF_ANY_DECISION =
            stems("agree agreed propose proposed proposal decide decided decision settle settled suggest");

    private final Map<String, Integer> passagesWith = new HashMap<>();
    private int passages;
    private final Map<String, Double> weights = new HashMap<>();
    private final Map<String, Double> weightsOfDecided = new HashMap<>();

    /** The vocabulary of a ledger without meetings: every word is new. */
    public Vocabulary() {}

    /**
     * What is known of a ledger's words.
     *
     * @param passages how many passages it has
     * @param passagesWith how many of them hold a stem; what is missing is held by none
     */
    public Vocabulary(int passages, Map<String, Integer> passagesWith) {
        this.passages = passages;
        this.passagesWith.putAll(passagesWith);
    }

    /** How many passages of a meeting hold each stem. */
    public static Map<String, Integer> counted(FiledMeeting meeting) {
        Map<String, Integer> counts = new HashMap<>();
        for (Said said : meeting.talk()) {
            Stems.of(said.text()).forEach(stem -> counts.merge(stem, 1, Integer::sum));
        }
        return counts;
    }

    /** Takes in what was said in a meeting. */
    public void add(FiledMeeting meeting) {
        weights.clear();
        weightsOfDecided.clear();
        passages += meeting.talk().size();
        counted(meeting).forEach((stem, n) -> passagesWith.merge(stem, n, Integer::sum));
    }

    /** How much a stem of {@link Stems} tells, between 0 and 6.7; what only few passages hold, five and more. */
    public double weight(String stem) {
        return weights.computeIfAbsent(stem, this::weighed);
    }

    private double weighed(String stem) {
        if (OF_ANY_MEETING.contains(stem)
                || VALUES.contains(stem)
                || NUMBER.matcher(stem).matches()) {
            return NEXT_TO_NOTHING;
        }
        return damped(stem);
    }

    /** The same where numbers and days tell as well, because they are what is decided. */
    double weightOfDecided(String stem) {
        return weightsOfDecided.computeIfAbsent(stem, this::weighedAsDecided);
    }

    private double weighedAsDecided(String stem) {
        if (OF_ANY_DECISION.contains(stem)) {
            return NEXT_TO_NOTHING;
        }
        return VALUES.contains(stem) || NUMBER.matcher(stem).matches() ? OF_A_VALUE * surprise(stem) : damped(stem);
    }

    private double damped(String stem) {
        double rarity = Math.min(SentenceVectors.rarity(stem), SentenceVectors.rarity(stem + "e"));
        double rare = (rarity - COMMON_IN_ENGLISH) / COMMON_IN_ENGLISH;
        return Math.clamp(rare, LEAST_RARITY, 1) * surprise(stem);
    }

    /** How seldom a stem is said here, held against the size of the ledger, so that weights mean the same in every one. */
    private double surprise(String stem) {
        double said = Math.log(passagesWith.getOrDefault(stem, 0) + 1.0);
        return NEW_WORD * (1 - said / Math.log(passages + UNHEARD));
    }

    private static Set<String> stems(String words) {
        Set<String> stems = new HashSet<>();
        for (String word : words.strip().split("\\s+")) {
            stems.add(Stems.ofWord(word));
        }
        return stems;
    }
}
