package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.ControlsLook;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.FluidSize;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.WordsArea;
import com.keenreel.core.time.Motion;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Prints a layout as CSS. What is the same at all widths is printed once; the rest in one container block for each
 * stretch of widths; parts that stand alike share a rule.
 */
final class StyleSheet {
    /** The size of type on the reel itself, px. */
    private static final double TYPE = 16;

    private static final String ABSENT = "display:none";

    private final Reel reel;
    private final Layout layout;
    private final int copies;
    private final Needs needs;
    private final Drawn drawn;

    /**
     * The style sheet of that reel.
     *
     * @param copies how many copies of an endless band are in the markup
     * @param needs what it needs of the style sheets that ship
     * @param drawn what was drawn of the same reel before
     */
    StyleSheet(Reel reel, Layout layout, int copies, Needs needs, Drawn drawn) {
        this.drawn = drawn;
        this.reel = reel;
        this.layout = layout;
        this.copies = copies;
        this.needs = needs;
    }

    String write() {
        List<Range> ranges = layout.ranges();
        List<Map<String, String>> rules = ranges.stream().map(this::rules).toList();
        Set<String> parts = new LinkedHashSet<>();
        rules.forEach(own -> parts.addAll(own.keySet()));
        Map<Stretch, Map<String, String>> stretches = new TreeMap<>();
        for (String part : parts) {
            int from = 0;
            for (int i = 1; i <= rules.size(); i++) {
                String body = rules.get(from).getOrDefault(part, ABSENT);
                if (i == rules.size() || !body.equals(rules.get(i).getOrDefault(part, ABSENT))) {
                    Stretch holds = new Stretch(
                            ranges.get(from).span().from(),
                            ranges.get(i - 1).span().below());
                    stretches
                            .computeIfAbsent(holds, any -> new LinkedHashMap<>())
                            .put(part, body);
                    from = i;
                }
            }
        }
        StringBuilder css = new StringBuilder(needs.css());
        css.append(common());
        stretches.forEach((stretch, own) -> css.append(stretch.around(grouped(own))));
        return css.toString();
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

        /** Limits stand in em of the reel's own type: WebKit takes px for px of the screen when a page is zoomed. */
        private String condition() {
            if (from == 0) {
                return "(width < " + em(below) + ")";
            }
            return Double.isInfinite(below)
                    ? "(width >= " + em(from) + ")"
                    : "(" + em(from) + " <= width < " + em(below) + ")";
        }

        private String around(String rules) {
            return everywhere() ? rules : "@container reel " + condition() + "{" + rules + "}";
        }
    }

    private static String em(double px) {
        return Numbers.plain(px / TYPE) + "em";
    }

    private String common() {
        Box inHost = layout.inHost(layout.usual(SetUp.DESK));
        boolean dark = reel.choices().get(Options.CONTROLS) == ControlsLook.WHITE_ON_DARK;
        String type = "\"" + PlayerFiles.shipped().family() + "\",Verdana,sans-serif";
        double ground = reel.choices().get(Options.WORDS_GROUND);
        return ".reel{width:" + inHost.width().css(Base.PERCENT) + ";margin-left:"
                + inHost.left().css(Base.PERCENT)
                + ";font-size:" + px(TYPE)
                + ";--type:" + type
                + ";--ground:" + reel.choices().get(Options.GROUND)
                + ";--on-ground:" + reel.choices().get(Options.GROUND).ink()
                + ";--ink:" + reel.choices().get(Options.INK)
                + ";--corners:" + px(reel.choices().get(Options.CORNERS))
                + ";--words-ground:rgb(22 36 30/" + Numbers.plain(ground) + "%)"
                + ";--control:" + (dark ? "#fff" : "#16241e")
                + ";--control-solid:#16241e"
                + ";--control-ground:" + (dark ? "rgb(22 36 30/.72)" : "rgb(255 255 255/.86)") + "}";
    }

    private Map<String, String> rules(Range range) {
        Map<String, String> rules = new LinkedHashMap<>();
        boxes(range.frame(), rules);
        rules.put("measured", "--range:" + layout.spans().indexOf(range.span()));
        rules.merge("frame", ";--step:" + layout.stride(range).css(Base.CQI) + onPaper(range), String::concat);
        Arrangement arrangement = Arrangements.of(reel);
        if (arrangement.motion(reel) instanceof Motion.ByTime band) {
            copies(range, band.onward(), rules);
        }
        if (arrangement.has(Options.WORDS_PLACE)) {
            words(range.setUp(), arrangement.has(Options.WORDS_SIZE), rules);
        }
        return rules;
    }

