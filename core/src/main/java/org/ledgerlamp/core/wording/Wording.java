package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.Said;
import org.ledgerlamp.core.wording.Worded.Form;

/** Words the findings of one reading. Numbers, names and terms stay exactly as said. */
public final class Wording {
    private static final int SENTENCES_AROUND = 8;
    private static final int TURNS_TO_A_REQUEST = 2;
    /** So certain a promise is quoted also where nobody can tell what it is about. */
    private static final double SURE = 0.9;
    /** With as many words that carry meaning a decision speaks for itself. */
    private static final int FULL = 4;

    /** Says what somebody wants or does, not what is settled. */
    private static final Pattern OF_ONESELF = Pattern.compile("^I(?:['’](?:ll|d|m|ve))?(?![\\p{L}'’])");

    /** What is asked of somebody, and not about something. */
    private static final Pattern TO_YOU = Pattern.compile("(?<![\\p{L}'’])you(?![\\p{L}])", Pattern.CASE_INSENSITIVE);

    private final Reading reading;
    private final Company company;
    private final Map<Integer, List<Integer>> byUtterance = new HashMap<>();
    private final Person[] pair;

    /**
     * @param reading what the findings come from
     * @param meeting what is known of the meeting
     */
    public Wording(Reading reading, MeetingFacts meeting) {
        this.reading = reading;
        this.company = new Company(meeting);
        for (int i = 0; i < reading.said().size(); i++) {
            byUtterance
                    .computeIfAbsent(reading.said().get(i).utterance(), u -> new ArrayList<>())
                    .add(i);
        }
        List<Person> present = meeting.roster().stream()
                .filter(p -> reading.attendance().stream()
                        .anyMatch(a -> a.present() && a.name().equals(p.name())))
                .toList();
        this.pair = present.size() == 2 ? present.toArray(Person[]::new) : null;
    }

    /** Whether a line can be read without those around it. */
    public static boolean readsAlone(String text) {
        return Sense.isStatement(text.replaceAll("[.?!]+$", ""));
    }

    /** Some words that carry a finding, with where they were said. */
    private record Place(String text, Person speaker, int index) {}

    /** The finding in words. */
    public Worded of(Finding finding) {
        boolean noted = finding.evidence().getFirst().origin() == Evidence.Origin.NOTES
                || reading.source().isNotes();
        if (noted) {
            return new Worded(Notes.line(finding, company), Form.WORDED);
        }
        List<Place> places = places(finding);
        Optional<String> worded =
                switch (finding.kind()) {
                    case ACTION -> action(finding, places);
                    case DECISION -> decision(places.getFirst());
                    case QUESTION ->
                        quotable(Kind.QUESTION, places)
                                .flatMap(p -> question(p).stream())
                                .findFirst();
                    default ->
                        places.stream()
                                .limit(1)
                                .flatMap(p -> statement(p).stream())
                                .findFirst();
                };
        if (worded.isPresent()) {
            return new Worded(worded.get(), Form.WORDED);
        }
        return quoted(finding, places, Quotation.Rigour.STRICT)
                .or(() -> proposal(finding, places).map(p -> new Worded(p, Form.WORDED)))
                .or(() -> quoted(finding, places, rigour(finding)))
                .or(() -> withItsNeighbour(finding, places).map(q -> new Worded(q, Form.QUOTED)))
                .orElseGet(() -> new Worded(
                        Speech.sentence(Speech.verbatim(places.getFirst().text())), Form.AS_SAID));
    }

    /** How much a quotation must say by itself: of what is surely promised less than of anything else. */
    private static Quotation.Rigour rigour(Finding finding) {
        boolean sure = finding.kind() == Kind.ACTION && finding.owner() != null && finding.certainty() >= SURE;
        return sure ? Quotation.Rigour.NONE : Quotation.Rigour.SOME;
    }

    private Optional<Worded> quoted(Finding finding, List<Place> places, Quotation.Rigour rigour) {
        return quotable(finding.kind(), places)
                .flatMap(p -> quoted(finding, p, rigour).stream())
                .map(q -> new Worded(q, Form.QUOTED))
                .findFirst();
    }

    private Optional<String> quoted(Finding finding, Place place, Quotation.Rigour rigour) {
        // What is noted, feared or asked is quoted in full or not at all.
        boolean settled = finding.kind() == Kind.ACTION || finding.kind() == Kind.DECISION;
        if (!settled && rigour != Quotation.Rigour.STRICT) {
            return Optional.empty();
        }
        return Quotation.of(
                place.text(),
                place.speaker(),
                Scene.behind(reading.said(), place.index()),
                scene(place, null),
                fewestQuoted(finding.kind(), rigour),
                rigour);
    }

