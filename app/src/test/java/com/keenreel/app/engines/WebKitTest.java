package com.keenreel.app.engines;

/** In WebKit. */
class WebKitTest extends EnginesTest {
    @Override
    Engine start() {
        return new WebKit(1, false);
    }

    @Override
    Engine startStill() {
        return new WebKit(1, true);
    }

    @Override
    Engine on(int dpr) {
        return new WebKit(dpr, false);
    }

    @Override
    double zoom(Engine engine, double times) {
        double before = engine.ask("() => innerWidth").asDouble();
        double now = 1;
        for (int presses = 0; now < times - 0.05 && presses < 12; presses++) {
            ((WebKit) engine).keyboard("ctrl+plus");
            Engine.pause(150);
            now = 1000 / engine.ask("() => innerWidth").asDouble();
        }
        return before < 1000 && now < times - 0.05 ? 0 : now;
    }
}
