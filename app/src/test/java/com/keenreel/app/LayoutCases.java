package com.keenreel.app;

import com.keenreel.app.Editor.Made;
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
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

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

    private final Editor editor = new Editor();
    private final Map<String, Made> reels = new LinkedHashMap<>();
    private final Map<String, String> chosen = new HashMap<>(); // the option last said, by kind
    private final Boxes boxes = new Boxes();
    private final Window window;
    private boolean begun;
    private int lines;

    /** Those in Chromium. */
    LayoutCases() {
        window = new Chromium(editor);
    }

    /** Those in that browser. */
    public LayoutCases(Window window) {
        this.window = window;
    }

    private record Chromium(Editor editor, Page page) implements Window {
        Chromium(Editor editor) {
            this(editor, editor.open("/help"));
        }

        @Override
        public void open(String address, int width, int height) {
            page.setViewportSize(width, height);
            page.navigate(address);
        }

        @Override
        public JsonNode ask(String function, Object argument) {
            String answer = (String)
                    page.evaluate("async (given) => JSON.stringify(await (" + function + ")(given))", argument);
            return Editor.JSON.readTree(answer);
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
    static <T> List<String> values(Option<T> option) {
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
        Made reel = reels.computeIfAbsent(one.kind, kind -> Kinds.of(kind, editor));
        if (!begun) {
            begin(reel);
        }
        JsonNode answer = choose(reel, one);
        JsonNode fragment = answer.path("shows").path("fragment");
        List<Double> widths = widths(fragment.path("css").asString());
        String where = one.kind + ", " + one.language + ", " + one.option + " " + one.value;
        JsonNode seen = window.ask(SHOW, List.of(fragment.toString(), widths));
        JsonNode predicted = reel.layouts(widths, "head");
        JsonNode now = editor.send("GET", "/reels/" + reel.id + "/state", null);
        if (!now.path("state").equals(answer.path("state"))) { // more became known of a picture meanwhile
            look(one);
            return;
        }
        for (int i = 0; i < widths.size(); i++) {
            boxes.compare(where + " in " + widths.get(i), seen.path(i), predicted.path(i));
            lines += boxes.compareType(where + " in " + widths.get(i), seen.path(i), predicted.path(i));
        }
    }

    /** A draft page with as many hosts as there are widths; what they show is handed to them, of whichever reel. */
    private void begin(Made reel) {
        begun = true;
        window.open(editor.addressOf("/reels/" + reel.id + "/draft"), 2600, 800);
        window.ask("""
                async (count) => {
                  const first = document.querySelector('keen-reel');
                  for (let frames = 0; frames < 1800 && !first.shadowRoot?.querySelector('.run'); frames++) await new Promise(requestAnimationFrame);
                  document.querySelector('main').style.paddingTop = '300px'; // what stays in the window has not begun to
                  for (let i = 0; i < count; i++) {
                    const place = document.createElement('div');
                    document.querySelector('main').append(place);
                    const host = i ? first.cloneNode() : first;
                    place.append(host);
                    await host.ready.catch(() => {});
                  }
                  return count;
                }""", WIDTHS);
        editor.problems().clear(); // that nothing is published there
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

    /** The edit's answer, with all of what the wall shows, because nothing is said of what it shows already. */
    private JsonNode choose(Made reel, Case one) {
        ObjectNode request = Editor.JSON
                .createObjectNode()
                .put("window", "cases")
                .put("editId", UUID.randomUUID().toString())
                .put("on", Long.MAX_VALUE)
                .put("shows", "");
        ArrayNode edits = request.putObject("edit").put("kind", "several").putArray("edits");
        String former = chosen.put(one.kind, one.option);
        if (former != null) {
            choose(edits, former, null);
        }
        choose(edits, Options.LANGUAGE.key(), one.language);
        choose(edits, one.option, one.value);
        return editor.send("POST", "/reels/" + reel.id + "/edits", request);
    }

    private static void choose(ArrayNode edits, String option, @Nullable String value) {
        edits.addObject()
                .put("kind", "choose")
                .put("option", option)
                .putNull("slide")
                .putNull("setUp")
                .put("value", value);
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
        editor.close();
    }
}