    /** A promise may be short where its matter stands before it, and what is settled where nothing longer says it. */
    private static int fewestQuoted(Kind kind, Quotation.Rigour rigour) {
        return kind == Kind.ACTION || rigour != Quotation.Rigour.STRICT ? 3 : 4;
    }

    /** What somebody settles or promises in two sentences, neither of which says enough: both, as said. */
    private Optional<String> withItsNeighbour(Finding finding, List<Place> places) {
        Place carrier = places.getFirst();
        return places.stream()
                .filter(p -> Math.abs(p.index() - carrier.index()) == 1
                        && reading.said().get(p.index()).utterance()
                                == reading.said().get(carrier.index()).utterance())
                .map(p -> p.index() < carrier.index() ? joined(p, carrier) : joined(carrier, p))
                .filter(p -> !p.text().contains("?"))
                .flatMap(p -> quoted(finding, p, rigour(finding)).stream())
                .findFirst();
    }

    private static Place joined(Place first, Place second) {
        return new Place(first.text().strip() + " " + second.text().strip(), first.speaker(), first.index());
    }

    /** Where people only assent ("the fourteenth, then"), what they assent to: the fullest proposal they rest on. */
    private Optional<String> proposal(Finding finding, List<Place> places) {
        if (finding.kind() != Kind.DECISION) {
            return Optional.empty();
        }
        return fullest(
                places.stream()
                        .skip(1)
                        .filter(p -> isProposal(Speech.cleaned(p.text(), company.people())))
                        .toList(),
                this::decision);
    }

    private static boolean isProposal(String cleaned) {
        return !Frames.outcome(cleaned).equals(cleaned) || Sense.isTold(cleaned);
    }

    /** A question is quoted as asked, and nothing else by what only asks. */
    private static Stream<Place> quotable(Kind kind, List<Place> places) {
        boolean asks = kind == Kind.QUESTION;
        // Where what carries an open question does not ask itself, somebody asked it close by.
        boolean elsewhere = asks && !places.getFirst().text().strip().endsWith("?");
        return places.stream()
                .limit(elsewhere ? places.size() : 1)
                .filter(p -> asks == p.text().strip().endsWith("?")
                        || kind == Kind.ACTION && TO_YOU.matcher(p.text()).find())
                .filter(p -> kind != Kind.POINT || !Sense.isPersonal(p.text()));
    }

    private Optional<String> action(Finding finding, List<Place> places) {
        return places.stream()
                .filter(p -> p.index() == places.getFirst().index()
                        || p.index() == indexOf(finding.evidence().getFirst()))
                .flatMap(p -> ActionWording.of(finding.owner(), p.text(), scene(p, addressee(finding, p))).stream())
                .findFirst()
                .or(() -> requested(finding.owner(), places.getFirst()));
    }

    /** "I'll do it" tells what the request it answers asks for. */
    private Optional<String> requested(Person owner, Place promise) {
        if (owner == null || !owner.equals(promise.speaker())) {
            return Optional.empty();
        }
        int here = reading.said().get(promise.index()).utterance();
        for (int i = promise.index() - 1; i >= 0; i--) {
            Said said = reading.said().get(i);
            if (here - said.utterance() > TURNS_TO_A_REQUEST) {
                break;
            }
            Place request = new Place(said.text(), said.speaker(), i);
            if (said.speaker() != null
                    && !owner.equals(said.speaker())
                    && Deed.answers(cleaned(promise), cleaned(request), owner)) {
                return ActionWording.of(owner, said.text(), scene(request, owner));
            }
        }
        return Optional.empty();
    }

    private String cleaned(Place place) {
        return Speech.cleaned(place.text(), company.people());
    }

    private Optional<String> decision(Place place) {
        String said = Frames.opinion(Speech.cleaned(place.text(), company.people()));
        String outcome = Frames.opinion(Frames.outcome(said));
        // "Shall we leave it till May?" tells what is proposed; "does the contract say so?" settles nothing.
        boolean onlyAsked = place.text().strip().endsWith("?") && outcome.equals(said);
        if (onlyAsked || OF_ONESELF.matcher(outcome).find() || Frames.isAssent(outcome)) {
            return Optional.empty();
        }
        return clean(Clauses.strict(outcome.replaceAll("\\?+$", "")), place)
                .filter(d -> !place.text().strip().endsWith("?") || Sense.isTold(d));
    }

