package org.ledgerlamp.server.common;

import jakarta.persistence.AttributeConverter;
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
    public String convertToDatabaseColumn(T value) {
        return MAPPER.writeValueAsString(value);
    }

    @Override
    public T convertToEntityAttribute(String json) {
        return MAPPER.readValue(json, type);
    }
}
