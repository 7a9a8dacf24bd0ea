/**
 * The server: keeps, searches and serves. One package a feature; the borders are checked by a test.
 */
package org.ledgerlamp.server;
