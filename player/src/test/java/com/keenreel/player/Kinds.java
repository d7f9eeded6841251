package com.keenreel.player;

import com.keenreel.core.Sampled;
import com.keenreel.core.edit.SetCarried;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SlideId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** One reel of each kind, with everything that could go wrong in a layout: off-centre focal points and overrides. */
public final class Kinds {
    /** Pictures of commissions. */
    public static final String[] SIX = {
        "commission-01.jpg",
        "commission-02.jpg",
        "commission-03.jpg",
        "commission-05.jpg",
        "commission-06.jpg",
        "commission-09.jpg"
    };

    private static final List<String> NAMES = List.of(
            "single",
            "steered",
            "row",
            "marquee",
            "pair",
            "stack",
            "grid",
            "rows",
            "depth",
            "upright",
            "standing",
            "words");

    private Kinds() {}

    /** The names of all kinds. */
    public static List<String> names() {
        return NAMES;
    }

    /** Makes a reel of the kind of that name. */
    public static <R extends TestReel<R>> R of(String kind, ReelMaker<R> maker) {
        return switch (kind) {
            case "single" -> single(maker);
            case "steered" -> steered(maker);
            case "row" -> row(maker);
            case "marquee" -> marquee(maker);
            case "pair" -> pair(maker);
            case "stack" -> stack(maker);
            case "grid" -> grid(maker);
            case "rows" -> rows(maker);
            case "depth" -> depth(maker);
            case "upright" -> upright(maker);
            case "standing" -> standing(maker);
            case "words" -> words(maker);
            default -> throw new IllegalArgumentException("There is no kind " + kind + ".");
        };
    }

    /** Makes one of each kind, by their names. */
    public static <R extends TestReel<R>> Map<String, R> all(ReelMaker<R> maker) {
        return some(maker, NAMES.size());
    }

    /** Makes one of so many kinds at the most, others in every run. */
    public static <R extends TestReel<R>> Map<String, R> some(ReelMaker<R> maker, int most) {
        Map<String, R> kinds = new LinkedHashMap<>();
        for (String kind : Sampled.of(NAMES, most)) {
            kinds.put(kind, of(kind, maker));
        }
        return kinds;
    }

    public static <R extends TestReel<R>> R single(ReelMaker<R> maker) {
        R reel = maker.make(
                "Banner of the kinds",
                "banner",
                "full",
                "banner-glaze-bench.jpg",
                "commission-02.jpg",
                "banner-dusk-works.jpg");
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Try the glaze bench")
                .say(slides.get(0), "text", "Mix two glazes, paint a tile.");
        reel.say(slides.get(0), "button", "Book a day").say(slides.get(0), "link", "https://fennock.example/days");
        reel.look(slides.get(0), null, 0.83, 0.21).look(slides.get(0), "phone", 0.12, 0.9);
        return reel.choose("shape.ratio", "tablet", "7:4")
                .choose("words.place", "tablet", "upper-right")
                .choose("shape.around", null, "20")
                .choose("shape.height", "phone", "fixed")
                .choose("shape.fixed", "phone", "430");
    }

    /** So flat that controls have no room on its pictures at some widths of each set-up. */
    public static <R extends TestReel<R>> R flat(ReelMaker<R> maker) {
        R reel = maker.make(
                "Flat banner",
                "banner",
                "full",
                "frieze-panorama.jpg",
                "banner-long-room.jpg",
                "banner-dusk-works.jpg");
        reel.say(reel.slides().get(0), "title", "The frieze");
        return reel.choose("shape.ratio", "phone", "12:1")
                .choose("shape.ratio", "tablet", "5:1")
                .choose("shape.ratio", "desk", "12:1")
                .choose("steering.arrows", "phone", "true");
    }

