package com.keenreel.app.compare;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.align.Warp;
import com.keenreel.core.edit.Refusal;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Evening;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.align.Registration;
import java.util.List;
import org.springframework.stereotype.Component;

/** Measures how pictures lie, each pair once. */
@Component
class Measuring {
    private final ContentFiles files;
    private final Cache<List<Object>, Registration> known =
            Caffeine.newBuilder().maximumSize(200).build();

    private final Cache<List<Object>, Evening> evened =
            Caffeine.newBuilder().maximumSize(200).build();

    Measuring(ContentFiles files) {
        this.files = files;
    }

    /**
     * How two pictures lie, both whole.
     *
     * @throws Refusal where one of them has no pixels
     */
    Registration of(StoredPicture frame, StoredPicture moved) {
        Version one = frame.version();
        Version other = moved.version();
        if (one.format() == Format.SVG || other.format() == Format.SVG) {
            throw new Refusal("Only photographs are lined up, no drawings.");
        }
        List<Object> pair = List.of(
                one.sha256(),
                one.adjustment(),
                other.sha256(),
                other.adjustment().quarters());
        return known.get(pair, any -> measure(one, other));
    }

    /** What brings the colours of the one that is moved to those of the other, where they lie like that. */
    Evening evening(StoredPicture frame, StoredPicture moved, Warp warp) {
        Version one = frame.version();
        Version other = moved.version();
        List<Object> pair = List.of(
                one.sha256(),
                one.adjustment(),
                other.sha256(),
                other.adjustment().quarters(),
                warp);
        return evened.get(pair, any -> {
            try {
                return Darkroom.evening(
                        Received.look(files.read(one.sha256())),
                        one.adjustment().quarters(),
                        Received.look(files.read(other.sha256())),
                        other.adjustment().quarters(),
                        warp);
            } catch (Refused broken) {
                throw new Refusal(String.valueOf(broken.getMessage()));
            }
        });
    }

    private Registration measure(Version one, Version other) {
        try {
            return Registration.of(
                    Darkroom.grey(
                            Received.look(files.read(one.sha256())),
                            one.adjustment().quarters(),
                            Registration.WIDTH),
                    Darkroom.grey(
                            Received.look(files.read(other.sha256())),
                            other.adjustment().quarters(),
                            Registration.WIDTH));
        } catch (Refused broken) {
            throw new Refusal(String.valueOf(broken.getMessage()));
        }
    }
}