    private Optional<String> statement(Place place) {
        String said = Frames.statement(Speech.cleaned(place.text(), company.people()));
        return clean(Clauses.of(said), place).filter(s -> !s.endsWith("?") && Sense.isTelling(s));
    }

    private Optional<String> question(Place place) {
        String said = Frames.question(Speech.cleaned(place.text(), company.people()));
        boolean asked = place.text().strip().endsWith("?");
        return clean(Clauses.of(said), place).map(q -> asked && !q.endsWith("?") ? q.replaceAll("\\.$", "") + "?" : q);
    }

    /** The fullest of {@code forms} whose references can all be told. */
    private Optional<String> clean(List<String> forms, Place place) {
        for (String form : forms) {
            Optional<String> filled = References.filled(form, scene(place, addressee(null, place)), null)
                    .filter(Sense::isStatement);
            if (filled.isPresent()) {
                return filled.map(Speech::sentence);
            }
        }
        return Optional.empty();
    }

    /** The first wording that is full, or the fullest there is. */
    private static Optional<String> fullest(List<Place> places, Function<Place, Optional<String>> wording) {
        String best = null;
        for (Place place : places) {
            Optional<String> worded = wording.apply(place);
            if (worded.isEmpty()) {
                continue;
            }
            int content = Words.content(worded.get()).size();
            if (content >= FULL) {
                return worded;
            }
            if (best == null || content > Words.content(best).size()) {
                best = worded.get();
            }
        }
        return Optional.ofNullable(best);
    }

    /** Where the finding was said, what carries it first. */
    private List<Place> places(Finding finding) {
        List<Place> places = new ArrayList<>();
        int carrier = indexOf(finding.evidence().getFirst());
        places.add(new Place(finding.said(), finding.speaker(), indexOfText(finding.said(), carrier)));
        for (Evidence e : finding.evidence()) {
            int index = indexOf(e);
            boolean other = places.stream().noneMatch(p -> p.index() == index);
            if (index >= 0 && other) {
                places.add(new Place(e.quote(), reading.said().get(index).speaker(), index));
            }
        }
        return places;
    }

    /** Which sentence near {@code carrier} reads {@code text}; {@code carrier} where none does. */
    private int indexOfText(String text, int carrier) {
        for (int i = carrier; i >= Math.max(0, carrier - SENTENCES_AROUND); i--) {
            if (reading.said().get(i).text().equals(text)) {
                return i;
            }
        }
        return carrier;
    }

    private int indexOf(Evidence evidence) {
        if (evidence.origin() == Evidence.Origin.NOTES && !reading.source().isNotes()) {
            return -1;
        }
        int found = -1;
        for (int i : byUtterance.getOrDefault(evidence.utterance(), List.of())) {
            if (found < 0 || reading.said().get(i).start() <= evidence.start()) {
                found = i;
            }
        }
        return found;
    }

    private Scene scene(Place place, Person addressee) {
        return Scene.at(reading.said(), place.index(), place.speaker(), addressee, company);
    }

    /** Whom the words are said to: the one called, the other of two, or for a promise the one it answers. */
    private Person addressee(Finding action, Place place) {
        if (action != null && action.addressee() != null) {
            return action.addressee();
        }
        if (pair != null && place.speaker() != null) {
            return pair[0].equals(place.speaker()) ? pair[1] : pair[0];
        }
        if (action == null || action.owner() == null || place.speaker() == null) {
            return null;
        }
        return action.owner().equals(place.speaker()) ? answered(place) : action.owner();
    }

    /** Whom a promise answers: who asked just before, or the other of two who speak in turns. */
    private Person answered(Place place) {
        int here = reading.said().get(place.index()).utterance();
        Person before = speakerOf(here - 1);
        if (before == null || before.equals(place.speaker())) {
            return null;
        }
        boolean asked = byUtterance.getOrDefault(here - 1, List.of()).stream()
                .anyMatch(i -> reading.said().get(i).text().endsWith("?"));
        boolean inTurns = before.equals(speakerOf(here + 1)) || place.speaker().equals(speakerOf(here - 2));
        return asked || inTurns ? before : null;
    }

    private Person speakerOf(int utterance) {
        return byUtterance.getOrDefault(utterance, List.of()).stream()
                .findFirst()
                .map(i -> reading.said().get(i).speaker())
                .orElse(null);
    }
}
