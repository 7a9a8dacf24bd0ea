package org.ledgerlamp.core.reading;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What {@link ContextClassifier} learned: the weights that replace some of the sentence model's, and a linear layer on top.
 * Written and read as a small binary file.
 *
 * @param learnedFrom in words, from what and how they were learned
 * @param replaced by name of the model's weights the bytes that stand in their place
 * @param head for each column of {@link Weights#COLUMNS} a weight for each number of a state, its bias last
 */
public record ContextWeights(String learnedFrom, Map<String, byte[]> replaced, float[][] head) {
    private static final int MOST_ENTRIES = 1_000;
    private static final int LARGEST_ENTRY = 1 << 24;

    public ContextWeights {
        replaced = new LinkedHashMap<>(replaced);
    }

    /** Reads what {@link #write} wrote. */
    public static ContextWeights read(InputStream from) throws IOException {
        DataInputStream in = new DataInputStream(from);
        String learnedFrom = in.readUTF();
        Map<String, byte[]> replaced = new LinkedHashMap<>();
        int entries = within(in.readInt(), MOST_ENTRIES);
        for (int i = 0; i < entries; i++) {
            String name = in.readUTF();
            byte[] raw = new byte[within(in.readInt(), LARGEST_ENTRY)];
            in.readFully(raw);
            replaced.put(name, raw);
        }
        float[][] head = new float[within(in.readInt(), MOST_ENTRIES)][];
        for (int k = 0; k < head.length; k++) {
            head[k] = new float[within(in.readInt(), LARGEST_ENTRY)];
            for (int d = 0; d < head[k].length; d++) {
                head[k][d] = in.readFloat();
            }
        }
        return new ContextWeights(learnedFrom, replaced, head);
    }

    private static int within(int count, int most) throws IOException {
        if (count < 0 || count > most) {
            throw new IOException("the weights are damaged: " + count + " entries");
        }
        return count;
    }

    /** Writes them so that {@link #read} finds them as they are. */
    public void write(OutputStream to) throws IOException {
        DataOutputStream out = new DataOutputStream(to);
        out.writeUTF(learnedFrom);
        out.writeInt(replaced.size());
        for (Map.Entry<String, byte[]> entry : replaced.entrySet()) {
            out.writeUTF(entry.getKey());
            out.writeInt(entry.getValue().length);
            out.write(entry.getValue());
        }
        out.writeInt(head.length);
        for (float[] column : head) {
            out.writeInt(column.length);
            for (float weight : column) {
                out.writeFloat(weight);
            }
        }
        out.flush();
    }
}
