package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;

/** Reads a plain question into what is wanted, by its form. */
final class QuestionReader {
    private record Cue(Pattern pattern, Aim aim) {}

    /** In order: the first that matches tells the aim. */
    private static final List<Cue> CUES = new ArrayList<>();

    static {
        cue("summar(?:y|ise|ize)|recap|in short|minutes of|sum up|tl;?dr", Aim.MEETING);
        cue(
                "(?:which|what|all|list|how many)(?: \\w+)? (?:meetings|folios|calls)\\b(?! (?:say|said|mention))",
                Aim.MEETING);
        cue(
                "what(?:'?s| has| was)? (?:happened|went on|been going on|did we (?:do|cover|discuss|talk about))(?: (?:in|on|at|last|this|over|during|the week)\\b|$)(?!.* (?:with|about|to) )",
                Aim.MEETING);
        cue(
                "^(?:(?:list|show|tell)(?: me)? )?(?:the |our )?meetings (?:of|in|from|during|since|held|last|this)\\b",
                Aim.MEETING);
        cue("everything (?:about|on)", Aim.SAYING);
        cue(
                "who (?:was|were|is|all was) (?:there|at|present|absent|away|missing|late|(?:in|on) (?:the|our|a|last|all|any|every|for)\\b(?! (?:charge|duty|lead)))\\b"
                        + "|who (?:came|attended|turned up|showed up|joined|made it|missed|has missed|have missed|had missed|hasn'?t been|sent apologies|did ?n'?t (?:come|attend|turn up|make it|show))(?: (?:there|at|to|in|on|late|the|two|three|most|all|any|our|a|steering|meetings?)\\b|\\?|$)",
                Aim.ATTENDANCE);
        cue(
                "(?:was|were|wasn'?t|weren'?t) \\p{Lu}\\p{L}+(?: \\p{Lu}\\p{L}+)?(?: and \\p{Lu}\\p{L}+)? (?:at|in) (?:the|our|last|every|each|any|all) (?-i:(?!\\p{Lu}))(?:\\p{L}+ ){0,3}(?:meetings?|calls?|reviews?|group|weekl(?:y|ies)|sessions?|catch-?ups?|briefings?|boards?|committees?)\\b",
                Aim.ATTENDANCE);
        cue(
                "roles? of (?:the |our )?(?:people|members|attendees|participants|guests|those)\\b|apologies|attend(?:ed|ance)?\\b|who (?:spoke|talked|said) (?:the )?(?:most|least)|speaking (?:time|share)s?|(?:was|were) \\p{L}+ (?:there|present|absent)\\b|how often (?:was|did) \\p{L}+ (?:there|miss|attend)",
                Aim.ATTENDANCE);
        cue(
                "who (?:was|were|is|voted|spoke|argued|stood) against|who (?:objected|disagreed|dissented|opposed|abstained|wasn'?t happy|did ?n'?t (?:like|want|agree))|contested|unanimous|objections?\\b|any ?(?:one|body) (?:against|object|disagree)|pros and cons|arguments? (?:for|against)|for and against|who wanted|who (?:was|were) (?:for|in favour|keen)|did (?:everyone|everybody|all) agree|was there (?:any )?(?:disagreement|dissent)",
                Aim.OBJECTION);
        cue(
                "why\\b|how come|what(?:'s| was| were| is) the reasons?|reasons? (?:for|given|behind)|what made us",
                Aim.REASON);
        cue(
                "overdue|past due|who owes|owes?\\b|owing|outstanding|still to do|to-?dos?\\b|action(?:s| items?| points?)?\\b|supposed to|meant to (?:have|be doing|do)|who (?:was|were|is|are) (?:meant|supposed|asked|going) to|what (?:did|has|does) \\p{L}+(?: \\p{L}+)? (?:promise|take on|agree to do|have to do|need to do|commit)|what(?:'s| is) on \\p{L}+(?:'s)? (?:plate|list)|promised? (?:to do|us)|what (?:still )?(?:has|have|needs?|is|are|remains?|must|should)(?: still)?(?: left)? (?:to )?be done|what(?:'s| is| still)? (?:left to do|needs? doing)|who(?:'s| is) (?:doing|down for|responsible for|taking care of|to do)",
                Aim.ACTION);
        cue("(?:which|what|all|any|the|our|how many)(?: \\p{L}+){0,2} (?:risks?|worries|concerns)\\b", Aim.RISK);
        cue("open questions?|unanswered|still (?:open|unclear|to be answered)|don'?t know yet", Aim.QUESTION);
        cue("risks?\\b|worr(?:y|ies|ied)|blockers?\\b|dependenc(?:y|ies)|concerns?\\b", Aim.RISK);
        cue(
                "how (?:did|has|have|had) (?:.*?)(?:mov|chang|develop|evolv|grow|grown|grew|ris|fall|fell|shift|slip|go(?:ne)? (?:up|down)|vary|varied)|how often has .*(?:mov|chang|slip)|over time|over the (?:year|months|quarter)|history of|has (?:that|it) (?:moved|changed)",
                Aim.CHANGE);
        cue(
                "who(?:'s| is| was| has| had)? (?:actually )?(?:said|says|told|mention|claim|warn|suggest|propos|rais|brought up|pointed out|asked for|thought|reckon|call)",
                Aim.SPEAKER);
        cue(
                "what (?:did|has|does|do) (?:.*?)(?:say|said|think|thought|tell|told|complain|suggest|propose|report|mention|reckon|ask)\\b|what was said|anything (?:said|about)|what do we know about",
                Aim.SAYING);
        cue(
                "(?:which|what|main|key|all|list|list of|the|any)(?: (?:the|main|key|big|other|our|of the))* decisions|decisions (?:from|of|in|about|on|that|did|were)|what (?:did|have|has|was|had)(?: \\p{L}+){0,3} (?:decid|agree|settle|resolv|chos|choos|conclud)|(?:did|do|have|has)(?: \\p{L}+){0,3} (?:decide|agree|settle|choose|approve|say (?:yes|no)|sign(?:ed)? off|go with|change|keep|drop|vote)|was it (?:decided|agreed)|decisions?\\b|(?:yes|no) to\\b|which \\p{L}+ (?:are|do|did|have) we\\b|in or out|or not\\b|is it still|are we still|do we still|still (?:on|going ahead|stand)|carrying on|go(?:ing)? ahead",
                Aim.DECISION);
        cue(
                "when\\b|what (?:date|day|time)|by when|which (?:day|date|week|month)|how soon|what(?:'s| is) planned",
                Aim.DAY);
        cue(
                "how (?:many|much|long|big|large|far|high|heavy|often|old)|what (?:\\p{L}+ )?(?:did|does|do|will|would) (?:.* )?(?:cost|pay|charge|earn)\\b|what(?:'s| is| was| are| were)? (?:the |our )?(?:\\p{L}+ ){0,3}(?:price|cost|costs|fee|fees|budget|rent|premium|total|number|figure|rate|percentage|amount|cap|quote|estimate|deposit|salary|wage|bill)",
                Aim.FIGURE);
        cue(
                "what (?:happened|became|has become|'s happening|is happening|came) (?:of|to|with|about|out)|where (?:is|are|did|does|do|has) (?:that|it|we|this|.* (?:get|got|stand|at))|did .* (?:ever|finish|get|come|arrive|go|happen|manage|send|sort|in the end|after all|at last)|(?:is|are|has|have|was|were) .* (?:done|finished|sorted|ready|back|in yet|arrived|come|happened|fixed|yet)|how far|status|progress|what'?s (?:the )?(?:latest|news)|how(?:'s| is| are) .* (?:going|getting on|coming along)|what did .* get|(?:has|have|was|were|is|are) (?!.*\\b(?:we|there)\\b).* (?:been )?\\p{L}{3,}ed\\b",
                Aim.STATUS);
        cue("who\\b", Aim.SPEAKER);
    }

