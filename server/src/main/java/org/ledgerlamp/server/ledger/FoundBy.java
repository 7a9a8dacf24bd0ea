package org.ledgerlamp.server.ledger;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.ledger.Facet.Value;

/** Restricts a query of any list to the folios that are found by some values of the ledger's facets. */
public final class FoundBy {
    private final List<Value> values;

    private FoundBy(List<Value> values) {
        this.values = values;
    }

    /**
     * Reads values as the ledger's address writes them, such as {@code COLLECTION:} and an id.
     *
     * @throws Refusal where one is none
     */
    public static FoundBy read(List<String> written) {
        return new FoundBy(written.stream().map(Value::read).toList());
    }

    /** A condition on a property that holds a folio's id, to be put behind others; needs what {@link #given} tells. */
    public String condition(String property) {
        StringBuilder condition = new StringBuilder();
        for (int i = 0; i < values.size(); i++) {
            condition
                    .append(" and %1$s in (select f.key.folioId from FolioFacet f where f.teamId = :foundTeam"
                            .formatted(property))
                    .append(" and f.key.facet = :facet%1$d and f.key.value = :value%1$d)".formatted(i));
        }
        return condition.toString();
    }

    /** The parameters of {@link #condition}. */
    public Map<String, Object> given(UUID teamId) {
        Map<String, Object> given = new HashMap<>();
        for (int i = 0; i < values.size(); i++) {
            given.put("foundTeam", teamId);
            given.put("facet" + i, values.get(i).facet());
            given.put("value" + i, values.get(i).value());
        }
        return given;
    }
}
