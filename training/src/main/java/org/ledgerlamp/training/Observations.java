package org.ledgerlamp.training;

/** Rows of numbers that a regression is fitted to. */
interface Observations {
    int size();

    int columns();

    /** The sum of a row's numbers, each times its weight. */
    double dot(int row, double[] weights);

    /** Adds {@code times} a row's numbers to {@code to}. */
    void add(int row, double times, double[] to);
}
