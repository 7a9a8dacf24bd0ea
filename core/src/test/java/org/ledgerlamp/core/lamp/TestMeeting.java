package org.ledgerlamp.core.lamp;

import java.nio.charset.StandardCharsets;
import org.ledgerlamp.core.exchange.MeetingJson;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.SourceDesk;

/** Meetings of the ferry company, drafted from their talk as the product does. */
final class TestMeeting {
    private TestMeeting() {}

    static LampMeeting of(String id, String title, String date, String talk) throws Exception {
        MeetingFacts facts = MeetingJson.read(
                """
                {"title":"%s","series":"%s","kind":"status","date":"%s","roster":[{"name":"Mira Voss"},
                 {"name":"Ana Prokop"},{"name":"Tom Reyes","role":"electrician"},{"name":"Ivo Brandt"}],
                 "invited":["Mira Voss","Ana Prokop","Tom Reyes","Ivo Brandt"]}"""
                        .formatted(title, title, date));
        return LampMeeting.of(
                id,
                new Drafter(SentenceClassifier.shipped(), Shorthand.NONE)
                        .draft(
                                new SourceDesk(Limits.DEFAULT, Shorthand.NONE)
                                        .read(talk.getBytes(StandardCharsets.UTF_8)),
                                null,
                                facts,
                                Template.forKind(facts.kind())));
    }
}
