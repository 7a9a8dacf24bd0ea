package org.ledgerlamp.server.jobs;

/** Jobs of one lane wait for each other; those of different lanes do not. */
public enum Lane {
    /** What somebody looks at a progress bar for: a source being read. */
    READING("job_reading", 2),
    /** Drafts, one after the other: each takes a processor for itself. */
    DRAFTING("job_drafting", 1),
    /** Piles that are brought in, which takes hours. */
    IMPORTING("job_importing", 1),
    /** What hangs together in the ledger, found in the order in which things were filed. */
    LINKING("job_linking", 1),
    /** Copies of everything. */
    BACKUP("job_backup", 1),
    /** Whatever follows from something else, made anew: the search index, the ledger's list, the registers. */
    UPKEEP("job_upkeep", 2);

    private final String table;
    private final int atOnce;

    Lane(String table, int atOnce) {
        this.table = table;
        this.atOnce = atOnce;
    }

    String table() {
        return table;
    }

    int atOnce() {
        return atOnce;
    }
}
