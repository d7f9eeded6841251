package com.keenreel.publish;

import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Part;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;

/** The markup of two pictures with a divider between them. */
final class Comparison {
    private final Material material;
    private final Spoken spoken;
    private final Images images;

    Comparison(Material material, Images images) {
        this.material = material;
        this.spoken = new Spoken(material.reel());
        this.images = images;
    }

    void write(Element crop, int n, Carries.Pair pair, Said said) {
        sides(crop, n, pair, said.alt(), altBefore(pair), n == 1);
        for (Side side : Side.values()) {
            if (!pair.name(side).isEmpty()) {
                Elements.is(crop.appendElement("div"), Part.label(n, side)).text(pair.name(side));
            }
        }
        Elements.is(crop.appendElement("div"), Part.divider(n));
        Element handle = Elements.is(crop.appendElement("div"), Part.handle(n))
                .attr("role", "slider")
                .attr("tabindex", "0")
                .attr("aria-label", spoken.say(Phrase.DIVIDER))
                .attr("aria-valuemin", "0")
                .attr("aria-valuemax", "100")
                .attr("aria-valuenow", String.valueOf(Math.round(100 * pair.startsAt())))
                .attr("aria-valuetext", shares(pair));
        Element drawn = Shapes.handle(material.reel().choices().get(PairOptions.HANDLE));
        if (drawn != null) {
            handle.appendChild(drawn);
        }
    }

    /** Both pictures, the one before cut off at the divider. */
    void sides(Element crop, int n, Carries.Pair pair, String after, String before, boolean soon) {
        crop.appendChild(images.of(pair.after(), Part.picture(n, Side.AFTER), after, soon));
        Elements.is(crop.appendElement("div"), Part.side(n))
                .appendChild(images.of(pair.before(), Part.picture(n, Side.BEFORE), before, false));
    }

    String altBefore(Carries.Pair pair) {
        PictureWords own = material.facts().words().get(pair.before());
        return own == null ? "" : own.alt();
    }

    /** How much of each side is seen, in words: "Before 40 %, After 60 %". */
    private static String shares(Carries.Pair pair) {
        long before = Math.round(100 * pair.startsAt());
        String shares = Stream.of(share(pair.nameBefore(), before), share(pair.nameAfter(), 100 - before))
                .filter(one -> !one.isEmpty())
                .collect(Collectors.joining(", "));
        return shares.isEmpty() ? before + " %" : shares;
    }

    private static String share(String name, long share) {
        return name.isEmpty() ? "" : name + " " + share + " %";
    }
}
