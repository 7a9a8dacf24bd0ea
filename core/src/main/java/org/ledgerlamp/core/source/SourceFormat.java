package org.ledgerlamp.core.source;

import java.util.Arrays;

/** The layouts a source can have, recognised by content. */
public enum SourceFormat {
    WEBVTT("WebVTT"),
    SUBRIP("SubRip"),
    TEXT_BLOCKS("text with speakers in blocks"),
    TEXT_LINES("text with speakers in lines"),
    TEXT_PLAIN("text without speakers"),
    JSON("recorder's JSON"),
    NOTES("notes");

    private final String label;

    SourceFormat(String label) {
        this.label = label;
    }

    /** The format's name as shown to people. */
    public String label() {
        return label;
    }

    /**
     * The format of a label.
     *
     * @throws IllegalArgumentException where none is called so
     */
    public static SourceFormat labelled(String label) {
        return Arrays.stream(values())
                .filter(f -> f.label.equals(label))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no format is called " + label));
    }
}
