package com.keenreel.app;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** One reel of each kind, with everything that could go wrong in a layout: off-centre focal points and overrides. */
final class Kinds {
    /** Pictures of commissions. */
    static final String[] SIX = {
        "commission-01.jpg",
        "commission-02.jpg",
        "commission-03.jpg",
        "commission-05.jpg",
        "commission-06.jpg",
        "commission-09.jpg"
    };

    private static final Map<String, Function<Editor, Made>> MAKE = new LinkedHashMap<>();

    static {
        MAKE.put("single", Kinds::single);
        MAKE.put("steered", Kinds::steered);
        MAKE.put("row", Kinds::row);
        MAKE.put("marquee", Kinds::marquee);
        MAKE.put("pair", Kinds::pair);
        MAKE.put("stack", Kinds::stack);
        MAKE.put("grid", Kinds::grid);
        MAKE.put("rows", Kinds::rows);
        MAKE.put("depth", Kinds::depth);
        MAKE.put("upright", Kinds::upright);
        MAKE.put("standing", Kinds::standing);
        MAKE.put("words", Kinds::words);
    }

    private Kinds() {}

    static Map<String, Made> all(Editor editor) {
        return some(editor, MAKE.size());
    }

    /** What they are called. */
    static List<String> names() {
        return List.copyOf(MAKE.keySet());
    }

    /** One of that name. */
    static Made of(String kind, Editor editor) {
        return MAKE.get(kind).apply(editor);
    }

    /** At most so many of them, others in every run. */
    static Map<String, Made> some(Editor editor, int most) {
        Map<String, Made> kinds = new LinkedHashMap<>();
        for (String kind : Sampled.of(List.copyOf(MAKE.keySet()), most)) {
            kinds.put(kind, MAKE.get(kind).apply(editor));
        }
        return kinds;
    }

