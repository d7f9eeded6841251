package com.keenreel.core.steering;

import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import org.jspecify.annotations.Nullable;

/**
 * A picture of somebody's own on an arrow. The one onward points to the right as it is, the one back to the left; a reel that
 * is read from the right has both turned round, and where there is none for the way back it is the other one turned round.
 *
 * @param turned whether it is seen as in a mirror
 */
public record OwnArrow(PictureId picture, boolean turned) {
    /**
     * What is on an arrow.
     *
     * @param onward whether it leads to the next slide
     * @param fromRight whether the next slide stands to the left
     * @return null where none is wanted, or none was picked
     */
    public static @Nullable OwnArrow of(Reel reel, SetUp setUp, boolean onward, boolean fromRight) {
        if (reel.choices().get(SteeringOptions.ARROWS_FORM, setUp) != ArrowForm.OWN) {
            return null;
        }
        String next = reel.choices().get(SteeringOptions.ARROWS_ONWARD, setUp);
        String back = reel.choices().get(SteeringOptions.ARROWS_BACK, setUp);
        boolean other = !onward && back.isEmpty();
        String picture = onward || other ? next : back;
        return picture.isEmpty() ? null : new OwnArrow(new PictureId(picture), fromRight != other);
    }
}
