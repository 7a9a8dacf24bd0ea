package org.ledgerlamp.server.ledger;

import java.util.function.Function;

/** By what the folios of the ledger stand together. */
enum LedgerGroups {
    NONE(null, card -> ""),
    SERIES("series", FolioCard::series),
    KIND("kind", FolioCard::kind);

    private final String column;
    private final Function<FolioCard, String> value;

    LedgerGroups(String column, Function<FolioCard, String> value) {
        this.column = column;
        this.value = value;
    }

    /** The column that holds the group, or null where there are none. */
    String column() {
        return column;
    }

    String of(FolioCard card) {
        return value.apply(card);
    }
}
