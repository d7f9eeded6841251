package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.Surround;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Insets;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Setting;
import com.keenreel.core.space.Type;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Prints a layout as CSS. What is the same at all widths is printed once; the rest in one container block for each
 * stretch of widths; parts that stand alike share a rule.
 */
final class StyleSheet {
    /** The size of type on the reel itself, px. */
    private static final double TYPE = 16;

    private final Reel reel;
    private final Facts facts;
    private final Layout layout;
    private final int copies;
    private final Needs needs;
    private final Dressing dressing;
    private final Drawn drawn;
    private Set<Part> differing = Set.of();
    private final Map<Box, String> boxes = new IdentityHashMap<>(); // many parts share one: comparing them takes time

    /**
     * The style sheet of that reel.
     *
     * @param copies how many copies of an endless band are in the markup
     * @param needs what it needs of the style sheets that ship
     * @param drawn what was drawn of the same reel before
     */
    StyleSheet(Material material, Layout layout, int copies, Needs needs, Drawn drawn) {
        this.drawn = drawn;
        this.reel = material.reel();
        this.facts = material.facts();
        this.layout = layout;
        this.copies = copies;
        this.needs = needs;
        this.dressing = new Dressing(reel, layout);
    }

    /** The reel's own rules: what holds everywhere, then a block for each stretch of widths. */
    List<Css.Piece> write() {
        List<Range> ranges = layout.ranges();
        differing = differing(ranges);
        List<Map<String, String>> rules = ranges.stream().map(this::rules).toList();
        Set<String> parts = new LinkedHashSet<>();
        rules.forEach(own -> parts.addAll(own.keySet()));
        Set<String> boxes = layout.parts().stream().map(Part::css).collect(Collectors.toSet());
        Map<Stretch, Map<String, String>> stretches = new TreeMap<>();
        for (String part : parts) {
            String absent =
                    boxes.contains(part) || part.startsWith("dot-") ? "display:none" : ""; // dots may only be counted
            int from = 0;
            for (int i = 1; i <= rules.size(); i++) {
                String body = rules.get(from).getOrDefault(part, absent);
                if (i == rules.size() || !body.equals(rules.get(i).getOrDefault(part, absent))) {
                    Stretch holds = new Stretch(
                            ranges.get(from).span().from(),
                            ranges.get(i - 1).span().below());
                    if (!body.isEmpty()) {
                        stretches
                                .computeIfAbsent(holds, any -> new LinkedHashMap<>())
                                .put(part, body);
                    }
                    from = i;
                }
            }
        }
        List<Css.Piece> css = new ArrayList<>();
        common().forEach(rule -> css.add(Css.Piece.rule(rule)));
        stretches.forEach((stretch, own) -> {
            if (stretch.everywhere()) {
                grouped(own).forEach(rule -> css.add(Css.Piece.rule(rule)));
            } else {
                css.add(new Css.Piece("@container reel " + stretch.condition(), grouped(own)));
            }
        });
        return css;
    }

    /** Reel widths in which a part stands in one way, px; all of them come first. */
    private record Stretch(double from, double below) implements Comparable<Stretch> {
        private static final Comparator<Stretch> WIDE_FIRST = Comparator.comparing(Stretch::everywhere)
                .reversed()
                .thenComparing(Stretch::from)
                .thenComparing(Stretch::below);

        private boolean everywhere() {
            return from == 0 && Double.isInfinite(below);
        }

        @Override
        public int compareTo(Stretch other) {
            return WIDE_FIRST.compare(this, other);
        }

        /**
         * Limits stand in em of the reel's own type: WebKit takes px for px of the screen when a page is zoomed. And they are
         * only asked for from below: Chromium takes a width that is a 64th of a px less than a limit for not less and for as
         * much at once.
         */
        private String condition() {
            String reached = "not (width < " + em(from) + ")";
            if (Double.isInfinite(below)) {
                return reached;
            }
            String under = "(width < " + em(below) + ")";
            return from == 0 ? under : "(" + reached + ") and " + under;
        }
    }

    private static String em(double px) {
        return Numbers.plain(px / TYPE) + "em";
    }

