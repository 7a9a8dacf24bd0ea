/** Parts of folios, shown on their own to whoever has their address. */
package org.ledgerlamp.server.excerpts;
