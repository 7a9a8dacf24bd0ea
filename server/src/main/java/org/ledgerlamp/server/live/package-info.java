/** Tells browsers at once what others changed: server-sent events, one stream a window. */
package org.ledgerlamp.server.live;
