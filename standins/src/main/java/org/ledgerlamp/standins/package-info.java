/**
 * Simulated partners for the demo and the tests: what stands outside the application and speaks an open protocol with it.
 * Nothing here knows the application, and the application knows nothing of this.
 */
package org.ledgerlamp.standins;
