package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Part;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Element;

/** The markup of a reel: every slide and word is in it, whatever is shown at first. */
final class Markup {
    private final Material material;
    private final Spoken spoken;
    private final Layout layout;
    private final Sizes sizes;
    private final Images images;
    private final int copies;
    private final Drawn drawn;

    Markup(Material material, Layout layout, int copies, Drawn drawn) {
        this.drawn = drawn;
        this.material = material;
        this.spoken = new Spoken(material.reel());
        this.layout = layout;
        this.sizes = new Sizes(layout, Slot.FULL);
        this.images = new Images(material, sizes);
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
                && !Needs.enters(material.reel());
        if (still) {
            reel.addClass("run"); // there is nothing that it has to wait for
        }
        if (motion.upright()) {
            reel.addClass("upright");
        }
        if (motion.stops()) {
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
                .filter(part -> part.what() == Part.What.LINE)
                .sorted(Comparator.comparingInt(Part::number))
                .forEach(line -> is(view.appendElement("div"), line));
        Element strip = view.appendElement("div").addClass("strip");
        if (motion instanceof Motion.ByTime band) {
            new Band(material, images, copies).write(strip, band.onward());
            return new Written(Html.print(reel), List.of(), "");
        }
        strip.appendChild(new DataNode(SLIDES));
        steering(frame, motion);
        if (material.hasLargerView()) {
            reel.appendChild(new LargerView(material.reel().direction(), spoken).write());
        }
        String around = Html.print(reel);
        int at = around.indexOf(SLIDES);
        return new Written(around.substring(0, at), slides(), around.substring(at + SLIDES.length()));
    }

    private List<Written.OneSlide> slides() {
        List<Slide> slides = material.reel().slides();
        List<Written.OneSlide> all = new ArrayList<>();
        for (int n = 1; n <= slides.size(); n++) {
            int number = n;
            Slide slide = slides.get(n - 1);
            Said said = material.facts().said(slide);
            String html = drawn.of(needs(n, slide, said), () -> Html.print(slide(number, slide, said)));
            all.add(new Written.OneSlide(html, slide.carries() instanceof Carries.Pair));
        }
        return all;
    }

    /** Everything that the markup of one slide depends on beside what is said of all slides. */
    private record DependsOn(
            int n,
            int count,
            Slide slide,
            Said said,
            Pressed pressed,
            boolean worded,
            boolean large,
            boolean headed,
            boolean again,
            boolean reflected,
            List<Boolean> filled,
            boolean reached,
            List<Object> pictures) {}

    /** Words that wait to be pointed at are reached by keyboard and finger on their slide, where nothing else on it is. */
    private boolean isReachedForItsWords(Slide slide, Said said) {
        Choices choices = material.reel().choices();
        return choices.get(Options.WORDS_POINTED)
                && said.shows()
                && Arrays.stream(SetUp.values())
                        .anyMatch(setUp -> slide.chosen(Options.WORDS_PLACE, setUp, choices)
                                .over())
                && said.link().isEmpty()
                && slide.carries().pictures().size() < 2
                && Pressed.of(material.reel(), slide, said) == Pressed.NOTHING;
    }

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
        return new DependsOn(
                n,
                material.reel().slides().size(),
                slide,
                said,
                Pressed.of(material.reel(), slide, said),
                layout.stands(Part.words(n)),
                layout.stands(Part.word(n)),
                layout.stands(Part.heading(n)),
                layout.stands(Part.again(n)),
                layout.stands(Part.reflection(n)),
                Stream.concat(
                                Stream.of(Part.behind(n)),
                                Arrays.stream(SetUp.values()).map(setUp -> Part.behind(n, setUp)))
                        .map(layout::stands)
                        .toList(),
                isReachedForItsWords(slide, said),
                pictures);
    }

