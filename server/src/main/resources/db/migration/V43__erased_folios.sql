-- Folios that were deleted for good: their numbers stay taken, and what stands under them is why there is nothing.
CREATE TABLE erased_folio (
    team_id   UUID         NOT NULL REFERENCES team (id),
    folio     INT          NOT NULL,
    erased_at DATETIME(6)  NOT NULL,
    erased_by VARCHAR(120) NOT NULL,
    reason    VARCHAR(500) NOT NULL,
    PRIMARY KEY (team_id, folio)
);
