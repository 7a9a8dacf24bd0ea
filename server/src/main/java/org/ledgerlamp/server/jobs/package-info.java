/**
 * Long work that is done in the background and survives everything: what is to be done stands in the database from the
 * moment it was accepted, is claimed once, and is tried again after a pause until it is done.
 */
package org.ledgerlamp.server.jobs;
