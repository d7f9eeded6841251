package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Widths;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Transition;
import com.keenreel.publish.PieceWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;

/** How one slide gives way to the next, drawn small: two of the reel's own slides, moved by the plan that visitors get. */
final class ChangeDrawing {
    private static final double WIDTH = 88;
    private static final double HEIGHT = 52;

    /** What can be drawn so. */
    static final List<Option<?>> OPTIONS = List.of(Options.TRANSITION, Options.LEAVING, Options.PACE);

    private final Draft draft;
    private final Element from;
    private final Element to;

    private ChangeDrawing(Draft draft, Slide from, Slide to) {
        this.draft = draft;
        this.from = slide(from).addClass("now");
        this.to = slide(to).addClass("coming");
    }

    /**
     * A drawing for each value of an option, by the value as it is written; none where nothing gives way to anything.
     *
     * @param slide for which alone it would be chosen; null for the whole reel
     */
    static Map<String, String> all(Draft draft, Option<?> option, @Nullable SlideId slide) {
        List<Slide> slides = draft.seen().slides();
        if (slides.isEmpty()
                || !Arrangements.of(draft.seen()).motion(draft.seen()).stops()) {
            return Map.of();
        }
        int to = 1 % slides.size();
        for (int i = 0; i < slides.size(); i++) {
            to = slides.get(i).id().equals(slide) ? i : to;
        }
        Slide before = slides.get((to + slides.size() - 1) % slides.size());
        return new ChangeDrawing(draft, before, slides.get(to)).each(option, slide, to);
    }

    private <T> Map<String, String> each(Option<T> option, @Nullable SlideId slide, int to) {
        Map<String, String> drawings = new LinkedHashMap<>();
        if (option.domain() instanceof Domain.OneOf<T> values) {
            for (T value : values.values()) {
                Reel reel = new SetOption<>(option, slide, null, value).applyTo(draft.seen());
                drawings.put(values.write(value), drawn(plan(reel, to)));
            }
        }
        return drawings;
    }

    /** What leads into a slide. A step of several slides is drawn as if each had the whole frame. */
    private static Plan plan(Reel reel, int to) {
        Motion motion = Arrangements.of(reel).motion(reel);
        if (motion instanceof Motion.Stepped step) {
            TransitionKind along = step.upright() ? TransitionKind.ALONG_UP : TransitionKind.ALONG;
            return Transition.of(along, reel.direction()).plan(step.time(), true, Easing.of(step.pace()));
        }
        return motion.changes().get(motion.into(to)).on();
    }

    private String drawn(Plan plan) {
        Element drawing = new Element("span").addClass("change").attr("data-plan", PieceWriter.write(plan));
        drawing.attr("data-ms", String.valueOf(plan.duration()));
        drawing.appendElement("span").addClass("ground").appendChild(ground());
        drawing.appendChild(from.clone()).appendChild(to.clone());
        return drawing.outerHtml();
    }

    /** The colour between the two. */
    private Element ground() {
        Element svg =
                new Element("svg").attr("width", "100%").attr("height", "100%").attr("aria-hidden", "true");
        return svg.appendChild(filled(draft.seen().choices().get(Options.BETWEEN)));
    }

    private Element slide(Slide slide) {
        Reel alone = draft.seen().withSlides(List.of(slide));
        double host = Widths.slot(alone.slot()).at(SetUp.DESK.usualPage());
        List<Measured> boxes = Layout.of(alone, draft.facts()).at(host, Screen.VIEW);
        Measured stands = boxes.stream()
                .filter(box -> box.name().equals("slide-1"))
                .findFirst()
                .orElseThrow();
        double scale = Math.min(WIDTH / stands.width(), HEIGHT / stands.height());
        List<Measured> parts = boxes.stream()
                .map(box ->
                        new Measured(box.name(), box.x() - stands.x(), box.y() - stands.y(), box.width(), box.height()))
                .toList();
        Element svg = ReelDrawing.of(draft, alone, parts, stands.width() * scale, stands.height() * scale, scale);
        if (slide.carries() instanceof Carries.Plain plain) {
            svg.prependChild(filled(plain.colour()));
        }
        Element drawn = new Element("span").addClass("slide");
        drawn.appendElement("span").addClass("crop").appendChild(svg);
        return drawn;
    }

    private static Element filled(Colour colour) {
        return new Element("rect").attr("width", "100%").attr("height", "100%").attr("fill", colour.toString());
    }
}
