package org.ledgerlamp.core.reading;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.language.Words;

/**
 * Fields of words that speak of one thing (Trier 1931): who asks about the cost wants to hear the sentence with the quote
 * as well. Only fields that meetings of any trade share.
 */
final class SubjectFields {
    private static final List<Set<String>> FIELDS = List.of(
            field(
                    "price cost costs quote quotation budget money pay payment paid fee charge rate invoice deposit expensive"
                            + " cheap cheaper pound euro dollar grand percent cent discount refund terms fund funding grant spend"),
            field("deliver delivery lead deadline arrive arrival ship shipping ready dispatch transport truck due"),
            field("decide decision approve approval sign signature authority board permission authorise consent"),
            field("cause reason root why because fault failure broke trigger triggered"),
            field("notice noticed detect alarm alert page paged spotted report reported discover discovered monitor"),
            field("risk danger worry worried threat concern safety hazard"),
            field("staff crew hire hiring vacancy rota shift cover people team"),
            field("customer client member user guest passenger tenant complaint complain"));

    private SubjectFields() {}

    private static Set<String> field(String words) {
        return Words.content(words);
    }

    /** The other words of the fields that the {@code subject}'s words stand in, as stems. */
    static Set<String> around(Set<String> subject) {
        Set<String> around = new LinkedHashSet<>();
        FIELDS.stream()
                .filter(field -> subject.stream().anyMatch(field::contains))
                .forEach(around::addAll);
        around.removeAll(subject);
        return around;
    }
}
