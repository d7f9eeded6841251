package com.keenreel.app.pictures;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.reel.Sides.Two;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.align.Grey;
import com.keenreel.imaging.align.Registration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Looks whether pictures show the same thing, each two once. */
@Component
class Looks {
    private final ContentFiles files;
    private final Cache<List<Object>, Optional<Grey>> seen =
            Caffeine.newBuilder().maximumSize(200).build();
    private final Cache<List<Object>, Boolean> known =
            Caffeine.newBuilder().maximumSize(2000).build();

    Looks(ContentFiles files) {
        this.files = files;
    }

    /** Those of them that show the same thing. */
    Set<Two> alike(List<StoredPicture> all, List<Two> asked) {
        return asked.parallelStream()
                .filter(two -> areAlike(
                        all.get(two.one()).version(), all.get(two.other()).version()))
                .collect(Collectors.toSet());
    }

    private boolean areAlike(Version one, Version other) {
        return known.get(List.of(key(one), key(other)), any -> {
            Optional<Grey> first = grey(one);
            Optional<Grey> second = grey(other);
            return first.isPresent()
                    && second.isPresent()
                    && Registration.of(first.get(), second.get()).isLikely();
        });
    }

    private static List<Object> key(Version version) {
        return List.of(version.sha256(), version.adjustment().quarters());
    }

    /** Nothing where there is nothing to see: a drawing, or a file that cannot be read. */
    private Optional<Grey> grey(Version version) {
        return seen.get(key(version), any -> {
            if (version.format() == Format.SVG) {
                return Optional.empty();
            }
            try {
                return Optional.of(Darkroom.grey(
                        Received.look(files.read(version.sha256())),
                        version.adjustment().quarters(),
                        Registration.GLANCE));
            } catch (Refused broken) {
                return Optional.empty();
            }
        });
    }
}
