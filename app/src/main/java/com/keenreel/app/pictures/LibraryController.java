package com.keenreel.app.pictures;

import com.keenreel.app.pages.Counted;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.pages.Paging;
import com.keenreel.app.publishing.ByItself;
import com.keenreel.app.store.Library.Found;
import com.keenreel.app.store.LibraryStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.SetStore;
import com.keenreel.app.summaries.Summaries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** The picture library: what is there, in sets, found again. */
@Controller
class LibraryController {
    private static final int PAGE = 120;
    private static final int MOST_PAGES = 200;

    private final PictureStore pictures;
    private final LibraryStore library;
    private final SetStore sets;
    private final Summaries summaries;
    private final Binning binning;
    private final ByItself byItself;

    LibraryController(
            PictureStore pictures,
            LibraryStore library,
            SetStore sets,
            Summaries summaries,
            Binning binning,
            ByItself byItself) {
        this.pictures = pictures;
        this.library = library;
        this.sets = sets;
        this.summaries = summaries;
        this.binning = binning;
        this.byItself = byItself;
    }

    /**
     * A set beside the pictures.
     *
     * @param look its class
     * @param current "page" for the one that is open; null for others
     */
    record SetShown(
            String id,
            String name,
            String says,
            List<String> thumbnails,
            boolean open,
            String look,
            @Nullable String current) {}

    /**
     * A shelf of the library.
     *
     * @param current "page" for the one that is open; null for others
     */
    record Shelved(
            String address,
            String words,
            long count,
            @Nullable String current) {}

    /**
     * What of the library wants somebody's eye.
     *
     * @param flag the classes of its flag; empty for none
     */
    record Mark(String address, String words, String look, String flag) {}

    @GetMapping("/pictures")
    String page(Wish wish, @RequestParam(defaultValue = "") String coming, Model model) {
        Set<PictureId> soft = summaries.upToDate().soft();
        Found found = library.find(wish.wanted(soft), wish.from(PAGE), PAGE);
        List<Shown> shown = found.pictures().stream()
                .map(picture -> Shown.of(picture, soft.contains(picture.id())))
                .toList();
        var counts = library.counts();
        model.addAttribute("wish", wish);
        model.addAttribute("orders", wish.orders());
        model.addAttribute("uses", wish.uses());
        model.addAttribute("alts", wish.alts());
        model.addAttribute("sizes", wish.sizes());
        model.addAttribute("sorts", sorts());
        boolean all = wish.set().isEmpty() && !wish.inBin();
        model.addAttribute(
                "shelves",
                List.of(
                        shelf(
                                "/pictures",
                                "All pictures",
                                counts.pictures(),
                                all && !wish.used().equals("no")),
                        shelf(
                                "/pictures?used=no",
                                "Not in any reel",
                                counts.unused(),
                                all && wish.used().equals("no")),
                        shelf("/pictures?bin=yes", "In the bin", counts.binned(), wish.inBin())));
        model.addAttribute("kept", kept(counts.bytes()));
        model.addAttribute("total", found.total());
        model.addAttribute("marks", marks(wish, found, soft.size()));
        model.addAttribute("draggable", wish.laidOut() ? "true" : null);
        model.addAttribute("rows", Rows.of(shown, coming));
        model.addAttribute("none", found.total() > 0 ? "" : none(wish, counts.pictures() == 0));
        model.addAttribute("sets", shown(wish.set()));
        model.addAttribute(
                "paging",
                Paging.of(wish.page(), found.total(), PAGE, ", " + found.total() + " pictures", wish::address));
        return "pictures";
    }

    private static Shelved shelf(String address, String words, long count, boolean open) {
        return new Shelved(address, words, count, open ? "page" : null);
    }

