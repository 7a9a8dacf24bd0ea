package org.ledgerlamp.cli;

import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.Callable;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.Sentences;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.people.Mentions;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.core.time.SpokenDates;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/**
 * Measures reading and drafting on made-up talk: the language pass alone, the sentence model, the whole draft cold and
 * warm, memory, and how all of it grows with the talk's length.
 */
@Command(
        name = "bench",
        description = "Measure reading and drafting: time, memory, and growth with the length of the talk.",
        mixinStandardHelpOptions = true)
final class BenchCommand implements Callable<Integer> {
    private static final double NANOS = 1e9;
    private static final double MEBI = 1 << 20;

    @Option(names = "--words", paramLabel = "N", description = "words of the talk; ${DEFAULT-VALUE} if missing")
    private int words = 20_000;

    @Option(
            names = "--growth",
            split = ",",
            paramLabel = "N,N",
            description = "lengths whose drafting is compared; ${DEFAULT-VALUE} if missing")
    private List<Integer> growth = List.of(2_000, 10_000, 50_000, 100_000);

    private final PrintStream out = System.out;

    @Override
    public Integer call() {
        MeetingFacts meeting = meeting();
        byte[] file = talk(words, 0);
        double cold = seconds(() -> draft(file, meeting));
        byte[] another = talk(words, 1);
        double warm = seconds(() -> draft(another, meeting));
        Source source = read(talk(words, 2));
        Mentions mentions = new Mentions(meeting.people());
        double language = best(3, () -> languagePass(source, mentions, meeting));
        Source tagged = read(talk(words, 3));
        double tagger = seconds(() -> sentences(tagged).forEach(Tagger.shared()::words));
        double windows = seconds(
                () -> ContextClassifier.shipped().read(ContextClassifier.spoken(source, meeting), Progress.UNWATCHED));
        out.printf(
                "%,d words, %,d utterances, %,d sentences%n",
                words, source.utterances().size(), sentences(source).size());
        out.printf("language pass (sentences, words, names, dates)  %6.2f s%n", language);
        out.printf(
                "sentence model over windows of talk             %6.2f s, %.0f %% of the draft%n",
                windows, 100 * windows / warm);
        out.printf(
                "tagger, over all sentences                      %6.2f s, %.0f %% of the draft%n",
                tagger, 100 * tagger / warm);
        out.printf("whole draft, cold (models not loaded either)    %6.2f s%n", cold);
        out.printf("whole draft, warm                               %6.2f s%n", warm);
        out.printf("peak heap                                       %6.0f MiB%n", peakHeap());
        out.println("growth: words, seconds, seconds per 10,000 words");
        for (int length : growth) {
            byte[] talk = talk(length, 0);
            double took = seconds(() -> draft(talk, meeting));
            out.printf("%,9d  %7.2f  %6.2f%n", length, took, took * 10_000 / length);
        }
        out.printf("peak heap with the longest                      %6.0f MiB%n", peakHeap());
        return 0;
    }

    private static byte[] talk(int words, int seed) {
        return MadeUpTalk.of(words, seed).getBytes(StandardCharsets.UTF_8);
    }

    private static void draft(byte[] file, MeetingFacts meeting) {
        new Drafter().draft(read(file), null, meeting, Template.forKind(meeting.kind()));
    }

    private static Source read(byte[] file) {
        try {
            return new SourceDesk(Limits.DEFAULT).read(file);
        } catch (UnreadableSource e) {
            throw new IllegalStateException("made-up talk must be readable", e);
        }
    }

    private static List<String> sentences(Source source) {
        return source.utterances().stream()
                .flatMap(u -> Sentences.of(u.text()).stream().map(s -> s.of(u.text())))
                .toList();
    }

    private static void languagePass(Source source, Mentions mentions, MeetingFacts meeting) {
        for (Utterance u : source.utterances()) {
            for (Span span : Sentences.of(u.text())) {
                String sentence = span.of(u.text());
                Words.tokens(sentence);
                Words.content(sentence);
                mentions.in(sentence);
                SpokenDates.in(sentence, meeting.calendar());
            }
        }
    }

    private static double best(int times, Runnable work) {
        double best = Double.MAX_VALUE;
        for (int i = 0; i < times; i++) {
            best = Math.min(best, seconds(work));
        }
        return best;
    }

    private static double seconds(Runnable work) {
        long before = System.nanoTime();
        work.run();
        return (System.nanoTime() - before) / NANOS;
    }

    private static double peakHeap() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                        .filter(p -> p.getType() == MemoryType.HEAP)
                        .map(MemoryPoolMXBean::getPeakUsage)
                        .mapToLong(u -> u.getUsed())
                        .sum()
                / MEBI;
    }

    private static MeetingFacts meeting() {
        List<Person> people = MadeUpTalk.SPEAKERS.stream()
                .map(n -> new Person(n, null, null, List.of()))
                .toList();
        return new MeetingFacts(
                "Bench",
                LocalDate.of(2026, 3, 3),
                null,
                ZoneId.of("Europe/Dublin"),
                null,
                "weekly status",
                null,
                null,
                people,
                MadeUpTalk.SPEAKERS,
                List.of("Fenders", "Cable", "Crew"),
                LocalDate.of(2026, 3, 10));
    }
}
