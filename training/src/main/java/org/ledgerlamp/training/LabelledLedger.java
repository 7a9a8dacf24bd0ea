package org.ledgerlamp.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.lamp.HeldLedger;
import org.ledgerlamp.core.lamp.LampMeeting;
import org.ledgerlamp.core.lamp.WeighedPlaces;
import org.ledgerlamp.core.lamp.WeighedPlaces.Place;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Shorthand;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A folder of labelled meetings with a {@code ledger.json} of questions, ready to learn from.
 *
 * @param name of the folder
 * @param questions those that are answered, with all sentences weighed for them
 */
record LabelledLedger(String name, List<Question> questions) {
    private static final int FEWEST_WORDS = 3;

    /**
     * A question.
     *
     * @param places the sentences weighed for it
     * @param answers whether each of them is labelled as what the answer rests on; at least one is
     */
    record Question(List<Place> places, List<Boolean> answers) {}

    /** Reads a folder, and weighs the sentences of its meetings for each question. */
    static LabelledLedger in(Path folder) throws IOException {
        JsonNode labels = JsonMapper.shared().readTree(Files.readString(folder.resolve("ledger.json")));
        LocalDate today = LocalDate.parse(labels.path("askedOn").asString());
        HeldLedger ledger = new HeldLedger(meetings(folder));
        List<Question> questions = new ArrayList<>();
        for (JsonNode label : labels.path("questions")) {
            List<Place> places = WeighedPlaces.of(label.path("ask").asString(), ledger, today);
            List<Boolean> answers =
                    places.stream().map(p -> isLabelled(p, label)).toList();
            if (answers.contains(true)) {
                questions.add(new Question(places, answers));
            }
        }
        return new LabelledLedger(folder.getFileName().toString(), questions);
    }

    private static List<LampMeeting> meetings(Path folder) throws IOException {
        Drafter drafter = new Drafter(SentenceClassifier.shipped(), Shorthand.NONE);
        List<LampMeeting> meetings = new ArrayList<>();
        for (Path meeting : Labelled.folders(List.of(folder))) {
            MeetingFacts facts = Labelled.facts(meeting);
            meetings.add(LampMeeting.of(
                    meeting.getFileName().toString(),
                    drafter.draft(
                            Labelled.source(meeting), Labelled.notes(meeting), facts, Template.forKind(facts.kind()))));
        }
        return meetings;
    }

    /** Whether a quote of the label covers a sentence. */
    private static boolean isLabelled(Place place, JsonNode label) {
        List<String> said = Quotes.words(place.text());
        boolean answers = false;
        for (JsonNode meeting : label.path("meetings")) {
            answers |= meeting.asString().equals(place.meeting());
        }
        if (!answers || said.size() < FEWEST_WORDS) {
            return false;
        }
        for (JsonNode quote : label.path("quotes")) {
            if (Quotes.covers(Quotes.words(quote.asString()), said)) {
                return true;
            }
        }
        return false;
    }
}
