package org.ledgerlamp.core.language;

import java.io.Serial;
import java.util.LinkedHashMap;
import java.util.Map;

/** Keeps what was asked for last and drops what was not for longest; several threads take turns at it themselves. */
final class Recent<K, V> extends LinkedHashMap<K, V> {
    @Serial
    private static final long serialVersionUID = 1;

    private final int most;

    /** @param most how many entries are kept */
    Recent(int most) {
        super(16, 0.75f, true);
        this.most = most;
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
        return size() > most;
    }
}
