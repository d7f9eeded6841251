package com.keenreel.publish;

import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.HandleForm;
import java.util.Locale;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;

/** The drawn shapes on controls, on a grid of 20 x 20. */
public final class Shapes {
    private static final String WHOLE = "M2 4h16v12H2ZM6.5 4v12M13.5 4v12";
    private static final String FILL = "M2 4h16v12H2ZM5.5 10h9M7.5 7.5 5 10l2.5 2.5M12.5 7.5 15 10l-2.5 2.5";

    private Shapes() {}

    /**
     * What is drawn on an arrow.
     *
     * @param right whether it points to the right
     */
    public static Element arrow(ArrowForm form, boolean right) {
        return drawn(
                form.name().toLowerCase(Locale.ROOT),
                switch (form) {
                    case ANGLE, OWN -> right ? "M7.5 3.5 14 10l-6.5 6.5" : "M12.5 3.5 6 10l6.5 6.5";
                    case SHAFT -> right ? "M2.5 10H17M11 4l6 6-6 6" : "M17.5 10H3M9 4l-6 6 6 6";
                    case SOLID -> right ? "M6.5 3.5v13L16 10Z" : "M13.5 3.5v13L4 10Z";
                    case BAR -> right ? "M5 4l6 6-6 6M15.5 4v12" : "M15 4l-6 6 6 6M4.5 4v12";
                });
    }

    static Element[] pause() {
        return new Element[] {drawn("bars", "M6.5 4v12M13.5 4v12"), drawn("play", "M6 3.5v13L16 10Z")};
    }

    /** What is drawn on what a divider is held by; null for nothing. */
    static @Nullable Element handle(HandleForm form) {
        return switch (form) {
            case GRIP -> drawn("", "M7.5 4v12M12.5 4v12");
            case ARROWS -> drawn("", "M7 4.5 1.5 10 7 15.5M13 4.5l5.5 5.5-5.5 5.5");
            case RING, LINE, NONE -> null;
        };
    }

    /** What a press on changes the side that is seen. */
    static Element switches() {
        return drawn("", "M2.5 7.5h10v9h-10ZM7 7.5v-4h10.5v9h-5");
    }

    static Element close() {
        return drawn("", "M4.5 4.5l11 11M15.5 4.5l-11 11");
    }

    static Element whole() {
        return drawn("", WHOLE);
    }

    static Element fill() {
        return drawn("", FILL);
    }

    /** What a press on the switch of the fit brings, by its class. */
    static Element[] fits() {
        return new Element[] {
            drawn("to-fill", FILL), drawn("to-whole", WHOLE), drawn("to-original", "M2 4h16v12H2ZM7 7.5h6v5H7Z")
        };
    }

    static Element fullScreen() {
        return drawn("", "M3 7.5V3h4.5M12.5 3H17v4.5M17 12.5V17h-4.5M7.5 17H3v-4.5");
    }

    private static Element drawn(String kind, String path) {
        Element svg = new Element("svg").attr("viewBox", "0 0 20 20").attr("aria-hidden", "true");
        if (!kind.isEmpty()) {
            svg.addClass(kind);
        }
        svg.appendElement("path").attr("d", path);
        return svg;
    }
}
