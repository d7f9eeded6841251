package com.keenreel.app.pictures;

import com.keenreel.app.document.DocumentJson;
import com.keenreel.app.jobs.Workers;
import com.keenreel.app.publishing.ByItself;
import com.keenreel.app.publishing.PathsMeant;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.SetStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.VersionStore;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Link;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Fit;
import com.keenreel.core.space.Length;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** One picture by itself: its words, focal point and crops, how it is turned and trimmed, and its versions. */
@Controller
class PictureSheetController {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter TAKEN = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final PictureStore pictures;
    private final VersionStore versions;
    private final SetStore sets;
    private final ReelStore reels;
    private final ContentFiles files;
    private final JobStore jobs;
    private final Workers workers;
    private final ByItself byItself;
    private final PathsMeant pathsMeant;

    PictureSheetController(
            PictureStore pictures,
            VersionStore versions,
            SetStore sets,
            ReelStore reels,
            ContentFiles files,
            JobStore jobs,
            Workers workers,
            ByItself byItself,
            PathsMeant pathsMeant) {
        this.pictures = pictures;
        this.versions = versions;
        this.sets = sets;
        this.reels = reels;
        this.files = files;
        this.jobs = jobs;
        this.workers = workers;
        this.byItself = byItself;
        this.pathsMeant = pathsMeant;
    }

    /** A screen with the part of the picture that it shows, in px of that screen. */
    record Crop(String screen, double width, double height, double x, double y, double w, double h, String loss) {
        private static final double SCALE = 5.4;

        /** How wide it is drawn, px. */
        public double drawnWidth() {
            return width / SCALE;
        }

        /** How high it is drawn, px. */
        public double drawnHeight() {
            return height / SCALE;
        }
    }

    /** How much is trimmed off a side, per cent. */
    record Trim(String side, String percent) {}

    /** A colour of the picture, and where it is drawn, px. */
    record Swatch(int x, String colour) {}

    /** A version in the list of them. */
    record Former(long id, String says, String thumbnail, boolean shown) {}

    /** A reel that shows it. */
    record Use(String id, String name, boolean live) {
        /** Whether visitors see it there. */
        public String says() {
            return live ? "live; changes when it is published" : "not live";
        }
    }

    /** The picture small, in its newest version. */
    @GetMapping("/pictures/{id:[a-z0-9]{1,24}}/small")
    String small(@PathVariable String id) {
        return "redirect:" + Shelf.thumbnail(pictures.find(new PictureId(id)).version());
    }

    @GetMapping("/pictures/{id:[a-z0-9]{1,24}}")
    String sheet(@PathVariable String id, @RequestParam(defaultValue = "16:9") String ratio, Model model) {
        StoredPicture picture = pictures.find(new PictureId(id));
        Version version = picture.version();
        model.addAttribute("picture", Shown.of(picture));
        KeptVideo video = version.video();
        model.addAttribute("adjusts", version.format() != Format.SVG && video == null);
        model.addAttribute("video", Shelf.video(version));
        model.addAttribute("standsFor", video == null ? "" : video.sha256());
        model.addAttribute("large", Shelf.large(version));
        model.addAttribute("focal", version.focal());
        model.addAttribute("chosen", version.chosen() != null);
        model.addAttribute("ratio", ratio(ratio).toString());
        model.addAttribute("crops", crops(version, ratio(ratio)));
        model.addAttribute("facts", String.join(", ", facts(picture)));
        model.addAttribute("palette", palette(version));
        model.addAttribute("quarters", version.adjustment().quarters());
        model.addAttribute("trims", trims(version));
        model.addAttribute(
                "uses",
                reels.showing(picture.id()).stream()
                        .map(reel -> new Use(reel.id(), reel.reel().name(), reel.live() != null))
                        .toList());
        List<String> in = sets.names(List.of(picture.id())).getOrDefault(picture.id(), List.of());
        model.addAttribute("sets", in.isEmpty() ? "In no set." : "In sets: " + String.join(", ", in) + ".");
        List<Former> all = versions(picture);
        model.addAttribute("versions", all.size() > 1 ? all : List.of());
        model.addAttribute("version", version.id());
        model.addAttribute("asksPaths", Link.isOwn(picture.words().link()) && !pathsMeant.isSaid());
        model.addAttribute("binned", picture.binned());
        model.addAttribute("unmade", unmade(version));
        model.addAttribute("drawn", version.state() != StoredPicture.State.FAILED);
        return "picture";
    }

    /** Why the picture is not ready, as a sentence; empty where it is, or merely has its turn to come. */
    private String unmade(Version version) {
        String problem = version.problem();
        return problem != null
                ? problem
                : jobs.problem(version.id())
                        .or(() -> jobs.waitsFor(version.id()))
                        .orElse("");
    }

    private static List<Swatch> palette(Version version) {
        List<Swatch> palette = new ArrayList<>();
        PictureTraits traits = version.traits();
        if (traits != null) {
            traits.palette().forEach(colour -> palette.add(new Swatch(30 * palette.size(), colour.hex())));
        }
        return palette;
    }