    private Element slide(int n, Slide slide, Said said) {
        Element element = is(new Element("div"), Part.slide(n))
                .attr("data-slide", slide.id().value())
                .attr("role", "group")
                .attr("aria-roledescription", spoken.say(Phrase.SLIDE))
                .attr("aria-label", spoken.position(n, material.reel().slides().size()));
        if (isReachedForItsWords(slide, said)) {
            element.attr("tabindex", "0");
        }
        if (layout.stands(Part.word(n))) {
            return worded(element, n, slide, said);
        }
        heading(element, n, said);
        Element crop = crop(element, n, slide, said);
        if (slide.carries() instanceof Carries.Pair pair) {
            element.addClass("pair");
            pair(crop, n, pair, said);
        }
        if (layout.stands(Part.reflection(n)) && slide.carries() instanceof Carries.Picture picture) {
            reflection(element, n, slide, picture);
        }
        Pressed pressed = Pressed.of(material.reel(), slide, said);
        if (pressed == Pressed.LARGER && slide.carries() instanceof Carries.Picture picture) {
            larger(element, picture.picture(), n, said);
        }
        words(element, n, said, pressed);
        if (layout.stands(Part.again(n)) && slide.carries() instanceof Carries.Picture picture) {
            Element again = images.of(picture.picture(), Part.again(n), "", false);
            element.appendChild(again.addClass(Part.again(n).kind()).attr("aria-hidden", "true"));
        }
        return element;
    }

    /** A large word, and the picture that it shows. */
    private Element worded(Element slide, int n, Slide own, Said said) {
        Element word = switch (Pressed.of(material.reel(), own, said)) {
            case LINK -> slide.appendElement("a").attr("href", said.link());
            case LARGER -> larger(slide, own.pictures().get(0), n, said).removeAttr("aria-label");
            case NOTHING -> slide.appendElement("button").attr("type", "button");
        };
        is(word, Part.word(n)).appendElement("span").addClass("title").text(said.word(n));
        crop(slide, n, own, said);
        return slide;
    }

    private Element crop(Element element, int n, Slide slide, Said said) {
        Element crop = is(element.appendElement("div"), Part.crop(n));
        if (slide.carries() instanceof Carries.Picture picture) {
            Map<SetUp, PictureId> instead = slide.instead().own();
            boolean soon = n == 1 && instead.isEmpty();
            crop.appendChild(images.of(picture.picture(), Part.picture(n), said.alt(), soon));
            for (Map.Entry<SetUp, PictureId> own : instead.entrySet()) {
                crop.appendChild(images.of(own.getValue(), Part.instead(n, own.getKey()), said.alt(), false));
            }
            behind(crop, n, slide, picture);
        }
        return crop;
    }

    /** A title that stands by itself. */
    private void heading(Element slide, int n, Said said) {
        if (layout.stands(Part.heading(n))) {
            is(slide.appendElement("div"), Part.heading(n))
                    .appendElement("div")
                    .addClass("panel")
                    .appendElement("p")
                    .addClass("title")
                    .attr("role", "heading")
                    .attr("aria-level", "3")
                    .text(said.title());
        }
    }

    /** What fills the frame behind a picture that is shown whole. */
    private void behind(Element crop, int n, Slide slide, Carries.Picture picture) {
        if (layout.stands(Part.behind(n))) {
            crop.appendChild(images.behind(picture.picture(), Part.behind(n)));
        }
        slide.instead().own().forEach((setUp, other) -> {
            if (layout.stands(Part.behind(n, setUp))) {
                crop.appendChild(images.behind(other, Part.behind(n, setUp)));
            }
        });
    }

    /** The picture once more, for nobody but the eye. */
    private void reflection(Element slide, int n, Slide own, Carries.Picture picture) {
        Element mirror = is(
                is(slide.appendElement("div"), Part.reflection(n))
                        .attr("aria-hidden", "true")
                        .appendElement("div"),
                Part.mirror(n));
        mirror.appendChild(images.of(picture.picture(), Part.picture(n), "", false));
        own.instead()
                .own()
                .forEach((setUp, other) -> mirror.appendChild(images.of(other, Part.instead(n, setUp), "", false)));
        mirror.children().forEach(image -> image.removeAttr("data-box"));
    }

