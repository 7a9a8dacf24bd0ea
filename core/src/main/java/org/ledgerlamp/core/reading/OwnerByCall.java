package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;

/**
 * Whose an action is in a transcript that names no speakers and may have no punctuation: the one called by name where
 * it is told ("terry get it plated tonight") or just before it is taken on ("any heat at all terry / ill drop two round").
 */
final class OwnerByCall {
    /** As written, also in a talk without apostrophes. */
    private static final Pattern TAKEN_ON =
            Pattern.compile("(?<![\\p{L}'])(?:i'?ll|i (?:will|can|could)|i'?m (?:going to|gonna))(?![\\p{L}'])");
    /** A name behind these words is talked about, not called. */
    private static final Pattern TALKED_ABOUT = Pattern.compile(
            "(?:^|\\s)(?:with|to|from|for|of|about|by|and|or|than|at|on|is|was|told|tell|ask|asked|get|got|let|see|saw|says?|said|thinks?|mean|that|because|if|when|has|does|did)\\s*$");
    /** What the one who was called says first; or nothing more stands before the answer. */
    private static final Pattern ANSWERED = Pattern.compile(
            "^[\\s,.?!]*(?:$|(?:yeah|yes|yep|aye|no|not|okay|ok|sure|well|right|all right|fine|leave it)(?![\\p{L}]))");

    private static final Pattern ASKED_AFTER = Pattern.compile("^[\\s,]*(?:can|could|will|would) you(?![\\p{L}])");
    private static final Pattern ASKED_BEFORE = Pattern.compile("(?<![\\p{L}])(?:can|could|will|would) you[\\s,]*$");
    private static final Pattern TOLD = Pattern.compile("^[\\s,]*(?:please |just )?" + Deeds.VERB + "(?![\\p{L}])");
    private static final Pattern TOLD_FIRST = Pattern.compile(
            "^(?:(?:so|well|no|yeah|right|okay|ok|then|and|but|just|please)\\s+)*" + Deeds.VERB + "(?![\\p{L}]).*",
            Pattern.DOTALL);
    private static final int SENTENCES_BACK = 4;
    private static final int MOST_WORDS_BETWEEN = 24;

    private final Talk talk;

    OwnerByCall(Talk talk) {
        this.talk = talk;
    }

    /** {@code action} with the owner that {@code s}, which carries it, tells of; unchanged where nobody was called or speakers are named. */
    Finding owned(Finding action, Sentence s) {
        if (talk.source().isNotes()
                || talk.source().utterances().get(s.utterance()).speaker() != null) {
            return action;
        }
        Person answers = answering(s);
        return answers == null ? action.ownedBy(told(s), null) : action.ownedBy(answers, answers);
    }

    /** "Terry, get it plated", "get it in tomorrow, Bashir". */
    private static Person told(Sentence s) {
        String text = lower(s.text());
        for (Mention m : s.mentions()) {
            String before = text.substring(0, m.start());
            boolean called = !TALKED_ABOUT.matcher(before).find();
            if (called
                    && (TOLD.matcher(text.substring(m.end())).find()
                            || TOLD_FIRST.matcher(before).matches())) {
                return m.person();
            }
        }
        return null;
    }

    /** The one called last before somebody says "I'll"; whoever calls while taking something on is not the one called. */
    private Person answering(Sentence s) {
        Matcher takenOn = TAKEN_ON.matcher(lower(s.text()));
        if (!takenOn.find()) {
            return null;
        }
        int words = 0;
        for (int i = s.index(); i >= Math.max(0, s.index() - SENTENCES_BACK); i--) {
            Sentence earlier = talk.sentences().get(i);
            String text = lower(earlier.text());
            int end = i == s.index() ? takenOn.start() : text.length();
            List<Mention> named =
                    earlier.mentions().stream().filter(m -> m.end() <= end).toList();
            for (Mention m : named.reversed()) {
                String before = text.substring(0, m.start());
                String after = text.substring(m.end(), end);
                boolean near = words + Words.count(after) <= MOST_WORDS_BETWEEN;
                boolean answered = i < s.index() || !after.isBlank();
                if (near && answered && isAsked(before, after)) {
                    return ActionCues.PROMISE.matches(before) ? other(m.person()) : m.person();
                }
            }
            words += Words.count(text.substring(0, end));
        }
        return null;
    }

    /** Of two people the one who is not called, or null where more are expected. */
    private Person other(Person called) {
        List<String> expected = talk.meeting().invited();
        if (expected.size() != 2 || !expected.contains(called.name())) {
            return null;
        }
        return talk.meeting().roster().stream()
                .filter(p -> expected.contains(p.name()) && !p.equals(called))
                .findFirst()
                .orElse(null);
    }

    private static boolean isAsked(String before, String after) {
        return !TALKED_ABOUT.matcher(before).find()
                && (ANSWERED.matcher(after).find()
                        || ASKED_AFTER.matcher(after).find()
                        || ASKED_BEFORE.matcher(before).find());
    }

    private static String lower(String text) {
        return text.toLowerCase(Locale.ROOT).replace('’', '\'');
    }
}
