package org.ledgerlamp.core.language;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OnnxValue;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** Runs a model of the sentence model's make over windows of talk; safe for many threads. */
public final class ContextEncoder {
    private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
    private final OrtSession session;

    /** @param model the whole sentence model, or cut at the end of some of its layers */
    public ContextEncoder(OnnxModel model) {
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            // Several windows at once are faster than one window on several threads.
            options.setIntraOpNumThreads(1);
            session = environment.createSession(model.bytes(), options);
        } catch (OrtException e) {
            throw new IllegalStateException("the model cannot be run", e);
        }
    }

    /** The result of the {@code layer}th layer, from 0: where a model can be cut. */
    public static String endOfLayer(int layer) {
        return "/encoder/layer." + layer + "/output/LayerNorm/Add_1_output_0";
    }

    /**
     * For each result of the model, in order, and each piece of the window its state, of {@link SentenceVectors#SIZE}
     * numbers. A window depends on nothing but itself.
     */
    public List<float[][]> states(ContextWindow window) {
        long[][] ids = {IntStream.of(window.pieces()).asLongStream().toArray()};
        long[][] all = {
            LongStream.generate(() -> 1).limit(window.pieces().length).toArray()
        };
        try (OnnxTensor input = OnnxTensor.createTensor(environment, ids);
                OnnxTensor attention = OnnxTensor.createTensor(environment, all);
                OnnxTensor kinds = OnnxTensor.createTensor(environment, new long[1][window.pieces().length]);
                OrtSession.Result result =
                        session.run(Map.of("input_ids", input, "attention_mask", attention, "token_type_ids", kinds))) {
            List<float[][]> states = new ArrayList<>();
            for (Map.Entry<String, OnnxValue> each : result) {
                states.add(((float[][][]) each.getValue().getValue())[0]);
            }
            return states;
        } catch (OrtException e) {
            throw new IllegalStateException("the model failed", e);
        }
    }
}
