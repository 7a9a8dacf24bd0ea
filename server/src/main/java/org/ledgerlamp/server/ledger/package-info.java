/**
 * The ledger as it lies open: a card for every folio and reference note, the facets they are found by, and the collections,
 * projects and tags that members file them under.
 */
package org.ledgerlamp.server.ledger;