    private static List<Trim> trims(Version version) {
        Adjustment adjustment = version.adjustment();
        return List.of(
                new Trim("left", Numbers.rounded(100 * adjustment.left(), 1)),
                new Trim("top", Numbers.rounded(100 * adjustment.top(), 1)),
                new Trim("right", Numbers.rounded(100 * adjustment.right(), 1)),
                new Trim("bottom", Numbers.rounded(100 * adjustment.bottom(), 1)));
    }

    private static Ratio ratio(String said) {
        try {
            return Ratio.read(said);
        } catch (IllegalArgumentException notARatio) {
            return Ratio.read("16:9");
        }
    }

    /** The same ratio on the three screens that everybody thinks of first. */
    private static List<Crop> crops(Version version, Ratio ratio) {
        List<Crop> crops = new ArrayList<>();
        for (SetUp screen : SetUp.values()) {
            double width = screen.usualPage();
            double height = width / ratio.value();
            Box box = Fit.of(FitKind.FILL, version.facts(), Length.px(width), Length.px(height), version.focal());
            crops.add(new Crop(
                    screen.title(),
                    width,
                    height,
                    box.left().at(width),
                    box.top().at(width),
                    box.width().at(width),
                    box.height().at(width),
                    Math.round(100 * Fit.loss(box, width, height, width)) + " % cut off"));
        }
        return crops;
    }

    private static List<String> facts(StoredPicture picture) {
        Version version = picture.version();
        List<String> facts = new ArrayList<>();
        facts.add(version.width() + " × " + version.height() + " px");
        KeptVideo video = version.video();
        if (video == null) {
            facts.add(version.format() + " of " + size(version.bytes()));
        } else {
            facts.add(video.kind().called() + " " + video.says());
            facts.add(size(version.bytes()));
        }
        if (picture.taken() != null) {
            facts.add("taken " + TAKEN.format(picture.taken()));
        }
        if (!version.note().isEmpty()) {
            facts.add(version.note());
        }
        return facts;
    }

    private static String size(long bytes) {
        return bytes < 100_000
                ? String.format(Locale.ENGLISH, "%.1f kB", bytes / 1e3)
                : String.format(Locale.ENGLISH, "%.1f MB", bytes / 1e6);
    }

    private List<Former> versions(StoredPicture picture) {
        List<Former> all = new ArrayList<>();
        for (Map.Entry<Version, Long> one : versions.versions(picture.id())) {
            Version version = one.getKey();
            if (version.state() == StoredPicture.State.FAILED) {
                continue;
            }
            Adjustment adjustment = version.adjustment();
            String how = adjustment.equals(Adjustment.NONE)
                    ? ""
                    : (adjustment.quarters() == 0 ? "" : ", turned") + (adjustment.isTrimmed() ? ", trimmed" : "");
            all.add(new Former(
                    version.id(),
                    WHEN.format(Instant.ofEpochMilli(one.getValue()).atZone(ZoneId.systemDefault())) + ", "
                            + version.width() + " × " + version.height() + how,
                    Shelf.thumbnail(version),
                    version.id() == picture.version().id()));
        }
        return all;
    }

    /** Chooses the focal point: {@code {x, y}}; nothing takes it back to the calculated one. */
    @PutMapping("/pictures/{id}/focal")
    @ResponseBody
    Shown focus(@PathVariable String id, @RequestBody JsonNode said) {
        FocalPoint chosen = said.has("x") ? DocumentJson.focal(said) : null;
        return changed(versions.focus(new PictureId(id), chosen));
    }

    /** Turns and trims: {@code {quarters, left, top, right, bottom}}. */
    @PutMapping("/pictures/{id}/adjustment")
    @ResponseBody
    Shown adjust(@PathVariable String id, @RequestBody JsonNode said) throws Refused {
        PictureId picture = new PictureId(id);
        Version now = pictures.find(picture).version();
        Adjustment adjustment = new Adjustment(
                Math.floorMod(said.path("quarters").asInt(0), 4),
                said.path("left").asDouble(0),
                said.path("top").asDouble(0),
                said.path("right").asDouble(0),
                said.path("bottom").asDouble(0));
        return changed(versions.adjust(picture, Received.look(files.read(now.sha256())), adjustment));
    }

    /** Shows an earlier version again: {@code {version}}. */
    @PutMapping("/pictures/{id}/version")
    @ResponseBody
    Shown bringBack(@PathVariable String id, @RequestBody JsonNode said) {
        return changed(
                versions.bringBack(new PictureId(id), said.path("version").asLong(0)));
    }

    /** Works on the picture again, which failed or waits. */
    @PostMapping("/pictures/{id}/again")
    @ResponseBody
    Shown again(@PathVariable String id) {
        PictureId picture = new PictureId(id);
        versions.tryAgain(pictures.find(picture).version().id());
        return changed(pictures.find(picture));
    }

    private Shown changed(StoredPicture picture) {
        workers.ring();
        byItself.look();
        return Shown.of(picture);
    }
}
