package com.keenreel.player;

import com.microsoft.playwright.Page;

/** A hand at a mouse, which drags with its button held down. */
public final class Hand {
    /** Waits until the pointer has been where it is for longer than a hand needs to come to rest, 60 ms by the page's clock. */
    private static final String RESTED = """
            () => new Promise((done) => {
              const since = performance.now();
              const look = () => (performance.now() - since > 90 ? done() : requestAnimationFrame(look));
              look();
            })""";

    private final Page page;

    /** The hand at that page's mouse. */
    public Hand(Page page) {
        this.page = page;
    }

    /** Presses the button there, CSS px. */
    public Hand press(double x, double y) {
        page.mouse().move(x, y);
        page.mouse().down();
        return this;
    }

    /** Moves there. */
    public Hand to(double x, double y) {
        page.mouse().move(x, y);
        return this;
    }

    /** Comes to rest, so that nothing is thrown when it lets go. */
    public Hand rest() {
        page.evaluate(RESTED);
        return this;
    }

    /** Lets go. */
    public void lift() {
        page.mouse().up();
    }
}
