package org.ledgerlamp.core.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import opennlp.tools.lemmatizer.LemmatizerME;
import opennlp.tools.lemmatizer.LemmatizerModel;
import opennlp.tools.postag.POSModel;
import opennlp.tools.postag.POSTaggerME;

/**
 * Tells the part of speech of each word of a sentence, by OpenNLP's maximum-entropy models of English that ship with the
 * program. Takes text without fillers: a hesitation is tagged as a thing.
 */
public final class Tagger {
    private static final Pattern WORD = Pattern.compile(
            "[£$€]?\\d+(?:[.,:/]\\d+)*(?:%|\\p{L}+)?|[\\p{L}\\p{N}]+(?:[-'’&/.](?=[\\p{L}\\p{N}])[\\p{L}\\p{N}]+)*|\\S");
    private static final int REMEMBERED = 8_192;

    private final POSTaggerME tagger;
    private final LemmatizerME lemmatizer;
    private final Map<String, List<TaggedWord>> memory = new Recent<>(REMEMBERED);
    private final Map<String, String> lemmas = new Recent<>(REMEMBERED);

    private Tagger() throws IOException {
        try (InputStream pos = resource("/opennlp-en-ud-ewt-pos-1.3-2.5.4.bin");
                InputStream lemmas = resource("/opennlp-en-ud-ewt-lemmas-1.3-2.5.4.bin")) {
            tagger = new POSTaggerME(new POSModel(pos));
            lemmatizer = new LemmatizerME(new LemmatizerModel(lemmas));
        }
    }

    private static InputStream resource(String name) {
        InputStream in = Tagger.class.getResourceAsStream(name);
        if (in == null) {
            throw new IllegalStateException("the tagger's model is missing: " + name);
        }
        return in;
    }

    private static final class Holder {
        private static final Tagger SHARED = load();

        private static Tagger load() {
            try {
                return new Tagger();
            } catch (IOException e) {
                throw new UncheckedIOException("the tagger's model cannot be read", e);
            }
        }
    }

    /** The one instance, loaded at first use (under a second); safe for many threads, one at a time. */
    public static Tagger shared() {
        return Holder.SHARED;
    }

    /** The words and marks of {@code sentence} in order. */
    public synchronized List<TaggedWord> words(String sentence) {
        return memory.computeIfAbsent(sentence, this::tagged);
    }

    /** The dictionary's form of {@code word}, in small letters, as the part of speech {@code tag}. Four times as costly as tagging. */
    synchronized String lemma(String word, String tag) {
        return lemmas.computeIfAbsent(word + ' ' + tag, k -> {
            String lemma = lemmatizer.lemmatize(new String[] {word}, new String[] {tag})[0];
            return lemma.equals("O") || lemma.equals("_") ? word : lemma;
        });
    }

    private List<TaggedWord> tagged(String sentence) {
        List<String> words = new ArrayList<>();
        List<int[]> places = new ArrayList<>();
        Matcher m = WORD.matcher(sentence);
        while (m.find()) {
            words.add(m.group().replace('’', '\''));
            places.add(new int[] {m.start(), m.end()});
        }
        String[] tokens = words.toArray(String[]::new);
        String[] tags = tagger.tag(tokens);
        List<TaggedWord> tagged = new ArrayList<>();
        for (int i = 0; i < tokens.length; i++) {
            int[] place = places.get(i);
            tagged.add(new TaggedWord(sentence.substring(place[0], place[1]), place[0], place[1], tags[i]));
        }
        return List.copyOf(tagged);
    }
}
