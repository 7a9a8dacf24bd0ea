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
    private static final List<String> KINDS = List.of(
            "old",
            "new",
            "small",
            "spare",
            "grey",
            "second",
            "wide",
            "heavy",
            "borrowed",
            "other",
            "cheap",
            "broken",
            "long",
            "wooden",
            "dry",
            "blue",
            "narrow",
            "loose",
            "first",
            "rusty");
    private static final List<String> PLACES = List.of(
            "at Holm",
            "from Skarness",
            "on the north run",
            "in the boat hall",
            "by the slip",
            "under the bridge deck",
            "at the inner berth",
            "from the yard",
            "behind the office",
            "on the mainland",
            "at Brae",
            "for the Tern");
    /** The first place is for the matter, the second for a number. */
    private static final List<String> SHAPES = List.of(
            "So the %s took %d hours, which is more than we said in the spring, and nobody really knows why.",
            "I'll send Tom the %s by Friday, it's %d pages and half of them are pictures.",
            "Can you check the %s before the next one, Ana? There were complaints about it.",
            "Yes, I can do the %s.",
            "My worry is the %s, because if it fails we have no boat on the north run.",
            "Okay, let's keep the %s as it is until the summer, and then we look again.",
            "Good.",
            "The good news is that the %s passed, all of it, and without any help.",
            "What does the %s cost us in a year with %d sailings?",
            "I don't know about the %s, I'd have to look.",
            "Well, the yard says the %s is late, and they have said that before.",
            "Somebody ought to ring the council about the %s, it has been weeks.",
            "Um, we moved the %s to the other quay and it sat there, you know, in the rain.",
            "Right, then it's the %s, and there are two or three things to say about it.");

    private static final int UTTERANCES_OF_A_MATTER = 14;
    private static final int MOST = 90;
    private static final int SECONDS_OF_AN_UTTERANCE = 6;

    private MadeUpTalk() {}

    /** Lines of a transcript with about {@code words} words; another talk of that length for another {@code seed}. */
    static String of(int words, int seed) {
        SplittableRandom random = new SplittableRandom(words + seed);
        StringBuilder talk = new StringBuilder();
        int said = 0;
        for (int n = 0; said < words; n++) {
            String matter = MATTERS.get(n / UTTERANCES_OF_A_MATTER % MATTERS.size());
            StringBuilder utterance = new StringBuilder();
            for (int i = random.nextInt(3); i >= 0; i--) {
                String shape = pick(SHAPES, random);
                utterance
                        .append(utterance.isEmpty() ? "" : " ")
                        .append(shape.formatted(
                                pick(KINDS, random) + " " + matter + " " + pick(PLACES, random),
                                4 + random.nextInt(MOST)));
            }
            int at = n * SECONDS_OF_AN_UTTERANCE;
            talk.append("[%02d:%02d:%02d] %s: %s%n"
                    .formatted(at / 3600, at / 60 % 60, at % 60, SPEAKERS.get(random.nextInt(4)), utterance));
            said += utterance.toString().split("\\s+").length;
        }
        return talk.toString();
    }

    private static String pick(List<String> from, SplittableRandom random) {
        return from.get(random.nextInt(from.size()));
    }
}
