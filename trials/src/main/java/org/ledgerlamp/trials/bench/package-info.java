/** Measures a large ledger: made once from the demo's meetings, then filed to, listed and searched as members do. */
package org.ledgerlamp.trials.bench;
