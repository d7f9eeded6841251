package com.keenreel.app.engines;

/** In Firefox. */
class FirefoxTest extends EnginesTest {
    @Override
    Engine start() {
        return new Firefox(false);
    }

    @Override
    Engine startStill() {
        return new Firefox(true);
    }

    @Override
    Engine on(int dpr) {
        Firefox firefox = new Firefox(false);
        firefox.dpr(dpr);
        return firefox;
    }

    @Override
    double zoom(Engine engine, double times) {
        ((Firefox) engine).dpr(times); // as large pages are, to this browser: fewer CSS px of more px each
        engine.size((int) Math.round(1000 / times), (int) Math.round(800 / times));
        return times;
    }
}
