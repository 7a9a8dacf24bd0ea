package org.ledgerlamp.server.links;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.ledger.DecisionFollower;
import org.ledgerlamp.core.ledger.DecisionLink;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.ledger.FolioSubjects;
import org.ledgerlamp.core.ledger.OpenAction;
import org.ledgerlamp.core.ledger.Recall;
import org.ledgerlamp.core.ledger.RecallFinder;
import org.ledgerlamp.core.ledger.StandingDecision;
import org.ledgerlamp.core.ledger.Subject;
import org.ledgerlamp.core.ledger.Vocabulary;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.FiledMeetings;
import org.ledgerlamp.server.minutes.FiledMeetings.FiledFolio;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links a folio to what was filed before it. */
@Service
@Transactional
public class LinkService {
    /** What was not spoken of for longer is not looked for in new talk any more. */
    private static final int DAYS_REMEMBERED = 400;

    /** So many of each kind are looked for, those spoken of last: what linking a folio costs does not grow with the ledger. */
    private static final int MOST_REMEMBERED = 2000;

    private static final Set<Kind> FOLLOWED = EnumSet.of(Kind.ACTION, Kind.DECISION, Kind.QUESTION, Kind.RISK);

    private final LineLinks links;
    private final LineSubjects subjects;
    private final TeamWords words;
    private final FolioWords folioWords;
    private final MinutesService minutes;
    private final FiledMeetings filed;
    private final ActService acts;
    private final RosterService roster;
    private final ApplicationEventPublisher events;

    LinkService(
            LineLinks links,
            LineSubjects subjects,
            TeamWords words,
            FolioWords folioWords,
            MinutesService minutes,
            FiledMeetings filed,
            ActService acts,
            RosterService roster,
            ApplicationEventPublisher events) {
        this.links = links;
        this.subjects = subjects;
        this.words = words;
        this.folioWords = folioWords;
        this.minutes = minutes;
        this.filed = filed;
        this.acts = acts;
        this.roster = roster;
        this.events = events;
    }

    /** What is said of each of these lines later; nothing that was dismissed. */
    @Transactional(readOnly = true)
    public Map<UUID, List<LineLink>> after(UUID teamId, Collection<UUID> lines) {
        return links.findByTeamIdAndEarlierLineInAndStateNotOrderById(teamId, lines, LineState.STRUCK).stream()
                .collect(Collectors.groupingBy(LineLink::earlierLine));
    }

    /** The folios that say these things, by the id of their minutes; those that are filed no more are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Minutes> foliosOf(UUID teamId, Collection<LineLink> said) {
        return minutes.all(teamId, said.stream().map(LineLink::laterMinutes).collect(Collectors.toSet())).stream()
                .filter(Minutes::isFiled)
                .collect(Collectors.toMap(Minutes::id, Function.identity()));
    }

    /** Decisions taken from one day to another that changed or withdrew an earlier one, in order; nothing dismissed. */
    @Transactional(readOnly = true)
    public List<LineLink> changes(UUID teamId, LocalDate from, LocalDate to, int most) {
        return links.changes(teamId, from, to, Limit.of(most));
    }

    /** What a folio says of earlier lines, the plainest first; also what was dismissed. */
    @Transactional(readOnly = true)
    public List<LineLink> of(Minutes later) {
        return links.findByLaterMinutesOrderByStrengthDescId(later.id());
    }

    /** By line, what became of it, as far as a person confirmed it, in order. */
    @Transactional(readOnly = true)
    public Map<UUID, List<LineLink>> inked(Collection<UUID> lines) {
        return links.findByEarlierLineInAndStateOrderById(lines, LineState.INK).stream()
                .collect(Collectors.groupingBy(LineLink::earlierLine));
    }