    private List<String> common() {
        Box inHost = layout.inHost(layout.usual(SetUp.DESK));
        String type = "\"" + PlayerFiles.shipped().family() + "\",Verdana,sans-serif";
        List<String> rules = new ArrayList<>();
        rules.add(".reel{width:" + inHost.width().css(Base.PERCENT) + ";margin-left:"
                + inHost.left().minus(layout.around()).css(Base.PERCENT)
                + around()
                + ";font-size:" + px(TYPE)
                + ";--type:" + type
                + ";--ground:" + reel.choices().get(LookOptions.GROUND)
                + ";--on-ground:" + reel.choices().get(LookOptions.GROUND).ink()
                + ";--corners:" + px(reel.choices().get(LookOptions.CORNERS))
                + ";--target:" + px(Layout.TARGET) + "}");
        rules.add(".button{height:" + px(Setting.BUTTON_HEIGHT) + ";padding:0 " + px(Setting.BUTTON_SIDES) + ";"
                + css(Setting.BUTTON) + "}");
        rules.addAll(dressing.rules());
        rules.addAll(Awaited.rules(reel, facts));
        rules.addAll(SteeringRules.common(reel, facts, layout, needs));
        if (Arrangements.of(reel).motion(reel) instanceof Motion.ByPosition row) {
            rules.addAll(DepthRules.withoutScripts(row));
        }
        if (needs.has(Needs.Beside.PAIRS)) {
            rules.add(".name{padding:0 " + px(PairBoxes.PADDING) + ";" + css(PairBoxes.type(reel.choices())) + "}");
            rules.addAll(PairRules.of(reel.choices()));
            rules.addAll(EffectRules.behind(reel, facts));
        }
        return rules;
    }

    /** The space at both sides, inside the reel's own box: what widths are asked of is what it leaves. */
    private String around() {
        if (layout.around().equals(Length.ZERO)) {
            return "";
        }
        boolean ground = reel.choices().get(LookOptions.SURROUND) == Surround.GROUND;
        return ";padding:0 " + layout.around().css(Base.PERCENT) + (ground ? ";background:var(--ground)" : "");
    }

    /** The space above and below, which depends on the range: no container can ask for its own width. */
    private String above(Range range) {
        Length above = layout.above(range);
        return above.equals(Length.ZERO) ? "" : ";margin-block:" + above.css(Base.CQI);
    }

    private Map<String, String> rules(Range range) {
        Map<String, String> rules = new LinkedHashMap<>();
        boxes(range.frame(), PairBoxes.isDown(reel.choices(), range.setUp()), rules);
        rules.put("measured", "--range:" + layout.spans().indexOf(range.span()));
        rules.merge(
                "frame",
                above(range) + ";--step:" + layout.stride(range).css(Base.CQI) + PaperRules.of(range),
                String::concat);
        Arrangement arrangement = Arrangements.of(reel);
        if (arrangement.motion(reel) instanceof Motion.ByTime band) {
            BandRules.of(range, band, copies, layout.stride(range), rules);
        }
        ScrollRules.of(range, rules);
        SteeringRules.of(reel, layout, range, rules);
        if (Needs.drifts(reel, facts)) {
            DriftRules.in(range, reel, facts, rules);
        }
        if (needs.has(Needs.Beside.PAIRS)) {
            PairRules.in(range.setUp(), reel.choices(), rules);
        }
        words(range, rules);
        if (arrangement.motion(reel) instanceof Motion.ByDistance) {
            DepthRules.inDepth(range, rules);
        } else {
            DepthRules.smaller(range, rules);
        }
        rules.merge("view", dressing.ofView(range), String::concat);
        return rules;
    }

    /** How words are set: what most slides share is said once, the others say it each for its own. */
    private void words(Range range, Map<String, String> rules) {
        range.frame().all().forEach(placed -> {
            Setting set = placed.setting();
            boolean differs = differing.contains(placed.part());
            if (set == null || !differs && rules.containsKey("words")) {
                return;
            }
            String own = placed.part().css();
            String scope = differs ? own + " ." : "";
            String colour = set.place() == WordsPlace.BELOW
                    ? "color:" + reel.choices().get(LookOptions.INK)
                    : "color:" + reel.choices().get(LookOptions.PANEL).ink();
            String align = set.place().over() && set.place().across() == 0 ? ";text-align:center" : "";
            if (differs) {
                rules.merge(own, ";" + colour + (align.isEmpty() ? ";text-align:start" : align), String::concat);
            } else {
                rules.put("words", colour + align);
            }
            rules.put(scope + "panel", panel(set));
            if (reel.choices().get(Options.WORDS_POINTED)) {
                String slide = differs ? Part.slide(placed.part().number()).css() : "slide";
                boolean over = set.place() != WordsPlace.BELOW;
                rules.put(slide + ":not(:hover,:focus-within) .panel", over ? "opacity:0" : "opacity:1");
            }
            String stands = differs ? "display:block;" : "";
            rules.put(scope + "title", set.title() == null ? "display:none" : stands + css(set.title()));
            rules.put(scope + "text", set.text() == null ? "display:none" : stands + css(set.text()));
            rules.put(scope + "title + .text", "margin-top:" + css(set.between()));
            rules.put(scope + "button", "margin-top:" + css(set.aboveButton()));
        });
    }

