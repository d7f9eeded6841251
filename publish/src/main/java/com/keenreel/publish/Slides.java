package com.keenreel.publish;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;

/** The markup of slides that a player leads: of each of them once. */
final class Slides {
    private final Material material;
    private final Spoken spoken;
    private final Layout layout;
    private final Sizes sizes;
    private final Images images;
    private final Panel panel;
    private final Comparison comparison;
    private final Drawn drawn;

    Slides(Material material, Layout layout, Sizes sizes, Drawn drawn) {
        this.material = material;
        this.spoken = new Spoken(material.reel());
        this.layout = layout;
        this.sizes = sizes;
        this.images = new Images(material, sizes);
        this.panel = new Panel(layout);
        this.comparison = new Comparison(material, images);
        this.drawn = drawn;
    }

    /** All of them, in running order. */
    List<Written.OneSlide> write() {
        List<Slide> slides = material.reel().slides();
        List<Written.OneSlide> all = new ArrayList<>();
        for (int n = 1; n <= slides.size(); n++) {
            int number = n;
            Slide slide = slides.get(n - 1);
            Said said = material.facts().said(slide);
            String html = drawn.of(needs(n, slide, said), () -> {
                Element element = slide(number, slide, said);
                element.select("a").attr("draggable", "false"); // a hand that moves it swipes
                return Elements.print(element);
            });
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
        pictures.add(plays(slide));
        if (slide.carries() instanceof Carries.Pair pair) {
            pictures.add(material.facts().altBefore(slide));
            pair.between().forEach(state -> pictures.add(material.facts().alt(state.picture())));
            pictures.add(material.reel().choices().get(PairOptions.HANDLE));
            pictures.add(material.reel().choices().get(PairOptions.VIEW));
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
        Element element = Elements.is(new Element("div"), Part.slide(n))
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
        panel.heading(element, n, said);
        Element crop = crop(element, n, slide, said);
        if (slide.carries() instanceof Carries.Pair pair) {
            element.addClass("pair");
            if (!pair.between().isEmpty()) {
                element.addClass("states");
            }
            comparison.write(crop, n, pair, said, material.facts().altBefore(slide));
        }
        if (layout.stands(Part.reflection(n))) {
            reflection(element, n, slide);
        }
        Pressed pressed = Pressed.of(material.reel(), slide, said);
        if (pressed == Pressed.LARGER && slide.carries() instanceof Carries.Picture picture) {
            larger(element, picture.picture(), n, said);
        }
        panel.write(element, n, said, pressed);
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
        Elements.is(word, Part.word(n)).appendElement("span").addClass("title").text(said.word(n));
        crop(slide, n, own, said);
        return slide;
    }

    private Element crop(Element element, int n, Slide slide, Said said) {
        Element crop = Elements.is(element.appendElement("div"), Part.crop(n));
        if (slide.carries() instanceof Carries.Picture picture) {
            Map<SetUp, PictureId> instead = slide.instead().own();
            boolean soon = n == 1 && instead.isEmpty();
            Element shown = images.of(picture.picture(), Part.picture(n), said.alt(), soon);
            crop.appendChild(shown);
            video(shown, picture.picture(), slide);
            for (Map.Entry<SetUp, PictureId> own : instead.entrySet()) {
                crop.appendChild(images.of(own.getValue(), Part.instead(n, own.getKey()), said.alt(), false));
            }
            behind(crop, n, slide, picture);
        }
        return crop;
    }

    /** Says which video plays in the place of a picture, and how often. */
    private void video(Element shown, PictureId picture, Slide slide) {
        String address = material.of(picture).video();
        String plays = plays(slide);
        if (address != null && !plays.isEmpty()) {
            shown.attr("data-video", Base.MARK + address).attr("data-plays", plays);
        }
    }

    /** "again" or "once"; empty where it plays no video. */
    private String plays(Slide slide) {
        Reel reel = material.reel();
        return Playing.plays(reel, slide, material.facts())
                ? Needs.word(slide.chosen(MotionOptions.VIDEO, reel.choices()))
                : "";
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

    /** What the slide shows once more, for nobody but the eye. */
    private void reflection(Element slide, int n, Slide own) {
        Element mirror = Elements.is(
                Elements.is(slide.appendElement("div"), Part.reflection(n))
                        .attr("aria-hidden", "true")
                        .appendElement("div"),
                Part.mirror(n));
        if (own.carries() instanceof Carries.Picture picture) {
            mirror.appendChild(images.of(picture.picture(), Part.picture(n), "", false));
            own.instead()
                    .own()
                    .forEach((setUp, other) -> mirror.appendChild(images.of(other, Part.instead(n, setUp), "", false)));
            behind(mirror, n, own, picture);
        } else if (own.carries() instanceof Carries.Pair pair) {
            comparison.sides(mirror, n, pair, "", "", false);
        }
        mirror.select("[data-box]").not(".mirror").removeAttr("data-box");
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
}
