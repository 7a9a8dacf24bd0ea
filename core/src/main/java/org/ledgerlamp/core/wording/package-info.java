/**
 * Words lines of minutes from what was said. A line enters minutes <em>worded</em>, in the third person with every reference
 * filled, or <em>quoted</em>, under what it is about; what can be neither is left to the margin.
 */
package org.ledgerlamp.core.wording;
