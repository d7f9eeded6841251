package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.MovedBy;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.time.Change;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a reel needs of the player and of the style sheets that ship.
 *
 * @param arrangement its word; some have a style sheet
 * @param lead what leads it, see {@link Motion#lead}; nothing where one slide gives way to another and there is but one
 * @param beside what it needs beside that
 * @param later what it needs when it runs
 */
public record Needs(String arrangement, String lead, Set<Beside> beside, Set<Later> later) {
    /** What some reels need and others do not, in the order in which the names of players have them. */
    public enum Beside {
        /** Slides carry comparisons. */
        PAIRS,
        /** Pictures are opened in the larger view. */
        LARGER,
        /** Slides come in another order on every visit. */
        ANEW,
        /** A reel that goes on by itself does so in a way of its own. */
        TIMED,
        /** Slides come one after another. */
        ENTERING,
        /** A row goes round. */
        TURNING,
        /** Large words show pictures. */
        WORDED,
        /** Pictures move while their slide stands. */
        DRIFTING,
        /** Slides are seen through windows, or their pictures are cut in pieces. */
        CUTTING
    }

    /** What the player asks for once it runs, each a script of its own: nobody waits for it to see a slide. */
    public enum Later {
        /** Thumbnails follow the slide that is seen. */
        THUMBS(ThumbOptions.SHOWN),
        /** A wheel that turns across moves on. */
        WHEEL(SteeringOptions.WHEEL),
        /** The reel is shown on the whole screen. */
        SCREEN(SteeringOptions.SCREEN),
        /** Visitors say how pictures fit. */
        FITS(SteeringOptions.FITS),
        /** The reel fades in or rises. */
        ENTRY(MotionOptions.ENTRY),
        /** Videos play; what is chosen of them says how. */
        VIDEO(null),
        /** Dividers are moved in another way than by dragging anywhere, or lie between sides one above the other. */
        DIVIDING(null),
        /** Dividers of comparisons move by themselves. */
        SWEEP(null),
        /** Comparisons have more than two states, and more than one divider. */
        STATES(null);

        private final @Nullable Option<?> option;

        Later(@Nullable Option<?> option) {
            this.option = option;
        }

        /** Whether anything else is chosen than that there is nothing of it, which is usual. */
        private boolean isWanted(Reel reel) {
            return option != null
                    && Arrangements.of(reel).has(option)
                    && Arrays.stream(SetUp.values())
                            .anyMatch(
                                    setUp -> !reel.choices().get(option, setUp).equals(option.usual()));
        }
    }

    private static final String NOTHING = new Motion.Still().lead();

    public Needs {
        beside = Collections.unmodifiableSet(beside.isEmpty() ? EnumSet.noneOf(Beside.class) : EnumSet.copyOf(beside));
        later = Collections.unmodifiableSet(later.isEmpty() ? EnumSet.noneOf(Later.class) : EnumSet.copyOf(later));
    }

    /** What that material needs. */
    static Needs of(Material material) {
        Reel reel = material.reel();
        Motion motion = Arrangements.of(reel).motion(reel);
        boolean alone = motion instanceof Motion.ByChange && reel.slides().size() == 1;
        Set<Beside> beside = EnumSet.noneOf(Beside.class);
        if (!(motion instanceof Motion.ByTime)
                && reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair)) {
            beside.add(Beside.PAIRS);
        }
        if (material.hasLargerView()) {
            beside.add(Beside.LARGER);
        }
        if (motion.stops() && !alone && reel.choices().get(MotionOptions.ANEW)) {
            beside.add(Beside.ANEW);
        }
        if (!alone && motion.changes().stream().anyMatch(Change::cuts)) {
            beside.add(Beside.CUTTING);
        }
        if (motion.stops() && !alone && Arrangements.of(reel).movesByItself(reel) && timing(reel)) {
            beside.add(Beside.TIMED);
        }
        if (!alone && drifts(reel, material.facts())) {
            beside.add(Beside.DRIFTING);
        }
        if (motion instanceof Motion.ByPosition row && !row.seams().isEmpty()) {
            beside.add(Beside.TURNING);
        }
        if (enters(reel)) {
            beside.add(Beside.ENTERING);
        }
        if (Arrangements.of(reel).has(LookOptions.AT_REST)) {
            beside.add(Beside.WORDED);
        }
        return new Needs(Arrangements.of(reel).word(), alone ? NOTHING : motion.lead(), beside, later(material));
    }

    private static Set<Later> later(Material material) {
        Reel reel = material.reel();
        Set<Later> later = EnumSet.noneOf(Later.class);
        boolean alone = reel.slides().size() == 1;
        Arrays.stream(Later.values())
                .filter(one -> one.isWanted(reel) && !(alone && (one == Later.THUMBS || one == Later.WHEEL)))
                .forEach(later::add);
        if (Playing.any(reel, material.facts())) {
            later.add(Later.VIDEO);
        }
        if (isDivided(reel)) {
            later.add(Later.DIVIDING);
        }
        if (reel.slides().stream()
                .anyMatch(slide -> slide.carries() instanceof Carries.Pair pair
                        && !pair.between().isEmpty())) {
            later.add(Later.STATES);
        }
        if (Playing.sweeps(reel)) {
            later.add(Later.SWEEP);
        }
        return later;
    }

    /** Whether its dividers are moved in another way than usual. */
    private static boolean isDivided(Reel reel) {
        return Arrangements.of(reel).has(PairOptions.MOVED_BY)
                && reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair)
                && (reel.choices().get(PairOptions.VIEW).switches()
                        || reel.choices().get(PairOptions.MOVED_BY) != MovedBy.DRAGGING
                        || Arrays.stream(SetUp.values()).anyMatch(setUp -> PairBoxes.isDown(reel.choices(), setUp)));
    }

    /** Whether anything is said of its timing that is not usual. */
    private static boolean timing(Reel reel) {
        return Stream.of(
                        MotionOptions.COURSE,
                        MotionOptions.LAPS,
                        MotionOptions.DELAY,
                        MotionOptions.REST,
                        MotionOptions.POINTED)
                .anyMatch(option -> !reel.choices().get(option).equals(option.usual()));
    }

    /** Whether slides come one after another. */
    static boolean enters(Reel reel) {
        return Arrangements.of(reel).has(MotionOptions.ENTERS) && reel.choices().get(MotionOptions.ENTERS);
    }

    /** Whether pictures move while their slide stands. */
    static boolean drifts(Reel reel, Facts facts) {
        Arrangement arrangement = Arrangements.of(reel);
        return arrangement.has(MotionOptions.DRIFT) && DriftRules.any(reel, facts, arrangement.movesByItself(reel));
    }

    /** Whether it needs that. */
    boolean has(Beside what) {
        return beside.contains(what);
    }

    /** Everything that either of the two needs, for reels that take turns on one page. */
    Needs and(Needs other) {
        Set<Beside> both = new HashSet<>(beside);
        both.addAll(other.beside);
        Set<Later> afterwards = new HashSet<>(later);
        afterwards.addAll(other.later);
        return new Needs(arrangement, lead.equals(NOTHING) ? other.lead : lead, both, afterwards);
    }

    /** Which of the players that is. */
    String script() {
        List<String> parts = new ArrayList<>(List.of(lead));
        beside.forEach(one -> parts.add(word(one)));
        return String.join("-", parts);
    }

    static String word(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT);
    }

    /** The scripts that the player asks for, with the words for them. */
    Map<String, PlayerFiles.Shipped> scripts() {
        Map<String, PlayerFiles.Shipped> scripts = new LinkedHashMap<>();
        if (has(Beside.LARGER)) {
            scripts.put(word(Beside.LARGER), PlayerFiles.shipped().larger());
        }
        later.forEach(one -> scripts.put(word(one), PlayerFiles.shipped().later(word(one))));
        return scripts;
    }

    /** The style sheets, one after another. */
    String css() {
        PlayerFiles shipped = PlayerFiles.shipped();
        StringBuilder css = new StringBuilder(shipped.css())
                .append(shipped.css("arrangements/" + arrangement))
                .append(shipped.css("styles/by-" + lead));
        beside.forEach(one -> css.append(shipped.css("styles/" + word(one))));
        later.forEach(one -> css.append(shipped.css("styles/" + word(one))));
        return css.toString();
    }
}
