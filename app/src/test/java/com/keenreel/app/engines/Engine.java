package com.keenreel.app.engines;

import com.keenreel.player.LayoutCases;
import java.time.Duration;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/** A browser that visitors have and that the other tests do not use: one window, driven by the web's own protocols. */
public abstract class Engine implements LayoutCases.Window, AutoCloseable {
    static final ObjectMapper JSON = JsonMapper.builder().build();

    /** As the WebDriver protocols write it: keys that are no characters. */
    static final String TAB = "\uE004";

    static final String LEFT = "\uE012";
    static final String RIGHT = "\uE014";
    static final String HOME = "\uE011";
    static final String END = "\uE010";

    /** As it is said in a message. */
    public abstract String name();

    /** Opens an address and waits until it is loaded. */
    abstract void open(String address);

    @Override
    public void open(String address, int width, int height) {
        size(width, height);
        open(address);
    }

    /** Makes the page that wide and high, CSS px. */
    abstract void size(int width, int height);

    /** Does pointer and key actions as the WebDriver protocols write them, and waits until they are done. */
    abstract void perform(String actions);

    /** What a script of the page answers, as JSON text; it may take its time. */
    protected abstract String call(String script, String argument);

    /** What pages have said in their console since this was asked last, as far as it is wrong. */
    abstract List<String> problems();

    /**
     * What a function of the page answers.
     *
     * @param function its source, async or not; it gets one argument
     */
    @Override
    public JsonNode ask(String function, Object argument) {
        return JSON.readTree(call(
                "async (text) => JSON.stringify((await (" + function + ")(JSON.parse(text))) ?? null)",
                JSON.writeValueAsString(argument)));
    }

    JsonNode ask(String function) {
        return ask(function, null);
    }

    /** Waits until a function of the page answers something true. */
    void until(String function) {
        long end = System.nanoTime() + Duration.ofSeconds(20).toNanos();
        while (System.nanoTime() < end) {
            JsonNode answer = ask(function);
            if (answer.isBoolean() ? answer.asBoolean() : !answer.isNull()) {
                return;
            }
            pause(30);
        }
        throw new AssertionError(name() + " never came to: " + function);
    }

    void press(String key) {
        String at = "{\"type\":\"%s\",\"value\":" + JSON.writeValueAsString(key) + "}";
        perform("[{\"type\":\"key\",\"id\":\"keys\",\"actions\":[" + at.formatted("keyDown") + ","
                + at.formatted("keyUp") + "]}]");
    }

    /** Presses the mouse at a point of the window, moves it there, and lets go. */
    void drag(double fromX, double fromY, double toX, double toY) {
        perform(pointer(move(fromX, fromY, 0) + "," + DOWN + "," + move((fromX + toX) / 2, (fromY + toY) / 2, 40) + ","
                + move(toX, toY, 40) + "," + UP));
    }

    void click(double x, double y) {
        perform(pointer(move(x, y, 0) + "," + DOWN + "," + UP));
    }

    void point(double x, double y) {
        perform(pointer(move(x, y, 0)));
    }

    private static final String DOWN = "{\"type\":\"pointerDown\",\"button\":0}";
    private static final String UP = "{\"type\":\"pointerUp\",\"button\":0}";

    private static String move(double x, double y, int ms) {
        return "{\"type\":\"pointerMove\",\"x\":" + Math.round(x) + ",\"y\":" + Math.round(y) + ",\"duration\":" + ms
                + "}";
    }

    private static String pointer(String actions) {
        return "[{\"type\":\"pointer\",\"id\":\"mouse\",\"parameters\":{\"pointerType\":\"mouse\"},\"actions\":["
                + actions + "]}]";
    }

    static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    @Override
    public abstract void close();
}
