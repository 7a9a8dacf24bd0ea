/** The forms that minutes can take: shipped ones, and the team's own. */
package org.ledgerlamp.server.templates;
