package com.keenreel.app;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.time.Schedule;
import com.keenreel.measure.Figures;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Moments out of ten hours of the held clock: the player stands where the schedule says, to the millisecond. */
public final class ProveClock {
    private static final int MOMENTS = 10_000;
    private static final double HOURS = 10;

    private static final String LOOK = """
            (moments) => moments.map((ms) => {
              window.ask({ command: 'at', ms });
              const root = document.querySelector('keen-reel').shadowRoot;
              const number = (slide) => (slide ? Number(slide.className.match(/slide-(\\d+)/)[1]) - 1 : -1);
              const coming = root.querySelector('.slide.coming');
              const moving = coming ?? root.querySelector('.frame');
              return [number(root.querySelector('.slide.now')), number(coming), moving.getAnimations()[0].currentTime];
            })""";

    private ProveClock() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveClock::prove);
    }

    private static void prove(Figures figures) {
        Random random = new Random();
        try (Editor editor = new Editor()) {
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
            Schedule schedule = new Schedule(holds, changes);
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
            figures.reported("moments", MOMENTS, "moments out of " + (int) HOURS + " hours");
            figures.reported("a lap", schedule.lap() / 1000.0, "s");
            figures.atMost("moments at which another slide stands or comes", wrong, "moments", 0);
            figures.atMost("worst difference into a hold or change", worst, "ms", 0.02);
        }
    }

    private static void choose(Made reel, String slide, String option, String value) {
        reel.edit("{'kind':'choose','option':'" + option + "','slide':'" + slide + "','setUp':null,'value':'" + value
                + "'}");
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }
}