    private static void cue(String words, Aim aim) {
        CUES.add(new Cue(Pattern.compile("(?<![\\p{L}\\p{N}'])(?:" + words + ")", Pattern.CASE_INSENSITIVE), aim));
    }

    /** Words of a question that ask, and tell nothing of what is asked about. */
    private static final List<String> ASKING_WORDS = List.of(
            """
            decide decided decision agree agreed settle settled conclude concluded choose chose chosen approve approved
            say said tell told mention mentioned ask asked talk talked discuss discussed happen happened went summarise
            summarize summary recap please main big all any anything everything else end ended still
            actually ever now since currently current latest today yet already right about what's who's how's when's
            where's why's meeting meetings folio folios why reason reasons given overdue outstanding owe owes owing action
            actions item items todo supposed meant status progress risk risks question questions open
            unanswered against objected object disagreed disagree opposed contested unanimous missed miss attended attend
            attendance apologies present absent there many much long often moved changed change over time history year
            figure wanted argued argue carrying carry become became planned minutes us me our we i you me
            everybody anyone anybody else date dates day days far gave give given done did doing finish finished
            stand stands standing was were is are be least most pros cons taken took
            """
                    .strip()
                    .split("\\s+"));

    private static final Set<String> ASKING =
            ASKING_WORDS.stream().map(Words::stem).collect(Collectors.toSet());

