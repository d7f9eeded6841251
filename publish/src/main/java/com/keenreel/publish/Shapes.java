package com.keenreel.publish;

import com.keenreel.core.option.Direction;
import org.jsoup.nodes.Element;

/** The drawn shapes on controls, on a grid of 20 x 20. */
final class Shapes {
    private static final String TO_THE_LEFT = "M12.5 3.5 6 10l6.5 6.5";
    private static final String TO_THE_RIGHT = "M7.5 3.5 14 10l-6.5 6.5";

    private Shapes() {}

    static Element previous(Direction way) {
        return drawn("", way == Direction.LTR ? TO_THE_LEFT : TO_THE_RIGHT);
    }

    static Element next(Direction way) {
        return drawn("", way == Direction.LTR ? TO_THE_RIGHT : TO_THE_LEFT);
    }

    static Element[] pause() {
        return new Element[] {drawn("bars", "M6.5 4v12M13.5 4v12"), drawn("play", "M6 3.5v13L16 10Z")};
    }

    static Element grip() {
        return drawn("", "M7.5 4v12M12.5 4v12");
    }

    static Element close() {
        return drawn("", "M4.5 4.5l11 11M15.5 4.5l-11 11");
    }

    static Element whole() {
        return drawn("", "M2 4h16v12H2ZM6.5 4v12M13.5 4v12");
    }

    static Element fill() {
        return drawn("", "M2 4h16v12H2ZM5.5 10h9M7.5 7.5 5 10l2.5 2.5M12.5 7.5 15 10l-2.5 2.5");
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
