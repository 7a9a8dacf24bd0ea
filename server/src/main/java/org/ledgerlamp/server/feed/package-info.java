/** Feeds: an address a member, under which calendars get the member's own due dates. */
package org.ledgerlamp.server.feed;
