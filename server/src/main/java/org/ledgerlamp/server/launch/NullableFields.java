package org.ledgerlamp.server.launch;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Learns from the records of the API which of their fields may be null, and writes it into their schemas. */
@Component
class NullableFields implements ModelConverter {
    private final Map<String, Set<String>> nullable = new ConcurrentHashMap<>();

    @Override
    @SuppressWarnings("rawtypes") // the interface's signature
    public Schema resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Class<?> raw =
                TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
        if (raw.isRecord()) {
            Set<String> fields = new LinkedHashSet<>();
            for (RecordComponent component : raw.getRecordComponents()) {
                if (component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    fields.add(component.getName());
                }
            }
            nullable.put(raw.getSimpleName(), fields);
        }
        return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }

    /** Lets the fields of the schema called {@code name} be null where their record says so. */
    void mark(String name, Schema<?> schema) {
        for (String field : nullable.getOrDefault(name, Set.of())) {
            Schema<?> property = schema.getProperties().get(field);
            if (property == null) {
                throw new IllegalStateException(
                        "two records are called " + name + ": one has " + field + ", one has not");
            }
            if (property.get$ref() != null) {
                Schema<?> none = new Schema<>();
                none.setTypes(Set.of("null"));
                Schema<?> either = new Schema<>();
                either.setAnyOf(List.of(property, none));
                schema.addProperty(field, either);
            } else {
                Set<String> types = new LinkedHashSet<>(property.getTypes());
                types.add("null");
                property.setTypes(types);
            }
        }
    }
}
