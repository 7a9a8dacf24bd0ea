package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.ledger.Shelving.Alike;
import org.ledgerlamp.core.ledger.Shelving.Known;
import org.ledgerlamp.core.ledger.Shelving.Label;
import org.ledgerlamp.core.ledger.Shelving.Sort;
import org.ledgerlamp.core.ledger.Shelving.Suggestion;

/** What a folio may be filed under is suggested from its series and from folios about the same; nothing is made up. */
class ShelvingTest {
    private static final Label BERTHS = new Label("b", Sort.COLLECTION, "Berths");
    private static final Label QUAY = new Label("q", Sort.TAG, "quay works");
    private static final SubjectWord MAST = new SubjectWord("charg mast", "charging mast", 9);

    private static Known folio(int ofSeries, Map<String, Integer> filedSo, List<Alike> alike, Set<String> filed) {
        return new Known("Berth weekly", ofSeries, filedSo, alike, List.of(MAST), Set.of("charg mast"), filed);
    }

    @Test
    void what_most_of_its_series_is_filed_under_comes_first_and_says_so() {
        Known known = folio(4, Map.of("b", 3), List.of(new Alike(7, 40, Set.of("q"))), Set.of());

        assertThat(Shelving.suggest(known, List.of(QUAY, BERTHS)))
                .containsExactly(
                        new Suggestion("b", Sort.COLLECTION, "Berths", "3 of 4 other folios of Berth weekly"),
                        new Suggestion("q", Sort.TAG, "quay works", "about the same as folio 7"));
    }

    @Test
    void what_only_few_of_its_series_are_filed_under_is_not_suggested() {
        assertThat(Shelving.suggest(folio(4, Map.of("b", 1), List.of(), Set.of()), List.of(BERTHS)))
                .extracting(Suggestion::label)
                .doesNotContain("b");
    }

    @Test
    void one_folio_that_is_little_alike_is_no_reason_two_are() {
        Alike one = new Alike(7, 8, Set.of("q"));
        Alike other = new Alike(9, 6, Set.of("q"));

        assertThat(Shelving.suggest(folio(0, Map.of(), List.of(one), Set.of()), List.of(QUAY)))
                .extracting(Suggestion::label)
                .doesNotContain("q");
        assertThat(Shelving.suggest(folio(0, Map.of(), List.of(one, other), Set.of()), List.of(QUAY)))
                .extracting(Suggestion::why)
                .contains("about the same as folio 7, 9");
    }

    @Test
    void what_it_is_filed_under_already_is_not_suggested_again() {
        assertThat(Shelving.suggest(folio(4, Map.of("b", 4), List.of(), Set.of("b")), List.of(BERTHS)))
                .extracting(Suggestion::label)
                .doesNotContain("b");
    }

    @Test
    void where_nothing_fits_something_new_is_proposed_and_nothing_that_is_there() {
        assertThat(Shelving.suggest(folio(3, Map.of(), List.of(), Set.of()), List.of(BERTHS)))
                .containsExactly(
                        new Suggestion(null, Sort.COLLECTION, "Berth weekly", "its series has 4 folios"),
                        new Suggestion(null, Sort.TAG, "charging mast", "comes up here and in other folios"));
        assertThat(Shelving.suggest(
                        folio(3, Map.of(), List.of(), Set.of()),
                        List.of(
                                new Label("x", Sort.COLLECTION, "berth weekly"),
                                new Label("y", Sort.TAG, "Charging mast"))))
                .isEmpty();
    }
}
