/** The people a team knows, and which of them a heard name means. */
package org.ledgerlamp.core.people;
