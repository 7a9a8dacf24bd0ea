package org.ledgerlamp.training;

import ai.djl.ndarray.NDArray;
import ai.djl.ndarray.NDManager;
import java.nio.FloatBuffer;
import java.util.SplittableRandom;

/** Dropout (Srivastava et al. 2014) with a random source of its own, so that runs beside each other do not disturb it. */
final class Dropper {
    private final NDManager manager;
    private final SplittableRandom random;
    private final float share;

    /** @param share how much is dropped, 0 for nothing */
    Dropper(NDManager manager, SplittableRandom random, float share) {
        this.manager = manager;
        this.random = random;
        this.share = share;
    }

    NDArray on(NDArray x) {
        if (share == 0) {
            return x;
        }
        float[] mask = new float[(int) x.size()];
        int limit = (int) (share * 0x10000);
        for (int i = 0; i < mask.length; i += 4) {
            long bits = random.nextLong();
            for (int j = i; j < Math.min(mask.length, i + 4); j++) {
                mask[j] = (bits & 0xffff) < limit ? 0 : 1 / (1 - share);
                bits >>>= 16;
            }
        }
        return x.mul(manager.create(FloatBuffer.wrap(mask), x.getShape()));
    }
}
