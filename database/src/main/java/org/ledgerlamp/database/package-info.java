/** Starts and stops a MariaDB server of our own, for the application and for its tests. */
package org.ledgerlamp.database;
