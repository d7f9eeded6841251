package com.keenreel.app.publishing;

import com.keenreel.core.edit.Difference;
import com.keenreel.core.edit.Difference.Step;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.publish.Fingerprint;
import com.keenreel.publish.FragmentWriter;
import com.keenreel.publish.Material;
import com.keenreel.publish.PictureFiles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What of the changes between two states of a reel visitors would see. */
final class Visible {
    /** More edits than that are all taken for visible: each has to be tried. */
    private static final int MOST = 30;

    private final Publishing publishing;

    Visible(Publishing publishing) {
        this.publishing = publishing;
    }

    /** In words, each edit without which visitors would meet something else. */
    List<String> between(Reel before, Reel head) {
        Reel after = head.withSlot(before.slot());
        List<Step> steps = Difference.steps(before, after);
        List<String> all = Difference.inWords(before, after);
        if (steps.size() > MOST) {
            return all;
        }
        String met = met(after);
        List<String> seen = new ArrayList<>();
        for (Step step : steps) {
            String words = step.words();
            if (words != null && !met.equals(metWithout(step, before, steps))) {
                seen.add(words);
            }
        }
        return seen.isEmpty() && !met.equals(met(before)) ? all : seen; // each of two may do it
    }

    private String metWithout(Step left, Reel before, List<Step> steps) {
        try {
            Reel reel = before;
            for (Step step : steps) {
                reel = step.equals(left) ? reel : step.edit().applyTo(reel);
            }
            return met(reel);
        } catch (Refusal needed) {
            return "nothing: others stand on it";
        }
    }

    /** What visitors would meet of a reel on all days, as a text that is the same where they would see no difference. */
    private String met(Reel reel) {
        Reel met = reel.withoutHidden();
        if (met.slides().isEmpty()) {
            return "";
        }
        Shelf shelf = publishing.shelf(met);
        Map<PictureId, PictureFiles> files = shelf.draftFiles(Map.of());
        PictureFiles first = Material.firstPicture(met).map(files::get).orElse(Edition.NO_PICTURE);
        Material material = new Material(met, publishing.facts(shelf), files, first);
        String days =
                met.slides().stream().map(slide -> slide.showing().toString()).collect(Collectors.joining());
        return Fingerprint.of(FragmentWriter.write(material, "met"), days);
    }
}
