package com.keenreel.player;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every value of every option that an arrangement has, from left to right and from right to left, in hosts of 24 widths each: a
 * browser against {@code core}.
 */
public final class LayoutCases implements AutoCloseable {
    /** A browser in which they are looked at. */
    public interface Window {
        /** Opens an address and makes the page that wide and high, CSS px. */
        void open(String address, int width, int height);

        /** What a function of the page answers; it gets one argument, and may take its time. */
        JsonNode ask(String function, Object argument);
    }

    /** How many widths each of them is looked at in. */
    public static final int WIDTHS = 24;

    /** From the narrowest to the widest, with fractions. */
    private static final double[] ALWAYS = {
        280, 320, 375.25, 390, 480, 599.984375, 600, 720.5, 820, 1023.984375, 1024, 1180, 1280, 1440.75, 1920, 2560
    };

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Pattern LIMIT = Pattern.compile("width < ([\\d.]+)em");
    private static final double EM = 16;

    /** The arrangement of each kind of reel that is called otherwise. */
    private static final Map<String, String> ARRANGEMENT =
            Map.of("pair", "single", "steered", "single", "rows", "grid", "upright", "row", "words", "wordrows");

    /**
     * A reel of that kind with that choice.
     *
     * @param language of its words: some are read from right to left
     */
    public record Case(String kind, String language, String option, String value) {}

    private final Visitor visitor = new Visitor();
    private final ReelSite site = new ReelSite(visitor);
    private final Map<String, StaticReel> reels = new LinkedHashMap<>();
    private final Map<String, String> chosen = new HashMap<>(); // the option last said, by kind
    private final Boxes boxes = new Boxes();
    private final Window window;
    private boolean begun;
    private int lines;

    /** Those in Chromium. */
    public LayoutCases() {
        window = new InChromium(visitor.blank());
    }

    /** Those in that browser. */
    public LayoutCases(Window window) {
        this.window = window;
    }

    private record InChromium(Page page) implements Window {
        @Override
        public void open(String address, int width, int height) {
            page.setViewportSize(width, height);
            page.navigate(address);
        }

        @Override
        public JsonNode ask(String function, Object argument) {
            String answer = (String)
                    page.evaluate("async (given) => JSON.stringify(await (" + function + ")(given))", argument);
            return JSON.readTree(answer);
        }
    }

    /** All of them. */
    public static List<Case> all() {
        List<Case> all = new ArrayList<>();
        for (String kind : Kinds.names()) {
            for (String language : List.of("en", "ar")) {
                for (Option<?> option :
                        Arrangements.of(ARRANGEMENT.getOrDefault(kind, kind)).options()) {
                    values(option).forEach(value -> all.add(new Case(kind, language, option.key(), value)));
                }
            }
        }
        return all;
    }

    /** All that can be said of an option, or five of a range. */
    public static <T> List<String> values(Option<T> option) {
        Domain<T> domain = option.domain();
        boolean moves = List.of(MotionOptions.ANEW, MotionOptions.ENTERS, MotionOptions.ENTRY)
                .contains(option); // nobody can foresee when, or where
        if (option.equals(Arrangements.OPTION) || moves) {
            return List.of();
        }
        if (domain instanceof Domain.OneOf<?> some) {
            return written(some);
        }
        if (domain instanceof Domain.YesNo) {
            return List.of("true", "false");
        }
        if (domain instanceof Domain.Quantity<?> quantity) {
            double whole = quantity.most() - quantity.least();
            return Stream.of(0.0, 0.25, 0.5, 0.75, 1.0)
                    .map(share -> String.valueOf((double) Math.round(quantity.least() + share * whole)))
                    .distinct()
                    .filter(value -> Double.parseDouble(value) >= quantity.least())
                    .toList();
        }
        if (domain instanceof Domain.Ratios) {
            return List.of("1:5", "2:3", "1:1", "3:1", "12:1");
        }
        return domain instanceof Domain.Widths
                ? List.of("fills", "most 160", "most 700", "share 10", "share 55")
                : List.of();
    }

    private static <E> List<String> written(Domain.OneOf<E> some) {
        return some.values().stream().map(some::write).toList();
    }

    /** Looks at one of them. */
    public void look(Case one) {
        StaticReel reel = reels.computeIfAbsent(one.kind, kind -> Kinds.of(kind, site));
        if (!begun) {
            begin(reel);
        }
        choose(reel, one);
        String fragment = reel.fragment();
        List<Double> widths = widths(JSON.readTree(fragment).path("css").asString());
        String where = one.kind + ", " + one.language + ", " + one.option + " " + one.value;
        JsonNode seen = window.ask(SHOW, List.of(fragment, widths));
        List<JsonNode> predicted = reel.layouts(widths);
        for (int i = 0; i < widths.size(); i++) {
            boxes.compare(where + " in " + widths.get(i), seen.path(i), predicted.get(i));
            lines += boxes.compareType(where + " in " + widths.get(i), seen.path(i), predicted.get(i));
        }
    }

    /** A page with as many hosts as there are widths; what they show is handed to them, of whichever reel. */
    private void begin(StaticReel reel) {
        begun = true;
        reel.publish();
        // below the window nothing has begun to stay in it, nothing is drawn, and no picture is waited for
        String hosts = ("<div><keen-reel src=\"" + site.origin() + "/r/" + reel.slug() + "\"></keen-reel></div>")
                .repeat(WIDTHS);
        String body = "<body style=\"margin:0;padding-top:1000px\">" + hosts + "<script src=\"" + site.origin()
                + "/reel.js\"></script></body>";
        window.open(site.page("/cases", Pages.html("", body), Map.of()), 2600, 800);
        window.ask(
                "async () => { await Promise.all([...document.querySelectorAll('keen-reel')].map(({ ready }) => ready)); return 0; }",
                0);
    }

    private static final String SHOW = """
            async ([fragment, widths]) => {
              const hosts = [...document.querySelectorAll('keen-reel')];
              await Promise.all(hosts.map((host, i) => {
                host.parentElement.style.width = `${widths[i]}px`;
                return host.show(JSON.parse(fragment));
              }));
              const look = %s;
              return (await Promise.all(hosts.map((_, i) => look(i)))).map((one) => JSON.parse(one));
            }""".formatted(Boxes.SEEN.strip());

    private void choose(StaticReel reel, Case one) {
        String former = chosen.put(one.kind, one.option);
        if (former != null) {
            reel.choose(former, null, null);
        }
        reel.choose(Options.LANGUAGE.key(), null, one.language).choose(one.option, null, one.value);
    }

    /** Those that are always looked at, and both sides of the limits at which something else stands. */
    private static List<Double> widths(String css) {
        TreeSet<Double> limits = new TreeSet<>();
        Matcher found = LIMIT.matcher(css);
        while (found.find()) {
            limits.add(Double.parseDouble(found.group(1)) * EM);
        }
        List<Double> widths = new ArrayList<>();
        for (double width : ALWAYS) {
            widths.add(width);
        }
        for (double limit : limits) {
            if (widths.size() < WIDTHS - 1 && limit > 280 && !widths.contains(limit)) {
                widths.add(limit);
                widths.add(limit - 1 / 64.0);
            }
        }
        while (widths.size() < WIDTHS) {
            widths.add(300 + 97.25 * widths.size());
        }
        return widths;
    }

    public List<String> wrong() {
        return boxes.wrong();
    }

    public int figures() {
        return boxes.figures();
    }

    public int lines() {
        return lines;
    }

    public String said() {
        return boxes.said() + ", " + lines + " lines and panels among them";
    }

    @Override
    public void close() {
        visitor.close();
        site.close();
    }
}
