package org.ledgerlamp.core.ledger;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Suggests what a folio may be filed under: what its series usually is, what folios about the same are, and, where nothing
 * fits, a name for something new. It files nothing itself.
 */
public final class Shelving {
    private static final int MOST = 6;
    private static final double USUALLY = 0.5;
    private static final int SEVERAL = 2;
    /** So much alike are folios that one of them alone is a reason. */
    private static final double MUCH_ALIKE = 25;

    private Shelving() {}

    /** What folios are filed under. */
    public enum Sort {
        COLLECTION,
        PROJECT,
        TAG
    }

    /** A collection, project or tag there is. */
    public record Label(String id, Sort sort, String name) {}

    /**
     * Another folio about the same.
     *
     * @param alike how much the words say that both share, above 0
     * @param labels ids of what it is filed under
     */
    public record Alike(int folio, double alike, Set<String> labels) {}

    /**
     * What is known of the folio.
     *
     * @param series the series it belongs to, or null
     * @param ofSeries how many other folios the series has
     * @param filedSo how many of these are filed under each label, by id
     * @param alike folios about the same, the most alike first
     * @param subjects what it is about, the most telling first
     * @param subjectsElsewhere those stems of them that other folios are about, too
     * @param filed ids of what it is filed under already
     */
    public record Known(
            String series,
            int ofSeries,
            Map<String, Integer> filedSo,
            List<Alike> alike,
            List<SubjectWord> subjects,
            Set<String> subjectsElsewhere,
            Set<String> filed) {}

    /**
     * Something the folio may be filed under.
     *
     * @param label id of what there is, or null where it would be new
     * @param why in words
     */
    public record Suggestion(String label, Sort sort, String name, String why) {}

    /** What fits best first. */
    public static List<Suggestion> suggest(Known folio, Collection<Label> labels) {
        Map<String, Set<Integer>> like = new HashMap<>();
        Set<String> bySome = new HashSet<>();
        for (Alike other : folio.alike()) {
            for (String label : other.labels()) {
                like.computeIfAbsent(label, l -> new TreeSet<>()).add(other.folio());
                if (other.alike() >= MUCH_ALIKE) {
                    bySome.add(label);
                }
            }
        }
        Map<Double, List<Suggestion>> found = new TreeMap<>(Comparator.reverseOrder());
        for (Label label :
                labels.stream().sorted(Comparator.comparing(Label::name)).toList()) {
            if (folio.filed().contains(label.id())) {
                continue;
            }
            int inSeries = folio.filedSo().getOrDefault(label.id(), 0);
            Set<Integer> alike = like.getOrDefault(label.id(), Set.of());
            if (inSeries > 0 && inSeries >= USUALLY * folio.ofSeries()) {
                found.computeIfAbsent(1 + inSeries / (double) folio.ofSeries(), s -> new ArrayList<>())
                        .add(suggestion(
                                label,
                                "%d of %d other folios of %s".formatted(inSeries, folio.ofSeries(), folio.series())));
            } else if (alike.size() >= SEVERAL || bySome.contains(label.id())) {
                found.computeIfAbsent(Math.min(1, alike.size() / 10.0), s -> new ArrayList<>())
                        .add(suggestion(
                                label,
                                "about the same as folio "
                                        + alike.stream().map(String::valueOf).collect(Collectors.joining(", "))));
            }
        }
        List<Suggestion> all = new ArrayList<>(
                found.values().stream().flatMap(List::stream).limit(MOST).toList());
        propose(folio, labels, all);
        return List.copyOf(all);
    }

    private static Suggestion suggestion(Label label, String why) {
        return new Suggestion(label.id(), label.sort(), label.name(), why);
    }

    /** Something new, where nothing of its sort is there or fits. */
    private static void propose(Known folio, Collection<Label> labels, List<Suggestion> all) {
        Set<String> names =
                labels.stream().map(l -> l.name().toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
        Set<Sort> served = labels.stream()
                .filter(l -> folio.filed().contains(l.id()))
                .map(Label::sort)
                .collect(Collectors.toCollection(HashSet::new));
        all.forEach(s -> served.add(s.sort()));
        boolean newCollection = !served.contains(Sort.COLLECTION)
                && folio.series() != null
                && folio.ofSeries() >= SEVERAL
                && !names.contains(folio.series().toLowerCase(Locale.ROOT));
        if (newCollection) {
            all.add(new Suggestion(
                    null, Sort.COLLECTION, folio.series(), "its series has " + (folio.ofSeries() + 1) + " folios"));
        }
        if (!served.contains(Sort.TAG)) {
            folio.subjects().stream()
                    .filter(s -> folio.subjectsElsewhere().contains(s.stem()))
                    .filter(s -> !names.contains(s.word().toLowerCase(Locale.ROOT)))
                    .findFirst()
                    .ifPresent(s ->
                            all.add(new Suggestion(null, Sort.TAG, s.word(), "comes up here and in other folios")));
        }
    }
}
