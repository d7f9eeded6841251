package com.keenreel.app;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.measure.Figures;
import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** Every value of every option that an arrangement has, in twelve hosts of other widths each: browser against core. */
public final class ProveOptions {
    private static final int HOSTS = 12;

    private ProveOptions() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveOptions::prove);
    }

    private static void prove(Figures figures) {
        Random random = new Random();
        Boxes boxes = new Boxes();
        int values = 0;
        int lines = 0;
        try (Editor editor = new Editor()) {
            Page page = editor.open(Running.application().site() + "/nothing-here");
            page.addScriptTag(
                    new Page.AddScriptTagOptions().setUrl(Running.application().origin() + "/reel.js"));
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
                Made reel = kind.getValue();
                String word = kind.getKey().equals("pair") ? "single" : kind.getKey();
                for (Option<?> option : Arrangements.of(word).options()) {
                    for (String value : values(option)) {
                        reel.choose(option.key(), null, value);
                        lines += compare(page, reel, kind.getKey() + ", " + option.key() + " " + value, random, boxes);
                        values++;
                    }
                    reel.edit("{'kind':'choose','option':'" + option.key() + "','setUp':null,'value':null}");
                }
            }
        }
        boxes.wrong().stream().limit(20).forEach(System.out::println);
        figures.reported("options", values, "values, each in " + HOSTS + " hosts");
        figures.reported("compared", boxes.figures(), "boxes and values of type");
        figures.reported("compared.words", lines, "lines and panels of words");
        figures.atMost("different", boxes.wrong().size(), "by more than 0.1 px", 0);
    }

    /** All that can be said of an option, or the ends and some between. */
    static <T> List<String> values(Option<T> option) {
        Domain<T> domain = option.domain();
        if (option.equals(Arrangements.OPTION) || option.equals(Options.ANEW)) {
            return List.of(); // it would be another reel, or one that nobody can foresee
        }
        if (domain instanceof Domain.OneOf<?> some) {
            return written(some);
        }
        if (domain instanceof Domain.YesNo) {
            return List.of("true", "false");
        }
        if (domain instanceof Domain.Quantity<?> quantity) {
            return Stream.of(quantity.least(), (quantity.least() + quantity.most()) / 2, quantity.most())
                    .map(String::valueOf)
                    .toList();
        }
        if (domain instanceof Domain.Ratios) {
            return List.of("1:5", "1:1", "3:1", "12:1");
        }
        if (domain instanceof Domain.Widths) {
            return List.of("fills", "most 160", "most 700", "share 10", "share 55");
        }
        return domain instanceof Domain.Languages ? List.of("ar", "de") : List.of();
    }

    private static <E> List<String> written(Domain.OneOf<E> some) {
        return some.values().stream().map(some::write).toList();
    }

    private static int compare(Page page, Made reel, String what, Random random, Boxes boxes) {
        double[] widths = random.doubles(HOSTS, 280, 2560)
                .map(width -> Math.round(width * 64) / 64.0)
                .toArray();
        String element = reel.publish().path("plainElement").asString().replaceAll("<script.*?</script>", "");
        page.evaluate(
                "([element, widths]) => { document.body.innerHTML = widths.map((width) => `<div style=\"width:${width}px\">${element}</div>`).join('') }",
                List.of(element, Arrays.stream(widths).boxed().toList()));
        int lines = 0;
        for (int i = 0; i < widths.length; i++) {
            JsonNode seen = Boxes.seen(page, i);
            JsonNode predicted = reel.layout(widths[i], "live");
            boxes.compare(what + " in " + widths[i], seen, predicted);
            lines += boxes.compareType(what + " in " + widths[i], seen, predicted);
        }
        return lines;
    }
}
