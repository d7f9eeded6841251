package com.keenreel.app.bench;

import com.fasterxml.jackson.annotation.JsonRawValue;
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
 * @param parts markup that is drawn anew, by the id of the element that it stands in
 * @param fragment what the wall shows from now on
 * @param screens the pages of the wall
 */
record Answer(
        long revision,
        Map<String, String> parts,
        @JsonRawValue String fragment,
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
        Answer whole(StoredReel reel, Asked asked) {
            return answer(reel, reel.reel(), parts.of(bench.model(reel, asked.window(), asked.slide())), asked.page());
        }

        /** Only the wall, as it would be if the reel were that. */
        Answer wall(StoredReel reel, Reel shown, @Nullable Double page) {
            return answer(reel, shown, Map.of(), page);
        }

        private Answer answer(StoredReel stored, Reel shown, Map<String, String> drawn, @Nullable Double page) {
            return new Answer(
                    stored.revision(),
                    drawn,
                    publishing.draft(stored, shown).json(""),
                    shown.slides().isEmpty() ? List.of() : Screen.of(shown, publishing.layout(shown), page));
        }
    }
}
