package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * Reads note lines: by their mark, or, unmarked, by the shorthand people use for who does what and what was settled.
 */
final class NotesFinder {
    /** "Action for Ana: tell the harbour master." */
    private static final Pattern FOR_SOMEBODY = Pattern.compile(
            "\\s*(?:action|actions|task|todo|to do|ap)(?:\\s+(?:for|on|by))?\\s*[:–-]?\\s*", Pattern.CASE_INSENSITIVE);

    private static final Pattern NAME_TO_DO =
            Pattern.compile("^\\s*(?:to|will|2)?\\s*" + Deeds.VERB + "(?:s|es|ing)?\\b", Pattern.CASE_INSENSITIVE);
    private static final RuleSet SETTLED = RuleSet.named("note.settled");
    private static final Pattern ARROW = Pattern.compile("(?:^|\\s)(?:-+>|=+>|→)\\s*");
    private static final RuleSet ASKED = RuleSet.named("note.asked");
    private static final RuleSet WORRY = RuleSet.named("note.worry");
    private static final RuleSet GOOD = RuleSet.named("note.good");
    private static final RuleSet BAD = RuleSet.named("note.bad");

    /** How certain a mark makes a line's kind: whoever set it knew. */
    static final double MARKED = 0.95;

    private static final Pattern NOT_MEANT = Pattern.compile(
            "\\b(?:ha(?:ha)+|lol|joke|joking|jk)\\b|[:;]-?\\)|[-–,;(]\\s*(?:\\p{Lu}{2,3}\\s+|(?:s?he|they)\\s+)?(?:no|nope|can't|cant|won't|wont|refused|declined)\\b");
    /** Who begins a note with a name and a deed means that it is to be done. */
    private static final double SOMEBODYS = 0.75;

    private final Talk talk;

    NotesFinder(Talk talk) {
        this.talk = talk;
    }

    List<Finding> find() {
        List<Finding> found = new ArrayList<>();
        Source source = talk.source();
        for (NoteLine line : source.noteLines()) {
            if (!line.heading()
                    && !line.isSignature()
                    && line.mark().filter(m -> m == Mark.DONE).isEmpty()) {
                read(line).ifPresent(found::add);
            }
        }
        return found;
    }

    private Optional<Finding> read(NoteLine line) {
        List<Sentence> sentences = talk.of(line.n());
        if (sentences.isEmpty()) {
            return Optional.empty();
        }
        Kind kind = line.mark().map(NotesFinder::kindOf).orElse(null);
        Judgement judgement = new Judgement();
        List<Mention> mentions =
                sentences.stream().flatMap(s -> s.mentions().stream()).toList();
        Person owner = ownerIn(line, sentences.getFirst());
        if (kind != null) {
            judgement.favours(MARKED, "marked so in the notes");
            owner = owner == null && kind == Kind.ACTION && !mentions.isEmpty()
                    ? mentions.getFirst().person()
                    : owner;
        } else {
            kind = kindOf(line, owner, sentences.getFirst().plain(), judgement);
        }
        if (kind == null || judgement.certainty() < Thresholds.WORTH_KEEPING) {
            return Optional.empty();
        }
        SpokenDate due = kind != Kind.ACTION
                ? null
                : sentences.stream()
                        .flatMap(s -> s.dates().stream())
                        .findFirst()
                        .orElse(null);
        Finding.Backing backing =
                kind == Kind.DECISION ? new Finding.Backing(null, List.of(), List.of(), Standing.AGREED) : null;
        return Optional.of(new Finding(
                kind,
                line.text(),
                null,
                null,
                null,
                kind == Kind.ACTION ? owner : null,
                due,
                backing,
                judgement.certainty(),
                judgement.reasons(),
                sentences.stream().map(talk::evidence).limit(5).toList()));
    }

    private static Kind kindOf(NoteLine line, Person owner, String plain, Judgement judgement) {
        if (owner != null && !NOT_MEANT.matcher(line.text()).find()) {
            judgement.favours(SOMEBODYS, "noted as somebody's to do");
            return Kind.ACTION;
        }
        if (ASKED.matches(plain)) {
            judgement.favours(ASKED, plain);
            return Kind.QUESTION;
        }
        if (SETTLED.matches(plain) || ARROW.matcher(line.text()).find()) {
            judgement.favours(0.6, "noted as outcome");
            return Kind.DECISION;
        }
        if (WORRY.matches(plain)) {
            judgement.favours(WORRY, plain);
            return Kind.RISK;
        }
        if (GOOD.matches(plain)) {
            judgement.favours(GOOD, plain);
            return Kind.HIGHLIGHT;
        }
        if (BAD.matches(plain)) {
            judgement.favours(BAD, plain);
            return Kind.LOWLIGHT;
        }
        return null;
    }

    private static Kind kindOf(Mark mark) {
        return switch (mark) {
            case ACTION, TASK, DONE -> Kind.ACTION;
            case DECISION -> Kind.DECISION;
            case QUESTION -> Kind.QUESTION;
            case RISK -> Kind.RISK;
            case HIGHLIGHT -> Kind.HIGHLIGHT;
            case LOWLIGHT -> Kind.LOWLIGHT;
        };
    }

    /** "PV to do the letter", "kit - FN orders it": the person a line begins with, or initials in it, where a deed follows. */
    private static Person ownerIn(NoteLine line, Sentence s) {
        Matcher arrow = ARROW.matcher(line.text());
        int from = arrow.lookingAt() ? arrow.end() : 0;
        for (Mention mention : s.mentions()) {
            String before = s.text().substring(Math.min(from, mention.start()), mention.start());
            boolean initials = s.text()
                    .substring(mention.start(), mention.end())
                    .equals(mention.person().initials());
            if (FOR_SOMEBODY.matcher(before).matches()
                    || (before.isBlank() || initials)
                            && NAME_TO_DO
                                    .matcher(s.text().substring(mention.end()))
                                    .find()) {
                return mention.person();
            }
        }
        return null;
    }
}
