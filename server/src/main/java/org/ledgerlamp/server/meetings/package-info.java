/** The meetings minutes are written of: when, where, who, what for. */
package org.ledgerlamp.server.meetings;
