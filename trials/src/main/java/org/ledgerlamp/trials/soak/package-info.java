/**
 * Whole installations under strain: killed, cut off, filled up, crowded and fed with damaged files. Nothing here knows the
 * application from within; it is started as a process and spoken to over HTTP.
 */
package org.ledgerlamp.trials.soak;
