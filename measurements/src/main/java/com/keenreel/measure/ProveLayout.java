package com.keenreel.measure;

import com.keenreel.core.Sampled;
import com.keenreel.player.LayoutCases;
import com.keenreel.player.LayoutCases.Case;
import java.util.List;

/** All layouts, of which {@code ./check} looks at some: see {@link LayoutCases}. */
public final class ProveLayout {
    private ProveLayout() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveLayout::prove);
    }

    static void prove(Figures figures) {
        List<Case> all = Sampled.of(LayoutCases.all(), Figures.times(Integer.MAX_VALUE, 4));
        try (LayoutCases cases = new LayoutCases()) {
            for (int i = 0; i < all.size(); i++) {
                cases.look(all.get(i));
                if (i % 250 == 249) {
                    System.err.println((i + 1) + " of " + all.size() + ": " + cases.said());
                }
            }
            cases.wrong().stream().limit(20).forEach(System.out::println);
            figures.reported("cases", all.size(), "choices, each in hosts of " + LayoutCases.WIDTHS + " widths");
            figures.reported("compared", cases.figures(), "boxes and values of type, " + cases.said());
            figures.reported("compared.words", cases.lines(), "lines and panels of words");
            figures.atMost("different", cases.wrong().size(), "by more than 0.1 px, or 0.5 in depth", 0);
        }
    }
}
