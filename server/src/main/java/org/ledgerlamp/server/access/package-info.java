/** Teams, members, sign-in and what a browser is allowed to do. */
package org.ledgerlamp.server.access;
