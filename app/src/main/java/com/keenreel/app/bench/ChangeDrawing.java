package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.DriftKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Widths;
import com.keenreel.core.time.Drift;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Shift;
import com.keenreel.core.time.Transition;
import com.keenreel.publish.PieceWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;

/**
 * How one slide gives way to the next, drawn small: two of the reel's own slides, moved by the plan that visitors get; or how
 * the picture of one moves while it stands.
 */
final class ChangeDrawing {
    private static final double WIDTH = 88;
    private static final double HEIGHT = 52;

    /** What can be drawn so. */
    static final List<Option<?>> OPTIONS =
            List.of(MotionOptions.TRANSITION, MotionOptions.LEAVING, MotionOptions.PACE, MotionOptions.DRIFT);

    /** How long a picture moves in its drawing, ms: shorter than a hold, so that nobody has to wait to see it. */
    private static final int DRIFTS = 2600;

    private final Draft draft;
    private final Reel reel;
    private final SetUp screen;
    private final int to;
    private final Element drawnFrom;
    private final Element drawnTo;

    private ChangeDrawing(Draft draft, Reel reel, SetUp screen, int to) {
        this.draft = draft;
        this.reel = reel;
        this.screen = screen;
        this.to = to;
        int slides = reel.slides().size();
        this.drawnFrom = slide(reel.slides().get((to + slides - 1) % slides)).addClass("now");
        this.drawnTo = slide(reel.slides().get(to)).addClass("coming");
    }

    /**
     * A drawing for each value of an option, by the value as it is written; none where nothing gives way to anything.
     *
     * @param slide for which alone it would be chosen; null for the whole reel
     */
    static Map<String, String> all(Draft draft, Option<?> option, @Nullable SlideId slide) {
        Reel reel = slide == null || place(draft.seen(), slide) >= 0
                ? draft.seen()
                : draft.reel(); // of one that is hidden too
        Optional<SetUp> screen = Stream.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE)
                .filter(setUp -> first(boxes(draft, reel, setUp)).isPresent()) // it may be hidden there
                .findFirst();
        boolean stops = Arrangements.of(reel).motion(reel).stops();
        if (reel.slides().isEmpty() || screen.isEmpty() || !stops) {
            return Map.of();
        }
        int to = slide == null ? 1 % reel.slides().size() : place(reel, slide);
        return new ChangeDrawing(draft, reel, screen.get(), to).each(option, slide);
    }

    private static int place(Reel reel, SlideId slide) {
        return reel.slides().stream().map(Slide::id).toList().indexOf(slide);
    }

    private <T> Map<String, String> each(Option<T> option, @Nullable SlideId slide) {
        Map<String, String> drawings = new LinkedHashMap<>();
        if (option.domain() instanceof Domain.OneOf<T> values) {
            for (T value : values.values()) {
                Reel chosen = new SetOption<>(option, slide, null, value).applyTo(reel);
                drawings.put(
                        values.write(value), value instanceof DriftKind kind ? drifting(kind) : drawn(plan(chosen)));
            }
        }
        return drawings;
    }

    /** What leads into a slide. A step of several slides is drawn as if each had the whole frame. */
    private Plan plan(Reel chosen) {
        Motion motion = Arrangements.of(chosen).motion(chosen);
        if (motion instanceof Motion.Stepped step) {
            TransitionKind along = step.upright() ? TransitionKind.ALONG_UP : TransitionKind.ALONG;
            return Transition.of(along, chosen.direction()).plan(step.time(), true, Easing.of(step.pace()));
        }
        return motion.changes().get(motion.into(to)).on();
    }

    private String drawn(Plan plan) {
        Element drawing = new Element("span").addClass("change").attr("data-plan", PieceWriter.write(plan));
        drawing.attr("data-ms", String.valueOf(plan.duration()));
        drawing.appendElement("span").addClass("ground").appendChild(ground());
        drawing.appendChild(drawnFrom.clone()).appendChild(drawnTo.clone());
        return drawing.outerHtml();
    }

    /** The picture of one slide, moved within its frame. */
    private String drifting(DriftKind kind) {
        Slide slide = reel.slides().get(to);
        Drift drift = Drift.of(kind);
        FocalPoint focal = draft.facts().focal(slide, screen);
        Element stands =
                slide(slide, name -> name.matches("slide-1|picture-1|crop-1")).addClass("now");
        Element drawing = new Element("span")
                .addClass("change")
                .attr("data-ms", String.valueOf(drift.moves() ? DRIFTS : 0))
                .attr("data-origin", percent(focal.x()) + " " + percent(focal.y()))
                .attr("data-from", moved(drift.pan(focal), drift.from()))
                .attr("data-to", moved(Shift.NONE, drift.to()));
        return drawing.appendChild(stands).outerHtml();
    }

    private static String moved(Shift pan, double scale) {
        return "translate(" + percent(pan.x()) + "," + percent(pan.y()) + ") scale(" + Numbers.plain(scale) + ")";
    }

    private static String percent(double share) {
        return Numbers.plain(100 * share) + "%";
    }

    /** The colour between the two. */
    private Element ground() {
        Element svg =
                new Element("svg").attr("width", "100%").attr("height", "100%").attr("aria-hidden", "true");
        return svg.appendChild(filled(reel.choices().get(MotionOptions.BETWEEN)));
    }

    private static List<Measured> boxes(Draft draft, Reel reel, SetUp screen) {
        double host = Widths.slot(reel.slot()).at(screen.usualPage());
        return Layout.of(reel, draft.facts()).at(host, Screen.VIEW);
    }

    private static Optional<Measured> first(List<Measured> boxes) {
        return boxes.stream().filter(box -> box.name().equals("slide-1")).findFirst();
    }

    private Element slide(Slide slide) {
        return slide(slide, name -> true);
    }

    /** @param which of its boxes are drawn, by name */
    private Element slide(Slide slide, Predicate<String> which) {
        Reel alone = reel.withSlides(List.of(slide));
        List<Measured> boxes = boxes(draft, alone, screen);
        Measured stands = first(boxes).orElseThrow();
        double scale = Math.min(WIDTH / stands.width(), HEIGHT / stands.height());
        List<Measured> parts = boxes.stream()
                .filter(box -> which.test(box.name()))
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
