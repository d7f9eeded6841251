package com.keenreel.player;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.Arrays;

/** A hand at a mouse, which drags with its button held down. */
public final class Hand {
    /** Waits until the pointer has been where it is for longer than a hand needs to come to rest, 60 ms by the page's clock. */
    private static final String RESTED = """
            () => new Promise((done) => {
              const since = performance.now();
              const look = () => (performance.now() - since > 90 ? done() : requestAnimationFrame(look));
              look();
            })""";

    /** How long a frame is, s. */
    private static final double FRAME = 0.016;

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

    /**
     * Presses at the first of those places, goes on to the others and lets go there. The events themselves say that a frame lies
     * between one and the next, however long a busy machine takes to hand them over.
     *
     * @param y CSS px, for all of them
     * @param x CSS px, at least two
     */
    static void thrown(Page page, double y, double... x) {
        CDPSession session = page.context().newCDPSession(page);
        double began = System.currentTimeMillis() / 1000.0;
        String[] types = new String[x.length + 1];
        Arrays.fill(types, "mouseMoved");
        types[0] = "mousePressed";
        types[x.length] = "mouseReleased";
        for (int i = 0; i <= x.length; i++) {
            JsonObject event = new JsonObject();
            event.addProperty("type", types[i]);
            event.addProperty("x", x[Math.min(i, x.length - 1)]);
            event.addProperty("y", y);
            event.addProperty("button", "left");
            event.addProperty("buttons", i < x.length ? 1 : 0);
            event.addProperty("clickCount", 1);
            event.addProperty("timestamp", began + i * FRAME);
            session.send("Input.dispatchMouseEvent", event);
        }
        session.detach();
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
