/**
 * A team takes along what is its own: everything it has in one encrypted archive, which is read into another
 * installation, or this one again, without loss.
 */
package org.ledgerlamp.server.moving;