    private static List<Mark> marks(Wish wish, Found found, int soft) {
        List<Mark> marks = new ArrayList<>();
        if (found.missing() > 0) {
            marks.add(new Mark(wish.address("no"), found.missing() + " without alt text", "warn", "flag"));
        }
        if (found.fromFiles() > 0) {
            String words = Counted.of(found.fromFiles(), "says", "say") + " what was found in the file";
            marks.add(new Mark(wish.address("found"), words, "word", ""));
        }
        if (soft > 0) {
            marks.add(new Mark("/pictures?size=soft", soft + " too small", "warn", "flag small"));
        }
        return marks;
    }

    /** The orders that a whole set can be laid out in. */
    private static List<Offer> sorts() {
        List<SetOrder> all = new ArrayList<>(List.of(SetOrder.values()));
        all.remove(SetOrder.LAID_OUT);
        return Offer.of(all, SetOrder::word, one -> one == SetOrder.LAID_OUT_REVERSED ? "reversed" : one.words(), "");
    }

    /** Why there is no picture, as a sentence. */
    private static String none(Wish wish, boolean noneAtAll) {
        if (wish.inBin()) {
            return "The bin is empty.";
        }
        if (noneAtAll) {
            return "There are no pictures yet. Drop photographs (JPEG, HEIC, AVIF, PNG, WebP, TIFF, GIF) or drawings (SVG)"
                    + " here, or a whole folder, as they come from the camera. They are turned upright by themselves.";
        }
        return wish.narrowed()
                ? "No picture is like that."
                : "This set is empty. Drop pictures here, or pick some on All pictures and put them into it.";
    }

    private List<SetShown> shown(String open) {
        List<SetStore.Stored> all = sets.all();
        Map<PictureId, String> thumbnails =
                pictures
                        .all(all.stream()
                                .flatMap(set -> set.first().stream())
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(
                                picture -> picture.id(),
                                picture -> Shown.of(picture).thumbnail()));
        Function<SetStore.Stored, List<String>> first = set -> {
            List<String> addresses = new ArrayList<>();
            set.first().forEach(id -> addresses.add(thumbnails.getOrDefault(id, "")));
            return addresses;
        };
        return all.stream()
                .map(set -> {
                    boolean here = set.id().value().equals(open);
                    return new SetShown(
                            set.id().value(),
                            set.name(),
                            set.pictures() + ", " + followers(set.followers()),
                            first.apply(set),
                            here,
                            here ? "open" : "",
                            here ? "page" : null);
                })
                .toList();
    }

    private static final String NO_PICTURE =
            "There are no pictures yet. Drop some on the page behind this, or on Pictures.";
    private static final String NO_SUCH_PICTURE = "No picture has these words in its name or its words.";

    private static String followers(int count) {
        return count == 0 ? "no reel follows it" : count == 1 ? "one reel follows it" : count + " reels follow it";
    }

    private static String kept(long bytes) {
        return bytes < 1_000_000_000L
                ? Math.max(1, Math.round(bytes / 1e6)) + " MB kept"
                : String.format(java.util.Locale.ROOT, "%.1f GB kept", bytes / 1e9);
    }

    /** The first pages of the choice of pictures that a dialog offers. */
    @GetMapping("/pictures/pick")
    String pick(Wish wish, @RequestParam(defaultValue = "1") int pages, Model model) {
        Found found = library.find(wish.wanted(Set.of()), 0, PAGE * Math.min(MOST_PAGES, Math.max(1, pages)));
        model.addAttribute("pictures", found.pictures().stream().map(Shown::of).toList());
        int shown = found.pictures().size();
        model.addAttribute("none", shown > 0 ? "" : wish.narrowed() ? NO_SUCH_PICTURE : NO_PICTURE);
        model.addAttribute("more", shown < found.total() ? shown + " of " + found.total() + ", newest first" : "");
        return "pick :: found";
    }

    /** Makes a set: {@code {id, name, pictures: [id]}}; the same id again changes nothing. Without one it gets one. */
    @PostMapping("/pictures/sets")
    @ResponseBody
    Map<String, String> makeSet(@RequestBody JsonNode request) {
        String wanted = request.path("id").asString("");
        SetId id = sets.make(
                wanted.isEmpty() ? sets.freshId() : new SetId(wanted),
                request.path("name").asString(""));
        sets.add(id, ids(request));
        return Map.of("id", id.value());
    }

