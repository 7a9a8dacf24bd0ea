package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.minutes.Section.Content;
import org.ledgerlamp.core.minutes.Section.Form;
import org.ledgerlamp.core.minutes.Section.Grouping;

/**
 * Makes a template out of a short description of a kind of meeting, by rules: {@code weekly with risks and owners},
 * {@code brief supplier call without highlights, what was said about the price}. What the description does not speak of is
 * as in the shipped template for that kind of meeting, or as most minutes have it.
 */
public final class DescribedTemplate {
    private static final NamePattern TITLE = new NamePattern("{title}");
    private static final NamePattern FILE = new NamePattern("{date} {title}");
    private static final int LONGEST_NAME = 60;

    private static final List<Section> USUAL = List.of(
            Section.of("Attendance", Content.ATTENDEES),
            Section.of("Summary", Content.SUMMARY),
            Section.of("Decisions", Content.DECISIONS),
            Section.of("Actions", Content.ACTIONS));

    private static final Map<Pattern, Section> NAMED = named();
    private static final Pattern OWNERS = word("owners?|by owner|per person|responsib\\w+");
    private static final Pattern TABLES = word("tables?|tabular");
    private static final Pattern BRIEF = word("brief|short|concise|quick");
    private static final Pattern FULL = word("full|detailed|long|thorough|verbose");
    private static final Pattern ONLY = word("only|just|nothing but");
    private static final Pattern WITHOUT =
            Pattern.compile("\\b(?:without|no|leave out|leaving out|except|but not)\\b([^.;]*?)(?=\\bwith\\b|[.;]|$)");
    private static final Pattern CLAUSE = Pattern.compile("[,.;?]");
    private static final Pattern ASKED = Pattern.compile("\\b(?:what|who|when|how|why|which)\\b.*");
    private static final Pattern SAID_ABOUT = Pattern.compile("\\bsaid about (.+?)\\s*$");

    private final String words;
    private final String left;
    private final List<Section> sections = new ArrayList<>();

    private DescribedTemplate(String description) {
        String lower =
                description.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
        Matcher without = WITHOUT.matcher(lower);
        StringBuilder leftOut = new StringBuilder();
        while (without.find()) {
            leftOut.append(' ').append(without.group(1));
        }
        this.left = leftOut.toString();
        this.words = without.replaceAll(" ").strip();
    }

    private static Pattern word(String alternatives) {
        return Pattern.compile("\\b(?:" + alternatives + ")\\b");
    }

    private static Map<Pattern, Section> named() {
        Map<Pattern, Section> named = new LinkedHashMap<>();
        named.put(word("attend\\w+|present|participants|who was there"), Section.of("Attendance", Content.ATTENDEES));
        named.put(word("facts|place and time|date and place"), Section.of("Meeting", Content.FACTS));
        named.put(word("summary|in short|outline"), Section.of("Summary", Content.SUMMARY));
        named.put(word("agenda"), Section.of("Agenda", Content.AGENDA));
        named.put(
                word("matters arising|from last time|carried over|follow[- ]?ups? from"),
                Section.of("Matters arising", Content.MATTERS_ARISING));
        named.put(word("highlights?|good news|wins?|achieve\\w+"), Section.of("Highlights", Content.HIGHLIGHTS));
        named.put(word("lowlights?|bad news|problems?|issues?|setbacks?"), Section.of("Lowlights", Content.LOWLIGHTS));
        named.put(word("decisions?|decided|resolutions?|agreements?"), Section.of("Decisions", Content.DECISIONS));
        named.put(word("actions?|tasks?|to[- ]?dos?|next steps?|owners?"), Section.of("Actions", Content.ACTIONS));
        named.put(word("risks?|worries|concerns?|blockers?"), Section.of("Risks", Content.RISKS));
        named.put(word("(?:open )?questions?|unanswered"), Section.of("Open questions", Content.QUESTIONS));
        named.put(word("discuss\\w*|topics?|points?|talk(?:ed about)?"), Section.of("Discussed", Content.TOPICS));
        named.put(
                word("who spoke|speaking(?: \\w+)?|share of the talk|talking time"),
                Section.of("Share of the talk", Content.SPEAKING));
        return named;
    }

