package org.ledgerlamp.server.common;

import org.ledgerlamp.core.exchange.PlainText;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/**
 * Reads what people and programs send as text: without the control characters that no keyboard has, which would spoil every
 * file that the text is later written to.
 */
@JacksonComponent
class TypedText extends StdScalarDeserializer<String> {
    TypedText() {
        super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        String text = parser.getValueAsString();
        return text == null ? null : PlainText.of(text);
    }
}