    static Made single(Editor editor) {
        Made reel = editor.make(
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
    static Made flat(Editor editor) {
        Made reel = editor.make(
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

    static Made row(Editor editor) {
        Made reel = editor.make("Row of the kinds", "row", "full", SIX);
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall")
                .say(slides.get(1), "text", "Garden room, six by nine tiles.");
        compare(editor, reel, slides.get(2));
        reel.look(slides.get(1), null, 0.5, 0.93).look(slides.get(0), "desk", 0.04, 0.5);
        reel.edit("{'kind':'choose','option':'words.place','slide':'" + slides.get(0)
                + "','setUp':'tablet','value':'upper-right'}");
        return reel.choose("words.title-lines", "phone", "2")
                .choose("shape.ratio", "desk", "4:5")
                .choose("shape.fit", "tablet", "whole")
                .choose("look.behind", null, "blurred")
                .choose("look.shadow", null, "around");
    }

    /** That slide carries two pictures of a floor. */
    private static void compare(Editor editor, Made reel, String slide) {
        reel.edit("{'kind':'carry','slide':'" + slide + "','carries':{'before':'" + editor.picture("floor-3-before.jpg")
                + "','after':'" + editor.picture("floor-3-after.jpg")
                + "','nameBefore':'Before','nameAfter':'After','startsAt':0.4}}");
    }

    /** One below another, without end on a wide screen and the current one in the middle. */
    static Made upright(Editor editor) {
        Made reel = editor.make("Upright of the kinds", "row", "full", SIX);
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

    static Made stack(Editor editor) {
        Made reel = editor.make(
                "Stack of the kinds", "row", "full", "commission-01.jpg", "commission-02.jpg", "commission-03.jpg");
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall").say(slides.get(2), "text", "Under the stairs.");
        compare(editor, reel, slides.get(1));
        return reel.choose("arrangement", null, "stack")
                .choose("shape.ratio", "tablet", "3:1")
                .choose("shape.gap", "phone", "7")
                .choose("words.place", "desk", "middle")
                .choose("shape.height", "desk", "pictures")
                .choose("shape.most", "desk", "900")
                .choose("look.shadow", null, "below");
    }

    /** Cells of several sizes, with pages on a wide screen. */
    static Made grid(Editor editor) {
        Made reel = editor.make("Grid of the kinds", "grid", "full", SIX);
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil wall").say(slides.get(3), "title", "Under the stairs");
        reel.look(slides.get(1), null, 0.5, 0.93);
        compare(editor, reel, slides.get(1));
        String span = "{'kind':'choose','option':'grid.span','setUp':null,'slide':'";
        reel.edit(span + slides.get(0) + "','value':'large'}").edit(span + slides.get(2) + "','value':'wide'}");
        return reel.choose("look.border", null, "3")
                .choose("grid.page", "desk", "4")
                .choose("grid.columns", "desk", "4")
                .choose("words.place", null, "lower-left")
                .choose("words.place", "phone", "below");
    }

    /** Reflected on one floor on a narrow screen and with words below on a wide one, endless. */
    static Made depth(Editor editor) {
        Made reel = editor.make("Depth of the kinds", "depth", "full", SIX);
        reel.say(reel.slides().get(0), "title", "Quatrefoil wall");
        return reel.choose("depth.turn", "tablet", "60")
                .choose("depth.overlap", "tablet", "55")
                .choose("words.place", "desk", "below")
                .choose("look.reflection-gap", null, "9");
    }

    /** Rows of whole pictures, with pages on a narrow screen. */
    static Made rows(Editor editor) {
        Made reel = editor.make("Rows of the kinds", "grid", "full", SIX);
        reel.say(reel.slides().get(1), "title", "Garden room");
        return reel.choose("grid.cells", null, "rows")
                .choose("grid.height", "phone", "150")
                .choose("grid.page", "phone", "3")
                .choose("shape.gap", "tablet", "0")
                .choose("words.place", "desk", "below");
    }

    /** Pictures that stay, with headings, words at either side, and one picture once more below. */
    static Made standing(Editor editor) {
        Made reel = editor.make(
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
        String own = "{'kind':'choose','slide':'" + slides.get(1) + "','setUp':null,'option':'standing.";
        reel.edit(own + "side','value':'end'}").edit(own + "again','value':'true'}");
        return reel.choose("standing.headings", null, "true")
                .choose("standing.edge", "tablet", "48")
                .choose("standing.stays", "phone", "40")
                .choose("look.panel", null, "#f4efe4")
                .choose("shape.gap", "desk", "30")
                .choose("shape.ratio", null, "16:9");
    }

    /** Rows of words, some of them wider than the reel, with pictures at places of their own. */
    static Made words(Editor editor) {
        Made reel = editor.make("Words of the kinds", "wordrows", "full", SIX);
        List<String> slides = reel.slides();
        reel.say(slides.get(0), "title", "Quatrefoil")
                .say(slides.get(1), "title", "Under the stairs")
                .say(slides.get(2), "title", "");
        reel.say(slides.get(3), "link", "https://fennock.example/walls");
        String own = "{'kind':'choose','slide':'" + slides.get(1) + "','setUp':null,'option':'wordrows.";
        reel.edit(own + "across','value':'10'}").edit(own + "down','value':'0'}");
        return reel.choose("wordrows.rows", "tablet", "2")
                .choose("wordrows.lines", null, "true")
                .choose("look.at-rest", null, "outlined")
                .choose("shape.gap", "desk", "20");
    }

    static Made marquee(Editor editor) {
        Made reel = editor.make(
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
    private static Made steered(Editor editor) {
        return editor.make("Steered of the kinds", "banner", "box 900", SIX)
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

    static Made pair(Editor editor) {
        Made reel = editor.make(
                "Pairs of the kinds",
                "comparison",
                "box 960",
                "floor-1-before.jpg",
                "floor-1-after.jpg",
                "floor-5-before.jpg",
                "floor-5-after.jpg");
        List<String> slides = reel.slides();
        String before = editor.picture("floor-1-before.jpg");
        String after = editor.picture("floor-1-after.jpg");
        reel.edit("{'kind':'carry','slide':'" + slides.get(0) + "','carries':{'before':'" + before + "','after':'"
                + after + "','nameBefore':'Before, autumn','nameAfter':'After, spring','startsAt':0.31}}");
        reel.look(slides.get(0), null, 0.2, 0.7);
        return reel.choose("shape.ratio", "tablet", "1:1");
    }
}
