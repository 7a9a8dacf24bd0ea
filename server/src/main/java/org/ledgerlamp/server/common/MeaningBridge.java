package org.ledgerlamp.server.common;

import java.util.List;
import org.hibernate.search.mapper.pojo.bridge.ValueBridge;
import org.hibernate.search.mapper.pojo.bridge.runtime.ValueBridgeToIndexedValueContext;
import org.ledgerlamp.core.language.SentenceVectors;

/** What a text means, as the search index keeps it beside the words. */
public class MeaningBridge implements ValueBridge<String, float[]> {
    @Override
    public float[] toIndexedValue(String text, ValueBridgeToIndexedValueContext context) {
        return text == null || text.isBlank() ? null : SentenceVectors.shared().of(List.of(text))[0];
    }
}