    /** Without script it leads to the picture itself. */
    private Element larger(Element slide, PictureId picture, int n, Said said) {
        PictureFiles files = n == 1 ? material.first() : material.of(picture);
        String which = said.alt().isEmpty() ? said.title() : said.alt();
        return slide.appendElement("a")
                .addClass("larger")
                .attr("href", Base.MARK + files.largest().address())
                .attr("aria-haspopup", "dialog")
                .attr("aria-label", spoken.say(Phrase.LARGER) + (which.isEmpty() ? "" : ": " + which));
    }

    private void pair(Element crop, int n, Carries.Pair pair, Said said) {
        crop.appendChild(images.of(pair.after(), Part.picture(n, Side.AFTER), said.alt(), n == 1));
        is(crop.appendElement("div"), Part.side(n))
                .appendChild(images.of(pair.before(), Part.picture(n, Side.BEFORE), altBefore(pair), false));
        for (Side side : Side.values()) {
            if (!pair.name(side).isEmpty()) {
                is(crop.appendElement("div"), Part.label(n, side)).text(pair.name(side));
            }
        }
        is(crop.appendElement("div"), Part.divider(n));
        Element handle = is(crop.appendElement("div"), Part.handle(n))
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

    /** Gives an element the classes of what it is, and its name in {@code layout}. */
    static Element is(Element element, Part part) {
        element.addClass(part.kind());
        String own = part.css();
        if (!own.equals(part.kind())) {
            element.addClass(own);
        }
        String box = part.box();
        return box == null ? element : element.attr("data-box", box);
    }

    private void words(Element slide, int n, Said said, Pressed pressed) {
        boolean whole = pressed == Pressed.LINK;
        boolean button = !said.button().isEmpty();
        if (whole) {
            slide.appendElement("a")
                    .addClass("whole")
                    .attr("href", said.link())
                    .attr("aria-label", button ? said.button() : name(said));
        }
        if (!layout.stands(Part.words(n))) {
            return;
        }
        Element panel = is(slide.appendElement("div"), Part.words(n)).appendElement("div");
        if (!said.shows()) {
            return;
        }
        panel.addClass("panel");
        Element linked = null;
        String title = layout.stands(Part.heading(n)) ? "" : said.title();
        for (String[] words : new String[][] {{"title", title}, {"text", said.text()}}) {
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
    static String name(Said said) {
        if (!said.title().isEmpty()) {
            return said.title();
        }
        return said.alt().isEmpty() ? said.link().replaceFirst("^[a-z]+:(//)?", "") : said.alt();
    }

    private void steering(Element frame, Motion motion) {
        Direction way = motion.upright() ? Direction.LTR : material.reel().direction();
        if (layout.stands(Part.NEXT)) {
            frame.appendChild(control(Part.PREVIOUS, spoken.say(Phrase.PREVIOUS), Shapes.previous(way)));
            frame.appendChild(control(Part.NEXT, spoken.say(Phrase.NEXT), Shapes.next(way)));
        }
        if (layout.stands(Part.dot(1))) {
            Element dots =
                    frame.appendElement("div").attr("role", "group").attr("aria-label", spoken.say(Phrase.CHOOSE));
            int most = (int) layout.parts().stream()
                    .filter(part -> part.what() == Part.What.DOT)
                    .count();
            for (int n = 1; n <= most; n++) {
                is(dots.appendElement("button"), Part.dot(n))
                        .attr("type", "button")
                        .attr("aria-label", spoken.position(n, most));
            }
        }
    }

    private static Element control(Part part, String label, Element... shapes) {
        Element button = is(new Element("button"), part).attr("type", "button").attr("aria-label", label);
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
