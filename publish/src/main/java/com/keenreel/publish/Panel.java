package com.keenreel.publish;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Part;
import org.jsoup.nodes.Element;

/** The markup of what is said on a slide. */
final class Panel {
    private final Layout layout;

    Panel(Layout layout) {
        this.layout = layout;
    }

    /** A title that stands by itself. */
    void heading(Element slide, int n, Said said) {
        if (layout.stands(Part.heading(n))) {
            Elements.is(slide.appendElement("div"), Part.heading(n))
                    .appendElement("div")
                    .addClass("panel")
                    .appendElement("p")
                    .addClass("title")
                    .attr("role", "heading")
                    .attr("aria-level", "3")
                    .text(said.title());
        }
    }

    /** The words of a slide, and the link that it is. */
    void write(Element slide, int n, Said said, Pressed pressed) {
        boolean whole = pressed == Pressed.LINK;
        boolean button = !said.button().isEmpty();
        if (whole) {
            slide.appendElement("a")
                    .addClass("whole")
                    .attr("href", said.link())
                    .attr("aria-label", button ? said.button() : name(said));
        }
        if (!layout.stands(Part.words(n))) {
            return;
        }
        Element panel = Elements.is(slide.appendElement("div"), Part.words(n)).appendElement("div");
        if (!said.shows()) {
            return;
        }
        panel.addClass("panel");
        Element linked = null;
        String title = layout.stands(Part.heading(n)) ? "" : said.title();
        for (String[] words : new String[][] {{"title", title}, {"text", said.text()}}) {
            if (words[1].isEmpty()) {
                continue;
            }
            Element line = panel.appendElement("p").addClass(words[0]);
            if (linked == null && !whole && !button && !said.link().isEmpty()) { // a comparison's link is its words
                line = linked = line.appendElement("a").attr("href", said.link());
            }
            line.text(words[1]);
        }
        if (button) {
            Element link =
                    panel.appendElement(whole ? "span" : "a").addClass("button").text(said.button());
            if (!said.link().isEmpty() && !whole) {
                link.attr("href", said.link());
            }
        }
    }

    /** What a link without words of its own is called: by the slide's title, its picture, or where it leads. */
    static String name(Said said) {
        if (!said.title().isEmpty()) {
            return said.title();
        }
        return said.alt().isEmpty() ? said.link().replaceFirst("^[a-z]+:(//)?", "") : said.alt();
    }
}
