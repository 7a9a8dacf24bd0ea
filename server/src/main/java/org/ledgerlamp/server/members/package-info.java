/** Members of a team: inviting them, their roles, forgotten passwords, and handing over what they had when they leave. */
package org.ledgerlamp.server.members;