    /** The same, as what may be meant by a slip of the fingers; none is meant more often than another. */
    private static final Map<String, Integer> MEANT =
            ASKING_WORDS.stream().distinct().collect(Collectors.toMap(Function.identity(), w -> 1));

    private static final Pattern WANTS_LIST = Pattern.compile(
            "(?:^|, ?|\\? ?)list\\b|\\blist(?: please)?[.?!]?$|\\blist of\\b|^(?:all|which (?:decisions|actions|meetings|risks|questions))\\b|\\b(?:everything|who owes what|lessons|decisions|actions|risks|questions)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WANTS_TABLE =
            Pattern.compile("\\btable\\b|pros and cons|for and against", Pattern.CASE_INSENSITIVE);
    private static final Pattern WANTS_COUNT = Pattern.compile("\\bhow many\\b", Pattern.CASE_INSENSITIVE);
    /** What can be counted as it is recorded; anything else is a figure that somebody has to have said. */
    private static final Set<Aim> COUNTED =
            EnumSet.of(Aim.ACTION, Aim.DECISION, Aim.QUESTION, Aim.RISK, Aim.MEETING, Aim.ATTENDANCE);

    private static final Pattern YES_NO = Pattern.compile(
            "^(?:so |and )?(?:did|do|does|is|are|was|were|has|have|had|can|could|will|would|should)\\b"
                    + "|, (?:did|is|are|was|has|have) (?:it|that|they|we)\\b|\\bor not\\b|\\bin or out\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CHANGED = Pattern.compile(
            "overturn|revers|went back on|go back on|gone back on|(?:decisions?|did we) (?:.* )?(?:chang|withdr)|undone|undo",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WHICH_MEETINGS = Pattern.compile(
            "(?:the |our |at |last |of )(?<name>(?:\\p{L}[\\p{L}-]* ){1,3}?)(?:meeting|call|review|session|catch-?up)s?\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OVERDUE = Pattern.compile("overdue|past due|late\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPEN =
            Pattern.compile("still|outstanding|owes?\\b|open|owing|not done|to do", Pattern.CASE_INSENSITIVE);

    /** Words that ask in a phrase, and elsewhere may be what is asked about: "in short", but "too short". */
    private static final Pattern ASKING_PHRASE = Pattern.compile(
            "\\b(?:in short|(?:with )?a (?:short )?line (?:each|for each)|(?:as|in) an? (?:short )?(?:table|list)"
                    + "|key (?=(?:decision|point|risk|action|question|topic|thing)s?\\b))",
            Pattern.CASE_INSENSITIVE);

    /** Two words in one with the apostrophe forgotten: "whats", "didnt". */
    private static final Pattern CONTRACTED = Pattern.compile("(?:what|who|how|when|where|why|that|there)s"
            + "|(?:did|does|do|is|are|was|were|has|have|had|ca|could|wo|would|should)nt");

    /** Those who come to a meeting, where nothing else of them is asked. */
    private static final Pattern ATTENDANT =
            Pattern.compile("people|persons?|roles?|attendees?|participants?|guests?", Pattern.CASE_INSENSITIVE);

    private static final Pattern ARTICLE = Pattern.compile("\\b(?:the|our|a|this|that) $", Pattern.CASE_INSENSITIVE);
    private static final Pattern WORD = Pattern.compile("[\\p{L}][\\p{L}'’-]*");
    private static final Pattern WORD_OR_NUMBER = Pattern.compile("[\\p{L}\\p{N}]+(?:['’.,-][\\p{L}\\p{N}]+)*");

    private final Roster roster;
    private final Mentions mentions;

    QuestionReader(List<Person> people) {
        this.roster = new Roster(people);
        this.mentions = new Mentions(roster);
    }

    /**
     * Reads a question.
     *
     * @param today the day it is asked on
     */
    Wanted read(String question, LocalDate today) {
        Optional<TwoInOne> two = TwoInOne.of(question.strip());
        String text = mended(two.map(TwoInOne::first).orElse(question.strip()));
        Aim aim = CUES.stream()
                .filter(c -> c.pattern().matcher(text).find())
                .map(Cue::aim)
                .findFirst()
                .orElse(Aim.ANYTHING);
        Optional<PeriodReader.Found> period = PeriodReader.in(text, today);
        List<Mention> named = named(text);
        Matcher which = WHICH_MEETINGS.matcher(text);
        String meetings = which.find() ? which.group("name").strip() : null;
        return new Wanted(
                aim,
                form(text, aim),
                about(text, aim, period.map(PeriodReader.Found::span).orElse(null), named),
                named.stream().map(Mention::person).distinct().toList(),
                period.map(PeriodReader.Found::period).orElse(null),
                meetings == null || meetings.isBlank() ? null : meetings,
                OPEN.matcher(text).find(),
                OVERDUE.matcher(text).find(),
                CHANGED.matcher(text).find(),
                two.map(TwoInOne::second).orElse(null));
    }

    /**
     * The question with the words it asks with put right: "agianst" asks as "against" does, "whats" as "what's". Names
     * stay as they are.
     */
    private String mended(String question) {
        return WORD.matcher(question).replaceAll(m -> Matcher.quoteReplacement(mendedWord(m.group())));
    }

    private String mendedWord(String word) {
        if (!roster.candidates(word).isEmpty()) {
            return word;
        }
        String plain = word.toLowerCase(Locale.ROOT);
        int last = plain.length() - 1;
        return CONTRACTED.matcher(plain).matches()
                ? plain.substring(0, last) + "'" + plain.substring(last)
                : Spelling.nearest(plain, MEANT).orElse(word);
    }

    /** Who is named; with a forgotten apostrophe ("Toms form") as well. */
    private List<Mention> named(String text) {
        List<Mention> found = new ArrayList<>(mentions.in(text));
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            boolean known = found.stream().anyMatch(m -> m.start() <= word.start() && word.start() < m.end());
            String bare = word.group();
            boolean possessive = bare.length() > 3 && bare.endsWith("s");
            if (!known && Character.isUpperCase(bare.charAt(0)) && possessive) {
                roster.resolve(bare.substring(0, bare.length() - 1))
                        .ifPresent(p -> found.add(new Mention(p, word.start(), word.end())));
            }
        }
        found.sort((a, b) -> Integer.compare(a.start(), b.start()));
        return found;
    }

    private static Form form(String text, Aim aim) {
        if (WANTS_TABLE.matcher(text).find() || aim == Aim.CHANGE) {
            return Form.TABLE;
        }
        if (COUNTED.contains(aim) && WANTS_COUNT.matcher(text).find()) {
            return Form.COUNT;
        }
        if (WANTS_LIST.matcher(text).find()) {
            return Form.LIST;
        }
        return YES_NO.matcher(text).find() ? Form.YES_NO : Form.SENTENCE;
    }

    /** Whether a word stands behind an article: "the move", other than "how did it move". */
    private static boolean isNoun(String text, int start) {
        return ARTICLE.matcher(text).region(0, start).find();
    }

    /** The words that are left when those are taken out that ask, name days, or name people. */
    private static String about(String text, Aim aim, Span period, List<Mention> named) {
        StringBuilder about = new StringBuilder();
        List<Span> phrases = ASKING_PHRASE
                .matcher(text)
                .results()
                .map(m -> new Span(m.start(), m.end()))
                .toList();
        Matcher word = WORD_OR_NUMBER.matcher(text);
        while (word.find()) {
            boolean inPeriod = period != null && word.start() >= period.start() && word.start() < period.end();
            boolean inName = named.stream().anyMatch(m -> word.start() >= m.start() && word.start() < m.end());
            String plain = word.group().toLowerCase(Locale.ROOT).replace('’', '\'');
            boolean asks = phrases.stream().anyMatch(p -> word.start() >= p.start() && word.end() <= p.end())
                    || Words.isEmptyWord(plain)
                    || Words.isEmptyWord(Words.stem(plain))
                    || ASKING.contains(Words.stem(plain))
                    || plain.equals("list") && WANTS_LIST.matcher(text).find()
                    || plain.equals("move") && aim == Aim.CHANGE && !isNoun(text, word.start())
                    || CHANGED.matcher(plain).find()
                    || ATTENDANT.matcher(plain).matches() && aim == Aim.ATTENDANCE
                    || plain.startsWith("promise") && (aim == Aim.ACTION || aim == Aim.STATUS);
            if (!inPeriod && !inName && !asks) {
                about.append(about.isEmpty() ? "" : " ").append(word.group());
            }
        }
        return about.toString();
    }
}
