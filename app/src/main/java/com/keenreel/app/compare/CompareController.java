package com.keenreel.app.compare;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.EditStore;
import com.keenreel.app.store.LinedStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.align.Matched;
import com.keenreel.core.align.Warp;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.SetSidePicture;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Widths;
import com.keenreel.imaging.Evening;
import com.keenreel.imaging.align.Registration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** The sheet on which the two pictures of a comparison are lined up, and what is done on it. */
@Controller
@RequestMapping("/reels/{id}/compare/{slide}")
class CompareController {
    /** What visitors read where somebody wants that said. */
    private static final String EVENED = "Brightness and colours of both photographs were evened out.";

    private static final double USUAL_RATIO = 1.5;

    private final ReelStore reels;
    private final PictureStore pictures;
    private final LinedStore lined;
    private final EditStore edits;
    private final Publishing publishing;
    private final Measuring measuring;

    CompareController(
            ReelStore reels,
            PictureStore pictures,
            LinedStore lined,
            EditStore edits,
            Publishing publishing,
            Measuring measuring) {
        this.reels = reels;
        this.pictures = pictures;
        this.lined = lined;
        this.edits = edits;
        this.publishing = publishing;
        this.measuring = measuring;
    }

    /**
     * A comparison of the reel.
     *
     * @param current "page" for the one that is looked at, else null
     */
    record Other(
            String id, String title, String state, @Nullable String current) {
        /** What the state follows on the page of the one that is looked at. */
        public @Nullable String bound() {
            return current == null ? null : "state";
        }
    }

    @GetMapping
    String sheet(@PathVariable String id, @PathVariable String slide, Model model) {
        StoredReel stored = reels.find(id);
        Reel reel = stored.reel();
        Compared sides = Compared.of(reel, new SlideId(slide), pictures);
        List<Other> others = others(reel, slide);
        int place = others.stream().map(Other::id).toList().indexOf(slide);
        model.addAttribute("id", id);
        model.addAttribute("slide", slide);
        model.addAttribute("name", reel.name());
        model.addAttribute("position", place + 1);
        model.addAttribute("others", others);
        model.addAttribute("title", others.get(place).title());
        model.addAttribute("sides", sides);
        model.addAttribute("movedLeft", sides.side() == Carries.Side.BEFORE);
        String moved = sides.side().word();
        String frame = sides.side() == Carries.Side.BEFORE ? "after" : "before";
        model.addAttribute("surePercent", Math.round(100 * Registration.SURE));
        model.addAttribute("movedCalled", moved);
        model.addAttribute("frameCalled", frame);
        model.addAttribute(
                "stageCalled",
                "The picture " + moved + " over the picture " + frame
                        + ". While you move it by hand, arrow keys move it by 1 px, with Shift by 10, with Alt by 0.1;"
                        + " comma and full stop turn it, minus and plus size it.");
        return "compare";
    }

    private List<Other> others(Reel reel, String current) {
        List<Other> others = new ArrayList<>();
        for (Slide slide : reel.slides()) {
            if (slide.carries() instanceof Carries.Pair) {
                Compared sides = Compared.of(reel, slide.id(), pictures);
                others.add(new Other(
                        slide.id().value(),
                        title(slide, sides),
                        sides.lined() == null ? "as taken" : "lined up",
                        slide.id().value().equals(current) ? "page" : null));
            }
        }
        return others;
    }

    private static String title(Slide slide, Compared sides) {
        String own = slide.words().title();
        String title = own == null ? sides.moved().words().title() : own;
        return title.isEmpty() ? sides.moved().name() : title;
    }

    /**
     * What the sheet shows.
     *
     * @param says what it is, as a sentence
     * @param isLined whether the reel shows them lined up
     * @param stored whether it shows them like this
     * @param confidence per cent; 0 where nothing was measured
     * @param even by how much their colours are evened out now, per cent
     * @param versions which two versions of pictures that is said of; what is lined up by it says so
     * @param lying null where it is not known how they lie
     */
    record Seen(
            String says,
            boolean isLined,
            boolean stored,
            long confidence,
            boolean sure,
            long even,
            String versions,
            @Nullable Lying lying,
            Lying asTaken) {}

