package org.ledgerlamp.training;

import ai.djl.ndarray.NDArray;
import ai.djl.ndarray.NDManager;
import ai.djl.ndarray.NDScope;
import ai.djl.ndarray.index.NDIndex;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Adam with decoupled weight decay (Loshchilov and Hutter 2019); the whole gradient is clipped to length one. */
final class AdamW {
    private static final float FIRST = 0.9f;
    private static final float SECOND = 0.999f;
    private static final float EPSILON = 1e-8f;

    private static final NDIndex EVERYWHERE = new NDIndex("...");

    private record Slot(NDArray weight, NDArray mean, NDArray square, float rate, float decay) {}

    private final List<Slot> slots = new ArrayList<>();
    private int step;

    /** @param decay pulls matrices towards nothing; biases and norms are left alone */
    void add(Map<String, NDArray> weights, NDManager manager, float rate, float decay) {
        weights.values()
                .forEach(w -> slots.add(new Slot(
                        w,
                        manager.zeros(w.getShape()),
                        manager.zeros(w.getShape()),
                        rate,
                        w.getShape().dimension() == 1 ? 0 : decay)));
    }

    /**
     * Moves the weights along their gradients, which are nothing afterwards. A gradient that is not finite is left out.
     *
     * @param schedule what the rates are multiplied by
     */
    void step(float schedule) {
        try (NDScope scope = new NDScope()) {
            scope.suppressNotUsedWarning();
            double square = 0;
            for (Slot s : slots) {
                square += s.weight().getGradient().square().sum().getFloat();
            }
            if (Double.isFinite(square)) {
                move((float) Math.min(1, 1 / (Math.sqrt(square) + 1e-6)), schedule);
            }
            slots.forEach(s -> s.weight().getGradient().set(EVERYWHERE, 0f));
        }
    }

    private void move(float clip, float schedule) {
        step++;
        float meanShare = (float) (1 - Math.pow(FIRST, step));
        float squareShare = (float) (1 - Math.pow(SECOND, step));
        for (Slot s : slots) {
            NDArray gradient = s.weight().getGradient();
            s.mean().muli(FIRST).addi(gradient.mul((1 - FIRST) * clip));
            s.square().muli(SECOND).addi(gradient.square().muli((1 - SECOND) * clip * clip));
            float rate = s.rate() * schedule;
            if (s.decay() > 0) {
                s.weight().muli(1 - rate * s.decay());
            }
            NDArray length =
                    s.square().sqrt().muli((float) (1 / Math.sqrt(squareShare))).addi(EPSILON);
            s.weight().subi(s.mean().div(length).muli(rate / meanShare));
        }
    }
}
