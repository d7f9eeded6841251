package com.keenreel.core.arrangement.standing;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.option.Aligned;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Scrolled;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import java.util.ArrayList;
import java.util.List;

/**
 * Sections one below another. A picture of height h that stays for s makes a section of h + s; its words stand in the middle of
 * that, so that they pass over the picture from half of s below its middle to half of s above it. A heading stands above, the whole
 * picture, W / r high, below.
 */
final class StandingPlaces implements Places {
    /** Between words and the sides of the picture, px. */
    private static final double SIDE = 24;

    /** The same on phone, px. */
    private static final double NARROW_SIDE = 12;

    private final Reel reel;
    private final Facts facts;

    StandingPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        Length gap = Length.px(reel.choices().get(ShapeOptions.GAP, setUp));
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp, reel.choices().get(Options.WORDS_SIZE, setUp));
        List<Placed> slides = new ArrayList<>();
        Length down = Length.ZERO;
        for (int n = 1; n <= reel.slides().size(); n++) {
            if (n > 1) {
                down = down.plus(gap);
            }
            Section section = section(n, reel.slides().get(n - 1), span, boxes);
            slides.add(Placed.of(
                    Part.slide(n), new Box(Length.ZERO, down, Length.WIDTH, section.height()), section.parts()));
            down = down.plus(section.height());
        }
        Box all = Box.all(Length.WIDTH, down);
        Placed frame = Placed.of(
                Part.FRAME, all, List.of(Placed.clipping(Part.VIEW, all, List.of(Placed.of(Part.STRIP, all, slides)))));
        return new Range(span, frame, Stop.all(reel.slides().size()), Length.ZERO, gap);
    }

    private record Section(Length height, List<Placed> parts) {}

    private Section section(int n, Slide slide, Span span, SlideBoxes boxes) {
        SetUp setUp = span.setUp();
        Said said = facts.said(slide);
        Length picture = boxes.pictureHeight(Length.WIDTH);
        List<Placed> parts = new ArrayList<>();
        Length head = Length.ZERO;
        boolean headed =
                reel.choices().get(StandingOptions.HEADINGS) && !said.title().isEmpty();
        if (headed) {
            Placed heading = boxes.heading(n, said.title(), Length.WIDTH, span);
            head = heading.box().height();
            parts.add(heading);
        }
        Said passing = headed ? new Said("", said.text(), said.button(), said.link(), said.alt()) : said;
        Length stays = picture.times(slide.chosen(StandingOptions.STAYS, setUp, reel.choices()) / 100);
        if (passing.shows()) {
            Length room = Length.WIDTH.times(reel.choices().get(StandingOptions.PANEL, setUp) / 100);
            double side = setUp == SetUp.PHONE ? NARROW_SIDE : SIDE;
            Length width = Length.min(room, Length.WIDTH.minus(2 * side));
            Aligned where = slide.chosen(StandingOptions.SIDE, setUp, reel.choices());
            WordsPlace place = place(where);
            // where a page makes it a stack, words stand below the picture
            stays = Length.max(stays, Length.px(boxes.highest(passing, place, width, span) + 2 * side));
            Box area = new Box(left(where, width, side), head, width, picture.plus(stays));
            parts.add(boxes.panel(n, place, area, passing.title().isEmpty()));
        }
        parts.add(
                0,
                boxes.picture(n, slide, new Box(Length.ZERO, head, Length.WIDTH, picture))
                        .scrolling(new Scrolled.Stays(stays, reel.choices().get(StandingOptions.EDGE, setUp))));
        Length height = head.plus(picture).plus(stays);
        if (slide.chosen(StandingOptions.AGAIN, setUp, reel.choices())
                && slide.carries() instanceof Carries.Picture shown) {
            PictureFacts own = facts.of(shown.picture());
            Length whole = Length.WIDTH.dividedBy(own.ratio());
            Length between = Length.px(reel.choices().get(ShapeOptions.GAP, setUp));
            parts.add(Placed.of(Part.again(n), new Box(Length.ZERO, height.plus(between), Length.WIDTH, whole)));
            height = height.plus(between).plus(whole);
        }
        return new Section(height, parts);
    }

    private static WordsPlace place(Aligned side) {
        return switch (side) {
            case START -> WordsPlace.MIDDLE_LEFT;
            case CENTRE -> WordsPlace.MIDDLE;
            case END -> WordsPlace.MIDDLE_RIGHT;
        };
    }

    private static Length left(Aligned side, Length width, double edge) {
        return switch (side) {
            case START -> Length.px(edge);
            case CENTRE -> Length.WIDTH.minus(width).dividedBy(2);
            case END -> Length.WIDTH.minus(width).minus(edge);
        };
    }
}
