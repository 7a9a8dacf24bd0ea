package org.ledgerlamp.core.reading;

import java.util.List;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SpokenSentence;

/** Reads each sentence of a talk among its neighbours. */
@FunctionalInterface
public interface ContextReader {
    /** The sentences of {@code talk} in order, as they were read; {@code progress} hears how far it is. */
    List<InContext> read(List<SpokenSentence> talk, Progress progress);
}
