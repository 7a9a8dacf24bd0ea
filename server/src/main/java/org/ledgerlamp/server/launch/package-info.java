/** Puts the server together and starts it: configuration, the pages, the private database. */
package org.ledgerlamp.server.launch;
