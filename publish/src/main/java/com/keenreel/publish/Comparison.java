package com.keenreel.publish;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.space.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;

/** The markup of two pictures with a divider between them. */
final class Comparison {
    /** Stands for how far the divider is, per cent, in what players say: characters that no name has. */
    private static final String AT = "\uE000";

    /** Stands for how far it is from the other end. */
    private static final String REST = "\uE001";

    private final Material material;
    private final Spoken spoken;
    private final Images images;

    Comparison(Material material, Images images) {
        this.material = material;
        this.spoken = new Spoken(material.reel());
        this.images = images;
    }

    /**
     * Writes a pair into its crop.
     *
     * @param altBefore what the side before shows, for those who do not see it
     */
    void write(Element crop, int n, Carries.Pair pair, Said said, String altBefore) {
        sides(crop, n, pair, said.alt(), altBefore, n == 1);
        int last = pair.between().size();
        for (Side side : Side.values()) {
            if (!pair.name(side).isEmpty()) {
                Element name = name(crop, Part.label(n, side), pair.name(side));
                belongs(name, side == Side.BEFORE ? 0 : last);
            }
        }
        for (int i = 1; i <= last; i++) {
            String name = pair.between().get(i - 1).name();
            if (!name.isEmpty()) {
                Element element = name(crop, Part.label(n, i), name).addClass("between");
                belongs(element, i - 1).attr("data-next", String.valueOf(i + 1));
            }
        }
        for (int i = 0; i <= last; i++) {
            divider(crop, n, i, pair);
        }
    }

    private static Element name(Element crop, Part part, String name) {
        return Elements.is(crop.appendElement("div"), part).addClass("name").text(name);
    }

    /** It goes with that divider, from 0; with the first one unless it says so. */
    private static Element belongs(Element element, int divider) {
        return divider == 0 ? element : element.attr("data-divider", String.valueOf(divider + 1));
    }

    private void divider(Element crop, int n, int i, Carries.Pair pair) {
        Choices choices = material.reel().choices();
        PairView view = PairBoxes.view(choices, pair);
        double start = view.start(pair.starts().get(i));
        if (!view.switches()) {
            belongs(Elements.is(crop.appendElement("div"), Part.divider(n, i)), i);
        }
        boolean alone = pair.between().isEmpty();
        String rest = String.valueOf(100 - Math.round(100 * start));
        Element handle = belongs(Elements.is(crop.appendElement("div"), Part.handle(n, i)), i)
                .attr("role", "slider")
                .attr("tabindex", "0")
                .attr("aria-label", spoken.say(view.phrase()) + (alone ? "" : ": " + beside(pair, i)))
                .attr("aria-valuemin", "0")
                .attr("aria-valuemax", "100")
                .attr("aria-valuenow", percent(start))
                .attr("aria-valuetext", alone ? shares(pair, view, percent(start), rest) : percent(start) + " %")
                .attr("data-says", alone ? shares(pair, view, AT, REST) : AT + " %");
        if (i > 0) {
            handle.attr("data-at", "--at-" + (i + 1));
        }
        Element drawn = view.switches() ? Shapes.switches() : Shapes.handle(PairOptions.handle(choices));
        if (drawn != null) {
            handle.appendChild(drawn);
        }
    }

    /** The states at both sides of a divider: "Before, Cleaned". */
    private static String beside(Carries.Pair pair, int divider) {
        List<String> names = new ArrayList<>(List.of(pair.nameBefore()));
        pair.between().forEach(state -> names.add(state.name()));
        names.add(pair.nameAfter());
        return names.subList(divider, divider + 2).stream()
                .filter(name -> !name.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String percent(double share) {
        return String.valueOf(Math.round(100 * share));
    }

    /** All pictures, each but the last cut off at its divider, the one before on top. */
    void sides(Element crop, int n, Carries.Pair pair, String after, String before, boolean soon) {
        crop.appendChild(images.of(pair.after(), Part.picture(n, Side.AFTER), after, soon));
        for (int i = pair.between().size(); i > 0; i--) {
            PictureId picture = pair.pictures().get(i);
            belongs(Elements.is(crop.appendElement("div"), Part.side(n, i)), i)
                    .appendChild(images.of(
                            picture, Part.between(n, i), material.facts().alt(picture), false));
        }
        Elements.is(crop.appendElement("div"), Part.side(n))
                .appendChild(images.of(pair.before(), Part.picture(n, Side.BEFORE), before, false));
    }

    /**
     * How much of each side is seen, in words: "Before 40 %, After 60 %".
     *
     * @param at how far the divider or control is, as it is to be written
     * @param rest how far it is from the other end
     */
    private static String shares(Carries.Pair pair, PairView view, String at, String rest) {
        boolean fades = view == PairView.FADE;
        String shares = Stream.of(
                        share(pair.nameBefore(), fades ? rest : at), share(pair.nameAfter(), fades ? at : rest))
                .filter(one -> !one.isEmpty())
                .collect(Collectors.joining(", "));
        return shares.isEmpty() ? at + " %" : shares;
    }

    private static String share(String name, String share) {
        return name.isEmpty() ? "" : name + " " + share + " %";
    }
}
