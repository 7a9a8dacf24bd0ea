package org.ledgerlamp.core.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Cuts text into the pieces a BERT model was trained on: lower case, accents off, punctuation apart, then each word into
 * the longest pieces of the vocabulary (Wu et al. 2016; Devlin et al. 2019).
 */
final class WordPieces {
    private static final int LONGEST_WORD = 60;

    private final Map<String, Integer> vocabulary = new HashMap<>();
    private final int unknown;
    private final int first;
    private final int last;
    private final int commonest;

    /** @param json the model's {@code tokenizer.json} */
    WordPieces(InputStream json) {
        JsonNode root;
        try (json) {
            root = JsonMapper.shared().readTree(json.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException("the vocabulary of the sentence model cannot be read", e);
        } catch (JacksonException e) {
            throw new IllegalStateException("the vocabulary of the sentence model is damaged", e);
        }
        root.path("model")
                .path("vocab")
                .properties()
                .forEach(e -> vocabulary.put(e.getKey(), e.getValue().asInt()));
        unknown = vocabulary.get("[UNK]");
        first = vocabulary.get("[CLS]");
        last = vocabulary.get("[SEP]");
        commonest = vocabulary.get("the");
    }

    /**
     * How rare a word in small letters is in English, between 0 ("the") and 1 (not among the thirty thousand
     * commonest): the vocabulary is sorted by frequency.
     */
    double rarity(String word) {
        Integer id = vocabulary.get(word);
        double rank = id == null ? vocabulary.size() : Math.max(1.0, id - (double) commonest);
        return Math.min(1, Math.log(rank) / Math.log(vocabulary.size() - (double) commonest));
    }

    /** The number of the begin mark. */
    int first() {
        return first;
    }

    /** The numbers of the pieces of {@code text}, begin and end marks included, at most {@code most} of them. */
    int[] of(String text, int most) {
        List<Integer> pieces = new ArrayList<>();
        pieces.add(first);
        for (String word : words(text)) {
            addPieces(word, pieces);
            if (pieces.size() >= most - 1) {
                break;
            }
        }
        List<Integer> kept = pieces.size() > most - 1 ? pieces.subList(0, most - 1) : pieces;
        int[] ids = new int[kept.size() + 1];
        for (int i = 0; i < kept.size(); i++) {
            ids[i] = kept.get(i);
        }
        ids[kept.size()] = last;
        return ids;
    }

    private void addPieces(String word, List<Integer> pieces) {
        if (word.length() > LONGEST_WORD) {
            pieces.add(unknown);
            return;
        }
        int before = pieces.size();
        int start = 0;
        while (start < word.length()) {
            int end = word.length();
            Integer id = null;
            while (end > start && id == null) {
                String piece = word.substring(start, end);
                id = vocabulary.get(start == 0 ? piece : "##" + piece);
                if (id == null) {
                    end--;
                }
            }
            if (id == null) {
                pieces.subList(before, pieces.size()).clear();
                pieces.add(unknown);
                return;
            }
            pieces.add(id);
            start = end;
        }
    }

    private static List<String> words(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i < plain.length(); i++) {
            char c = plain.charAt(i);
            if (Character.getType(c) == Character.NON_SPACING_MARK) {
                continue;
            }
            if (Character.isLetterOrDigit(c) || Character.isSurrogate(c)) {
                word.append(c);
                continue;
            }
            end(word, words);
            if (!Character.isWhitespace(c) && !Character.isISOControl(c)) {
                words.add(String.valueOf(c));
            }
        }
        end(word, words);
        return words;
    }

    private static void end(StringBuilder word, List<String> words) {
        if (!word.isEmpty()) {
            words.add(word.toString());
            word.setLength(0);
        }
    }
}
