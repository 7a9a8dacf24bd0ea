/** Tells browsers at once what others changed: server-sent events, a stream for every meeting one looks at. */
package org.ledgerlamp.server.live;
