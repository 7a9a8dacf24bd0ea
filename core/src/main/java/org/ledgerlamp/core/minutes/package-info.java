/** From a reading to minutes: templates, the wording of lines, the summary, and the draft that holds them. */
package org.ledgerlamp.core.minutes;
