package com.keenreel.app.pictures;

import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Sides;
import com.keenreel.core.reel.Sides.Candidate;
import com.keenreel.core.reel.Sides.Couple;
import com.keenreel.core.reel.Sides.Why;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;

/** Tells for pictures that were brought in twos which one is before and which after. */
@Controller
class SidesController {
    private final PictureStore pictures;
    private final Looks looks;

    SidesController(PictureStore pictures, Looks looks) {
        this.pictures = pictures;
        this.looks = looks;
    }

    /**
     * Two pictures that go together.
     *
     * @param says by what they were told apart, as a sentence
     */
    record Pair(String before, String after, String says) {}

    /** The pairs of those pictures: those that are named alike, then those that look alike, and each two of the others; one without partner is left out. */
    @PostMapping("/pictures/sides")
    @ResponseBody
    List<Pair> sides(@RequestBody List<String> ids) {
        List<StoredPicture> found =
                pictures.all(ids.stream().map(PictureId::new).toList());
        List<StoredPicture> there = ids.stream()
                .flatMap(id ->
                        found.stream().filter(picture -> picture.id().value().equals(id)))
                .toList();
        return Sides.couples(
                        there.stream().map(SidesController::candidate).toList(), asked -> looks.alike(there, asked))
                .stream()
                .map(couple -> new Pair(
                        there.get(couple.before()).id().value(),
                        there.get(couple.after()).id().value(),
                        says(couple)))
                .toList();
    }

    private static Candidate candidate(StoredPicture picture) {
        return new Candidate(picture.name(), picture.taken());
    }

    private static String says(Couple couple) {
        if (couple.why() == Why.NAMES) {
            return "Named alike; before and after by their names.";
        }
        String why = couple.why() == Why.LOOKS ? "They look alike; before" : "Before";
        return switch (couple.by()) {
            case NAMES -> why + " and after by their names.";
            case DATES -> why + " and after by when they were taken.";
            case NOTHING -> why + " and after as they came.";
        };
    }
}
