package org.ledgerlamp.training;

import java.util.Collection;
import java.util.List;

/** Parts authors into groups that are left out in turn; the same authors always fall into the same groups. */
record Authors(List<String> names, int parts) {
    static Authors of(Collection<String> authors, int parts) {
        return new Authors(authors.stream().distinct().sorted().toList(), parts);
    }

    /** The group of an author, from 0. */
    int partOf(String author) {
        return names.indexOf(author) % parts;
    }
}
