package org.ledgerlamp.training;

import ai.djl.ndarray.NDArray;
import ai.djl.ndarray.NDManager;
import ai.djl.ndarray.types.Shape;
import ai.djl.nn.Activation;
import ai.djl.nn.core.Linear;
import ai.djl.nn.norm.LayerNorm;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.language.OnnxModel;
import org.ledgerlamp.core.language.SentenceVectors;

/**
 * Some neighbouring layers of a BERT encoder (Devlin et al. 2019) as arrays that carry a gradient: read from the shipped
 * model, whose matrices are bytes with a scale a column, and written back in that form.
 */
final class EncoderLayers {
    private static final int WIDE = SentenceVectors.SIZE;
    private static final int HEADS = 12;
    private static final float EPSILON = 1e-12f;
    private static final List<String> MATRICES = List.of(
            "attention/self/query",
            "attention/self/key",
            "attention/self/value",
            "attention/output/dense",
            "intermediate/dense",
            "output/dense");
    private static final List<String> NORMS = List.of("attention.output.LayerNorm", "output.LayerNorm");
    private static final String QUANTIZED = "_quantized";

    private final int from;
    private final int to;
    private final Map<String, NDArray> weights = new LinkedHashMap<>();

    /**
     * @param model whose layers they are
     * @param from number of the first
     * @param to one more than that of the last
     */
    EncoderLayers(OnnxModel model, int from, int to, NDManager manager) {
        this.from = from;
        this.to = to;
        for (int layer = from; layer < to; layer++) {
            for (String part : MATRICES) {
                weights.put(name(layer, part) + ".weight", transposed(model, layer, part, manager));
                weights.put(name(layer, part) + ".bias", vector(model, name(layer, part) + ".bias", manager));
            }
            for (String norm : NORMS) {
                for (String half : List.of(".weight", ".bias")) {
                    weights.put(name(layer, norm) + half, vector(model, name(layer, norm) + half, manager));
                }
            }
        }
        weights.values().forEach(w -> w.setRequiresGradient(true));
    }

    private static String name(int layer, String part) {
        return "encoder.layer." + layer + "." + part.replace('/', '.');
    }

    private static String quantized(OnnxModel model, int layer, String part) {
        return model.inputsOf("/encoder/layer." + layer + "/" + part + "/MatMul_quant")
                .get(1);
    }

    private static NDArray vector(OnnxModel model, String name, NDManager manager) {
        return manager.create(model.floats(name));
    }

    /** As many rows as results; the model keeps as many columns. */
    private static NDArray transposed(OnnxModel model, int layer, String part, NDManager manager) {
        String name = quantized(model, layer, part);
        byte[] steps = model.raw(name);
        float[] scale = model.floats(name.replace(QUANTIZED, "_scale"));
        int out = scale.length;
        int in = steps.length / out;
        float[] matrix = new float[steps.length];
        for (int i = 0; i < in; i++) {
            for (int o = 0; o < out; o++) {
                matrix[o * in + i] = steps[i * out + o] * scale[o];
            }
        }
        return manager.create(matrix, new Shape(out, in));
    }

    /** What is learned, by name. */
    Map<String, NDArray> weights() {
        return weights;
    }

    /** What stands in place of the model's own weights, by name. */
    Map<String, byte[]> replacing(OnnxModel model) {
        Map<String, byte[]> replacing = new LinkedHashMap<>();
        for (int layer = from; layer < to; layer++) {
            for (String part : MATRICES) {
                String name = quantized(model, layer, part);
                float[] rows = weights.get(name(layer, part) + ".weight").toFloatArray();
                int out = model.floats(name.replace(QUANTIZED, "_scale")).length;
                float[] scale = new float[out];
                replacing.put(name, steps(rows, out, scale));
                replacing.put(name.replace(QUANTIZED, "_scale"), bytes(scale));
            }
        }
        weights.forEach((name, w) -> {
            if (w.getShape().dimension() == 1) {
                replacing.put(name, bytes(w.toFloatArray()));
            }
        });
        return replacing;
    }

    private static byte[] steps(float[] rows, int out, float[] scale) {
        int in = rows.length / out;
        byte[] steps = new byte[rows.length];
        for (int o = 0; o < out; o++) {
            float largest = 1e-8f;
            for (int i = 0; i < in; i++) {
                largest = Math.max(largest, Math.abs(rows[o * in + i]));
            }
            scale[o] = largest / Byte.MAX_VALUE;
            for (int i = 0; i < in; i++) {
                steps[i * out + o] = (byte) Math.round(rows[o * in + i] / scale[o]);
            }
        }
        return steps;
    }

    private static byte[] bytes(float[] floats) {
        ByteBuffer buffer = ByteBuffer.allocate(floats.length * Float.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        buffer.asFloatBuffer().put(floats);
        return buffer.array();
    }

    /**
     * @param states of shape (windows, pieces, width)
     * @param mask 0 for pieces, very small for what only fills a window up; or null where nothing does
     * @param dropout drops numbers while learning
     */
    NDArray forward(NDArray states, NDArray mask, Dropper dropout) {
        NDArray h = states;
        long windows = states.getShape().get(0);
        long pieces = states.getShape().get(1);
        for (int layer = from; layer < to; layer++) {
            NDArray q = heads(linear(h, layer, "attention/self/query"), windows, pieces)
                    .mul((float) (1 / Math.sqrt(WIDE / (double) HEADS)));
            NDArray k = heads(linear(h, layer, "attention/self/key"), windows, pieces);
            NDArray v = heads(linear(h, layer, "attention/self/value"), windows, pieces);
            NDArray scores = q.matMul(k.transpose(0, 1, 3, 2));
            NDArray attention = (mask == null ? scores : scores.add(mask)).softmax(-1);
            NDArray mixed = attention.matMul(v).transpose(0, 2, 1, 3).reshape(windows, pieces, WIDE);
            NDArray attended = dropout.on(linear(mixed, layer, "attention/output/dense"));
            h = norm(h.add(attended), layer, NORMS.get(0));
            NDArray inner = Activation.gelu(linear(h, layer, "intermediate/dense"));
            h = norm(h.add(dropout.on(linear(inner, layer, "output/dense"))), layer, NORMS.get(1));
        }
        return h;
    }

    private NDArray linear(NDArray x, int layer, String part) {
        String name = name(layer, part);
        return Linear.linear(x, weights.get(name + ".weight"), weights.get(name + ".bias"))
                .singletonOrThrow();
    }

    private NDArray norm(NDArray x, int layer, String part) {
        String name = name(layer, part);
        return LayerNorm.layerNorm(
                        x, new Shape(WIDE), weights.get(name + ".weight"), weights.get(name + ".bias"), EPSILON)
                .singletonOrThrow();
    }

    private static NDArray heads(NDArray x, long windows, long pieces) {
        return x.reshape(windows, pieces, HEADS, WIDE / HEADS).transpose(0, 2, 1, 3);
    }
}
