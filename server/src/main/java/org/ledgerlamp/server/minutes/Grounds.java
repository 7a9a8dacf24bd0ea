package org.ledgerlamp.server.minutes;

import jakarta.persistence.Converter;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.server.common.JsonColumn;
import tools.jackson.core.type.TypeReference;

/**
 * Why a line was drafted.
 *
 * @param reasons in words
 * @param standing for a decision: unopposed, agreed or contested
 * @param proposedBy for a decision: who proposed it
 * @param assentedBy for a decision: who said yes
 * @param objectedBy for a decision: who said no
 */
public record Grounds(
        List<String> reasons,
        @Nullable String standing,
        @Nullable String proposedBy,
        List<String> assentedBy,
        List<String> objectedBy) {
    static final Grounds NONE = new Grounds(List.of(), null, null, List.of(), List.of());

    static Grounds of(List<String> reasons, Finding.@Nullable Backing backing) {
        return backing == null
                ? new Grounds(reasons, null, null, List.of(), List.of())
                : new Grounds(
                        reasons,
                        backing.standing().label(),
                        backing.proposedBy(),
                        backing.assentedBy(),
                        backing.objectedBy());
    }

    @Converter
    static class Column extends JsonColumn<Grounds> {
        Column() {
            super(new TypeReference<>() {});
        }
    }
}
