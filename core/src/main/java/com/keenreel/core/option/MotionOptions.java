package com.keenreel.core.option;

import com.keenreel.core.option.Domain.Colours;
import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Lasting;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.YesNo;
import java.util.List;

/** How slides come and go, when, and what moves by itself, in several arrangements. */
public final class MotionOptions {
    public static final Option<TransitionKind> TRANSITION = new Option<>(
            "motion.transition",
            Meaning.of("transition", "How one slide gives way to the next.", "effect", "animation", "fade", "wipe"),
            OneOf.of(TransitionKind.class, TransitionKind::say),
            TransitionKind.CROSSFADE,
            Scope.SLIDE);
    /** In ms. */
    public static final Option<Long> TRANSITION_TIME = new Option<>(
            "motion.time",
            Meaning.of("length of the transition", "How long the change takes.", "speed", "duration", "slow", "fast"),
            new Lasting(0.1, 5, 0.1),
            800L,
            Scope.SLIDE);

    public static final Option<Pace> PACE = new Option<>(
            "motion.pace",
            Meaning.of(
                    "pace of the transition",
                    "How a change runs between its start and its end.",
                    "easing",
                    "speed",
                    "acceleration",
                    "smooth",
                    "linear"),
            OneOf.of(Pace.class, Pace::say),
            Pace.GENTLY,
            Scope.SLIDE);
    public static final Option<LeavingKind> LEAVING = new Option<>(
            "motion.leaving",
            Meaning.of(
                    "way out",
                    "What a slide does while the next one comes.",
                    "effect",
                    "animation",
                    "transition",
                    "exit",
                    "fade"),
            OneOf.of(LeavingKind.class, LeavingKind::say),
            LeavingKind.AS_ASKED,
            Scope.SLIDE);
    public static final Option<Colour> BETWEEN = new Option<>(
            "motion.between",
            Meaning.of(
                    "colour between slides",
                    "The colour through which one slide fades into the next.",
                    "transition",
                    "color",
                    "fade",
                    "black",
                    "white"),
            new Colours(),
            new Colour("#16241e"));
    public static final Option<DriftKind> DRIFT = new Option<>(
            "motion.drift",
            Meaning.of(
                    "movement within a hold",
                    "What a picture does while its slide stands, where the reel goes on by itself.",
                    "zoom",
                    "pan",
                    "slow",
                    "effect",
                    "animation"),
            OneOf.of(DriftKind.class, DriftKind::say),
            DriftKind.STANDS,
            Scope.SLIDE);
    public static final Option<VideoKind> VIDEO = new Option<>(
            "motion.video",
            Meaning.of(
                    "videos",
                    "What videos do while their slides stand; they are never heard.",
                    "film",
                    "movie",
                    "clip",
                    "loop",
                    "repeat",
                    "mp4",
                    "webm"),
            OneOf.of(VideoKind.class, VideoKind::say),
            VideoKind.AGAIN,
            Scope.SLIDE);
    /** In ms. */
    public static final Option<Long> HOLD = new Option<>(
            "motion.hold",
            Meaning.of(
                    "hold",
                    "How long a slide stands that has no hold of its own.",
                    "speed",
                    "duration",
                    "delay",
                    "interval",
                    "seconds",
                    "timing"),
            new Lasting(0.5, 120, 0.5),
            5000L);

    public static final Option<Boolean> AUTOPLAY = new Option<>(
            "motion.autoplay",
            Meaning.of(
                    "goes on",
                    "Whether it moves on without being asked; visitors always get a pause button.",
                    "automatic",
                    "autoplay",
                    "start",
                    "play"),
            new YesNo("by itself", "only when asked"),
            false);
    public static final Option<CourseKind> COURSE = new Option<>(
            "motion.course",
            Meaning.of(
                    "course",
                    "In which order slides come where the reel goes on by itself.",
                    "direction",
                    "reverse",
                    "backwards",
                    "back and forth"),
            OneOf.of(CourseKind.class, CourseKind::say),
            CourseKind.ONWARD);
    public static final Option<Integer> LAPS = new Option<>(
            "motion.laps",
            Meaning.of(
                    "how often",
                    "How often it goes through its slides by itself; 0 is without end.",
                    "loop",
                    "repeat",
                    "times",
                    "infinite",
                    "once"),
            new Count(0, 99, "without end"),
            0);
    public static final Option<EndKind> END = new Option<>(
            "motion.end",
            Meaning.of(
                    "end",
                    "What it does once it has gone through its slides that often; to and fro it ends with the first.",
                    "stop",
                    "last slide",
                    "loop"),
            OneOf.of(EndKind.class, EndKind::say),
            EndKind.STAYS);
    /** In ms. */
    public static final Option<Long> DELAY = new Option<>(
            "motion.delay",
            Meaning.of(
                    "start delay",
                    "How much longer its first slide stands before it begins to go on by itself.",
                    "wait",
                    "begin",
                    "seconds",
                    "timing"),
            new Lasting(0, 30, 0.5),
            0L);
    /** In ms. */
    public static final Option<Long> REST = new Option<>(
            "motion.rest",
            Meaning.of(
                    "rest",
                    "How long it stands still after a visitor has gone to a slide, until it goes on by itself; 0 is for good.",
                    "resume",
                    "restart",
                    "pause",
                    "interaction",
                    "continue"),
            new Lasting(0, 120, 1, "for good"),
            0L);

    public static final Option<Boolean> POINTED = new Option<>(
            "motion.pointed",
            Meaning.of(
                    "while pointed at",
                    "Whether it waits while a pointer is over it.",
                    "hover",
                    "pause",
                    "mouse",
                    "stop"),
            new YesNo("waits", "goes on"),
            true);
    public static final Option<EntryKind> ENTRY = new Option<>(
            "motion.entry",
            Meaning.of(
                    "entry",
                    "How the reel appears when it is scrolled into sight; never for visitors who asked for less motion.",
                    "entrance",
                    "reveal",
                    "animation",
                    "scroll",
                    "appear",
                    "fade"),
            OneOf.of(EntryKind.class, EntryKind::say),
            EntryKind.NONE);
    public static final Option<Boolean> ENTERS = new Option<>(
            "motion.enters",
            Meaning.of(
                    "how slides come",
                    "Whether slides are there at once, or come one after another when the reel first comes into sight; never for"
                            + " visitors who asked for less motion.",
                    "entrance",
                    "reveal",
                    "stagger",
                    "animation",
                    "appear"),
            new YesNo("come one after another", "are there at once"),
            false);
    public static final Option<Boolean> ANEW = new Option<>(
            "motion.anew",
            Meaning.of(
                    "order on every visit",
                    "Whether the slides after the first come in another order on every visit.",
                    "shuffle",
                    "random",
                    "mix"),
            new YesNo("in another order on every visit, after the first", "in this order"),
            false);

    private static final List<Option<?>> ALL = List.of(
            TRANSITION,
            TRANSITION_TIME,
            PACE,
            LEAVING,
            BETWEEN,
            DRIFT,
            VIDEO,
            HOLD,
            AUTOPLAY,
            COURSE,
            LAPS,
            END,
            DELAY,
            REST,
            POINTED,
            ENTRY,
            ENTERS,
            ANEW);

    private MotionOptions() {}

    /** All of them. */
    static List<Option<?>> all() {
        return ALL;
    }
}
