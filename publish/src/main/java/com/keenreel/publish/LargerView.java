package com.keenreel.publish;

import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Phrase;
import org.jsoup.nodes.Element;

/**
 * The larger view of a reel: one dialog, which the player fills with the picture that was pressed. Its picture can be
 * seen whole, filling the window, or in its own size.
 */
final class LargerView {
    private final Direction way;
    private final Spoken spoken;

    LargerView(Direction way, Spoken spoken) {
        this.way = way;
        this.spoken = spoken;
    }

    Element write() {
        Element dialog = new Element("dialog").attr("aria-label", spoken.say(Phrase.LARGER));
        Element room = dialog.appendElement("div").addClass("room");
        room.appendChild(button("close", Phrase.CLOSE, Shapes.close()));
        room.appendElement("div").addClass("pane");
        room.appendChild(button("former", Phrase.PREVIOUS, Shapes.arrow(ArrowForm.ANGLE, way == Direction.RTL)));
        room.appendChild(button("next", Phrase.NEXT, Shapes.arrow(ArrowForm.ANGLE, way == Direction.LTR)));
        Element foot = room.appendElement("div").addClass("foot");
        foot.appendElement("div").addClass("told").attr("aria-live", "polite").appendElement("p");
        Element how = foot.appendElement("div").addClass("how");
        how.appendChild(button("whole", Phrase.WHOLE, Shapes.whole()));
        how.appendChild(button("fill", Phrase.FILL, Shapes.fill()));
        Element original = button("original", Phrase.ORIGINAL, new Element("span").text("1:1"));
        how.appendChild(original.attr("aria-label", "1:1, " + spoken.say(Phrase.ORIGINAL)));
        how.appendChild(button("screen", Phrase.FULL_SCREEN, Shapes.fullScreen()));
        return dialog;
    }

    private Element button(String action, Phrase phrase, Element shape) {
        String label = spoken.say(phrase);
        return new Element("button")
                .addClass("view-" + action)
                .attr("type", "button")
                .attr("data-do", action)
                .attr("aria-label", label)
                .attr("title", label)
                .appendChild(shape);
    }
}
