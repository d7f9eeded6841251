package com.keenreel.core.space;

import com.keenreel.core.option.Behind;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What stands inside one cell, whatever the arrangement: the picture or pair, and the words. */
public final class SlideBoxes {
    /** So high is what goes by the window's height at the least, px: controls have room on it. */
    public static final double LEAST_OF_WINDOW = 200;

    /** From this greatest height on there is none, px. */
    private static final double UNLIMITED = 2000;

    private final Reel reel;
    private final Facts facts;
    private final SetUp setUp;
    private final Choices choices;
    private final WordsArea words;
    private final Map<Object, Box> known = new HashMap<>(); // slides that are alike share theirs

    /** The cells of a reel in which titles do not grow. */
    public SlideBoxes(Reel reel, Facts facts, SetUp setUp) {
        this(reel, facts, setUp, WordsArea.TITLE);
    }

    /**
     * The cells of a reel.
     *
     * @param titles the greatest size of a title on a picture, px
     */
    public SlideBoxes(Reel reel, Facts facts, SetUp setUp, double titles) {
        this.reel = reel;
        this.facts = facts;
        this.setUp = setUp;
        this.choices = reel.choices();
        this.words = new WordsArea(reel, facts, setUp, titles);
    }

    /** The height kept below every picture, px. */
    public double reserved() {
        return words.reserved();
    }

    /**
     * How high the area of every picture is: by its ratio w / r, a fixed number, s Vh and at least {@link #LEAST_OF_WINDOW}, or
     * w / min(ri) for the ratios of all pictures that the set-up shows, none counted as less than {@link Ratio#LEAST}; then kept between the least and the greatest height.
     *
     * @param width of the area
     */
    public Length pictureHeight(Length width) {
        Length height = switch (choices.get(ShapeOptions.HEIGHT, setUp)) {
            case RATIO -> width.dividedBy(ratio());
            case FIXED -> Length.px(choices.get(ShapeOptions.FIXED, setUp));
            case WINDOW ->
                Length.max(Length.px(LEAST_OF_WINDOW), Length.ofView(choices.get(ShapeOptions.OF_WINDOW, setUp) / 100));
            case PICTURES -> width.dividedBy(tallest());
        };
        double least = choices.get(ShapeOptions.LEAST, setUp);
        double most = choices.get(ShapeOptions.MOST, setUp);
        Length limited = most < UNLIMITED ? Length.min(height, Length.px(most)) : height;
        return least > 0 ? Length.max(Length.px(least), limited) : limited;
    }

    private double ratio() {
        return choices.get(ShapeOptions.RATIO, setUp).value();
    }

    private double tallest() {
        return reel.slides().stream()
                .flatMap(slide -> shown(slide).stream())
                .mapToDouble(picture -> Math.max(Ratio.LEAST, facts.of(picture).ratio()))
                .min()
                .orElse(ratio());
    }

    /** The pictures that the set-up shows of a slide. */
    private List<PictureId> shown(Slide slide) {
        PictureId instead = slide.insteadOn(setUp);
        return instead == null ? slide.carries().pictures() : List.of(instead);
    }

    /**
     * The parts of slide {@code n}, its words right below the picture where they stand below.
     *
     * @param width of the picture area
     * @param height of the picture area
     * @param clear what words on it keep clear of
     */
    public List<Placed> in(int n, Slide slide, Length width, Length height, Clear clear) {
        return in(n, slide, width, height, clear, height);
    }

    /**
     * The parts of slide {@code n}.
     *
     * @param width of the picture area
     * @param height of the picture area
     * @param clear what words on it keep clear of
     * @param above what words below have above them
     */
    public List<Placed> in(int n, Slide slide, Length width, Length height, Clear clear, Length above) {
        List<Placed> parts = new ArrayList<>();
        parts.add(Placed.clipping(
                Part.crop(n),
                known.computeIfAbsent(List.of(width, height), any -> Box.all(width, height)),
                carried(n, slide, width, height, clear.foot())));
        WordsPlace place = words.place(slide);
        if (place == WordsPlace.BELOW && words.reserved() > 0) {
            parts.add(Placed.of(Part.words(n), words.below(width, above)).set(words.settingBelow(width)));
        } else if (place.over() && facts.said(slide).shows()) {
            Box area = known.computeIfAbsent(List.of(width, height, clear), any -> words.over(width, height, clear));
            parts.add(Placed.of(Part.words(n), area).set(words.settingOver(place, area.width())));
        }
        return parts;
    }

    /**
     * The picture of slide {@code n} alone.
     *
     * @param area that it has
     */
    public Placed picture(int n, Slide slide, Box area) {
        return Placed.clipping(Part.crop(n), area, carried(n, slide, area.width(), area.height(), Length.ZERO));
    }

    /** The large word of slide {@code n}, set like that. */
    public Placed word(int n, Box area, Type type) {
        return Placed.of(Part.word(n), area).set(WordsArea.settingOfWord(type));
    }

    /**
     * The words of slide {@code n} in an area of their own.
     *
     * @param place where in it they stand
     * @param untitled whether its title stands elsewhere
     */
    public Placed panel(int n, WordsPlace place, Box area, boolean untitled) {
        Setting set = words.settingOver(place, area.width());
        return Placed.of(Part.words(n), area).set(untitled ? set.untitled() : set);
    }

    /**
     * How high the panel of those words becomes in that stretch of widths, at the most, px.
     *
     * @param width of the area in which it stands
     */
    public double highest(Words.Said said, WordsPlace place, Length width, Span span) {
        return words.highest(said, words.settingOver(place, width), span);
    }

    /**
     * The title of slide {@code n} as a heading at the top of it, as high as its lines need.
     *
     * @param width of its lines
     */
    public Placed heading(int n, String title, Length width, Span span) {
        Setting set = words.settingOfHeading(width);
        Words.Said said = new Words.Said(title, "", "", "", "");
        return Placed.of(Part.heading(n), Box.all(width, Length.px(words.highest(said, set, span))))
                .set(set);
    }

    private List<Placed> carried(int n, Slide slide, Length width, Length height, Length foot) {
        FitKind fit = slide.chosen(ShapeOptions.FIT, setUp, choices);
        if (slide.carries() instanceof Carries.Picture picture) {
            PictureId own = slide.insteadOn(setUp);
            PictureId shown = own == null ? picture.picture() : own;
            Part part = own == null ? Part.picture(n) : Part.instead(n, setUp);
            PictureFacts size = facts.of(shown);
            FocalPoint focal = facts.focal(slide, setUp);
            Box drawn = known.computeIfAbsent(
                    List.of(fit, size.width(), size.height(), focal, width, height),
                    any -> Fit.of(fit, size, width, height, focal));
            Placed standing = Placed.of(part, drawn);
            if (fit == FitKind.FILL || choices.get(LookOptions.BEHIND) != Behind.BLURRED) {
                return List.of(standing);
            }
            Box filling = known.computeIfAbsent(
                    List.of(FitKind.FILL, size.width(), size.height(), focal, width, height),
                    any -> Fit.of(FitKind.FILL, size, width, height, focal));
            return List.of(Placed.of(own == null ? Part.behind(n) : Part.behind(n, setUp), filling), standing);
        }
        if (slide.carries() instanceof Carries.Pair pair) {
            return PairBoxes.in(n, pair, facts, choices, setUp, facts.focal(slide, setUp), width, height, foot);
        }
        return List.of();
    }
}