    /**
     * What a change of a set makes of it.
     *
     * @param before what would bring it back, as a change
     * @param after what would do it again, as a change
     */
    record SetChanged(String id, SetSaid before, SetSaid after) {}

    /** What a set is called and has. */
    record SetSaid(String name, List<String> order) {
        static SetSaid of(SetStore.Contents contents) {
            return new SetSaid(
                    contents.name(),
                    contents.order().stream().map(PictureId::value).toList());
        }
    }

    /**
     * {@code {name}}, {@code {add: [id]}}, {@code {takeOut: [id]}}, {@code {move: [id], before: id}}, {@code {sort: order}}
     * or {@code {name, order: [id]}}.
     */
    @PutMapping("/pictures/sets/{set}")
    @ResponseBody
    SetChanged changeSet(@PathVariable String set, @RequestBody JsonNode request) {
        SetId id = new SetId(set);
        SetStore.Contents former = sets.contents(id);
        if (request.has("order")) {
            sets.contain(
                    id,
                    new SetStore.Contents(request.path("name").asString(former.name()), ids(request.path("order"))));
        } else if (request.has("name")) {
            sets.rename(id, request.path("name").asString(""));
        } else if (request.has("add")) {
            sets.add(id, ids(request.path("add")));
        } else if (request.has("takeOut")) {
            sets.takeOut(id, ids(request.path("takeOut")));
        } else if (request.has("move")) {
            PictureId before = request.hasNonNull("before")
                    ? new PictureId(request.path("before").asString())
                    : null;
            sets.move(id, ids(request.path("move")), before);
        } else if (request.has("sort")) {
            sets.sort(id, SetOrder.read(request.path("sort").asString()));
        }
        byItself.look();
        return new SetChanged(set, SetSaid.of(former), SetSaid.of(sets.contents(id)));
    }

    @DeleteMapping("/pictures/sets/{set}")
    @ResponseBody
    SetChanged removeSet(@PathVariable String set) {
        SetId id = new SetId(set);
        SetStore.Contents before = sets.contents(id);
        sets.remove(id);
        return new SetChanged(set, SetSaid.of(before), SetSaid.of(before));
    }

    /** What would happen to reels if those went into the bin: {@code {pictures: [id]}}. */
    @PostMapping("/pictures/bin/ask")
    @ResponseBody
    Map<String, Object> askBin(@RequestBody JsonNode request) {
        List<PictureId> ids = ids(request);
        return Map.of("question", binning.question(ids), "live", binning.isLive(ids));
    }

    /** Into the bin, or out of it: {@code {pictures: [id], into, everywhere}}. */
    @PostMapping("/pictures/bin")
    @ResponseBody
    Map<String, Integer> bin(@RequestBody JsonNode request) {
        List<PictureId> ids = ids(request);
        if (request.path("into").asBoolean(true)) {
            binning.bin(ids, request.path("everywhere").asBoolean(false));
        } else {
            binning.restore(ids);
        }
        return Map.of("pictures", ids.size());
    }

    /** What to ask before those are deleted for good: {@code {pictures: [id]}}. */
    @PostMapping("/pictures/erasure/ask")
    @ResponseBody
    Map<String, String> askErasure(@RequestBody JsonNode request) {
        return Map.of("question", binning.lastQuestion(ids(request)));
    }

    /** Deletes those for good, which lie in the bin: {@code {pictures: [id]}}. */
    @PostMapping("/pictures/erasure")
    @ResponseBody
    Map<String, Integer> erase(@RequestBody JsonNode request) {
        List<PictureId> ids = ids(request);
        binning.erase(ids);
        return Map.of("pictures", ids.size());
    }

    static List<PictureId> ids(JsonNode request) {
        List<PictureId> ids = new ArrayList<>();
        (request.isArray() ? request : request.path("pictures")).forEach(id -> ids.add(new PictureId(id.asString())));
        return ids;
    }
}
