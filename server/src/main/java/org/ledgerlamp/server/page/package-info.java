/** The page that notes are typed on while a meeting runs: its lines, and who holds the pen. */
package org.ledgerlamp.server.page;
