package com.keenreel.app.engines;

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
        double now = 1000 / engine.ask("() => innerWidth").asDouble();
        for (int presses = 0; now < times - 0.05 && presses < 12; presses++) {
            ((WebKit) engine).keyboard("ctrl+plus");
            Engine.pause(150);
            now = 1000 / engine.ask("() => innerWidth").asDouble();
        }
        return now;
    }

    @AfterEach
    void unzoom() {
        ((WebKit) engine).keyboard("ctrl+0");
    }
}