    /** How they lie now; measured where nothing lines them up yet. */
    @GetMapping("/lying")
    @ResponseBody
    Seen now(@PathVariable String id, @PathVariable String slide) {
        Compared sides = sides(id, slide);
        Warp warp = sides.lined();
        return warp == null ? measured(id, slide) : seen(id, sides, "They are lined up.", warp, null);
    }

    /** Measures. */
    @PostMapping("/measured")
    @ResponseBody
    Seen measured(@PathVariable String id, @PathVariable String slide) {
        Compared sides = sides(id, slide);
        Registration found = measuring.of(sides.frame(), sides.moved());
        boolean same = found.warp().equals(sides.lined());
        String says = !found.isSure()
                ? "Unsure: they do not show enough of the same, so nothing is changed. Points that are in both can be set by hand."
                : same ? "They are lined up as they are measured." : "Shown lined up. Nothing is changed yet.";
        return seen(id, sides, says, found.isSure() ? found.warp() : null, found);
    }

    private Compared sides(String id, String slide) {
        return Compared.of(reels.find(id).reel(), new SlideId(slide), pictures);
    }

    private Seen seen(String id, Compared sides, String says, @Nullable Warp warp, @Nullable Registration found) {
        double ratio = ratio(id, sides);
        Warp taken = sides.whole(sides.asTaken(ratio));
        return new Seen(
                says,
                sides.lined() != null,
                warp != null && warp.equals(sides.lined()),
                found == null ? 0 : Math.round(100 * found.confidence()),
                found == null || found.isSure(),
                Math.round(100 * sides.evening().strength()),
                versions(sides),
                warp == null ? null : Lying.of(sides, warp, ratio),
                Lying.of(sides, taken, ratio));
    }

    private static String versions(Compared sides) {
        return sides.frame().version().id() + " " + sides.moved().version().id();
    }

    /** Width to height of what the reel shows of that slide on a desk. */
    private double ratio(String id, Compared sides) {
        Draft draft = publishing.draft(reels.find(id));
        int n = draft.seen().slides().stream().map(Slide::id).toList().indexOf(sides.slide()) + 1;
        double host = Widths.slot(draft.seen().slot()).at(SetUp.DESK.usualPage());
        Range range = draft.layout().range(host);
        double width = draft.layout().inHost(range).width().at(host, Layout.WINDOW);
        return range.frame()
                .all()
                .filter(placed -> placed.part().equals(Part.side(n)))
                .mapToDouble(side -> side.box().width().at(width, Layout.WINDOW)
                        / side.box().height().at(width, Layout.WINDOW))
                .filter(Double::isFinite)
                .findFirst()
                .orElse(USUAL_RATIO);
    }

    /** The other picture moved by hand from where it lies: {@code {warp, right, down, turned, larger}}, px of the frame. */
    @PostMapping("/moved")
    @ResponseBody
    Seen moved(@PathVariable String id, @PathVariable String slide, @RequestBody JsonNode request) {
        Compared sides = sides(id, slide);
        double ratio = Compared.whole(sides.frame());
        Warp part = sides.frame().version().adjustment().part();
        double width = sides.frame().version().width() / part.a();
        double right = request.path("right").asDouble(0) / width;
        double down = request.path("down").asDouble(0) / width * ratio;
        Warp by = Warp.turn(
                        -request.path("turned").asDouble(0),
                        1 / request.path("larger").asDouble(1),
                        ratio)
                .then(Warp.shift(-right, -down))
                .then(warp(request.path("warp")));
        return seen(id, sides, "Moved by hand. Nothing is changed yet.", by, null);
    }

