package org.ledgerlamp.core.source;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Web pages that set speakers off by bold type or as the terms of a definition list, without a colon: the colon is put in, so
 * that the page reads like any other transcript.
 */
final class SetOffSpeakers {
    private static final String BOLD = "b, strong";
    private static final int LONGEST_NAME = 40;
    private static final int FEWEST = 3;

    private SetOffSpeakers() {}

    /** Puts a colon behind every name that is set off in {@code page}, where such names come again and again. */
    static void markIn(Element page) {
        // What a glossary explains it explains once.
        mark(page.select("dt"), 1);
        List<Element> leading = new ArrayList<>();
        for (Element bold : page.select(BOLD)) {
            if (opensItsParagraph(bold)) {
                leading.add(bold);
            }
        }
        mark(leading, 2);
    }

    /** @param timesEach how often at least each name must come on average, or once more in all where that is 1 */
    private static void mark(List<Element> names, int timesEach) {
        Set<String> different = new HashSet<>();
        names.forEach(n -> different.add(n.text().strip()));
        boolean speakers = names.size() >= FEWEST
                && different.size() * timesEach <= names.size()
                && different.size() < names.size()
                && different.stream().allMatch(SetOffSpeakers::isName);
        if (!speakers) {
            return;
        }
        for (Element name : names) {
            if (!name.text().strip().endsWith(":")) {
                name.appendText(":");
            }
            joinWithWords(name);
        }
    }

    private static boolean isName(String text) {
        return !text.isEmpty()
                && text.length() <= LONGEST_NAME
                && Character.isLetter(text.charAt(0))
                && !text.matches(".*[.?!]");
    }

    private static boolean opensItsParagraph(Element bold) {
        for (Node before = bold.previousSibling(); before != null; before = before.previousSibling()) {
            if (!(before instanceof TextNode text) || !text.isBlank()) {
                return false;
            }
        }
        Element parent = bold.parent();
        return parent != null
                && !parent.normalName().equals("td")
                && !parent.normalName().equals("th");
    }

    /** A name that stands in a paragraph of its own is moved to the front of the next. */
    private static void joinWithWords(Element name) {
        Element paragraph = name.normalName().equals("dt") ? name : name.parent();
        boolean alone =
                paragraph == name || paragraph.text().strip().equals(name.text().strip());
        Element next = paragraph.nextElementSibling();
        if (alone && next != null) {
            next.prependText(name.text().strip() + " ");
            paragraph.remove();
        } else if (!alone) {
            name.appendText(" ");
        }
    }
}
