package org.ledgerlamp.server.common;

import java.util.UUID;
import org.hibernate.search.mapper.pojo.bridge.ValueBridge;
import org.hibernate.search.mapper.pojo.bridge.runtime.ValueBridgeToIndexedValueContext;

/** Marks in the search index what a place is that has no kind of its own: it is whatever it is part of. */
public abstract class PlaceOf implements ValueBridge<UUID, String> {
    private final String place;

    private PlaceOf(String place) {
        this.place = place;
    }

    @Override
    public String toIndexedValue(UUID whole, ValueBridgeToIndexedValueContext context) {
        return place;
    }

    /** Part of a source: it was said. */
    public static class Source extends PlaceOf {
        public Source() {
            super("SAID");
        }
    }

    /** Part of a reference note. */
    public static class Note extends PlaceOf {
        public Note() {
            super("NOTE");
        }
    }
}
