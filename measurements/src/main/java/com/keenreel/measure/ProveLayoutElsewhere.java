package com.keenreel.measure;

import com.keenreel.app.engines.Engine;
import com.keenreel.app.engines.Firefox;
import com.keenreel.app.engines.WebKit;
import com.keenreel.core.Sampled;
import com.keenreel.player.LayoutCases;
import java.util.List;
import java.util.Locale;

/** A tenth of all layouts, others every time, in the other browsers that visitors have. */
public final class ProveLayoutElsewhere {
    private ProveLayoutElsewhere() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveLayoutElsewhere::prove);
    }

    static void prove(Figures figures) {
        prove(figures, new Firefox(1, false));
        prove(figures, new WebKit(1, false));
    }

    private static void prove(Figures figures, Engine engine) {
        List<LayoutCases.Case> all = LayoutCases.all();
        List<LayoutCases.Case> some = Sampled.of(all, Figures.times(all.size() / 10, 2));
        String name = "." + engine.name().toLowerCase(Locale.ROOT);
        try (engine;
                LayoutCases cases = new LayoutCases(engine)) {
            some.forEach(cases::look);
            cases.wrong().stream().limit(20).forEach(System.out::println);
            figures.reported(
                    "cases" + name, some.size(), "choices, each in hosts of " + LayoutCases.WIDTHS + " widths");
            figures.reported("compared" + name, cases.figures(), "boxes and values of type, " + cases.said());
            figures.atMost("different" + name, cases.wrong().size(), "by more than 0.1 px, or 0.5 in depth", 0);
        }
    }
}
