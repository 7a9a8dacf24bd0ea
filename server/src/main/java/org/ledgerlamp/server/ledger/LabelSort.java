package org.ledgerlamp.server.ledger;

/** What members file folios under. */
enum LabelSort {
    /** May stand within another one. */
    COLLECTION(Facet.COLLECTION),
    PROJECT(Facet.PROJECT),
    TAG(Facet.TAG);

    private final Facet facet;

    LabelSort(Facet facet) {
        this.facet = facet;
    }

    Facet facet() {
        return facet;
    }
}
