package org.ledgerlamp.cli;

import java.util.List;
import java.util.SplittableRandom;

/** Talk of any length that nobody had: sentences of many shapes over changing matters, the same ones for the same length. */
final class MadeUpTalk {
    /** Who speaks in it. */
    static final List<String> SPEAKERS = List.of("Mira Voss", "Tom Reyes", "Ana Prokop", "Joss Lindqvist");

    private static final List<String> MATTERS = List.of(
            "fender",
            "shore cable",
            "transformer house",
            "deckhand rota",
            "berth drawing",
            "battery rack",
            "gangway",
            "grant letter",
            "timetable",
            "mobile unit",
            "winter crossing",
            "harbour fee",
            "plug trial",
            "crew cabin");
    private static final List<String> SHAPES = List.of(
            "So the %s at Holm took %d hours, which is more than we said in the spring, and nobody really knows why.",
            "I'll send Tom the %s by Friday, it's %d pages and half of them are pictures.",
            "Can you check the %s before the next one, Ana? There were %d complaints about it.",
            "Yes, I can do that.",
            "My worry is the %s, because if it fails in week %d we have no boat on the north run.",
            "Okay, let's keep the %s as it is until the %dth, and then we look again.",
            "Good.",
            "The good news is that the %s passed, all %d of them, first time.",
            "What does the %s cost us in a year with %d sailings?",
            "I don't know, I'd have to look.",
            "Well, the yard says the %s is late by %d days, and they have said that before.",
            "Somebody ought to ring the council about the %s, it has been %d weeks.",
            "Um, we moved the %s to the other quay and it sat there for %d days, you know, in the rain.",
            "Right, the next one is the %s, and there are %d things to say about it.");
    private static final int UTTERANCES_OF_A_MATTER = 14;
    private static final int SECONDS_OF_AN_UTTERANCE = 6;

    private MadeUpTalk() {}

    /** Lines of a transcript with about {@code words} words. */
    static String of(int words) {
        SplittableRandom random = new SplittableRandom(words);
        StringBuilder talk = new StringBuilder();
        int said = 0;
        for (int n = 0; said < words; n++) {
            String matter = MATTERS.get(n / UTTERANCES_OF_A_MATTER % MATTERS.size());
            StringBuilder utterance = new StringBuilder();
            for (int i = random.nextInt(3); i >= 0; i--) {
                String shape = SHAPES.get(random.nextInt(SHAPES.size()));
                utterance
                        .append(utterance.isEmpty() ? "" : " ")
                        .append(shape.formatted(matter, 4 + random.nextInt(20)));
            }
            int at = n * SECONDS_OF_AN_UTTERANCE;
            talk.append("[%02d:%02d:%02d] %s: %s%n"
                    .formatted(at / 3600, at / 60 % 60, at % 60, SPEAKERS.get(random.nextInt(4)), utterance));
            said += utterance.toString().split("\\s+").length;
        }
        return talk.toString();
    }
}
