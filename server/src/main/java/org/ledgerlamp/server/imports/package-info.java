/** Imports: piles of old minutes, transcripts and this program's own exports, brought in under their own dates. */
package org.ledgerlamp.server.imports;
