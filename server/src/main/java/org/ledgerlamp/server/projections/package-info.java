/**
 * What is kept of folios elsewhere so that it is found at once: cards, register entries, subjects, citations. All of it
 * follows from the folios, changes with them in one transaction, and can be made anew.
 */
package org.ledgerlamp.server.projections;
