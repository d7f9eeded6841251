package com.keenreel.publish;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What was drawn of one reel the last time: an edit changes one slide of hundreds, and what is the same is taken from here.
 * Each drawing leaves exactly what it needed, so that nothing is kept longer than it is of use; of the last few drawings it is
 * known which they were, for the pages that still show them.
 */
public final class Drawn {
    /** Drawings that are known: those of some windows, each with what it tries. */
    private static final int KNOWN = 24;

    private Object of = "";
    private Map<Object, String> former = Map.of();
    private Map<Object, String> now = new HashMap<>();
    private final Map<String, Drawing.Known> known = new LinkedHashMap<>(KNOWN, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Drawing.Known> eldest) {
            return size() > KNOWN;
        }
    };

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

    /** Remembers a drawing. */
    synchronized void keep(String version, Drawing.Known drawing) {
        known.put(version, drawing);
    }

    /** The drawing of that version; null when it is not known. */
    synchronized Drawing.@Nullable Known known(String version) {
        return known.get(version);
    }
}
