package org.ledgerlamp.server.ledger;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.ledgerlamp.server.common.Refusal;

/** By what a folio is found in the ledger. */
enum Facet {
    /** Every folio has it, under no value. */
    ALL,
    SERIES,
    COLLECTION,
    PROJECT,
    TAG,
    PERSON,
    PERIOD,
    KIND;

    private static final int MONTHS_A_QUARTER = 3;

    /**
     * A facet and one value of it. Labels and people are named by their ids.
     *
     * @param value for periods a quarter, such as 2026-Q1
     */
    record Value(Facet facet, String value) implements Comparable<Value> {
        static final Value OF_ALL = new Value(ALL, "");

        /**
         * A value as an address writes it, {@code SERIES:Weekly%20status}: encoded once more, so that a comma in it does not
         * end it.
         *
         * @throws Refusal where it is none
         */
        static Value read(String written) {
            int colon = written.indexOf(':');
            try {
                return new Value(
                        Facet.valueOf(written.substring(0, Math.max(0, colon))),
                        URLDecoder.decode(written.substring(colon + 1), StandardCharsets.UTF_8));
            } catch (IllegalArgumentException e) {
                throw Refusal.invalid("“" + written + "” is nothing the ledger is filtered by.");
            }
        }

        @Override
        public int compareTo(Value other) {
            int byFacet = facet.compareTo(other.facet);
            return byFacet == 0 ? value.compareTo(other.value) : byFacet;
        }
    }

    static Value period(LocalDate day) {
        return new Value(PERIOD, day.getYear() + "-Q" + ((day.getMonthValue() - 1) / MONTHS_A_QUARTER + 1));
    }
}
