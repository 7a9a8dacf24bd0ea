/** Reference notes: documents of the team's own, filed beside folios, searched and cited as they are. */
package org.ledgerlamp.server.references;
