/** Trials of the whole application: how fast it is on large ledgers, and what it bears. */
package org.ledgerlamp.trials;