    /**
     * The template that a description means.
     *
     * @param description a few words, up to a few sentences
     * @throws IllegalArgumentException where it is empty
     */
    public static Template of(String description) {
        if (description.isBlank()) {
            throw new IllegalArgumentException("a description is needed, such as: weekly with risks and owners");
        }
        return new DescribedTemplate(description).template(description);
    }

    private Template template(String description) {
        Optional<Template> kind = kind();
        if (!ONLY.matcher(words).find()) {
            sections.addAll(kind.map(Template::sections).orElse(USUAL));
        }
        NAMED.forEach((name, section) -> {
            if (name.matcher(words).find() && sections.stream().noneMatch(s -> s.content() == section.content())) {
                sections.add(placeOf(section), section);
            }
        });
        askings();
        NAMED.forEach((name, section) -> {
            if (name.matcher(left).find()) {
                sections.removeIf(s -> s.content() == section.content());
            }
        });
        if (sections.isEmpty()) {
            sections.addAll(USUAL);
        }
        List<Section> set = sections.stream().map(this::set).toList();
        return new Template(nameOf(description), kinds(kind), detail(kind), TITLE, FILE, set);
    }

    /** A kind of meeting that is named: by one of a shipped template's kinds, the longest of them. */
    private Optional<Template> kind() {
        Template best = null;
        int longest = 0;
        for (Template shipped : ShippedTemplates.ALL) {
            for (String kind : shipped.kinds()) {
                if (kind.length() > longest
                        && word(Pattern.quote(kind)).matcher(words).find()) {
                    best = shipped;
                    longest = kind.length();
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private List<String> kinds(Optional<Template> kind) {
        return kind.map(t -> t.kinds().stream()
                        .filter(k -> word(Pattern.quote(k)).matcher(words).find())
                        .toList())
                .orElse(List.of());
    }

    private Detail detail(Optional<Template> kind) {
        if (BRIEF.matcher(words).find()) {
            return Detail.BRIEF;
        }
        return FULL.matcher(words).find()
                ? Detail.FULL
                : kind.map(Template::detail).orElse(Detail.STANDARD);
    }

    /** In the order in which they are listed above, among what is there. */
    private int placeOf(Section added) {
        List<Content> order = NAMED.values().stream().map(Section::content).toList();
        int rank = order.indexOf(added.content());
        for (int i = 0; i < sections.size(); i++) {
            if (order.indexOf(sections.get(i).content()) > rank) {
                return i;
            }
        }
        return sections.size();
    }

    /** What is to be asked of the meeting. */
    private void askings() {
        for (String clause : CLAUSE.split(words)) {
            Matcher asked = ASKED.matcher(clause);
            if (asked.find()) {
                ask(asked.group().strip());
            }
        }
    }

    private void ask(String question) {
        boolean isSection = NAMED.entrySet().stream()
                .anyMatch(e -> (e.getValue().content() == Content.SPEAKING
                                || e.getValue().content() == Content.ATTENDEES)
                        && e.getKey().matcher(question).find());
        String heading = headingOf(question);
        if (!isSection && sections.stream().noneMatch(s -> s.heading().equalsIgnoreCase(heading))) {
            sections.add(Section.answering(heading, Words.capitalised(question) + "?"));
        }
    }

    private static String headingOf(String question) {
        Matcher about = SAID_ABOUT.matcher(question);
        String heading = about.find() ? about.group(1).replaceFirst("^(?:the|our|a|an) ", "") : question;
        return Words.capitalised(heading);
    }

    private Section set(Section section) {
        Section as = section;
        if (section.content() == Content.ACTIONS && OWNERS.matcher(words).find()) {
            as = as.grouped(Grouping.BY_OWNER);
        }
        boolean collects = section.content().kind() != null && section.content() != Content.TOPICS;
        return collects && TABLES.matcher(words).find() ? as.as(Form.TABLE) : as;
    }

    private static String nameOf(String description) {
        String name = description.strip().replaceAll("\\s+", " ");
        return Words.capitalised(
                name.length() > LONGEST_NAME
                        ? name.substring(0, LONGEST_NAME - 1).strip() + "…"
                        : name);
    }
}
