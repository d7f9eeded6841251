package com.keenreel.core.space;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How words are set at one width.
 *
 * @param name the part they stand in and what of it, such as "words-1 title"
 * @param properties CSS properties by name, in px
 */
public record MeasuredType(String name, Map<String, Double> properties) {
    /**
     * How everything is set that is said in a frame.
     *
     * @param width of the reel, px
     */
    public static List<MeasuredType> all(Placed frame, double width) {
        List<MeasuredType> all = new ArrayList<>();
        frame.all().forEach(placed -> {
            Setting set = placed.setting();
            if (set != null) {
                String name = placed.part().css();
                type(name + " title", set.title(), width, all);
                type(name + " text", set.text(), width, all);
                Map<String, Double> panel = new LinkedHashMap<>();
                panel.put("max-width", Math.max(0, set.widest().at(width))); // nothing is less wide than that
                panel.put("padding-top", set.around().top().at(width));
                panel.put("padding-right", set.around().right().at(width));
                panel.put("padding-bottom", set.around().bottom().at(width));
                panel.put("padding-left", set.around().left().at(width));
                all.add(new MeasuredType(name + " panel", panel));
                type(name + " button", Setting.BUTTON, width, all);
                Map<String, Double> button = Map.of(
                        "margin-top", set.aboveButton().at(width),
                        "height", Setting.BUTTON_HEIGHT,
                        "padding-left", Setting.BUTTON_SIDES);
                all.add(new MeasuredType(name + " button", button));
            }
        });
        return all;
    }

    private static void type(String name, @Nullable Type type, double width, List<MeasuredType> all) {
        if (type != null) {
            all.add(new MeasuredType(
                    name,
                    Map.of(
                            "font-size",
                            type.size().at(width),
                            "line-height",
                            type.line().at(width))));
        }
    }
}
