/** The audit trail of a team: who got in, what was changed for all, what left the house. It is only ever added to. */
package org.ledgerlamp.server.audit;
