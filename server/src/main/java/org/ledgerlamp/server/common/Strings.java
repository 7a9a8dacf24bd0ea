package org.ledgerlamp.server.common;

import jakarta.persistence.Converter;
import java.util.List;
import tools.jackson.core.type.TypeReference;

/** A list of strings in one column. */
@Converter
public class Strings extends JsonColumn<List<String>> {
    public Strings() {
        super(new TypeReference<>() {});
    }
}
