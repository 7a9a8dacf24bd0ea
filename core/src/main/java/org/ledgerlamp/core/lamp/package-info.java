/**
 * Asking the ledger: a question is read into what is wanted, the places that speak of it are weighed, and an answer is
 * put together of what stands there, each statement with the words it rests on; or it is said that the ledger does not
 * say.
 */
package org.ledgerlamp.core.lamp;
