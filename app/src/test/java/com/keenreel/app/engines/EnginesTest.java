package com.keenreel.app.engines;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Boxes;
import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.keenreel.app.Front;
import com.keenreel.app.Running;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The demonstration in the other browsers that visitors have: laid out as calculated, loaded, moved and steered alike. */
abstract class EnginesTest {
    private static final double[] WIDTHS = {280, 390, 599, 599.5, 600, 820, 1023, 1024, 1280, 1600, 1920, 2560};

    /** One page of every reel: what its root is called in what follows. */
    private static final String ROOT = "const root = document.querySelector('keen-reel').shadowRoot; ";

    private final Running demonstration = Running.demonstration();
    private final Editor editor = new Editor(demonstration, true);
    private final Front front = new Front(demonstration);
    private Engine engine;

    /** Starts the browser. */
    abstract Engine start();

    /** The same, of a visitor who asked for less motion; on a screen of 2 px a CSS px where {@link #twice} needs it. */
    abstract Engine startStill();

    /** From now on it is on a screen of that many px a CSS px. */
    abstract Engine on(int dpr);

    /** Makes the page larger, to about that many times; gives back how large it became. */
    abstract double zoom(Engine engine, double times);

    @AfterEach
    void leave() {
        front.close();
        editor.close();
    }

    private void live(Engine engine, String slug) {
        engine.open(front.origin() + "/r/" + slug);
        engine.until("() => Boolean(document.querySelector('keen-reel')?.shadowRoot?.querySelector('.run'))");
    }

    private static JsonNode seen(Engine engine) {
        return Editor.JSON.readTree(engine.ask(Boxes.SEEN, 0).asString());
    }

    @Test
    void everyReelStandsAsCalculatedAtEveryWidth() {
        Boxes boxes = new Boxes();
        try (Engine engine = start()) {
            engine.size(2600, 1200);
            for (Made reel : editor.reels()) {
                live(engine, reel.name);
                for (double width : WIDTHS) {
                    engine.ask("(width) => { document.body.style.width = width + 'px' }", width);
                    boxes.compare(reel.name + " at " + width, seen(engine), reel.layout(width, "live"));
                }
            }
            System.out.println(engine.name() + ": " + boxes.said());
            assertThat(engine.problems()).isEmpty();
        }
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(3000);
    }

    @Test
    void zoomedPagesKeepToTheSetUpThatTheyAreIn() {
        Boxes boxes = new Boxes();
        List<String> wrong = new ArrayList<>();
        try (Engine engine = start()) {
            engine.size(1000, 800);
            for (double times : new double[] {1, 1.44, 2}) {
                double zoomed = zoom(engine, times);
                for (String slug : List.of("commissions-spring-to-autumn", "open-workshop-days")) {
                    live(engine, slug);
                    Made reel = editor.reels().stream()
                            .filter(one -> one.name.equals(slug))
                            .findFirst()
                            .orElseThrow();
                    JsonNode seen = seen(engine);
                    double width = seen.path("width").asDouble();
                    boxes.compare(slug + " zoomed " + zoomed, seen, reel.layout(width, "live"));
                    JsonNode now = engine.ask("() => { " + ROOT + "return [root.querySelectorAll('.slide.now').length, "
                            + "[...root.querySelectorAll('.dot')].filter((dot) => dot.checkVisibility()).length]; }");
                    if (slug.startsWith("comm")
                            && now.path(0).asInt() + now.path(1).asInt() != 10) {
                        wrong.add("zoomed " + zoomed + ", " + width + " px: " + now + " of nine");
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(boxes.wrong()).isEmpty();
    }

    @Test
    void everyPictureComesInTheWidthThatItNeeds() {
        List<String> wrong = new ArrayList<>();
        for (int dpr : new int[] {1, 2}) {
            try (Engine engine = on(dpr)) {
                for (int width : new int[] {480, 820, 1280}) {
                    engine.size(width, 900);
                    for (String slug : List.of(
                            "open-workshop-days",
                            "commissions-spring-to-autumn",
                            "floors-before-and-after",
                            "pattern-plates")) {
                        live(engine, slug);
                        engine.until(
                                "() => { " + ROOT
                                        + "return [...root.querySelectorAll('.slide.now .crop > img')].every((one) => one.complete && one.currentSrc); }");
                        for (JsonNode picture : engine.ask("() => { " + ROOT + """
                                return [...root.querySelectorAll('.slide.now .crop > img')].map((one) => ({
                                  src: new URL(one.currentSrc).pathname, shown: one.getBoundingClientRect().width * devicePixelRatio,
                                  files: one.srcset.split(', ').map((file) => file.split(' ')).map(([address, wide]) => [new URL(address, document.baseURI).pathname, parseInt(wide)]) }));
                                }""")) {
                            double need = picture.path("shown").asDouble();
                            int wanted = 0;
                            int fetched = 0;
                            for (JsonNode file : picture.path("files")) {
                                int wide = file.path(1).asInt();
                                wanted = wanted < need - 1 ? wide : wanted;
                                fetched = file.path(0)
                                                .asString()
                                                .equals(picture.path("src").asString())
                                        ? wide
                                        : fetched;
                            }
                            if (fetched != wanted) {
                                wrong.add("%s at %d x %d: %d px for %.0f px, not %d"
                                        .formatted(slug, width, dpr, fetched, need, wanted));
                            }
                        }
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }
}
