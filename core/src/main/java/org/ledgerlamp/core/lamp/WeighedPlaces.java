package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;

/** The sentences the lamp weighs to answer a question, trait by trait: what the weights of the traits are learned from. */
public final class WeighedPlaces {
    private WeighedPlaces() {}

    /**
     * A sentence that may answer a question.
     *
     * @param meeting id of its meeting
     * @param text the sentence as said
     * @param traits how much it has of each of {@link WeighedPlaces#traits()}, in their order
     */
    public record Place(String meeting, String text, List<Double> traits) {
        public Place {
            traits = List.copyOf(traits);
        }
    }

    /** What the traits are called. */
    public static List<String> traits() {
        return Arrays.stream(PlaceTraits.values()).map(PlaceTraits::name).toList();
    }

    /** How much each counts, in the same order. */
    public static List<Double> weights() {
        return Arrays.stream(PlaceTraits.values()).map(PlaceTraits::weight).toList();
    }

    /**
     * The sentences that are weighed for a question, in no particular order.
     *
     * @param ledger of few meetings, all of which are looked at
     * @param today the day of asking
     */
    public static List<Place> of(String question, HeldLedger ledger, LocalDate today) {
        Wanted wanted = new Lamp(ledger).read(question, today);
        Sought sought = Sought.of(question, wanted, ledger.words());
        return PlaceFinder.each(
                ledger.held(null, null, Integer.MAX_VALUE),
                sought,
                wanted,
                (look, seen) -> new Place(
                        seen.lens().meeting().id(),
                        seen.sentence().text(),
                        Arrays.stream(PlaceTraits.values())
                                .map(t -> t.of(look, seen))
                                .toList()));
    }
}
