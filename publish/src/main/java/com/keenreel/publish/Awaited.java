package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Tones;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What is seen where a picture will be, until it has come: its own colours, out of focus. From when the player runs, which waits
 * for the first picture or for a moment: painted at once, they would hold up a first picture that comes quickly (by 25 ms).
 */
final class Awaited {
    /** So many bytes of it at the most. */
    static final int MOST = 200;

    private static final String[] PLACES = {"0 0", "100% 0", "0 100%", "100% 100%"};

    private Awaited() {}

    /** A rule for each picture of that reel that covers what is behind it; none of a band. */
    static List<String> rules(Reel reel, Facts facts) {
        List<String> rules = new ArrayList<>();
        if (Arrangements.of(reel).motion(reel) instanceof Motion.ByTime) {
            return rules; // logos may be shown in another colour
        }
        int n = 0;
        for (Slide slide : reel.slides()) {
            n++;
            if (slide.carries() instanceof Carries.Picture picture) {
                add(Part.picture(n), picture.picture(), facts, rules);
            } else if (slide.carries() instanceof Carries.Pair pair) {
                add(Part.picture(n, Side.BEFORE), pair.before(), facts, rules);
                add(Part.picture(n, Side.AFTER), pair.after(), facts, rules);
                for (int i = 1; i <= pair.between().size(); i++) {
                    add(Part.between(n, i), pair.pictures().get(i), facts, rules);
                }
            }
            for (Map.Entry<SetUp, PictureId> instead : slide.instead().own().entrySet()) {
                add(Part.instead(n, instead.getKey()), instead.getValue(), facts, rules);
            }
        }
        return rules;
    }

    private static void add(Part part, PictureId id, Facts facts, List<String> rules) {
        String background = background(facts.of(id));
        if (!background.isEmpty()) {
            rules.add(".run img." + part.css() + "{" + background + "}");
        }
    }

    /** The colours of a picture out of focus, as a declaration; empty where it is not known, or does not cover what is behind it. */
    static String background(PictureFacts picture) {
        Tones tones = picture.tones();
        return tones == null || picture.clear() ? "" : "background:" + background(tones);
    }

    private static String background(Tones tones) {
        StringBuilder layers = new StringBuilder();
        List<Colour> corners = tones.corners();
        for (int i = 0; i < corners.size(); i++) {
            layers.append("radial-gradient(at ")
                    .append(PLACES[i])
                    .append(',')
                    .append(rough(corners.get(i)))
                    .append(",#0000),");
        }
        return layers.append(rough(tones.all())).toString();
    }

    /** The same colour in three digits: out of focus nobody sees the difference. */
    private static String rough(Colour colour) {
        StringBuilder rough = new StringBuilder("#");
        for (int at = 1; at < colour.hex().length(); at += 2) {
            int channel = Integer.parseInt(colour.hex().substring(at, at + 2), 16);
            rough.append(Integer.toHexString((int) Math.round(channel / 17.0)));
        }
        return rough.toString();
    }
}
