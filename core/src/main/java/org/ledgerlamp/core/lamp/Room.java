package org.ledgerlamp.core.lamp;

/** How much of the talk an answer may tell: one that answers two questions gives each of them less. */
enum Room {
    WHOLE(30, 1, 1),
    FIRST_OF_TWO(26, 1),
    SECOND_OF_TWO(14);

    private final int[] stretches;

    Room(int... stretches) {
        this.stretches = stretches;
    }

    /** How many stretches of talk are told. */
    int stretches() {
        return stretches.length;
    }

    /** About how many words a stretch has; at least one sentence is told of it. */
    int words(int stretch) {
        return stretches[stretch];
    }
}
