/**
 * The registers: how every decision, action, question and risk of record stands now. An entry follows from its line, from what
 * was done about it and from what later folios say of it, and is kept anew whenever one of these changes.
 */
package org.ledgerlamp.server.registers;