    /** What is set otherwise than most of its kind are, at some width. */
    private static Set<Part> differing(List<Range> ranges) {
        Set<Part> differing = new HashSet<>();
        for (Range range : ranges) {
            Map<Setting, List<Part>> alike = new LinkedHashMap<>();
            Map<Setting, List<Part>> known = new IdentityHashMap<>(); // most share one: comparing hundreds takes time
            range.frame()
                    .all()
                    .filter(placed -> placed.setting() != null)
                    .forEach(placed -> known.computeIfAbsent(
                                    placed.setting(), set -> alike.computeIfAbsent(set, any -> new ArrayList<>()))
                            .add(placed.part()));
            List<Part> most = alike.values().stream()
                    .max(Comparator.comparingInt(List::size))
                    .orElse(List.of());
            alike.values().stream().filter(parts -> parts != most).forEach(differing::addAll);
        }
        return differing;
    }

    private String panel(Setting set) {
        Insets around = set.around();
        String padding = "padding:" + css(around.top()) + " " + css(around.right()) + " " + css(around.bottom()) + " "
                + css(around.left());
        if (set.place() == WordsPlace.BELOW) {
            return "width:100%;height:max-content;margin:0;background:none;max-width:" + css(set.widest()) + ";"
                    + padding;
        }
        // margins, not alignment: what is too long for its place can be scrolled to, and is not cut off at its start
        String[] free = {"0 auto", "auto", "auto 0"};
        return "max-width:" + css(set.widest()) + ";" + padding + ";margin-block:"
                + free[set.place().down() + 1] + ";margin-inline:"
                + free[set.place().across() + 1]
                + ";background:"
                + reel.choices().get(LookOptions.PANEL).dense(reel.choices().get(Options.WORDS_GROUND) / 100);
    }

    private static String css(Type type) {
        return "font-size:" + css(type.size()) + ";line-height:" + css(type.line());
    }

    private static String css(Length length) {
        return length.equals(Length.ZERO) ? "0" : length.css(Base.CQI);
    }

    private static String css(Box box) {
        return "left:" + box.left().css(Base.CQI) + ";top:" + box.top().css(Base.CQI) + ";width:"
                + box.width().css(Base.CQI) + ";height:" + box.height().css(Base.CQI);
    }

    /**
     * What stands where.
     *
     * @param down whether the sides of pairs lie one above the other
     */
    private void boxes(Placed placed, boolean down, Map<String, String> rules) {
        Box box = placed.box();
        if (placed.part().what() == Part.What.THUMB) {
            return; // they stand one after another
        }
        String part = placed.part().css();
        rules.put(part, boxes.computeIfAbsent(box, any -> drawn.of(box, () -> css(box))));
        if (placed.part().what() == Part.What.CROP) {
            rules.merge(part, ";--along:" + (down ? box.height() : box.width()).css(Base.CQI), String::concat);
        }
        if (placed.part().what() == Part.What.PICTURE) {
            rules.merge(part, EffectRules.of(reel, placed), String::concat);
        }
        if (placed.part().what() == Part.What.LABEL) {
            rules.merge(part, ";--edge:" + PairBoxes.edge(placed, down).css(Base.CQI), String::concat);
        }
        if (placed.part().what() == Part.What.SLIDE) {
            rules.merge(part, dressing.ofSlide(placed), String::concat);
        }
        placed.inside().forEach(child -> boxes(child, down, rules));
    }

    private static List<String> grouped(Map<String, String> rules) {
        Map<String, StringBuilder> byBody = new LinkedHashMap<>();
        rules.forEach((part, body) -> {
            StringBuilder selectors = byBody.computeIfAbsent(body, any -> new StringBuilder());
            selectors.append(selectors.isEmpty() ? "." : ",.").append(part);
        });
        List<String> grouped = new ArrayList<>();
        byBody.forEach((body, selectors) -> grouped.add(selectors + "{" + body + "}"));
        return grouped;
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