    public static <R extends TestReel<R>> R row(ReelMaker<R> maker) {
        R reel = maker.make("Row of the kinds", "row", "full", SIX);
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall")
                .say(slides.get(1), "text", "Garden room, six by nine tiles.");
        compare(maker, reel, slides.get(2));
        reel.look(slides.get(1), null, 0.5, 0.93).look(slides.get(0), "desk", 0.04, 0.5);
        reel.chooseFor(slides.get(0), "words.place", "tablet", "upper-right");
        return reel.choose("words.title-lines", "phone", "2")
                .choose("shape.ratio", "desk", "4:5")
                .choose("shape.fit", "tablet", "whole")
                .choose("look.behind", null, "blurred")
                .choose("look.shadow", null, "around");
    }

    /** That slide carries two pictures of a floor. */
    private static <R extends TestReel<R>> void compare(ReelMaker<R> maker, R reel, String slide) {
        PictureId before = new PictureId(maker.picture("floor-3-before.jpg"));
        PictureId after = new PictureId(maker.picture("floor-3-after.jpg"));
        reel.edit(new SetCarried(new SlideId(slide), new Carries.Pair(before, after, "Before", "After", 0.4)));
    }

    /** One below another, without end on a wide screen and the current one in the middle. */
    public static <R extends TestReel<R>> R upright(ReelMaker<R> maker) {
        R reel = maker.make("Upright of the kinds", "row", "full", SIX);
        reel.say(reel.slides().get(0), "title", "Quatrefoil wall");
        return reel.choose("row.upright", null, "true")
                .choose("row.shown", "tablet", "5")
                .choose("row.shown", "desk", "2")
                .choose("row.part", "desk", "20")
                .choose("row.endless", null, "true")
                .choose("row.middle", null, "true")
                .choose("row.smaller", null, "10")
                .choose("shape.ratio", null, "12:5")
                .choose("shape.tablet-from", null, "700");
    }

    public static <R extends TestReel<R>> R stack(ReelMaker<R> maker) {
        R reel = maker.make(
                "Stack of the kinds", "row", "full", "commission-01.jpg", "commission-02.jpg", "commission-03.jpg");
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall").say(slides.get(2), "text", "Under the stairs.");
        compare(maker, reel, slides.get(1));
        return reel.choose("arrangement", null, "stack")
                .choose("shape.ratio", "tablet", "3:1")
                .choose("shape.gap", "phone", "7")
                .choose("words.place", "desk", "middle")
                .choose("shape.height", "desk", "pictures")
                .choose("shape.most", "desk", "900")
                .choose("look.shadow", null, "below");
    }

    /** Cells of several sizes, with pages on a wide screen. */
    public static <R extends TestReel<R>> R grid(ReelMaker<R> maker) {
        R reel = maker.make("Grid of the kinds", "grid", "full", SIX);
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall").say(slides.get(3), "title", "Under the stairs");
        reel.look(slides.get(1), null, 0.5, 0.93);
        compare(maker, reel, slides.get(1));
        reel.chooseFor(slides.get(0), "grid.span", null, "large").chooseFor(slides.get(2), "grid.span", null, "wide");
        return reel.choose("look.border", null, "3")
                .choose("grid.page", "desk", "4")
                .choose("grid.columns", "desk", "4")
                .choose("words.place", null, "lower-left")
                .choose("words.place", "phone", "below");
    }

    /** Reflected on one floor on a narrow screen and with words below on a wide one, endless. */
    public static <R extends TestReel<R>> R depth(ReelMaker<R> maker) {
        R reel = maker.make("Depth of the kinds", "depth", "full", SIX);
        reel.say(reel.slides().get(0), "title", "Quatrefoil wall");
        return reel.choose("depth.turn", "tablet", "60")
                .choose("depth.overlap", "tablet", "55")
                .choose("words.place", "desk", "below")
                .choose("look.reflection-gap", null, "9");
    }

    /** Rows of whole pictures, with pages on a narrow screen. */
    public static <R extends TestReel<R>> R rows(ReelMaker<R> maker) {
        R reel = maker.make("Rows of the kinds", "grid", "full", SIX);
        reel.say(reel.slides().get(1), "title", "Garden room");
        return reel.choose("grid.cells", null, "rows")
                .choose("grid.height", "phone", "150")
                .choose("grid.page", "phone", "3")
                .choose("shape.gap", "tablet", "0")
                .choose("words.place", "desk", "below");
    }

