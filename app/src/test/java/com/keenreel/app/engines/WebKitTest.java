package com.keenreel.app.engines;

import com.keenreel.player.Wait;
import org.junit.jupiter.api.AfterEach;

/** In WebKit. */
class WebKitTest extends EnginesTest {
    @Override
    Engine start() {
        return new WebKit(1, false);
    }

    @Override
    Engine startStill() {
        return new WebKit(2, true);
    }

    @Override
    double zoom(double times) {
        for (int presses = 0; zoomed() < times - 0.05 && presses < 12; presses++) {
            double before = zoomed();
            ((WebKit) engine).keyboard("ctrl+plus");
            Wait.until("the page is larger", () -> zoomed() > before);
        }
        return zoomed();
    }

    private double zoomed() {
        return 1000 / engine.ask("() => innerWidth").asDouble();
    }

    @AfterEach
    void unzoom() {
        ((WebKit) engine).keyboard("ctrl+0");
    }
}
