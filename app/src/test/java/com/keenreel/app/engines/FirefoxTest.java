package com.keenreel.app.engines;

/** In Firefox. */
class FirefoxTest extends EnginesTest {
    @Override
    Engine start() {
        return new Firefox(1, false);
    }

    @Override
    Engine startStill() {
        return new Firefox(2, true);
    }

    @Override
    double zoom(double times) {
        ((Firefox) engine).zoom(1000, 800, times);
        return times;
    }
}
