/**
 * Copies of everything an installation keeps, made while members go on working: every night and on demand, each read back
 * for a trial, kept for some days, encrypted where a key is given.
 */
package org.ledgerlamp.server.backup;
