package com.keenreel.publish;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Slide;
import java.util.List;

/** Makes the fragment: what is drafted on the wall and what is published are both written here. */
public final class FragmentWriter {
    private FragmentWriter() {}

    /**
     * The fragment of that material; shows nothing when the reel has no slides.
     *
     * @param version which state this is
     */
    public static Fragment write(Material material, String version) {
        return write(material, Layout.of(material.reel(), material.facts()), version);
    }

    /**
     * The same with a layout that is calculated already.
     *
     * @param layout of the material's reel
     */
    public static Fragment write(Material material, Layout layout, String version) {
        Drawn nothing = new Drawn();
        nothing.begin(version);
        return written(material, layout, version, nothing, About.of(material).data());
    }

    /**
     * The same for the wall, again and again: it says nothing to machines that read pages.
     *
     * @param drawn what was drawn of the same reel the last time
     */
    public static Fragment draft(Material material, Layout layout, String version, Drawn drawn) {
        synchronized (drawn) {
            drawn.begin(List.of(material.reel().choices(), material.reel().language()));
            return written(material, layout, version, drawn, "");
        }
    }

    private static Fragment written(Material material, Layout layout, String version, Drawn drawn, String data) {
        if (material.reel().slides().isEmpty()) {
            return Fragment.NOTHING.as(version);
        }
        int copies = layout.copies();
        PlayerFiles shipped = PlayerFiles.shipped();
        Needs needs = Needs.of(material);
        return new Fragment(
                version,
                new Markup(material, layout, copies, drawn).write(),
                new StyleSheet(material.reel(), layout, copies, needs, drawn).write() + starts(material),
                new PlanWriter(material.reel(), material.facts(), layout, needs.has(Needs.Beside.LARGER)).write(),
                shipped.player(needs).address(),
                shipped.faces(),
                data);
    }

    private static String starts(Material material) {
        StringBuilder css = new StringBuilder();
        int n = 0;
        for (Slide slide : material.reel().slides()) {
            n++;
            if (slide.carries() instanceof Carries.Pair pair) {
                String start = Numbers.plain(pair.startsAt());
                css.append(".crop-")
                        .append(n)
                        .append("{--start:")
                        .append(start)
                        .append(";--at:")
                        .append(start)
                        .append('}');
            } else if (slide.carries() instanceof Carries.Plain plain) {
                css.append(".crop-")
                        .append(n)
                        .append("{background:")
                        .append(plain.colour())
                        .append('}');
            }
        }
        return css.toString();
    }
}