    /**
     * On paper as many slides stand in a row as on the screen. One that has the whole width there gets half of the paper,
     * and is laid out as in a reel of that width.
     */
    private static String onPaper(Range range) {
        Length slide = range.frame().boxOf(Part.slide(1)).orElseThrow().width();
        return slide.equals(Length.WIDTH)
                ? ";--paper:calc(50% - 8px);--alone:inline-size;--gap:16px"
                : ";--paper:" + slide.css(Base.CQI) + ";--alone:normal;--gap:"
                        + range.gap().css(Base.CQI);
    }

    private void copies(Range range, boolean onward, Map<String, String> rules) {
        Length lap = layout.stride(range);
        for (int copy = 0; copy < copies; copy++) {
            int place = onward ? copy : copy - 1;
            rules.put("copy-" + place, "left:" + lap.times(place).css(Base.CQI));
        }
    }

    private void words(SetUp setUp, boolean grows, Map<String, String> rules) {
        WordsPlace place = reel.choices().get(Options.WORDS_PLACE, setUp);
        if (place == WordsPlace.NOWHERE) {
            rules.put("words", "display:none");
            return;
        }
        if (!reel.choices().get(Options.WORDS_TEXT, setUp)) {
            rules.put("text", "display:none");
        } else {
            rules.put(
                    "text",
                    place == WordsPlace.BELOW
                            ? below(Options.TEXT_LINES, setUp, WordsArea.TEXT_LINE, 15)
                            : over(15, textSize(setUp), 1.45));
        }
        if (place == WordsPlace.BELOW) {
            rules.put("words", "color:var(--ink)");
            rules.put("panel", "width:100%;height:max-content;padding:" + px(WordsArea.ABOVE) + " 0 0");
            rules.put("title", below(Options.TITLE_LINES, setUp, WordsArea.TITLE_LINE, 18));
            rules.put("title + .text", "margin-top:" + px(WordsArea.BETWEEN));
            rules.put("button", "margin-top:8px");
            return;
        }
        // margins, not alignment: what is too long for its place can be scrolled to, and is not cut off at its start
        String[] around = {"0 auto", "auto", "auto 0"};
        rules.put("words", "color:#fff" + (place.across() == 0 ? ";text-align:center" : ""));
        boolean phone = setUp == SetUp.PHONE;
        rules.put(
                "panel",
                "max-width:min(100%,560px);padding:" + (phone ? "12px 14px" : "20px 24px")
                        + ";margin-block:" + around[place.down() + 1] + ";margin-inline:" + around[place.across() + 1]
                        + ";background:var(--words-ground)");
        rules.put("title", over(18, grows ? reel.choices().get(Options.WORDS_SIZE, setUp) : 18, 1.2));
        rules.put("title + .text", "margin-top:6px");
        rules.put("button", "margin-top:" + (phone ? "10px" : "14px"));
    }

    private double textSize(SetUp setUp) {
        return Math.max(15, Math.round(reel.choices().get(Options.WORDS_SIZE, setUp) * 0.6));
    }

    private static String over(double least, double most, double lineHeight) {
        return "font-size:" + FluidSize.between(least, most).css(Base.CQI) + ";line-height:" + lineHeight;
    }

    private String below(com.keenreel.core.option.Option<Double> lines, SetUp setUp, double lineHeight, double size) {
        int kept = (int) Math.round(reel.choices().get(lines, setUp));
        return kept == 0 ? "display:none" : "font-size:" + px(size) + ";line-height:" + px(lineHeight);
    }

    private static String css(Box box) {
        return "left:" + box.left().css(Base.CQI) + ";top:" + box.top().css(Base.CQI) + ";width:"
                + box.width().css(Base.CQI) + ";height:" + box.height().css(Base.CQI);
    }

    private void boxes(Placed placed, Map<String, String> rules) {
        Box box = placed.box();
        String part = placed.part().css();
        rules.put(part, drawn.of(box, () -> css(box)));
        if (placed.part().what() == Part.What.CROP) {
            rules.merge(part, ";--across:" + box.width().css(Base.CQI), String::concat);
        }
        placed.inside().forEach(child -> boxes(child, rules));
    }

    private static String grouped(Map<String, String> rules) {
        Map<String, StringBuilder> byBody = new LinkedHashMap<>();
        rules.forEach((part, body) -> {
            StringBuilder selectors = byBody.computeIfAbsent(body, any -> new StringBuilder());
            selectors.append(selectors.isEmpty() ? "." : ",.").append(part);
        });
        StringBuilder css = new StringBuilder();
        byBody.forEach((body, selectors) ->
                css.append(selectors).append('{').append(body).append('}'));
        return css.toString();
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
