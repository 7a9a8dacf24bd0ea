/** Files attached to meetings: kept as they came, and held against what their names say before they are handed on. */
package org.ledgerlamp.server.attachments;
