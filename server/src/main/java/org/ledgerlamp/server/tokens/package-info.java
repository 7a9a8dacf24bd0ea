/** Access tokens: what a member's own programs sign in with, each for some uses, until it is revoked. */
package org.ledgerlamp.server.tokens;
