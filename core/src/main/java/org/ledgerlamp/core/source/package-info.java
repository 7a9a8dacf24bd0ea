/**
 * Sources as they come in: bytes are decoded, the format is recognised by content, and the talk comes out as numbered
 * {@link org.ledgerlamp.core.source.Utterance utterances} or {@link org.ledgerlamp.core.source.NoteLine note lines}.
 *
 * <p>The one entry is {@link org.ledgerlamp.core.source.SourceDesk}. What can be read is read; what cannot is listed
 * with its place; nothing is dropped silently.
 */
package org.ledgerlamp.core.source;