    /** By points that were set in both as they are shown: {@code {points: [{x, y, toX, toY}]}}. */
    @PostMapping("/matched")
    @ResponseBody
    Seen matched(@PathVariable String id, @PathVariable String slide, @RequestBody JsonNode request) {
        Compared sides = sides(id, slide);
        List<Matched.Point> points = new ArrayList<>();
        request.path("points")
                .forEach(point -> points.add(new Matched.Point(
                        point.path("x").asDouble(),
                        point.path("y").asDouble(),
                        point.path("toX").asDouble(),
                        point.path("toY").asDouble())));
        Warp shown = Matched.warp(points, Compared.ratio(sides.frame()), Compared.ratio(sides.moved()));
        return seen(id, sides, "Lined up by your points. Nothing is changed yet.", sides.whole(shown), null);
    }

    private static Warp warp(JsonNode numbers) {
        List<Double> all = new ArrayList<>();
        numbers.forEach(number -> all.add(number.asDouble(Double.NaN)));
        return Warp.of(all);
    }

    /** What evens out their colours. */
    record Gains(double red, double green, double blue) {}

    /** How many times as much of each colour the other one gets, where they lie like that: {@code {warp, even}}, per cent. */
    @PostMapping("/gains")
    @ResponseBody
    Gains gains(@PathVariable String id, @PathVariable String slide, @RequestBody JsonNode request) {
        Compared sides = sides(id, slide);
        Evening evening =
                evening(sides, warp(request.path("warp")), request.path("even").asDouble(0));
        return new Gains(evening.gain(0), evening.gain(1), evening.gain(2));
    }

    /** The evening of that strength, per cent, where they lie like that. */
    private Evening evening(Compared sides, Warp warp, double percent) {
        return percent <= 0
                ? Evening.NONE
                : measuring.evening(sides.frame(), sides.moved(), warp).by(percent / 100);
    }

    /**
     * Lines them up, or leaves them as they were taken: {@code {window, editId, versions, warp: [8] or null, even, say}}, by how
     * much their colours are evened out, per cent, and whether that is said in the slide's text.
     *
     * @throws Refusal when the slide shows other pictures by now, or other versions of them
     */
    @PostMapping("/lined")
    @ResponseBody
    Map<String, Long> line(@PathVariable String id, @PathVariable String slide, @RequestBody JsonNode request) {
        StoredReel reel = reels.find(id);
        Compared sides = Compared.of(reel.reel(), new SlideId(slide), pictures);
        boolean lines = request.hasNonNull("warp");
        if (!request.path("versions").asString("").equals(versions(sides))) {
            throw new Refusal(
                    "The pictures of this slide were changed meanwhile, so nothing was lined up. Load this page again"
                            + " to line up those that it shows now.");
        }
        PictureId shown = sides.moved().id();
        if (lines) {
            Warp warp = warp(request.path("warp"));
            Evening evening = evening(sides, warp, request.path("even").asDouble(0));
            shown = lined.lined(sides.moved().id(), sides.frame().id(), warp, evening);
        }
        SetSidePicture edit = new SetSidePicture(sides.slide(), sides.side(), shown);
        int place = reel.reel().slides().stream().map(Slide::id).toList().indexOf(sides.slide()) + 1;
        String words = "slide " + place + (lines ? " lined up" : " as it was taken");
        boolean says = lines
                && request.path("even").asDouble(0) > 0
                && request.path("say").asBoolean(false);
        StoredReel now = edits.step(
                id,
                request.path("window").asString(""),
                request.path("editId").asString(""),
                words,
                says ? former -> saying(edit.applyTo(former), sides) : edit::applyTo);
        return Map.of("revision", now.revision());
    }

    /** The text of that slide says that colours were evened out, after what it says already. */
    private static Reel saying(Reel reel, Compared sides) {
        String own =
                reel.slide(sides.slide()).map(slide -> slide.words().text()).orElse(null);
        String text = own == null ? sides.moved().words().caption() : own;
        return text.contains(EVENED)
                ? reel
                : new SetWords(sides.slide(), Words.Field.TEXT, (text + " " + EVENED).strip()).applyTo(reel);
    }
}
