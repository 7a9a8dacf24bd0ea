/** The post room: letters that go out by SMTP, to whom, and whether they were delivered. */
package org.ledgerlamp.server.post;
