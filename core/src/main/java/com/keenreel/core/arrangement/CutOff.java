package com.keenreel.core.arrangement;

import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Setting;
import com.keenreel.core.space.Type;
import com.keenreel.core.text.Breaking;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Words below their picture that need more lines than are kept for them in a set-up.
 *
 * @param lines the option that keeps lines for them: for titles or for texts
 * @param slides which slides, from 1
 * @param needed how many lines the longest of them needs where the set-up is at its narrowest
 */
public record CutOff(Option<Integer> lines, List<Integer> slides, int needed) {
    /** The narrowest page that anybody is expected to have, px. */
    private static final double NARROWEST = 320;

    /** What is cut off in that set-up. */
    public static List<CutOff> in(Reel reel, Layout layout, Facts facts, SetUp setUp) {
        List<CutOff> all = new ArrayList<>();
        for (Option<Integer> option : List.of(Options.TITLE_LINES, Options.TEXT_LINES)) {
            Map<Integer, Integer> needed = new TreeMap<>();
            for (Range range : layout.ranges(setUp)) {
                double host = Math.max(NARROWEST, layout.hostFrom(range.span()));
                if (host < layout.hostBelow(range.span())) {
                    double width = layout.widthInHost().at(host);
                    range.frame().all().forEach(placed -> {
                        int lines = lines(reel, facts, placed, option, width);
                        needed.merge(placed.part().number(), lines, Math::max);
                    });
                }
            }
            int kept = reel.choices().get(option, setUp);
            needed.values().removeIf(lines -> lines <= kept);
            needed.values().stream()
                    .max(Integer::compare)
                    .ifPresent(most -> all.add(new CutOff(option, List.copyOf(needed.keySet()), most)));
        }
        return all;
    }

    private static int lines(Reel reel, Facts facts, Placed placed, Option<Integer> option, double width) {
        boolean title = option.equals(Options.TITLE_LINES);
        Setting set = placed.setting();
        Type type = set == null || set.place() != WordsPlace.BELOW ? null : title ? set.title() : set.text();
        if (set == null || type == null) {
            return 0;
        }
        Said said = facts.said(reel.slides().get(placed.part().number() - 1));
        double room = Math.min(set.widest().at(width), placed.box().width().at(width))
                - set.around().left().at(width)
                - set.around().right().at(width);
        return Breaking.lines(
                title ? said.title() : said.text(), title, type.size().at(width), room, facts.type());
    }
}
