package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How quickly the bench answers: from an input event to the end of the first frame in which every screen of the wall
 * shows its effect, for a live reel of 60 slides with words; and how closely what is dragged follows. The application, the
 * browser and the three screens share this machine's cores.
 */
final class MeasureBench {
    private static final int ROUNDS = Figures.times(40, 2);
    private static final int WARMING = Figures.times(25, 1);

    /**
     * Waits for the frame in which all screens show what is wanted, from the moment that the browser gives the event.
     * The time is taken after the frame's work, in the task that follows it.
     */
    private static final String ARM = """
            window.arm = (type, read, wanted, place) => {
              const seen = new Function('root', 'document', `return ${read}`);
              window.armed = new Promise((done, failed) => {
                setTimeout(() => failed(new Error(`Never seen: ${wanted}`)), 10000);
                let start;
                addEventListener(type, (event) => { start ??= event.timeStamp; }, { capture: true, once: true });
                const places = () => place === 'bench' ? [[document, document]]
                  : [...document.querySelectorAll('.screen iframe')].map(({ contentDocument }) =>
                      [contentDocument.querySelector('keen-reel').shadowRoot, contentDocument]);
                const frame = () => {
                  if (start === undefined || !places().every(([root, page]) => String(seen(root, page)) === wanted)) {
                    requestAnimationFrame(frame);
                    return;
                  }
                  const after = new MessageChannel();
                  after.port1.onmessage = () => done(performance.now() - start);
                  after.port2.postMessage('');
                };
                requestAnimationFrame(frame);
              });
            };
            """;

    private static final String REMEMBER = """
            document.querySelectorAll('.screen iframe').forEach(({ contentDocument, contentWindow }) => {
              const root = contentDocument.querySelector('keen-reel').shadowRoot;
              root.former = contentWindow.getComputedStyle(root.querySelector('.picture-1')).left;
            });
            """;

    /** Counts frames, and how long each movement of the pointer waited for the end of its frame. */
    private static final String FOLLOW = """
            window.frames60 = [];
            window.waits = [];
            window.following = true;
            addEventListener('pointermove', (event) => {
              if (!window.following) return;
              requestAnimationFrame(() => {
                const after = new MessageChannel();
                after.port1.onmessage = () => window.waits.push(performance.now() - event.timeStamp);
                after.port2.postMessage('');
              });
            }, { capture: true });
            const count = (now) => {
              window.frames60.push(now);
              if (window.following) requestAnimationFrame(count);
            };
            requestAnimationFrame(count);
            """;

    private final Figures figures;
    private final Editor editor = new Editor();

    private MeasureBench(Figures figures) {
        this.figures = figures;
    }

    public static void main(String[] args) {
        Figures.of(MeasureBench::measure);
    }

    /** Measures it. */
    static void measure(Figures figures) {
        new MeasureBench(figures).run();
    }

    private void run() {
        Made reel = reel(Figures.times(60, 6));
        reel.publish(); // most edits are made on reels that are live
        Page page = bench(reel);
        List<Double> all = new ArrayList<>();
        all.addAll(report("number", turned(page)));
        all.addAll(report("choice", chosen(page)));
        all.addAll(report("words", typed(page)));
        for (String setUp : List.of("phone", "tablet", "desk")) {
            reel.choose("shape.ratio", setUp, "1:1"); // so that the crop of every screen moves
        }
        page.reload();
        all.addAll(report("focal-point", dragged(ready(page))));
        figures.atMost("bench.everything.p95", share(all, 0.95), "ms from input to frame, 60 slides", 60);
        page.close();
        Page crowded = bench(reel(Figures.times(200, 10)));
        double[] arrows = arrows(crowded);
        figures.reported("bench.arrow-key.median", Figures.median(arrows), "ms");
        figures.atMost("bench.arrow-key.p95", share(arrows, 0.95), "ms from key to frame, 200 slides", 50);
        drag(crowded, "bench.card-drag", ".card >> nth=1", 500);
        drag(crowded, "bench.hold-drag", ".edge >> nth=1", 120);
        crowded.close();
    }

    private Made reel(int slides) {
        String[] files = {
            "banner-workshop-day.jpg", "banner-glaze-bench.jpg", "banner-long-room.jpg", "banner-kiln-glow.jpg"
        };
        Made reel = editor.make("Measured " + slides, "banner", "full", files);
        ObjectNode several = Editor.JSON.createObjectNode().put("kind", "several");
        ArrayNode edits = several.putArray("edits");
        List<String> pictures = Arrays.stream(files).map(editor::picture).toList();
        for (int n = files.length + 1; n <= slides; n++) {
            ObjectNode slide = edits.addObject().put("kind", "add").putObject("slide");
            slide.put("id", UUID.randomUUID().toString().replace("-", "").substring(0, 12));
            slide.putObject("carries").put("picture", pictures.get(n % pictures.size()));
            slide.putObject("words").put("title", "Slide " + n).put("text", "Tiles, glazed by hand and laid by eye.");
        }
        reel.edit(several.toString());
        return reel;
    }

    private Page bench(Made reel) {
        return ready(editor.open("/reels/" + reel.id));
    }