    /** Pictures that stay, with headings, words at either side, and one picture once more below. */
    public static <R extends TestReel<R>> R standing(ReelMaker<R> maker) {
        R reel = maker.make(
                "Standing of the kinds",
                "standing",
                "full",
                "commission-01.jpg",
                "commission-02.jpg",
                "commission-03.jpg");
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall")
                .say(slides.get(0), "text", "Garden room, six by nine tiles.");
        reel.say(slides.get(1), "title", "").say(slides.get(1), "text", "Under the stairs.");
        reel.chooseFor(slides.get(1), "standing.side", null, "end")
                .chooseFor(slides.get(1), "standing.again", null, "true");
        return reel.choose("standing.headings", null, "true")
                .choose("standing.edge", "tablet", "48")
                .choose("standing.stays", "phone", "40")
                .choose("look.panel", null, "#f4efe4")
                .choose("shape.gap", "desk", "30")
                .choose("shape.ratio", null, "16:9");
    }

    /** Rows of words, some of them wider than the reel, with pictures at places of their own. */
    public static <R extends TestReel<R>> R words(ReelMaker<R> maker) {
        R reel = maker.make("Words of the kinds", "wordrows", "full", SIX);
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil")
                .say(slides.get(1), "title", "Under the stairs")
                .say(slides.get(2), "title", "");
        reel.say(slides.get(3), "link", "https://fennock.example/walls");
        reel.chooseFor(slides.get(1), "wordrows.across", null, "10")
                .chooseFor(slides.get(1), "wordrows.down", null, "0");
        return reel.choose("wordrows.rows", "tablet", "2")
                .choose("wordrows.lines", null, "true")
                .choose("look.at-rest", null, "outlined")
                .choose("shape.gap", "desk", "20");
    }

    public static <R extends TestReel<R>> R marquee(ReelMaker<R> maker) {
        R reel = maker.make(
                "Band of the kinds",
                "marquee",
                "box 1200",
                "logos/harskel-lime.svg",
                "logos/tundleby.svg",
                "logos/ovenwick.svg",
                "logos/mosscapel.svg");
        reel.slides().forEach(slide -> reel.say(slide, "link", "https://partner.example/"));
        return reel.choose("shape.gap", "tablet", "33")
                .choose("marquee.height", "desk", "71")
                .choose("look.inks", null, "grey")
                .choose("look.corners", null, "4");
    }

    /** One slide at a time with everything around it that takes room. */
    public static <R extends TestReel<R>> R steered(ReelMaker<R> maker) {
        return maker.make("Steered of the kinds", "banner", "box 900", SIX)
                .choose("thumbs.shown", null, "true")
                .choose("thumbs.edge", "desk", "end")
                .choose("thumbs.edge", "tablet", "above")
                .choose("steering.arrows-place", null, "outside")
                .choose("steering.arrows-place", "phone", "corner")
                .choose("steering.arrows", "phone", "true")
                .choose("steering.arrows-size", "tablet", "60")
                .choose("steering.marks", "tablet", "count")
                .choose("motion.autoplay", null, "true");
    }

    public static <R extends TestReel<R>> R pair(ReelMaker<R> maker) {
        R reel = maker.make(
                "Pairs of the kinds",
                "comparison",
                "box 960",
                "floor-1-before.jpg",
                "floor-1-after.jpg",
                "floor-5-before.jpg",
                "floor-5-after.jpg");
        List<String> slides = reel.slides();
        PictureId before = new PictureId(maker.picture("floor-1-before.jpg"));
        PictureId after = new PictureId(maker.picture("floor-1-after.jpg"));
        Carries.Pair pair = new Carries.Pair(before, after, "Before, autumn", "After, spring", 0.31);
        reel.edit(new SetCarried(new SlideId(slides.get(0)), pair));
        reel.look(slides.get(0), null, 0.2, 0.7);
        return reel.choose("shape.ratio", "tablet", "1:1");
    }
}
