package com.keenreel.publish;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * What was drawn of one reel the last time: an edit changes one slide of hundreds, and what is the same is taken from here.
 * Each drawing leaves exactly what it needed, so that nothing is kept longer than it is of use.
 */
public final class Drawn {
    private Object of = "";
    private Map<Object, String> former = Map.of();
    private Map<Object, String> now = new HashMap<>();

    /**
     * Begins a drawing.
     *
     * @param whole what everything depends on; when it is another than the last time, all is drawn anew
     */
    void begin(Object whole) {
        former = of.equals(whole) ? now : Map.of();
        now = new HashMap<>();
        of = whole;
    }

    /** What belongs to that, as it was drawn of an equal one, else as it is drawn now. */
    String of(Object key, Supplier<String> draw) {
        String known = now.get(key);
        if (known == null) {
            known = former.get(key);
            known = known == null ? draw.get() : known;
            now.put(key, known);
        }
        return known;
    }
}
