package org.ledgerlamp.server.links;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.ledgerlamp.core.ledger.FolioSubjects;
import org.springframework.stereotype.Component;

/** Reads out of a document what it is about. */
@Component
public class FolioWordReader {
    private final TeamWords words;
    private final FolioWords folioWords;

    FolioWordReader(TeamWords words, FolioWords folioWords) {
        this.words = words;
        this.folioWords = folioWords;
    }

    /** Says what a document is about, by its paragraphs. */
    public void read(UUID teamId, UUID noteId, List<String> paragraphs) {
        folioWords.keep(teamId, noteId, new FolioSubjects(words.vocabulary(teamId)).of(paragraphs, Set.of()));
    }
}
