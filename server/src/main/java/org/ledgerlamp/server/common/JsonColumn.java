package org.ledgerlamp.server.common;

import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A value kept as JSON text in one column. Subclasses name the type. */
public abstract class JsonColumn<T> implements AttributeConverter<T, String> {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final TypeReference<T> type;

    protected JsonColumn(TypeReference<T> type) {
        this.type = type;
    }

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable T value) {
        return value == null ? null : MAPPER.writeValueAsString(value);
    }

    @Override
    public @Nullable T convertToEntityAttribute(@Nullable String json) {
        return json == null ? null : MAPPER.readValue(json, type);
    }
}
