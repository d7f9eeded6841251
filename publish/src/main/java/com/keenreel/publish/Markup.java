package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Part;
import com.keenreel.core.time.Motion;
import java.util.Comparator;
import java.util.List;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Element;

/** The markup of a reel: every slide and word is in it, whatever is shown at first. */
final class Markup {
    private final Material material;
    private final Spoken spoken;
    private final Layout layout;
    private final Sizes sizes;
    private final int copies;
    private final Drawn drawn;

    Markup(Material material, Layout layout, int copies, Drawn drawn) {
        this.drawn = drawn;
        this.material = material;
        this.spoken = new Spoken(material.reel());
        this.layout = layout;
        this.sizes = new Sizes(layout, Slot.FULL);
        this.copies = copies;
    }

    /** Where the slides stand, while the rest is printed. */
    private static final String SLIDES = "\0";

    Written write() {
        Arrangement arrangement = Arrangements.of(material.reel());
        Motion motion = arrangement.motion(material.reel());
        Element reel = new Element("section")
                .addClass("reel")
                .addClass(arrangement.word())
                .addClass("by-" + motion.lead())
                .attr("lang", material.reel().language().tag())
                .attr("dir", material.reel().direction().word())
                .attr("aria-label", material.reel().name());
        boolean still = motion instanceof Motion.Still
                && !Needs.of(material).has(Needs.Beside.PAIRS)
                && !Needs.enters(material.reel())
                && Needs.of(material).later().isEmpty();
        if (still) {
            reel.addClass("run"); // there is nothing that it has to wait for
        }
        if (motion.upright()) {
            reel.addClass("upright");
        }
        if (motion.stops() && material.reel().slides().size() > 1) {
            reel.addClass("stops").attr("aria-roledescription", spoken.say(Phrase.CAROUSEL));
        }
        Element measured = reel.appendElement("div").addClass("measured");
        Element frame = measured.appendElement("div").attr("class", "frame").attr("data-box", "frame");
        if (layout.stands(Part.PAUSE)) {
            frame.appendChild(control(Part.PAUSE, spoken.say(Phrase.PAUSE), Shapes.pause()));
        }
        // reached by keyboard as long as it is scrolled, which without the player it is
        Element view = frame.appendElement("div").addClass("view");
        if (!still) {
            view.attr("tabindex", "0");
        }
        layout.parts().stream()
                .filter(part -> part.what() == Part.What.LINE || part.what() == Part.What.GROUND)
                .sorted(Comparator.comparingInt(Part::number))
                .forEach(behind -> Elements.is(view.appendElement("div"), behind));
        Element strip = view.appendElement("div").addClass("strip");
        if (motion instanceof Motion.ByTime band) {
            new Band(material, new Images(material, sizes), copies).write(strip, band.onward());
            return new Written(Elements.print(reel), List.of(), "");
        }
        strip.appendChild(new DataNode(SLIDES));
        steering(frame);
        if (material.hasLargerView()) {
            reel.appendChild(new LargerView(material.reel().direction(), spoken).write());
        }
        String around = Elements.print(reel);
        int at = around.indexOf(SLIDES);
        return new Written(
                around.substring(0, at),
                new Slides(material, layout, sizes, drawn).write(),
                around.substring(at + SLIDES.length()));
    }

    private void steering(Element frame) {
        if (layout.stands(Part.NEXT)) {
            frame.appendChild(control(Part.PREVIOUS, spoken.say(Phrase.PREVIOUS), arrows(false)));
            frame.appendChild(control(Part.NEXT, spoken.say(Phrase.NEXT), arrows(true)));
        }
        int most = layout.ranges().stream()
                .filter(range -> range.frame().boxOf(Part.dot(1)).isPresent()
                        || range.frame().boxOf(Part.COUNT).isPresent())
                .mapToInt(range -> range.stops().size())
                .max()
                .orElse(0);
        if (layout.stands(Part.dot(1)) || layout.stands(Part.COUNT)) {
            Element dots =
                    frame.appendElement("div").attr("role", "group").attr("aria-label", spoken.say(Phrase.CHOOSE));
            for (int n = 1; n <= most; n++) {
                Elements.is(dots.appendElement("button"), Part.dot(n))
                        .attr("type", "button")
                        .attr("aria-label", spoken.position(n, most));
            }
        }
        if (layout.stands(Part.SCREEN)) {
            frame.appendChild(control(Part.SCREEN, spoken.say(Phrase.FULL_SCREEN), Shapes.fullScreen()));
        }
        if (layout.stands(Part.FITS)) {
            frame.appendChild(control(Part.FITS, spoken.say(Phrase.WHOLE), Shapes.fits()));
        }
        if (layout.stands(Part.THUMBS)) {
            thumbs(frame);
        }
        if (layout.stands(Part.COUNT)) { // every slide says it, too
            Elements.is(frame.appendElement("span"), Part.COUNT).attr("aria-hidden", "true");
        }
    }

    /** The same pictures small, without what is said of them: the button says which slide it leads to. */
    private void thumbs(Element frame) {
        Element band = Elements.is(frame.appendElement("div"), Part.THUMBS)
                .attr("role", "group")
                .attr("aria-label", spoken.say(Phrase.CHOOSE));
        List<Slide> slides = material.reel().slides();
        Images images = new Images(material, sizes);
        for (int n = 1; n <= slides.size(); n++) {
            Slide slide = slides.get(n - 1);
            Element thumb = Elements.is(band.appendElement("button"), Part.thumb(n))
                    .attr("type", "button")
                    .attr("data-of", slide.id().value())
                    .attr("aria-label", spoken.position(n, slides.size()));
            List<PictureId> pictures = slide.carries().pictures();
            if (!pictures.isEmpty()) {
                thumb.appendChild(images.small(pictures.get(pictures.size() - 1)));
            }
        }
    }

    private Element[] arrows(boolean onward) {
        Images images = new Images(material, sizes);
        return ArrowLook.all(material.reel(), onward).stream()
                .map(look -> look.element(images))
                .toArray(Element[]::new);
    }

    private static Element control(Part part, String label, Element... shapes) {
        Element button =
                Elements.is(new Element("button"), part).attr("type", "button").attr("aria-label", label);
        for (Element shape : shapes) {
            button.appendChild(shape);
        }
        return button;
    }
}
