package org.ledgerlamp.core.reading;

import java.util.List;
import org.ledgerlamp.core.source.Source;

/**
 * All that reading a source yields.
 *
 * @param source what was read
 * @param said its sentences in order
 * @param findings drafted and possible ones alike, in order of speech
 * @param topics in order; together they cover the source
 * @param answers for each question asked of the meeting what was said in answer, in order of speech; may be empty
 * @param attendance who was there
 * @param language the English name of the language it is in where that is not English and so was not read, or null
 * @param figures how long it was and how full of talk
 */
public record Reading(
        Source source,
        List<Said> said,
        List<Finding> findings,
        List<Topic> topics,
        List<List<Finding>> answers,
        List<Presence> attendance,
        String language,
        TalkFigures figures) {
    public Reading {
        said = List.copyOf(said);
        findings = List.copyOf(findings);
        topics = List.copyOf(topics);
        answers = List.copyOf(answers);
        attendance = List.copyOf(attendance);
    }

    /** Whether there is so little talk that rules say of it what probability cannot. */
    public boolean isShort() {
        return said.size() < FindingClassifier.SHORT_TALK;
    }

    /** The topic that utterance {@code n} belongs to. */
    public int topicOf(int n) {
        for (int i = topics.size() - 1; i >= 0; i--) {
            if (topics.get(i).from() <= n) {
                return i;
            }
        }
        return 0;
    }
}
