package com.keenreel.app.bench;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.reel.Reel;
import com.keenreel.publish.Drawing;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The answer to everything that may change what the bench shows.
 *
 * @param revision the newest one
 * @param state the same for as long as nothing changes that the bench shows, see {@link StoredReel#state}
 * @param parts markup that is drawn anew, by the id of the element that it stands in
 * @param shows what the wall shows from now on; null for what it shows already
 * @param screens the pages of the wall
 */
record Redrawn(
        long revision,
        String state,
        Map<String, String> parts,
        @Nullable Shows shows,
        List<Screen> screens) {
    /**
     * What a wall shows.
     *
     * @param version tells it from all else
     * @param change what a wall takes that shows what it was asked for with, see {@link Drawing#since}; null for one that
     *     takes all
     * @param fragment all of it; null for a wall that shows this already, or takes the change
     */
    record Shows(
            String version,
            @JsonRawValue @Nullable String change,
            @JsonRawValue @Nullable String fragment) {
        static Shows of(Drawing drawing, String former) {
            if (drawing.version().equals(former)) {
                return new Shows(former, null, null);
            }
            return drawing.since(former)
                    .map(change -> new Shows(drawing.version(), change, null))
                    .orElseGet(() -> new Shows(
                            drawing.version(), null, drawing.fragment().json("")));
        }
    }

    /** Makes answers. */
    @Component
    static final class Maker {
        private final Publishing publishing;
        private final Bench bench;
        private final Parts parts;

        Maker(Publishing publishing, Bench bench, Parts parts) {
            this.publishing = publishing;
            this.bench = bench;
            this.parts = parts;
        }

        /** Everything of a reel as it is stored. */
        Redrawn whole(StoredReel reel, Asked asked) {
            Draft draft = publishing.draft(reel, reel.reel(), asked.slideId());
            return answer(draft, parts.of(bench.model(draft, asked.window(), asked.slide())), asked);
        }

        /** Only the band below the running order: the brief, or a slide's sheet. */
        Redrawn band(StoredReel reel, Asked asked) {
            Draft draft = publishing.draft(reel, reel.reel(), asked.slideId());
            Map<String, Object> model = bench.model(draft, asked.window(), asked.slide());
            return new Redrawn(
                    reel.revision(), reel.state(), parts.ofBand(model), null, Screen.of(draft, asked.page()));
        }

        /** The wall, and what the open sheet shows of the screens, as they would be if the reel were that. */
        Redrawn wall(StoredReel reel, Reel shown, Asked asked) {
            Draft draft = publishing.draft(reel, shown, asked.slideId());
            return answer(draft, parts.ofPreview(Bench.sheet(draft, asked.slide())), asked);
        }

        private Redrawn answer(Draft draft, Map<String, String> drawn, Asked asked) {
            return new Redrawn(
                    draft.stored().revision(),
                    draft.stored().state(),
                    drawn,
                    Shows.of(publishing.drawing(draft), asked.shows()),
                    Screen.of(draft, asked.page()));
        }
    }
}