    /** Links a folio, unless that is done. */
    void link(UUID teamId, UUID minutesId) {
        Minutes folio = minutes.one(teamId, minutesId);
        if (!folio.isFiled() || folio.isLinked()) {
            return;
        }
        FiledFolio read = filed.of(folio);
        Vocabulary vocabulary = words.vocabulary(teamId);
        vocabulary.add(read.meeting());
        Map<UUID, String> names = roster.names(teamId);
        follow(Kind.ACTION, folio, read, vocabulary, names);
        follow(Kind.QUESTION, folio, read, vocabulary, names);
        follow(Kind.RISK, folio, read, vocabulary, names);
        followDecisions(folio, read, vocabulary, names);
        saveSubjects(folio, read);
        folioWords.keep(teamId, minutesId, new FolioSubjects(vocabulary).of(read.meeting()));
        // Last, because it holds the folio until all of this is stored.
        if (minutes.link(folio)) {
            words.count(teamId, read.meeting());
        }
        events.publishEvent(new Changed(teamId, "linked", Map.of("folio", folio.folio())));
    }

    private void saveSubjects(Minutes folio, FiledFolio read) {
        for (FiledLine line : read.meeting().lines()) {
            if (FOLLOWED.contains(line.kind())) {
                subjects.save(new LineSubject(id(line), folio, line.kind(), subject(line, read.meeting())));
            }
        }
    }

    /** Keeps anew what the lines of a linked folio are about, when they were last spoken of and whether they are over. */
    void keepSubjects(Minutes folio) {
        Map<UUID, LocalDate> spokenOf = new HashMap<>();
        subjects.findByMinutesId(folio.id()).forEach(s -> spokenOf.put(s.lineId(), s.spokenOf()));
        subjects.deleteByMinutesId(folio.id());
        subjects.flush();
        saveSubjects(folio, filed.of(folio));
        List<LineSubject> kept = subjects.findByMinutesId(folio.id());
        Map<UUID, Course> courses = acts.courses(
                folio.teamId(), kept.stream().map(LineSubject::lineId).toList());
        for (LineSubject subject : kept) {
            LocalDate before = spokenOf.get(subject.lineId());
            if (before != null && before.isAfter(subject.spokenOf())) {
                subject.spokenOfOn(before);
            }
            subject.setEnded(
                    !courses.getOrDefault(subject.lineId(), Course.NONE).isOpen());
        }
    }

    /** Forgets what is kept of lines that are not of record. */
    void forgetLostSubjects(UUID teamId) {
        subjects.deleteLost(teamId);
    }

    private static Subject subject(FiledLine line, FiledMeeting meeting) {
        return line.kind() == Kind.DECISION ? StandingDecision.of(line, meeting).subject() : Subject.of(line, meeting);
    }

    /** The minutes are no folio any more: what was found in them is found anew once they are. */
    void forget(UUID minutesId) {
        minutes.unlink(minutesId);
        links.deleteByLaterMinutes(minutesId);
        subjects.deleteByMinutesId(minutesId);
        folioWords.forget(minutesId);
    }

    /** Takes the words of a folio that is to be deleted out of what is known of the team's words. */
    public void forgetWords(Minutes folio) {
        words.uncount(folio.teamId(), filed.of(folio).meeting());
    }

    /** A folio's meeting is of another day or series than it was: later talk is searched for its lines accordingly. */
    void moved(Minutes folio) {
        subjects.findByMinutesId(folio.id()).forEach(s -> s.moved(folio.meeting()));
    }

    /** Looks for what earlier folios left open: actions, questions, risks. What became of the latter two is never certain. */
    private void follow(Kind kind, Minutes folio, FiledFolio read, Vocabulary vocabulary, Map<UUID, String> names) {
        Map<UUID, LineSubject> known = remembered(folio, kind);
        Map<UUID, Course> courses = acts.courses(folio.teamId(), known.keySet());
        Map<String, UUID> people = new HashMap<>();
        names.forEach((id, name) -> people.put(name, id));
        List<OpenAction> open = lines(folio, known, names).stream()
                .map(l -> new OpenAction(
                        l.ownedBy(owner(l, courses, names, people)),
                        known.get(id(l)).subject(),
                        known.get(id(l)).series(),
                        known.get(id(l)).spokenOf()))
                .toList();
        for (Recall recall : new RecallFinder(vocabulary).in(read.meeting(), open)) {
            UUID line = id(recall.action().line());
            if (courses.getOrDefault(line, Course.NONE).isOpen()) {
                UUID again = read.meeting().lines().stream()
                        .filter(l -> kind == Kind.ACTION && recall.isSaidAgainBy(l))
                        .map(LinkService::id)
                        .findFirst()
                        .orElse(null);
                links.save(new LineLink(
                        folio,
                        line,
                        again,
                        new LineLink.Found(
                                effect(kind, recall),
                                recall.due(),
                                recall.owner() == null ? null : people.get(recall.owner()),
                                evidence(recall, read),
                                recall.strength()),
                        kind == Kind.ACTION && recall.strength() >= RecallFinder.CERTAIN));
                known.get(line).spokenOfOn(folio.meeting().date());
            }
        }
    }

