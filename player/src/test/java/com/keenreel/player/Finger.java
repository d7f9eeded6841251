package com.keenreel.player;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;

/** A finger on a page: the browser itself tells what scrolls from what is pressed or dragged. */
public final class Finger implements AutoCloseable {
    /** A browser takes nothing that goes faster for scrolling. */
    private static final int FRAMES = 2;

    private final Page page;
    private final CDPSession session;
    private double x;
    private double y;

    public Finger(Page page) {
        this.page = page;
        this.session = page.context().newCDPSession(page);
    }

    /** Is put down there, CSS px. */
    public Finger down(double x, double y) {
        return send("touchStart", x, y);
    }

    /** Goes there in ten steps. */
    public Finger to(double x, double y) {
        double fromX = this.x;
        double fromY = this.y;
        for (int step = 1; step <= 10; step++) {
            page.waitForTimeout(FRAMES * 16);
            send("touchMove", fromX + (x - fromX) * step / 10, fromY + (y - fromY) * step / 10);
        }
        return this;
    }

    /** Is lifted. */
    public void up() {
        touch("touchEnd", new JsonArray());
    }

    private Finger send(String type, double x, double y) {
        this.x = x;
        this.y = y;
        JsonObject point = new JsonObject();
        point.addProperty("x", x);
        point.addProperty("y", y);
        JsonArray points = new JsonArray();
        points.add(point);
        touch(type, points);
        return this;
    }

    private void touch(String type, JsonArray points) {
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        session.send("Input.dispatchTouchEvent", event);
    }

    @Override
    public void close() {
        session.detach();
    }
}
