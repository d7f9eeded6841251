package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.steering.OwnArrow;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;

/**
 * What an arrow shows on some screen.
 *
 * @param right whether what is drawn points to the right
 * @param own a picture in the place of what is drawn; null for none
 */
record ArrowLook(ArrowForm form, boolean right, @Nullable OwnArrow own) {
    /** What that arrow shows in a set-up. */
    static ArrowLook of(Reel reel, SetUp setUp, boolean onward) {
        boolean upright = Arrangements.of(reel).motion(reel).upright();
        boolean fromRight = !upright && reel.direction() == Direction.RTL;
        ArrowForm form = reel.choices().get(SteeringOptions.ARROWS_FORM, setUp);
        OwnArrow own = OwnArrow.of(reel, setUp, onward, fromRight);
        return new ArrowLook(form == ArrowForm.OWN && own == null ? ArrowForm.ANGLE : form, onward != fromRight, own);
    }

    /** Everything that it shows on some screen. */
    static Set<ArrowLook> all(Reel reel, boolean onward) {
        return Arrays.stream(SetUp.values())
                .map(setUp -> of(reel, setUp, onward))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The class of it. */
    String css() {
        if (own == null) {
            return form.name().toLowerCase(Locale.ROOT);
        }
        return (own.turned() ? "turned-" : "own-") + own.picture();
    }

    /** Its element. A picture that does not come leaves a mark in its place; what the button does is said by the button. */
    Element element(Images images) {
        return own == null
                ? Shapes.arrow(form, right)
                : images.small(own.picture(), ArrowRules.OWN)
                        .attr("alt", right ? "›" : "‹")
                        .addClass(css());
    }
}
