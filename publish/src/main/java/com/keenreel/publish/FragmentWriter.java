package com.keenreel.publish;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.PairView;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.PairBoxes;
import java.util.ArrayList;
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
        return drawing(material, layout, nothing, About.of(material).data())
                .fragment()
                .as(version);
    }

    /**
     * What the wall shows, drawn again and again: it says nothing to machines that read pages.
     *
     * @param drawn what was drawn of the same reel the last time
     */
    public static Drawing draft(Material material, Layout layout, Drawn drawn) {
        synchronized (drawn) {
            drawn.begin(new Spoken(material.reel()).everything());
            return drawing(material, layout, drawn, "");
        }
    }

    private static Drawing drawing(Material material, Layout layout, Drawn drawn, String data) {
        if (material.reel().slides().isEmpty()) {
            return new Drawing(Fragment.NOTHING, Written.NOTHING, new Css("", List.of()), drawn);
        }
        int copies = layout.copies();
        PlayerFiles shipped = PlayerFiles.shipped();
        Needs needs = Needs.of(material);
        Written markup = new Markup(material, layout, copies, drawn).write();
        List<Css.Piece> rules = new ArrayList<>(new StyleSheet(material, layout, copies, needs, drawn).write());
        rules.addAll(starts(material));
        Css css = new Css(needs.css(), rules);
        Fragment fragment = new Fragment(
                "",
                markup.text(),
                css.text(),
                new PlanWriter(material.reel(), material.facts(), layout, needs).write(),
                shipped.player(needs).address(),
                shipped.faces(),
                data);
        return new Drawing(fragment, markup, css, drawn);
    }

    /** Where comparisons start, and the colours of plain slides. */
    private static List<Css.Piece> starts(Material material) {
        List<Css.Piece> rules = new ArrayList<>();
        int n = 0;
        for (Slide slide : material.reel().slides()) {
            n++;
            if (slide.carries() instanceof Carries.Pair pair) {
                PairView view = PairBoxes.view(material.reel().choices(), pair);
                StringBuilder starts = new StringBuilder();
                for (int i = 0; i < pair.starts().size(); i++) {
                    String which = i == 0 ? ":" : "-" + (i + 1) + ":";
                    String start = Numbers.plain(view.start(pair.starts().get(i)));
                    starts.append(";--start").append(which).append(start);
                    starts.append(";--at").append(which).append(start);
                }
                String id = slide.id().value(); // an order of its own on a visit changes the numbers
                rules.add(Css.Piece.rule("[data-slide=\"" + id + "\"]{" + starts.substring(1) + "}"));
            } else if (slide.carries() instanceof Carries.Plain plain) {
                rules.add(Css.Piece.rule(".crop-" + n + "{background:" + plain.colour() + "}"));
            }
        }
        return rules;
    }
}