    /** Who has it by now: whoever it was handed over to last. */
    private static @Nullable String owner(
            FiledLine line, Map<UUID, Course> courses, Map<UUID, String> names, Map<String, UUID> people) {
        UUID recorded = line.owner() == null ? null : people.get(line.owner());
        UUID now = courses.getOrDefault(id(line), Course.NONE).owner(recorded);
        return now == null ? line.owner() : names.get(now);
    }

    /** A question that was answered and a risk that is over are closed; whatever else is said of them only speaks of them. */
    private static LinkEffect effect(Kind kind, Recall recall) {
        return kind == Kind.ACTION
                ? LinkEffect.of(recall.outcome())
                : recall.outcome().ends() ? LinkEffect.DONE : LinkEffect.SPOKEN_OF;
    }

    /** The words that speak of it, and the answer where that is what tells how it stands. */
    private static List<Basis> evidence(Recall recall, FiledFolio read) {
        List<Basis> evidence = new ArrayList<>(read.basis(recall.passage(), recall.sentence()));
        if (recall.answered()) {
            int answer = recall.passage() + 1;
            Span all = new Span(0, read.meeting().talk().get(answer).text().length());
            evidence.addAll(read.basis(answer, all));
        }
        return evidence;
    }

    private void followDecisions(Minutes folio, FiledFolio read, Vocabulary vocabulary, Map<UUID, String> names) {
        Map<UUID, LineSubject> known = remembered(folio, Kind.DECISION);
        List<StandingDecision> standing = lines(folio, known, names).stream()
                .map(l -> new StandingDecision(
                        known.get(id(l)).minutesId().toString(),
                        l,
                        known.get(id(l)).subject(),
                        known.get(id(l)).series(),
                        known.get(id(l)).heldOn()))
                .toList();
        for (DecisionLink link : new DecisionFollower(vocabulary).in(read.meeting(), standing)) {
            UUID earlier = id(link.earlier().line());
            MinutesLine later = minutes.line(folio.teamId(), id(link.later()));
            links.save(new LineLink(
                    folio,
                    earlier,
                    later.id(),
                    new LineLink.Found(LinkEffect.of(link.effect()), null, null, later.evidence(), link.strength()),
                    link.strength() >= DecisionFollower.CERTAIN));
            known.get(earlier).spokenOfOn(folio.meeting().date());
        }
    }

    /** Remembers whether a line is over, so that it is looked for only while it is open. */
    void noteStanding(UUID teamId, UUID lineId) {
        subjects.findById(lineId)
                .ifPresent(s -> s.setEnded(!acts.course(teamId, lineId).isOpen()));
    }

    private Map<UUID, LineSubject> remembered(Minutes folio, Kind kind) {
        LocalDate day = folio.meeting().date();
        return subjects
                .findByTeamIdAndKindAndEndedFalseAndSpokenOfGreaterThanEqualAndHeldOnLessThanOrderBySpokenOfDesc(
                        folio.teamId(), kind, day.minusDays(DAYS_REMEMBERED), day, Limit.of(MOST_REMEMBERED))
                .stream()
                .collect(Collectors.toMap(LineSubject::lineId, Function.identity(), (a, b) -> a, HashMap::new));
    }

    /** The lines of these subjects that are of record. */
    private List<FiledLine> lines(Minutes folio, Map<UUID, LineSubject> known, Map<UUID, String> names) {
        return minutes.linesOfRecord(folio.teamId(), known.keySet()).stream()
                .map(l -> FiledMeetings.withoutTalk(l, names))
                .toList();
    }

    private static UUID id(FiledLine line) {
        return UUID.fromString(line.id());
    }
}
