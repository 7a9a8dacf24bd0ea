package org.ledgerlamp.server.ledger;

import java.util.function.Function;

/** By what the ledger is sorted. */
enum LedgerOrder {
    DATE("held_on", FolioCard::heldOn),
    FOLIO("folio", FolioCard::folio),
    TITLE("title", FolioCard::title),
    DECISIONS("decisions", FolioCard::decisions),
    ACTIONS("actions", FolioCard::actions),
    PRESENT("present", FolioCard::present);

    private final String column;
    private final Function<FolioCard, Object> value;

    LedgerOrder(String column, Function<FolioCard, Object> value) {
        this.column = column;
        this.value = value;
    }

    String column() {
        return column;
    }

    String of(FolioCard card) {
        return value.apply(card).toString();
    }
}
