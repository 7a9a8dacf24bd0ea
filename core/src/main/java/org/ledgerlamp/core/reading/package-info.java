/**
 * Reading a source: what was settled, promised, asked, feared and reported in it, each with the words it rests on.
 *
 * <p>The walk: a {@link org.ledgerlamp.core.reading.Talk} lays the source out in sentences with their speakers; a finder
 * per kind goes through it and yields {@link org.ledgerlamp.core.reading.Finding findings}, judged by tables of cues;
 * what is said twice is merged; {@link org.ledgerlamp.core.reading.Reader} is the whole of it.
 */
package org.ledgerlamp.core.reading;
