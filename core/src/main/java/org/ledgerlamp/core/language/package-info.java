/** Sentences and words of what was said: no meaning yet, only where things begin and end. */
package org.ledgerlamp.core.language;