    private static Page ready(Page page) {
        for (int i = 0; i < 3; i++) {
            page.frameLocator(".screen >> nth=" + i + " >> iframe")
                    .locator(".run")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.ATTACHED));
        }
        page.waitForTimeout(Figures.times(1500, 150));
        page.evaluate(ARM);
        return page;
    }

    /** A number is turned by the arrow keys of its range. */
    private double[] turned(Page page) {
        page.locator("[data-unfold=Look]").click();
        page.locator("[data-key='word-set-look-corners-all']").click();
        page.locator(".control-panel:popover-open input[type=range]").focus();
        double[] times = times(i -> {
            int value = i % 2 == 0 ? 1 : 0;
            return took(
                    page,
                    "input",
                    "getComputedStyle(root.querySelector('.reel')).getPropertyValue('--corners').trim()",
                    value + "px",
                    () -> page.keyboard().press(value == 1 ? "ArrowRight" : "ArrowLeft"));
        });
        page.keyboard().press("Escape");
        return times;
    }

    /** A choice is stored at once, and the whole bench is drawn anew. */
    private double[] chosen(Page page) {
        page.locator("[data-key='word-set-look-controls-all']").click();
        Locator panel = page.locator(".control-panel:popover-open");
        double[] times = times(i -> took(
                page,
                "pointerdown",
                "getComputedStyle(root.querySelector('.frame')).getPropertyValue('--control').trim()",
                i % 2 == 0 ? "#16241e" : "#ffffff",
                () -> panel.locator(i % 2 == 0 ? "[data-value=dark-on-white]" : "[data-value=white-on-dark]")
                        .click()));
        page.keyboard().press("Escape");
        return times;
    }

    private double[] typed(Page page) {
        page.locator(".card").first().click();
        Locator field = page.locator("[data-say=title]");
        field.fill("");
        page.waitForTimeout(1200);
        StringBuilder text = new StringBuilder();
        double[] times = times(i -> {
            text.append((char) ('a' + i % 26));
            return took(
                    page,
                    "input",
                    "root.querySelector('.slide-1 .title').textContent",
                    text.toString(),
                    () -> field.pressSequentially(text.substring(text.length() - 1)));
        });
        page.waitForTimeout(1200);
        return times;
    }

    /** The focal point of a slide is dragged over its picture: the crops of all screens move. */
    private double[] dragged(Page page) {
        page.locator(".card").first().click();
        page.waitForTimeout(Figures.times(1500, 150));
        Locator picture = page.locator("svg.focus");
        picture.scrollIntoViewIfNeeded();
        var box = picture.boundingBox();
        page.mouse().move(box.x + 20, box.y + box.height / 2);
        page.mouse().down();
        page.evaluate(REMEMBER);
        double[] times = times(i -> {
            double share = 0.38 + 0.005 * (i % 40);
            return took(
                    page,
                    "pointermove",
                    "root.former !== getComputedStyle(root.querySelector('.picture-1')).left",
                    "true",
                    () -> page.mouse().move(box.x + box.width * share, box.y + box.height / 2));
        });
        page.mouse().up();
        return times;
    }

    private double[] arrows(Page page) {
        page.locator(".card").first().click();
        page.waitForTimeout(500);
        page.locator(".card").first().focus();
        return times(i -> {
            boolean right = i % 8 < 4;
            int standing = right ? i % 8 + 2 : 8 - i % 8;
            return took(
                    page,
                    "keydown",
                    "root.querySelector('.slide-" + standing + ".now') !== null",
                    "true",
                    () -> page.keyboard().press(right ? "ArrowRight" : "ArrowLeft"));
        });
    }

    /** Drags something by that many px to the right and back. */
    private void drag(Page page, String name, String what, int px) {
        var box = page.locator(what).boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.evaluate(FOLLOW);
        long until = System.nanoTime() + Figures.times(3000, 300) * 1_000_000L;
        for (int i = 0; System.nanoTime() < until; i++) {
            page.mouse().move(x + px * Math.abs(Math.sin(i / 40.0)), y);
        }
        page.evaluate("window.following = false");
        page.keyboard().press("Escape");
        page.mouse().up();
        double[] waits = numbers(page, "window.waits");
        double[] frames = numbers(page, "window.frames60");
        double seconds = (frames[frames.length - 1] - frames[0]) / 1000;
        figures.atLeast(name + ".frames", (frames.length - 1) / seconds, "frames/s", 50);
        figures.reported(name + ".wait.p95", share(waits, 0.95), "ms from pointer to the end of its frame");
        page.waitForTimeout(Figures.times(1500, 150));
    }

    private interface Round {
        double time(int i);
    }

    private static double[] times(Round round) {
        double[] times = new double[ROUNDS];
        for (int i = 0; i < WARMING + ROUNDS; i++) {
            double time = round.time(i);
            if (i >= WARMING) {
                times[i - WARMING] = time;
            }
        }
        return times;
    }

    private static double took(Page page, String event, String read, String wanted, Runnable input) {
        page.evaluate("([type, read, wanted]) => window.arm(type, read, wanted)", List.of(event, read, wanted));
        input.run();
        double time = ((Number) page.evaluate("window.armed")).doubleValue();
        page.evaluate(REMEMBER);
        page.waitForTimeout(120);
        return time;
    }

    private static double[] numbers(Page page, String what) {
        return ((List<?>) page.evaluate(what))
                .stream().mapToDouble(value -> ((Number) value).doubleValue()).toArray();
    }

    private List<Double> report(String what, double[] times) {
        figures.reported("bench." + what + ".median", Figures.median(times), "ms");
        figures.reported("bench." + what + ".p95", share(times, 0.95), "ms");
        return Arrays.stream(times).boxed().toList();
    }

    private static double share(List<Double> values, double share) {
        return share(values.stream().mapToDouble(Double::doubleValue).toArray(), share);
    }

    private static double share(double[] values, double share) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.ceil(share * sorted.length) - 1];
    }
}
