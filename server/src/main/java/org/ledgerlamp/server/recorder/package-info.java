/** Recorders: what they hear arrives live, what they recorded arrives by signed webhook and finds its meeting. */
package org.ledgerlamp.server.recorder;
