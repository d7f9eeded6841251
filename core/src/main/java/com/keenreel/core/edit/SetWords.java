package com.keenreel.core.edit;

import com.keenreel.core.reel.Link;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Says something on a slide.
 *
 * @param text null takes it back to what the picture says
 */
public record SetWords(
        SlideId slide, Words.Field field, @Nullable String text) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withWords(former.words().with(field, text));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetWords(slide, field, former.words().said(field));
    }

    /** A link is completed to the address that is {@link Link#meant}. */
    @Override
    public Edit meant() {
        return field == Words.Field.LINK && text != null ? new SetWords(slide, field, Link.meant(text)) : this;
    }

    @Override
    public Set<String> touches() {
        return Set.of(field.word() + " of " + slide);
    }

    @Override
    public boolean isTyped() {
        return true;
    }

    @Override
    public String say(Reel reel) {
        return field.called() + " of " + SlideAt.say(reel, slide)
                + (text == null ? " as its picture says" : " \"" + shortened(text) + "\"");
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }
}
