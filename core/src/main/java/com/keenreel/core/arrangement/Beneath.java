package com.keenreel.core.arrangement;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Rectangle;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;

/**
 * What colours lie beneath controls. Where one slide gives way to another, those of the pictures just where controls stand, at a
 * few widths of each set-up; where slides move beneath them, those of all pictures. What is not known counts as anything.
 */
public final class Beneath {
    private static final Set<Part.What> CONTROLS =
            Set.of(Part.What.ARROW, Part.What.DOT, Part.What.COUNT, Part.What.PAUSE, Part.What.SCREEN, Part.What.FITS);

    /** Wider reels are not looked at, px: what is cropped of a picture changes little there. */
    private static final double WIDEST = 2560;

    private final Reel reel;
    private final Facts facts;
    private final SetUp setUp;
    private final Map<Part, Rectangle> pictures = new HashMap<>();
    private final List<Rectangle> controls = new ArrayList<>();
    private @Nullable Rectangle view;
    private @Nullable Extent found;

    private Beneath(Reel reel, Facts facts, SetUp setUp) {
        this.reel = reel;
        this.facts = facts;
        this.setUp = setUp;
    }

    /** What lies beneath the controls of a reel on that set-up; anything where nothing does. */
    public static Extent of(Reel reel, Layout layout, Facts facts, SetUp setUp) {
        Beneath beneath = new Beneath(reel, facts, setUp);
        for (Range range : layout.ranges(setUp)) {
            double from = Math.max(range.span().from(), range.span().narrowest());
            double to = Math.min(WIDEST, range.span().below() - 1);
            DoubleStream.of(from, (from + to) / 2, to).forEach(width -> beneath.look(range, width));
        }
        return beneath.found == null ? Extent.ANY : beneath.found;
    }

    private void look(Range range, double width) {
        pictures.clear();
        controls.clear();
        view = null;
        collect(range.frame(), 0, 0, width);
        Rectangle around = view;
        if (around == null) {
            return;
        }
        boolean stand = Arrangements.of(reel).motion(reel) instanceof Motion.ByChange;
        for (Rectangle control : controls) {
            if (control.and(around).isEmpty()) {
                continue;
            }
            for (int n = 1; n <= reel.slides().size(); n++) {
                Extent own = stand ? beneath(control, n) : slide(n, null);
                found = found == null ? own : found.and(own);
            }
        }
    }

    private void collect(Placed placed, double fromX, double fromY, double width) {
        double x = fromX + placed.box().left().at(width, Layout.WINDOW);
        double y = fromY + placed.box().top().at(width, Layout.WINDOW);
        Rectangle own = new Rectangle(
                x,
                y,
                x + placed.box().width().at(width, Layout.WINDOW),
                y + placed.box().height().at(width, Layout.WINDOW));
        if (placed.part().equals(Part.VIEW)) {
            view = own;
        } else if (CONTROLS.contains(placed.part().what())) {
            controls.add(own);
        } else {
            pictures.put(placed.part(), own);
        }
        placed.inside().forEach(child -> collect(child, x, y, width));
    }

    /** What of a slide lies beneath a control: anything where its picture ends beneath it. */
    private Extent beneath(Rectangle control, int n) {
        Slide slide = reel.slides().get(n - 1);
        Part part = slide.insteadOn(setUp) == null ? Part.picture(n) : Part.instead(n, setUp);
        Rectangle picture = pictures.get(part);
        boolean known = !(slide.carries() instanceof Carries.Picture) || picture != null && picture.covers(control);
        return known ? slide(n, picture == null ? null : control.within(picture)) : Extent.ANY;
    }

    /**
     * What colours a slide has.
     *
     * @param part of its picture, as fractions; null for all of it
     */
    private Extent slide(int n, @Nullable Rectangle part) {
        Slide slide = reel.slides().get(n - 1);
        if (slide.carries() instanceof Carries.Plain plain) {
            return Extent.of(plain.colour());
        }
        if (Playing.plays(reel, slide, facts)) {
            return Extent.ANY; // of what it stands for, nobody has seen more than a moment
        }
        PictureId instead = slide.insteadOn(setUp);
        List<PictureId> shown = instead == null ? slide.carries().pictures() : List.of(instead);
        return shown.stream()
                .map(id -> extent(facts.of(id), part))
                .reduce(Extent::and)
                .orElse(Extent.ANY);
    }

    private static Extent extent(PictureFacts facts, @Nullable Rectangle part) {
        if (facts.tones() == null || facts.clear()) {
            return Extent.ANY;
        }
        return part == null
                ? facts.tones().mosaic().all()
                : facts.tones().mosaic().in(part.left(), part.top(), part.right(), part.bottom());
    }
}
