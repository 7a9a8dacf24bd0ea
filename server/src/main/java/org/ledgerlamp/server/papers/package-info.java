/** Folios as papers: written out in every form, through the team's own document where it has one. */
package org.ledgerlamp.server.papers;
