package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;

/**
 * The words of sentences with what differs from one organisation to the next taken out: people, numbers, days and months
 * become signs. "Ana sends 40 by Friday" and "Tom sends 3 by Monday" read the same.
 */
final class Masked {
    private static final String PERSON = "@person";
    private static final String NUMBER = "@number";
    private static final String ORDINAL = "@ordinal";
    private static final String DAY = "@day";
    private static final String MONTH = "@month";

    private static final Set<String> NAMES_NO_MATTER = Set.of(PERSON, PERSON + "'s", NUMBER, ORDINAL, DAY);

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+(?:'[\\p{L}]+)?|[?,]");
    private static final Set<String> NUMBERS = Set.of(
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen",
            "twenty",
            "thirty",
            "forty",
            "fifty",
            "sixty",
            "seventy",
            "eighty",
            "ninety",
            "hundred",
            "thousand",
            "million",
            "half",
            "dozen");
    private static final Pattern ORDINALS = Pattern.compile(
            "third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|\\p{L}+teenth|eleventh|twelfth|twentieth|thirtieth|\\d+(?:st|nd|rd|th)");
    private static final Pattern DAYS =
            Pattern.compile("(?:mon|tues|wednes|thurs|fri|satur|sun)days?|mon|tue|tues|wed|thu|thurs|fri|sat|sun");
    private static final Set<String> MONTHS = Set.of(
            "january",
            "february",
            "march",
            "april",
            "june",
            "july",
            "august",
            "september",
            "october",
            "november",
            "december",
            "jan",
            "feb",
            "mar",
            "apr",
            "jun",
            "jul",
            "aug",
            "sep",
            "sept",
            "oct",
            "nov",
            "dec",
            "spring",
            "summer",
            "autumn",
            "winter",
            "christmas",
            "easter");
    private static final Pattern WORD_AS_WELL =
            Pattern.compile("will|may|mark|bill|grant|rose|sue|art|frank|pat|the|of|and");

    private final Set<String> names = new HashSet<>();

    Masked(List<Person> people) {
        for (Person person : people) {
            names.addAll(Words.tokens(person.name()));
            person.aliases().forEach(alias -> names.addAll(Words.tokens(alias)));
        }
        names.removeIf(name -> WORD_AS_WELL.matcher(name).matches());
    }

    /** The words and commas and question marks of {@code plain}; runs of one sign count once. */
    List<String> words(String plain) {
        List<String> words = new ArrayList<>();
        Matcher m = WORD.matcher(plain);
        while (m.find()) {
            String word = masked(m.group());
            if (word.charAt(0) != '@' || words.isEmpty() || !words.getLast().equals(word)) {
                words.add(word);
            }
        }
        return words;
    }

    /** Whether {@code word}, in small letters, is a part of somebody's name, a number or a day: it names no matter. */
    boolean isNameOrNumber(String word) {
        return Arrays.stream(word.split("-")).map(this::masked).allMatch(NAMES_NO_MATTER::contains);
    }

    private String masked(String word) {
        int apostrophe = word.indexOf('\'');
        String stem = apostrophe < 0 ? word : word.substring(0, apostrophe);
        if (names.contains(stem)) {
            return apostrophe < 0 ? PERSON : PERSON + word.substring(apostrophe);
        }
        if (NUMBERS.contains(stem) || stem.chars().allMatch(Character::isDigit)) {
            return NUMBER;
        }
        if (ORDINALS.matcher(stem).matches()) {
            return ORDINAL;
        }
        if (DAYS.matcher(stem).matches()) {
            return DAY;
        }
        return MONTHS.contains(stem) ? MONTH : word;
    }
}
