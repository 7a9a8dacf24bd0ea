package org.ledgerlamp.core.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import opennlp.tools.langdetect.Language;
import opennlp.tools.langdetect.LanguageDetectorME;
import opennlp.tools.langdetect.LanguageDetectorModel;

/**
 * Tells a text in another language from English. English is told by its commonest words, in whatever dialect; only a text that
 * has few of them is shown to OpenNLP's detector of languages.
 */
public final class Languages {
    private static final String MODEL = "/langdetect-183.bin";
    private static final String ENGLISH = "eng";
    private static final Set<String> COMMONEST = Set.of(
            "the", "and", "to", "of", "a", "in", "it", "is", "that", "we", "you", "i", "for", "on", "it's", "was", "be",
            "have", "with", "not", "this", "but", "they", "so", "at", "what", "if", "do", "can", "will", "then",
            "there", "no", "from");
    private static final double ENGLISH_SHARE = 0.17;
    private static final int FEWEST_WORDS = 40;
    private static final int SAMPLE = 20_000;
    private static final double CERTAIN = 0.2;

    private Languages() {}

    private static final class Holder {
        private static final LanguageDetectorModel MODEL = load();

        private static LanguageDetectorModel load() {
            try (InputStream in = Languages.class.getResourceAsStream(Languages.MODEL)) {
                if (in == null) {
                    throw new IllegalStateException("the detector of languages is missing: " + Languages.MODEL);
                }
                return new LanguageDetectorModel(in);
            } catch (IOException e) {
                throw new UncheckedIOException("the detector of languages cannot be read", e);
            }
        }
    }

    /** The English name of the language of {@code text} where that is not English; empty for English and where it cannot be told. */
    public static Optional<String> otherThanEnglish(String text) {
        String sample = text.substring(0, Math.min(SAMPLE, text.length()));
        List<String> words = Words.tokens(sample);
        long common = words.stream().filter(COMMONEST::contains).count();
        if (words.size() < FEWEST_WORDS || common >= words.size() * ENGLISH_SHARE) {
            return Optional.empty();
        }
        Language likeliest = new LanguageDetectorME(Holder.MODEL).predictLanguage(sample);
        return likeliest.getLang().equals(ENGLISH) || likeliest.getConfidence() < CERTAIN
                ? Optional.empty()
                : Optional.of(name(likeliest.getLang()));
    }

    /** The English name of a language by its code of three letters; the code itself where it has no name here. */
    private static String name(String code) {
        return Arrays.stream(Locale.getISOLanguages())
                .map(Locale::of)
                .filter(l -> l.getISO3Language().equals(code))
                .findFirst()
                .map(l -> l.getDisplayLanguage(Locale.ENGLISH))
                .orElse(code);
    }
}
