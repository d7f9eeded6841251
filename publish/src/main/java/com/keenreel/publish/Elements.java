package com.keenreel.publish;

import com.keenreel.core.space.Part;
import org.jsoup.nodes.Element;

/** What all markup is made with. */
final class Elements {
    private Elements() {}

    /** Gives an element the classes of what it is, and its name in {@code layout}. */
    static Element is(Element element, Part part) {
        element.addClass(part.kind());
        String own = part.css();
        if (!own.equals(part.kind())) {
            element.addClass(own);
        }
        String box = part.box();
        return box == null ? element : element.attr("data-box", box);
    }

    /** Prints one, without added white space. */
    static String print(Element element) {
        org.jsoup.nodes.Document document = new org.jsoup.nodes.Document("");
        document.outputSettings().prettyPrint(false);
        document.appendChild(element);
        return element.outerHtml();
    }
}
