package org.ledgerlamp.server.shorthand;

import jakarta.persistence.Converter;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.server.common.JsonColumn;
import tools.jackson.core.type.TypeReference;

/** Marks and abbreviations kept as JSON in one column. */
@Converter
public class ShorthandColumn extends JsonColumn<Shorthand> {
    ShorthandColumn() {
        super(new TypeReference<>() {});
    }
}
