package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.keenreel.core.option.CourseKind;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.time.Schedule;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * The clock over hours. Moments out of ten hours of the held clock, for each course: the player stands where the schedule says,
 * to the millisecond. An hour of it in order, four times a second, and some minutes of quick changes by itself: nothing is left
 * behind.
 */
public final class ProveClock {
    private static final int MOMENTS = Figures.times(10_000, 20);
    private static final double HOURS = 10;

    private static final String LOOK = """
            async (moments) => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const number = (slide) => (slide ? Number(slide.className.match(/slide-(\\d+)/)[1]) - 1 : -1);
              const seen = [];
              for (const ms of moments) {
                await window.ask({ command: 'at', ms });
                const coming = root.querySelector('.slide.coming');
                const moving = coming ?? root.querySelector('.frame');
                seen.push([number(root.querySelector('.slide.now')), number(coming), moving.getAnimations({ subtree: !!coming })[0].currentTime]);
              }
              return seen;
            }""";

    /** Goes through that time, ms; gives back how many animations there were at once. */
    private static final String DRIVE = """
            async ([from, to]) => {
              const root = document.querySelector('keen-reel').shadowRoot;
              let most = 0;
              for (let ms = from; ms < to; ms += 250) {
                await window.ask({ command: 'at', ms });
                most = Math.max(most, root.getAnimations().length);
                if (ms % 60000 === 0) await new Promise(requestAnimationFrame);
              }
              return most;
            }""";

    private ProveClock() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveClock::prove);
    }

    static void prove(Figures figures) {
        Random random = new Random();
        try (Editor editor = new Editor()) {
            for (CourseKind course : CourseKind.values()) {
                moments(figures, editor, random, course);
            }
            hour(figures, editor);
            byItself(figures, editor);
        }
    }

    private static String word(CourseKind course) {
        return course.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static void moments(Figures figures, Editor editor, Random random, CourseKind course) {
        Made reel = editor.make(
                "Ten hours",
                "banner",
                "full",
                "banner-glaze-bench.jpg",
                "banner-dusk-works.jpg",
                "banner-kiln-glow.jpg",
                "commission-01.jpg",
                "commission-02.jpg");
        List<Long> holds = new ArrayList<>();
        List<Long> changes = new ArrayList<>();
        for (String slide : reel.slides()) {
            holds.add(500L + random.nextInt(20_000));
            reel.edit("{'kind':'hold','slide':'" + slide + "','hold':" + holds.get(holds.size() - 1) + "}");
            TransitionKind kind = TransitionKind.values()[random.nextInt(TransitionKind.values().length)];
            long time = 100L * (1 + random.nextInt(40));
            choose(
                    reel,
                    slide,
                    "motion.transition",
                    kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            choose(reel, slide, "motion.time", String.valueOf(time / 1000.0));
            changes.add(kind == TransitionKind.NONE ? 0 : time);
        }
        reel.choose("motion.course", null, word(course));
        Schedule schedule = new Schedule(holds, changes, course);
        Page page = editor.open("/reels/" + reel.id + "/draft");
        page.waitForFunction("() => window.ready");
        List<Double> moments =
                random.doubles(MOMENTS, 0, HOURS * 3_600_000).boxed().toList();
        double worst = 0;
        int wrong = 0;
        List<?> seen = (List<?>) page.evaluate(LOOK, moments);
        for (int i = 0; i < MOMENTS; i++) {
            List<?> there = (List<?>) seen.get(i);
            Schedule.Moment moment = schedule.at(moments.get(i));
            boolean right = number(there.get(0)) == moment.from()
                    && number(there.get(1)) == (moment.changing() ? moment.to() : -1);
            wrong += right ? 0 : 1;
            worst = right ? Math.max(worst, Math.abs(number(there.get(2)) - moment.into())) : worst;
        }
        String which = word(course) + ": ";
        figures.reported(which + "moments", MOMENTS, "moments out of " + (int) HOURS + " hours");
        figures.reported(which + "a lap", schedule.lap() / 1000.0, "s");
        figures.atMost(which + "moments at which another slide stands or comes", wrong, "moments", 0);
        figures.atMost(which + "worst difference into a hold or change", worst, "ms", 0.02);
        page.close();
    }

    /** A reel in which pictures are cut, fade and drift. */
    private static Made lively(Editor editor, String name) {
        Made reel = editor.banner(name).choose("motion.autoplay", null, "true").choose("motion.drift", null, "closer");
        List<String> slides = reel.slides();
        choose(reel, slides.get(0), "motion.transition", "tiles");
        choose(reel, slides.get(1), "motion.transition", "slats");
        return reel;
    }

    private static void hour(Figures figures, Editor editor) {
        Made reel = lively(editor, "An hour").choose("motion.course", null, "to-and-fro");
        Page page = editor.open("/reels/" + reel.id + "/draft");
        page.waitForFunction("() => window.ready");
        CDPSession inside = page.context().newCDPSession(page);
        page.evaluate(DRIVE, List.of(0, Figures.times(300_000, 5_000)));
        double before = heap(inside);
        double most = number(page.evaluate(DRIVE, List.of(300_000, Figures.times(3_600_000, 305_000))));
        figures.atMost("an hour, four times a second: animations at once", most, "animations", 24);
        figures.atMost(
                "an hour: what memory has grown by after five minutes", (heap(inside) - before) / 1000, "kB", 200);
        page.close();
    }

    private static void byItself(Figures figures, Editor editor) {
        Made reel = lively(editor, "Quick changes")
                .choose("motion.hold", null, "0.5")
                .choose("motion.time", null, "0.1");
        Page page = reel.live();
        page.mouse().move(5, 790);
        CDPSession inside = page.context().newCDPSession(page);
        page.waitForTimeout(Figures.times(20_000, 500));
        double before = heap(inside);
        page.waitForTimeout(Figures.times(160_000, 500));
        double standing =
                number(page.evaluate("() => document.querySelector('keen-reel').shadowRoot.getAnimations().length"));
        figures.atMost("three minutes of quick changes: animations at the end", standing, "animations", 24);
        figures.atMost(
                "three minutes of quick changes: what memory has grown by", (heap(inside) - before) / 1000, "kB", 200);
        page.close();
    }

    /** Bytes that scripts of a page hold on to. */
    private static double heap(CDPSession inside) {
        inside.send("HeapProfiler.collectGarbage");
        return inside.send("Runtime.getHeapUsage").get("usedSize").getAsDouble();
    }

    private static void choose(Made reel, String slide, String option, String value) {
        reel.edit("{'kind':'choose','option':'" + option + "','slide':'" + slide + "','setUp':null,'value':'" + value
                + "'}");
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }
}
