package org.ledgerlamp.server.templates;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.TemplateJson;
import org.ledgerlamp.core.minutes.Template;

/** A template kept as its JSON. */
@Converter
public class TemplateColumn implements AttributeConverter<Template, String> {
    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable Template template) {
        return template == null ? null : TemplateJson.write(template);
    }

    @Override
    public @Nullable Template convertToEntityAttribute(@Nullable String json) {
        return json == null ? null : TemplateJson.read(json);
    }
}
