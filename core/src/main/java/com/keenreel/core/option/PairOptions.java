package com.keenreel.core.option;

import com.keenreel.core.option.Domain.Colours;
import com.keenreel.core.option.Domain.Lasting;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import java.util.List;

/** What comparisons look like, in the arrangements that show them. */
public final class PairOptions {
    public static final Option<PairView> VIEW = new Option<>(
            "pairs.view",
            Meaning.of(
                    "how both sides are seen",
                    "With a divider between them, one faded into the other, or one at a time.",
                    "divider",
                    "crossfade",
                    "opacity",
                    "switch",
                    "toggle",
                    "blink"),
            OneOf.of(PairView.class, PairView::say),
            PairView.DIVIDER);
    public static final Option<PairDirection> DIRECTION = new Option<>(
            "pairs.direction",
            Meaning.of(
                    "how sides lie",
                    "Whether the sides of comparisons lie side by side or one above the other.",
                    "direction",
                    "horizontal",
                    "vertical",
                    "divider",
                    "top",
                    "bottom"),
            OneOf.of(PairDirection.class, PairDirection::say),
            PairDirection.ACROSS,
            Scope.SET_UP);
    public static final Option<MovedBy> MOVED_BY = new Option<>(
            "pairs.moved-by",
            Meaning.of(
                    "what moves dividers",
                    "Beside its handle and keys; where only the handle or a press does, pictures can be swiped.",
                    "drag",
                    "hover",
                    "click",
                    "divider"),
            OneOf.of(MovedBy.class, MovedBy::say),
            MovedBy.DRAGGING);
    public static final Option<SweepKind> SWEEP = new Option<>(
            "pairs.sweep",
            Meaning.of(
                    "dividers by themselves",
                    "Whether dividers move to and fro by themselves; visitors get a pause button, and whoever moves one has it.",
                    "animation",
                    "automatic",
                    "autoplay",
                    "divider"),
            OneOf.of(SweepKind.class, SweepKind::say),
            SweepKind.NEVER);
    public static final Option<Double> SWEEP_FROM = new Option<>(
            "pairs.sweep-from",
            Meaning.of(
                    "where dividers turn back to the after side",
                    "One end of their way; where a divider starts outside it, its way begins there.",
                    "divider",
                    "animation",
                    "from"),
            new Within(0, 100, 1, "%"),
            20.0);
    public static final Option<Double> SWEEP_TO = new Option<>(
            "pairs.sweep-to",
            Meaning.of(
                    "where they turn back",
                    "The end of their way to which they go first.",
                    "divider",
                    "animation",
                    "to"),
            new Within(0, 100, 1, "%"),
            80.0);
    /** In ms. */
    public static final Option<Long> SWEEP_PERIOD = new Option<>(
            "pairs.sweep-period",
            Meaning.of(
                    "time to and fro",
                    "How long a divider takes until it is back where it was.",
                    "divider",
                    "animation",
                    "speed",
                    "period",
                    "seconds"),
            new Lasting(2, 60, 0.5),
            6000L);

    public static final Option<HandleForm> HANDLE = new Option<>(
            "pairs.handle",
            Meaning.of("handle", "What a divider is held by.", "divider", "knob", "grip", "slider", "icon"),
            OneOf.of(HandleForm.class, HandleForm::say),
            HandleForm.GRIP);
    public static final Option<Double> HANDLE_SIZE = new Option<>(
            "pairs.handle-size",
            Meaning.of(
                    "size of the handle",
                    "How high what a divider is held by is drawn; a finger reaches 44 px around smaller ones.",
                    "divider",
                    "height",
                    "large",
                    "small"),
            new Within(24, 80, 1, "px"),
            40.0);
    public static final Option<Colour> HANDLE_COLOUR = new Option<>(
            "pairs.handle-colour",
            Meaning.of("colour of the divider", "Of a divider and of what it is held by.", "color", "handle", "line"),
            new Colours(),
            Colour.WHITE);
    public static final Option<NamesPlace> NAMES_PLACE = new Option<>(
            "pairs.names-place",
            Meaning.of(
                    "place of sides' names",
                    "Where the names of the sides stand; each gives way before the divider crosses it.",
                    "labels",
                    "before",
                    "after",
                    "position"),
            OneOf.of(NamesPlace.class, NamesPlace::say),
            NamesPlace.FOOT,
            Scope.SET_UP);
    public static final Option<Double> NAMES_SIZE = new Option<>(
            "pairs.names-size",
            Meaning.of("size of sides' names", "The type of the names of the sides.", "labels", "font", "text"),
            new Within(11, 28, 1, "px"),
            15.0);
    public static final Option<Colour> NAMES_INK = new Option<>(
            "pairs.names-ink",
            Meaning.of("colour of sides' names", "The names of the sides.", "labels", "color", "text"),
            new Colours(),
            Colour.WHITE);
    public static final Option<Colour> NAMES_GROUND = new Option<>(
            "pairs.names-ground",
            Meaning.of(
                    "ground of sides' names", "What the names of the sides stand on.", "labels", "color", "background"),
            new Colours(),
            Colour.DARK);
    public static final Option<Double> NAMES_DENSE = new Option<>(
            "pairs.names-dense",
            Meaning.of(
                    "density of that ground",
                    "How little of the picture is seen through the ground of the sides' names.",
                    "labels",
                    "opacity",
                    "transparent"),
            new Within(0, 100, 1, "%"),
            78.0);
    public static final Option<Boolean> NAMES_POINTED = new Option<>(
            "pairs.names-pointed",
            Meaning.of(
                    "when sides' names show",
                    "Whether names of sides wait until their comparison is pointed at; on touch screens they never do.",
                    "labels",
                    "hover",
                    "hide"),
            new YesNo("only while pointed at", "always"),
            false);

    private static final List<Option<?>> ALL = List.of(
            VIEW,
            DIRECTION,
            MOVED_BY,
            SWEEP,
            SWEEP_FROM,
            SWEEP_TO,
            SWEEP_PERIOD,
            HANDLE,
            HANDLE_SIZE,
            HANDLE_COLOUR,
            NAMES_PLACE,
            NAMES_SIZE,
            NAMES_INK,
            NAMES_GROUND,
            NAMES_DENSE,
            NAMES_POINTED);

    private PairOptions() {}

    /** What a divider is held by, or what fades or changes its sides: those are seen, whatever else is chosen. */
    public static HandleForm handle(Choices choices) {
        HandleForm form = choices.get(HANDLE);
        boolean seen = form != HandleForm.LINE && form != HandleForm.NONE;
        return seen || choices.get(VIEW) == PairView.DIVIDER ? form : HandleForm.GRIP;
    }

    /** All of them wherever comparisons are shown. */
    public static List<Option<?>> all() {
        return ALL;
    }
}
