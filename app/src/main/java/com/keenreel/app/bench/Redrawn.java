package com.keenreel.app.bench;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.reel.Reel;
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
 * @param fragment what the wall shows from now on; null for what it shows already
 * @param screens the pages of the wall
 */
record Redrawn(
        long revision,
        String state,
        Map<String, String> parts,
        @JsonRawValue @Nullable String fragment,
        List<Screen> screens) {

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
            return answer(draft, parts.of(bench.model(draft, asked.window(), asked.slide())), asked.page());
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
            return answer(draft, parts.ofPreview(Bench.sheet(draft, asked.slide())), asked.page());
        }

        private Redrawn answer(Draft draft, Map<String, String> drawn, @Nullable Double page) {
            return new Redrawn(
                    draft.stored().revision(),
                    draft.stored().state(),
                    drawn,
                    publishing.fragment(draft).json(""),
                    Screen.of(draft, page));
        }
    }
}
