package org.ledgerlamp.core.reading;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.Utterance;

/**
 * Reads who was there: who spoke, who is listed as present, who sent apologies or was expected and never spoke. Where talk names
 * no speakers, those are there who are spoken to by name or say who they are; of the others nothing is known.
 */
final class AttendanceReader {
    private static final RuleSet APOLOGY = RuleSet.named("attendance.apology");
    private static final Pattern PRESENT_LIST = Pattern.compile(
            "^(?:here|present|attend(?:ing|ees|ed)|there|in the room|in)\\s*[:;-]\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern ABSENT_IN_LIST = Pattern.compile(
            "(?:apols?|apologies|absent|not here|missing|regrets)\\b[:;\\s-]*", Pattern.CASE_INSENSITIVE);
    private static final Pattern LATE =
            Pattern.compile("\\b(?:late|later|at \\d|came|joins?|joined|minutes)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern BARE_LIST = Pattern.compile("^(?:here|present)\\s", Pattern.CASE_INSENSITIVE);
    /** Ends what was said of those who are absent, unlike the stop behind an initial. */
    private static final Pattern FULL_STOP = Pattern.compile("(?<=\\p{L}{2}|\\))\\.\\s");

    private static final int FEWEST_IN_A_BARE_LIST = 3;
    private static final Pattern MINUTE_TAKER = Pattern.compile(
            "(?<![\\p{L}])(?:min(?:ute)?s?[ -]?tak(?:er|ing)|(?:minutes|notes|minuted)(?: taken)? by|scribe|taking (?:the )?(?:minutes|notes))(?![\\p{L}])",
            Pattern.CASE_INSENSITIVE);
    private static final int REACH_OF_AN_APOLOGY = 40;
    private static final int FIRST_LINES = 6;
    private static final double PART_IN_WHICH_APOLOGIES_ARE_READ = 0.15;

    private final Talk talk;

    AttendanceReader(Talk talk) {
        this.talk = talk;
    }

    List<Presence> read() {
        Map<String, Speech> speech = new LinkedHashMap<>();
        Map<String, Person> known = new LinkedHashMap<>();
        countSpeech(speech, known);
        Set<Person> present = new LinkedHashSet<>(known.values());
        Set<Person> apologies = new LinkedHashSet<>();
        boolean listsPeople = talk.source().isNotes() && listed(present, apologies);
        apologies.addAll(apologised());
        apologies.removeAll(present);
        Arrivals arrivals = new Arrivals(talk);
        arrivals.welcomed().stream().filter(p -> !apologies.contains(p)).forEach(present::add);
        boolean namesNobody = speech.isEmpty() && !talk.source().isNotes();
        if (namesNobody) {
            arrivals.spokenTo().stream().filter(p -> !apologies.contains(p)).forEach(present::add);
        } else if (speech.isEmpty() && !listsPeople) {
            invited().stream().filter(p -> !apologies.contains(p)).forEach(present::add);
        }
        Set<Person> late = arrivals.late();
        if (talk.source().isNotes()) {
            late.stream().filter(p -> !apologies.contains(p)).forEach(present::add);
        }
        int all = speech.values().stream().mapToInt(s -> s.words).sum();
        List<Presence> attendance = new ArrayList<>();
        speech.forEach((name, spoken) -> {
            Person person = known.get(name);
            double share = all == 0 ? 0 : Math.round(1000.0 * spoken.words / all) / 1000.0;
            attendance.add(new Presence(
                    name,
                    person == null ? null : person.role(),
                    Attended.PRESENT,
                    late.contains(person),
                    spoken.words,
                    share,
                    spoken.turns,
                    spoken.time));
        });
        Set<String> done = new HashSet<>(speech.keySet());
        present.stream()
                .filter(p -> done.add(p.name()))
                .forEach(p -> attendance.add(silent(p, Attended.PRESENT, late.contains(p))));
        Set<Person> absent = new LinkedHashSet<>(invited());
        absent.addAll(apologies);
        absent.stream().filter(p -> done.add(p.name())).forEach(p -> {
            boolean unknown = namesNobody && !apologies.contains(p);
            attendance.add(silent(p, unknown ? Attended.UNKNOWN : Attended.ABSENT, false));
        });
        return attendance;
    }

    private static Presence silent(Person person, Attended attended, boolean late) {
        return new Presence(person.name(), person.role(), attended, late, 0, 0, 0, null);
    }

    /** What one person said, counted. */
    private static final class Speech {
        private int words;
        private int turns;
        private Duration time;
    }

    private List<Person> invited() {
        return talk.meeting().roster().stream()
                .filter(p -> talk.meeting().invited().contains(p.name()))
                .toList();
    }

    private void countSpeech(Map<String, Speech> speech, Map<String, Person> known) {
        String before = null;
        for (Utterance u : talk.source().utterances()) {
            if (u.speaker() == null) {
                before = null;
                continue;
            }
            Person person = talk.speaker(u.n());
            String name = person == null ? u.speaker() : person.name();
            if (person != null) {
                known.put(name, person);
            }
            Speech spoken = speech.computeIfAbsent(name, n -> new Speech());
            spoken.words += Words.count(u.text());
            spoken.turns += name.equals(before) ? 0 : 1;
            Duration length = lengthOf(u);
            if (length != null) {
                spoken.time = spoken.time == null ? length : spoken.time.plus(length);
            }
            before = name;
        }
    }

    private Duration lengthOf(Utterance u) {
        if (u.start() == null) {
            return null;
        }
        Duration until = u.end();
        if (until == null && u.n() + 1 < talk.utterances()) {
            until = talk.source().utterances().get(u.n() + 1).start();
        }
        return until == null || until.compareTo(u.start()) < 0 ? Duration.ZERO : until.minus(u.start());
    }

    /**
     * Reads the lines of notes that list who is there, who is not, and who takes the minutes.
     *
     * @return whether somebody is listed as present
     */
    private boolean listed(Set<Person> present, Set<Person> apologies) {
        Mentions mentions = talk.meeting().mentions();
        boolean listed = false;
        for (Utterance line : talk.source().utterances()) {
            List<Mention> named = mentions.in(line.text());
            boolean list = PRESENT_LIST.matcher(line.text()).find()
                    || named.size() >= FEWEST_IN_A_BARE_LIST
                            && BARE_LIST.matcher(line.text()).find();
            if (list) {
                Matcher absent = ABSENT_IN_LIST.matcher(line.text());
                int cut = absent.find() ? absent.start() : line.text().length();
                Matcher stop = FULL_STOP.matcher(line.text());
                int resumed = stop.find(Math.min(cut, line.text().length()))
                        ? stop.end()
                        : line.text().length();
                named.stream().filter(m -> m.start() < cut).forEach(m -> present.add(m.person()));
                named.stream()
                        .filter(m -> m.start() > cut && m.start() < resumed)
                        .forEach(m -> apologies.add(m.person()));
                listed |= !named.isEmpty();
            } else if (ABSENT_IN_LIST.matcher(line.text()).lookingAt()) {
                named.forEach(m -> apologies.add(m.person()));
            } else if (line.n() < FIRST_LINES
                    && MINUTE_TAKER.matcher(line.text()).find()) {
                named.stream().limit(1).forEach(m -> present.add(m.person()));
            }
        }
        return listed;
    }

    private Set<Person> apologised() {
        Set<Person> people = new LinkedHashSet<>();
        for (Sentence s : talk.opening(PART_IN_WHICH_APOLOGIES_ARE_READ)) {
            if (APOLOGY.matches(s.plain()) && !PRESENT_LIST.matcher(s.text()).find()) {
                excused(s).stream()
                        .filter(m -> !LATE.matcher(s.text()
                                        .substring(m.end(), Math.min(s.text().length(), m.end() + 20)))
                                .find())
                        .filter(m -> !m.person().equals(s.speaker()))
                        .limit(2)
                        .forEach(m -> people.add(m.person()));
            }
        }
        return people;
    }

    /** Of many people named in one breath those of whom the apology is said; of few all. */
    private static List<Mention> excused(Sentence s) {
        List<Mention> named = s.mentions();
        if (named.size() <= 2) {
            return named;
        }
        List<Mention> excused = new ArrayList<>();
        for (int i = 0; i < named.size(); i++) {
            int end = named.get(i).end();
            int next =
                    i + 1 < named.size() ? named.get(i + 1).start() : s.text().length();
            String after = s.text().substring(end, Math.min(next, end + REACH_OF_AN_APOLOGY));
            if (APOLOGY.matches(after.toLowerCase(Locale.ROOT).replace('’', '\''))) {
                excused.add(named.get(i));
            }
        }
        return excused.isEmpty() ? named : excused;
    }
}
