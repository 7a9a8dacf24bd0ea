package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.language.Sentences;
import org.ledgerlamp.core.language.Span;

/**
 * A subject followed through the ledger: the places that speak of it in order of time, and the figures said about it.
 *
 * @param places what was recorded and said, earliest first
 * @param courses the figures that were said on more than one day in the same unit, each through time; the fullest first
 */
public record Strand(List<Place> places, List<FigureCourse> courses) {
    /**
     * A place that speaks of the subject.
     *
     * @param id what it is known by
     * @param day it was said or recorded
     * @param text its words
     */
    public record Text(String id, LocalDate day, String text) {}

    /** A place with the figures said there about the subject. */
    public record Place(Text text, List<SaidFigure> figures) {}

    /** What was said at one place. */
    public record Point(String placeId, LocalDate day, double value, String words) {}

    /**
     * A figure through time.
     *
     * @param unit what it is counted in; empty for dates
     * @param points earliest first; what is said again on the same day stands once
     */
    public record FigureCourse(SaidFigure.Kind kind, String unit, List<Point> points) {}

    /** Whether a text speaks of all words of a subject. */
    public static boolean speaksOf(String subject, String text) {
        Set<String> wanted = Stems.of(subject);
        return !wanted.isEmpty() && Stems.of(text).containsAll(wanted);
    }

    /**
     * Follows a subject.
     *
     * @param subject its words; a sentence is about it that holds all of them
     * @param texts the places that speak of it, in any order of days; of one day as they are to stand
     */
    public static Strand of(String subject, List<Text> texts) {
        Set<String> wanted = Stems.of(subject);
        List<Place> places = texts.stream()
                .sorted(Comparator.comparing(Text::day))
                .map(t -> new Place(t, figures(t, wanted)))
                .toList();
        Map<String, FigureCourse> courses = new LinkedHashMap<>();
        for (Place place : places) {
            for (SaidFigure figure : place.figures()) {
                FigureCourse course = courses.computeIfAbsent(
                        figure.kind() + " " + figure.unit(),
                        k -> new FigureCourse(figure.kind(), figure.unit(), new ArrayList<>()));
                boolean saidThatDay = course.points().stream()
                        .anyMatch(p -> p.day().equals(place.text().day()) && p.value() == figure.value());
                if (!saidThatDay) {
                    course.points()
                            .add(new Point(
                                    place.text().id(),
                                    place.text().day(),
                                    figure.value(),
                                    figure.span().of(place.text().text())));
                }
            }
        }
        List<FigureCourse> several = courses.values().stream()
                .filter(c -> c.points().stream().map(Point::day).distinct().count() > 1)
                .sorted(Comparator.comparingInt((FigureCourse c) -> -c.points().size()))
                .toList();
        return new Strand(places, several);
    }

    /** The figures of the sentences that are about the subject; in a single sentence all of them are. */
    private static List<SaidFigure> figures(Text text, Set<String> wanted) {
        List<Span> sentences = Sentences.of(text.text());
        List<SaidFigure> all = SaidFigures.in(text.text(), text.day());
        return all.stream()
                .filter(f -> sentences.stream()
                        .filter(s -> s.start() <= f.span().start() && f.span().end() <= s.end())
                        .anyMatch(s -> Stems.of(s.of(text.text())).containsAll(wanted)))
                .toList();
    }
}
