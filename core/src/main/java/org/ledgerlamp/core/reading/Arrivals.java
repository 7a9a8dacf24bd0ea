package org.ledgerlamp.core.reading;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;

/** Tells who was welcomed or spoken to, and who came after the start: by their own excuse, or by what others say of them. */
final class Arrivals {
    private static final Pattern OWN_EXCUSE = Pattern.compile(
            "(?:sorry|apologies)(?:,? (?:all|everyone|everybody|folks))?,? (?:(?:that )?i(?:'m| am|'m a bit| was)(?: a bit| so| running)? late|for being (?:a bit )?late|to be late|i got held up|i was held up|i was stuck|i got stuck|i couldn't get in)"
                    + "|(?:sorry|apologies).{0,20}(?:just (?:got|come) (?:here|in|out of)|late)(?![\\p{L}])|i'm late|what(?:'ve| have| did) i miss(?:ed)?");
    private static final Pattern SAID_OF = Pattern.compile(
            "^(?:'s|'ll|,)?\\s*(?:is |was |will |going to |gonna )?(?:be |been )?(?:a bit |just |running )?(?:late(?![\\p{L}])|join(?:ing|ed|s)? (?:us )?(?:later|late|at|in|from|after)|(?:has |have )?just (?:joined|come in|walked in|arrived|got here)|came in (?:late|at|about|around)|(?:came|phoned in|dialled in|rang in) (?:at |about |around )?\\d|arrive[sd](?! at)|arrived at \\d|turned up (?:late|at)|from \\d{1,2}[:.]\\d\\d|\\(late|here from|in at|joined)");
    private static final Pattern WELCOME = Pattern.compile(
            "(?<![\\p{L}])(?:hi|hello|hey|morning|good morning|afternoon|good afternoon|evening|good evening|welcome|thanks for coming)(?![\\p{L}])");

    private static final Pattern GREETING_BEFORE =
            Pattern.compile("(?<![\\p{L}])(?:hi|hello|hey|morning|afternoon|evening|welcome)[ ,]+$");

    /** "I'm Tom": says who speaks. */
    private static final Pattern SAYS_WHO_IT_IS =
            Pattern.compile("(?<![\\p{L}'])(?:i'm|i am|my name is|my name's)\\s+$");
    /** "Tom here", "hi, this is Tom speaking": tells it only with what stands behind the name. */
    private static final Pattern INTRODUCED_BEFORE =
            Pattern.compile("(?:(?<![\\p{L}'])(?:this is|it's)\\s+|^(?:hi|hello|morning)?,?\\s*)$");

    private static final Pattern INTRODUCED_BEHIND = Pattern.compile("^\\s+(?:here|speaking)(?![\\p{L}]).*");

    private static final int EXCUSED_WITHIN = 3;
    private static final int BEFORE_ANYBODY_IS_LATE = 3;
    private static final double PART_IN_WHICH_PEOPLE_ARE_WELCOMED = 0.1;

    private final Talk talk;
    private final Map<Person, Integer> firstWords = new LinkedHashMap<>();

    Arrivals(Talk talk) {
        this.talk = talk;
        for (int n = 0; n < talk.utterances(); n++) {
            Person speaker = talk.speaker(n);
            if (speaker != null) {
                firstWords.putIfAbsent(speaker, n);
            }
        }
    }

    /** Who came late. */
    Set<Person> late() {
        Set<Person> late = new LinkedHashSet<>();
        for (Sentence s : talk.sentences()) {
            Integer first = s.speaker() == null ? null : firstWords.get(s.speaker());
            if (first != null
                    && s.utterance() - first <= EXCUSED_WITHIN
                    && s.utterance() >= BEFORE_ANYBODY_IS_LATE
                    && OWN_EXCUSE.matcher(s.plain()).find()) {
                late.add(s.speaker());
            }
            for (Mention m : s.mentions()) {
                String after =
                        s.text().substring(m.end()).toLowerCase(Locale.ROOT).replace('’', '\'');
                boolean yetToSpeak = firstWords.getOrDefault(m.person(), Integer.MAX_VALUE) > s.utterance();
                if (yetToSpeak && SAID_OF.matcher(after).find()) {
                    late.add(m.person());
                }
            }
        }
        return late;
    }

    /** Who is called welcome at the beginning. */
    Set<Person> welcomed() {
        Set<Person> welcomed = new LinkedHashSet<>();
        for (Sentence s : talk.opening(PART_IN_WHICH_PEOPLE_ARE_WELCOMED)) {
            if (WELCOME.matcher(s.plain()).find()) {
                s.mentions().stream()
                        .filter(m -> Calls.isCall(s.text(), m) || isGreeted(s.text(), m))
                        .filter(m -> !m.person().equals(s.speaker()))
                        .forEach(m -> welcomed.add(m.person()));
            }
        }
        return welcomed;
    }

    /** Who is called by name, anywhere, or says who it is: all that shows who is there where no speaker is named. */
    Set<Person> spokenTo() {
        Set<Person> there = new LinkedHashSet<>();
        for (Sentence s : talk.sentences()) {
            s.mentions().stream()
                    .filter(m -> Calls.isCall(s.text(), m) || isGreeted(s.text(), m) || isIntroduced(s.text(), m))
                    .forEach(m -> there.add(m.person()));
        }
        return there;
    }

    private static boolean isIntroduced(String text, Mention m) {
        String before = text.substring(0, m.start()).toLowerCase(Locale.ROOT).replace('’', '\'');
        String behind = text.substring(m.end()).toLowerCase(Locale.ROOT);
        return SAYS_WHO_IT_IS.matcher(before).find()
                || INTRODUCED_BEFORE.matcher(before).find()
                        && INTRODUCED_BEHIND.matcher(behind).matches();
    }

    /** "morning terry", also where a transcription writes no commas. */
    private static boolean isGreeted(String text, Mention m) {
        return GREETING_BEFORE
                .matcher(text.substring(0, m.start()).toLowerCase(Locale.ROOT))
                .find();
    }
}
