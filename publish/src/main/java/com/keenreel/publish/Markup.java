package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
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

    String write() {
        Arrangement arrangement = Arrangements.of(material.reel());
        boolean stops = arrangement.motion(material.reel()).stops();
        Element reel = new Element("section")
                .addClass("reel")
                .addClass(arrangement.word())
                .addClass("by-" + arrangement.motion(material.reel()).lead())
                .attr("lang", material.reel().language().tag())
                .attr("dir", material.reel().direction().word())
                .attr("aria-label", material.reel().name());
        if (arrangement.motion(material.reel()) instanceof Motion.Still
                && !Needs.of(material).pairs()) {
            reel.addClass("run"); // there is nothing that it has to wait for
        }
        if (stops) {
            reel.addClass("stops").attr("aria-roledescription", spoken.say(Phrase.CAROUSEL));
        }
        Element measured = reel.appendElement("div").addClass("measured");
        Element frame = measured.appendElement("div").addClass("frame").attr("data-box", "frame");
        if (layout.stands("pause")) {
            frame.appendChild(control("pause", spoken.say(Phrase.PAUSE), "pause", Shapes.pause()));
        }
        // reached by keyboard as long as it is scrolled, which without the player it is
        Element view = frame.appendElement("div").addClass("view").attr("tabindex", "0");
        Element strip = view.appendElement("div").addClass("strip");
        if (arrangement.motion(material.reel()) instanceof Motion.ByTime band) {
            band(strip, band.onward());
        } else {
            slides(strip);
            steering(frame);
            if (material.hasLargerView()) {
                reel.appendChild(new LargerView(material.reel().direction(), spoken).write());
            }
        }
        return Html.print(reel);
    }

    private void slides(Element strip) {
        List<Slide> slides = material.reel().slides();
        StringBuilder all = new StringBuilder();
        for (int n = 1; n <= slides.size(); n++) {
            int number = n;
            Slide slide = slides.get(n - 1);
            Said said = material.facts().said(slide);
            all.append(drawn.of(needs(n, slide, said), () -> Html.print(slide(number, slide, said))));
        }
        strip.appendChild(new DataNode(all.toString()));
    }

    /** Everything that the markup of one slide depends on beside what the reel has chosen. */
    private record DependsOn(int n, int count, Slide slide, Said said, List<Object> pictures) {}

    private DependsOn needs(int n, Slide slide, Said said) {
        List<Object> pictures = new ArrayList<>();
        for (PictureId id : slide.pictures()) {
            PictureFacts facts = material.facts().of(id);
            pictures.add(n == 1 ? List.of(material.first(), material.of(id)) : material.of(id));
            pictures.add(facts.width());
            pictures.add(facts.height());
        }
        pictures.add(sizes.ofSlide(n));
        if (slide.carries() instanceof Carries.Pair pair) {
            pictures.add(altBefore(pair));
        }
        return new DependsOn(n, material.reel().slides().size(), slide, said, pictures);
    }

    private Element slide(int n, Slide slide, Said said) {
        Element element = new Element("div")
                .addClass("slide")
                .addClass("slide-" + n)
                .attr("data-box", "slide-" + n)
                .attr("data-slide", slide.id().value())
                .attr("role", "group")
                .attr("aria-roledescription", spoken.say(Phrase.SLIDE))
                .attr("aria-label", spoken.position(n, material.reel().slides().size()));
        Element crop = element.appendElement("div").addClass("crop").addClass("crop-" + n);
        if (slide.carries() instanceof Carries.Picture picture) {
            Map<SetUp, PictureId> instead = slide.instead().own();
            boolean soon = n == 1 && instead.isEmpty();
            crop.appendChild(picture(picture.picture(), "picture-" + n, said.alt(), soon));
            for (Map.Entry<SetUp, PictureId> own : instead.entrySet()) {
                String part = "picture-" + n + "-" + own.getKey().word();
                crop.appendChild(
                        picture(own.getValue(), part, said.alt(), false).attr("data-box", "picture-" + n));
            }
        } else if (slide.carries() instanceof Carries.Pair pair) {
            element.addClass("pair");
            pair(crop, n, pair, said);
        }
        Pressed pressed = Pressed.of(material.reel(), slide, said);
        if (pressed == Pressed.LARGER && slide.carries() instanceof Carries.Picture picture) {
            larger(element, picture.picture(), n, said);
        }
        words(element, n, said, pressed);
        return element;
    }

    /** Without script it leads to the picture itself. */
    private void larger(Element slide, PictureId picture, int n, Said said) {
        PictureFiles files = n == 1 ? material.first() : material.of(picture);
        String which = said.alt().isEmpty() ? said.title() : said.alt();
        slide.appendElement("a")
                .addClass("larger")
                .attr("href", Base.MARK + files.largest().address())
                .attr("aria-haspopup", "dialog")
                .attr("aria-label", spoken.say(Phrase.LARGER) + (which.isEmpty() ? "" : ": " + which));
    }

    private void pair(Element crop, int n, Carries.Pair pair, Said said) {
        crop.appendChild(picture(pair.after(), "picture-" + n + "-after", said.alt(), n == 1));
        crop.appendElement("div")
                .addClass("side")
                .addClass("side-" + n)
                .appendChild(picture(pair.before(), "picture-" + n + "-before", altBefore(pair), false));
        name(crop, "label-before", n, pair.nameBefore());
        name(crop, "label-after", n, pair.nameAfter());
        crop.appendElement("div")
                .addClass("divider")
                .addClass("divider-" + n)
                .attr("data-box", PairBoxes.name("divider", n));
        Element handle = crop.appendElement("div")
                .addClass("handle")
                .addClass("handle-" + n)
                .attr("data-box", PairBoxes.name("handle", n))
                .attr("role", "slider")
                .attr("tabindex", "0")
                .attr("aria-label", spoken.say(Phrase.DIVIDER))
                .attr("aria-valuemin", "0")
                .attr("aria-valuemax", "100")
                .attr("aria-valuenow", String.valueOf(Math.round(100 * pair.startsAt())))
                .attr("aria-valuetext", shares(pair));
        handle.appendChild(Shapes.grip());
    }

    private String altBefore(Carries.Pair pair) {
        PictureWords own = material.facts().words().get(pair.before());
        return own == null ? "" : own.alt();
    }

    /** How much of each side is seen, in words: "Before 40 %, After 60 %". */
    private static String shares(Carries.Pair pair) {
        long before = Math.round(100 * pair.startsAt());
        String after = pair.nameAfter().isEmpty() ? "" : ", " + pair.nameAfter() + " " + (100 - before) + " %";
        return (pair.nameBefore() + " " + before + " %").strip() + after;
    }

    private static void name(Element crop, String part, int n, String name) {
        if (!name.isEmpty()) {
            crop.appendElement("div")
                    .addClass(part)
                    .addClass(part + "-" + n)
                    .attr("data-box", PairBoxes.name(part, n))
                    .text(name);
        }
    }

    private void words(Element slide, int n, Said said, Pressed pressed) {
        boolean whole = pressed == Pressed.LINK;
        boolean below = Arrays.stream(SetUp.values())
                .anyMatch(setUp -> material.reel().choices().get(Options.WORDS_PLACE, setUp) == WordsPlace.BELOW);
        boolean button = !said.button().isEmpty();
        if (whole) {
            slide.appendElement("a")
                    .addClass("whole")
                    .attr("href", said.link())
                    .attr("aria-label", button ? said.button() : name(said));
        }
        if (!said.shows() && !below) {
            return;
        }
        Element panel = slide.appendElement("div")
                .addClass("words")
                .addClass("words-" + n)
                .attr("data-box", "words-" + n)
                .appendElement("div");
        if (!said.shows()) {
            return;
        }
        panel.addClass("panel");
        Element linked = null;
        for (String[] words : new String[][] {{"title", said.title()}, {"text", said.text()}}) {
            if (words[1].isEmpty()) {
                continue;
            }
            Element line = panel.appendElement("p").addClass(words[0]);
            if (linked == null && !whole && !button && !said.link().isEmpty()) { // a comparison's link is its words
                line = linked = line.appendElement("a").attr("href", said.link());
            }
            line.text(words[1]);
        }
        if (button) {
            Element link =
                    panel.appendElement(whole ? "span" : "a").addClass("button").text(said.button());
            if (!said.link().isEmpty() && !whole) {
                link.attr("href", said.link());
            }
        }
    }

    /** What a link without words of its own is called: by the slide's title, its picture, or where it leads. */
    private static String name(Said said) {
        if (!said.title().isEmpty()) {
            return said.title();
        }
        return said.alt().isEmpty() ? said.link().replaceFirst("^[a-z]+:(//)?", "") : said.alt();
    }

    private void band(Element strip, boolean onward) {
        for (int copy = 0; copy < copies; copy++) {
            int place = onward ? copy : copy - 1;
            Element element =
                    strip.appendElement("div").addClass("copy").addClass("band").addClass("copy-" + place);
            if (place != 0) {
                element.attr("aria-hidden", "true"); // from those who listen, never from the pointer
            }
            List<Slide> slides = material.reel().slides();
            for (int n = 1; n <= slides.size(); n++) {
                logo(element, n, slides.get(n - 1), place == 0);
            }
        }
    }

    private void logo(Element copy, int n, Slide slide, boolean listed) {
        Element element = copy.appendElement("div").addClass("slide").addClass("slide-" + n);
        element.attr("data-slide", slide.id().value());
        List<PictureId> pictures = slide.carries().pictures();
        if (listed) {
            element.attr("data-box", "slide-" + n);
        }
        if (pictures.isEmpty()) {
            return;
        }
        Said said = material.facts().said(slide);
        Element image = picture(pictures.get(pictures.size() - 1), "picture-" + n, listed ? said.alt() : "", true);
        if (!listed) {
            image.removeAttr("data-box");
        }
        Element around =
                said.link().isEmpty() ? element : element.appendElement("a").attr("href", said.link());
        if (around != element && !listed) {
            around.attr("tabindex", "-1");
        } else if (around != element && said.alt().isEmpty()) {
            around.attr("aria-label", name(said));
        }
        around.appendChild(image);
    }

    private Element picture(PictureId id, String part, String alt, boolean soon) {
        boolean first = part.equals("picture-1") || part.equals("picture-1-after");
        PictureFiles files = first ? material.first() : material.of(id);
        PictureFacts facts = material.facts().of(id);
        Element image = new Element("img")
                .addClass(part)
                .attr("data-box", part)
                .attr("alt", alt)
                .attr("width", String.valueOf(facts.width()))
                .attr("height", String.valueOf(facts.height()))
                .attr("decoding", "async")
                .attr("draggable", "false");
        if (!soon) {
            image.attr("loading", "lazy");
        }
        if (!files.isShapes()) {
            image.attr("sizes", (soon ? "" : "auto, ") + sizes.of(part)).attr("srcset", files.srcset());
        }
        return image.attr("src", Base.MARK + files.fallback().address());
    }

    private void steering(Element frame) {
        int most = Arrays.stream(SetUp.values()).mapToInt(layout::stops).max().orElse(1);
        Direction way = material.reel().direction();
        if (layout.stands("arrow-next")) {
            frame.appendChild(control(
                    "arrow arrow-previous", spoken.say(Phrase.PREVIOUS), "arrow-previous", Shapes.previous(way)));
            frame.appendChild(control("arrow arrow-next", spoken.say(Phrase.NEXT), "arrow-next", Shapes.next(way)));
        }
        if (layout.stands("dot-1")) {
            Element dots =
                    frame.appendElement("div").attr("role", "group").attr("aria-label", spoken.say(Phrase.CHOOSE));
            for (int n = 1; n <= most; n++) {
                dots.appendElement("button")
                        .addClass("dot")
                        .addClass("dot-" + n)
                        .attr("type", "button")
                        .attr("data-box", "dot-" + n)
                        .attr("aria-label", spoken.position(n, most));
            }
        }
    }

    private static Element control(String classes, String label, String box, Element... shapes) {
        Element button = new Element("button")
                .attr("class", classes)
                .attr("type", "button")
                .attr("data-box", box)
                .attr("aria-label", label);
        for (Element shape : shapes) {
            button.appendChild(shape);
        }
        return button;
    }

    /** Printing without added white space. */
    static final class Html {
        private Html() {}

        static String print(Element element) {
            org.jsoup.nodes.Document document = new org.jsoup.nodes.Document("");
            document.outputSettings().prettyPrint(false);
            document.appendChild(element);
            return element.outerHtml();
        }
    }
}
