package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Beneath;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.ControlsLook;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SeenThrough;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The sentences of the brief about the colours of controls, and whether these are seen on any picture. */
final class SaidOfControls {
    private static final List<SetUp> SET_UPS = List.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE);

    private final Choices choices;
    private final Function<SetUp, Extent> beneath;
    private final Supplier<Sentence> sentence;

    /** What controls look like on one screen, on what. */
    private record Look(Colour ink, Colour ground, double dense, Extent on) {
        double contrast() {
            return new SeenThrough(ink, ground).between(on.darkest(), on.lightest(), dense);
        }

        /** The least density that is enough. */
        OptionalDouble density() {
            return new SeenThrough(ink, ground).density(on.darkest(), on.lightest(), SeenThrough.CONTROLS);
        }
    }

    /**
     * Those of a reel.
     *
     * @param sentence begins another one
     */
    SaidOfControls(Reel reel, Layout layout, Facts facts, Supplier<Sentence> sentence) {
        this.choices = reel.choices();
        this.beneath = setUp -> Beneath.of(reel, layout, facts, setUp);
        this.sentence = sentence;
    }

    void say() {
        boolean own = choices.get(LookOptions.CONTROLS) == ControlsLook.OWN;
        Sentence colours = own ? sentence.get().always() : sentence.get().idle();
        colours.text(own ? "Controls are " : "In own colours controls would be ")
                .by(LookOptions.CONTROLS_INK)
                .text(" on ")
                .by(LookOptions.CONTROLS_GROUND)
                .text(", ")
                .by(LookOptions.CONTROLS_DENSE)
                .text(" dense.");
        if (!own) {
            return;
        }
        boolean alike = SET_UPS.stream().map(this::look).distinct().count() == 1;
        if (alike) {
            seen(look(SetUp.DESK), null);
        } else {
            SET_UPS.forEach(setUp -> seen(look(setUp), setUp));
        }
    }

    private Look look(SetUp setUp) {
        return new Look(
                choices.get(LookOptions.CONTROLS_INK, setUp),
                choices.get(LookOptions.CONTROLS_GROUND, setUp),
                choices.get(LookOptions.CONTROLS_DENSE, setUp) / 100,
                beneath.apply(setUp));
    }

    /** Says nothing where they are seen on these pictures. */
    private void seen(Look look, @Nullable SetUp setUp) {
        if (look.contrast() >= SeenThrough.CONTROLS) {
            return;
        }
        boolean known = !look.on().equals(Extent.ANY);
        Sentence said = sentence.get()
                .text((setUp == null ? "On" : "On " + setUp.word() + ", on") + (known ? " these" : " some")
                        + " pictures they are told apart by only "
                        + Numbers.rounded(look.contrast(), 1) + ":1, where "
                        + Numbers.plain(SeenThrough.CONTROLS) + ":1 is needed: ");
        OptionalDouble density = look.density();
        if (density.isPresent()) {
            double percent = Math.round(100 * density.getAsDouble());
            said.remedy(Numbers.plain(percent) + " % dense", LookOptions.CONTROLS_DENSE, setUp, percent);
        } else {
            Colour ink = look.ground().ink();
            said.remedy(LookOptions.CONTROLS_INK.domain().say(ink) + " on it", LookOptions.CONTROLS_INK, setUp, ink);
            if (new Look(ink, look.ground(), look.dense(), look.on()).contrast() < SeenThrough.CONTROLS) {
                said.text(" can be told from it, once it is denser.");
                return;
            }
        }
        said.text(known ? " can be seen on all of them." : " can be seen on any.");
    }
}
