package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Widths;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Element;

/** A reel as it would stand in an arrangement, drawn small: its own slides, by the layout that visitors meet. */
final class ArrangementDrawing {
    private static final double WIDTH = 128;
    private static final double HEIGHT = 76;

    private ArrangementDrawing() {}

    /** A drawing for each arrangement, by its word, with what the reel's slides would lose in it. */
    static Map<String, String> all(Draft draft) {
        Map<String, String> drawings = new LinkedHashMap<>();
        for (Arrangement arrangement : Arrangements.all()) {
            drawings.put(arrangement.word(), of(draft, arrangement));
        }
        return drawings;
    }

    private static String of(Draft draft, Arrangement arrangement) {
        Reel seen = new SetOption<>(Arrangements.OPTION, null, null, arrangement).applyTo(draft.seen());
        double host = Widths.slot(seen.slot()).at(SetUp.DESK.usualPage());
        List<Measured> boxes = Layout.of(seen, draft.facts()).at(host, Screen.VIEW);
        Element drawing = ReelDrawing.of(draft, seen, boxes, WIDTH, HEIGHT, WIDTH / host);
        return drawing.outerHtml() + kept(seen, arrangement);
    }

    /** What it cannot show is kept, and comes back with an arrangement that can. */
    private static String kept(Reel reel, Arrangement arrangement) {
        String kept = arrangement.keeps(reel);
        return kept.isEmpty()
                ? ""
                : new Element("span").addClass("quiet").text(kept).outerHtml();
    }
}
