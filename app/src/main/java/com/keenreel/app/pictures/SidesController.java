package com.keenreel.app.pictures;

import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Sides;
import com.keenreel.core.reel.Sides.Candidate;
import com.keenreel.core.reel.Sides.Told;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;

/** Tells for pictures that were brought in twos which one is before and which after. */
@Controller
class SidesController {
    private final PictureStore pictures;

    SidesController(PictureStore pictures) {
        this.pictures = pictures;
    }

    /**
     * Two pictures that go together.
     *
     * @param says by what they were told apart, as a sentence
     */
    record Pair(String before, String after, String says) {}

    /** The pairs of those pictures, in their order, each two in a row; a last one without partner is left out. */
    @PostMapping("/pictures/sides")
    @ResponseBody
    List<Pair> sides(@RequestBody List<String> ids) {
        List<StoredPicture> found =
                pictures.all(ids.stream().map(PictureId::new).toList());
        List<StoredPicture> there = ids.stream()
                .flatMap(id ->
                        found.stream().filter(picture -> picture.id().value().equals(id)))
                .toList();
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < there.size(); i += 2) {
            StoredPicture first = there.get(i);
            StoredPicture second = there.get(i + 1);
            Told told = Sides.tell(candidate(first), candidate(second));
            StoredPicture before = told.turned() ? second : first;
            StoredPicture after = told.turned() ? first : second;
            pairs.add(new Pair(before.id().value(), after.id().value(), says(told)));
        }
        return pairs;
    }

    private static Candidate candidate(StoredPicture picture) {
        return new Candidate(picture.name(), picture.taken());
    }

    private static String says(Told told) {
        return switch (told.by()) {
            case NAMES -> "Before and after by their names.";
            case DATES -> "Before and after by when they were taken.";
            case NOTHING -> "Before and after as they came.";
        };
    }
}
