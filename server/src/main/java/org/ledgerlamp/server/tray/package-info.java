/** Sources as they arrive: the bytes are kept first, then read; what belongs to no minutes yet lies in the tray. */
package org.ledgerlamp.server.tray;
