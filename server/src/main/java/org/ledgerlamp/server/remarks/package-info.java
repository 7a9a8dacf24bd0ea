/** Remarks on the lines of a meeting's page; one that names a member waits on that member's day sheet. */
package org.ledgerlamp.server.remarks;
