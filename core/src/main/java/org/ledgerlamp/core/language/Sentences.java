package org.ledgerlamp.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Splits what was said into sentences. Where a transcript has no punctuation, long runs are parted at the words people
 * start a new thought with.
 */
public final class Sentences {
    private static final Pattern END = Pattern.compile("[.?!…]+[\"”’')\\]]*(?=\\s|$)");
    private static final Set<String> ABBREVIATIONS = Set.of(
            "mr", "mrs", "ms", "dr", "prof", "st", "no", "nos", "vs", "e.g", "i.e", "etc", "approx", "inc", "ltd", "co",
            "jan", "feb", "mar", "apr", "jun", "jul", "aug", "sep", "sept", "oct", "nov", "dec", "p", "pp", "fig",
            "cllr", "rev", "a.m", "p.m", "dept", "tel", "ext", "min", "max");
    private static final int LONGEST_RUN = 24;
    private static final int SHORTEST_PART = 5;
    private static final Pattern NEW_THOUGHT = Pattern.compile(
            "\\s(?=(?:so|but|right|okay|ok|well|now|anyway|then|yeah|yes|no|and (?:then|i|we|the|that|if|what|he|she|they|its|it's)"
                    + "|i'll|ill|i've|ive|we'll|what about|shall we|can you|could you|let's|lets|because|cos|if)\\s)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BLANKS = Pattern.compile("\\s+");

    private Sentences() {}

    /** The sentences of {@code text} in order, without surrounding blanks; none is empty. */
    public static List<Span> of(String text) {
        List<Span> sentences = new ArrayList<>();
        Matcher end = END.matcher(text);
        int from = 0;
        while (end.find()) {
            if (endsSentence(text, from, end)) {
                addParts(text, from, end.end(), sentences);
                from = end.end();
            }
        }
        addParts(text, from, text.length(), sentences);
        return sentences;
    }

    private static boolean endsSentence(String text, int from, Matcher end) {
        if (end.group().charAt(0) != '.' || end.group().length() > 1) {
            return true;
        }
        int word = end.start();
        while (word > from && !Character.isWhitespace(text.charAt(word - 1))) {
            word--;
        }
        String last = text.substring(word, end.start()).toLowerCase(Locale.ROOT);
        boolean initial = last.length() == 1 && !last.equals("i") && Character.isLetter(last.charAt(0));
        return !ABBREVIATIONS.contains(last) && !initial;
    }

    private static void addParts(String text, int start, int end, List<Span> out) {
        int from = skipBlanks(text, start, end);
        int to = end;
        while (to > from && Character.isWhitespace(text.charAt(to - 1))) {
            to--;
        }
        if (from >= to) {
            return;
        }
        if (words(text, from, to) <= LONGEST_RUN || hasPunctuation(text, from, to)) {
            out.add(new Span(from, to));
            return;
        }
        Matcher thought = NEW_THOUGHT.matcher(text).region(from, to);
        int partStart = from;
        while (thought.find()) {
            if (words(text, partStart, thought.start()) >= SHORTEST_PART) {
                out.add(new Span(partStart, thought.start()));
                partStart = skipBlanks(text, thought.start(), to);
            }
        }
        out.add(new Span(partStart, to));
    }

    /** Commas and the like show that whoever wrote this down would have ended a sentence. */
    private static boolean hasPunctuation(String text, int from, int to) {
        for (int i = from; i < to - 1; i++) {
            if (",;:—–".indexOf(text.charAt(i)) >= 0) {
                return true;
            }
        }
        return false;
    }

    private static int words(String text, int from, int to) {
        return BLANKS.split(text.substring(from, to).strip()).length;
    }

    private static int skipBlanks(String text, int from, int to) {
        int i = from;
        while (i < to && Character.isWhitespace(text.charAt(i))) {
            i++;
        }
        return i;
    }
}
