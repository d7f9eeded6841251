package com.keenreel.app.reels;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.access.Settings;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.Ids;
import com.keenreel.app.store.LibraryStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.SetStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.app.store.Unreadable;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Arrangement;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Numbers;
import com.keenreel.core.reel.Options;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.ReelWidth;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Starter;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** All reels, and making a new one beside them. */
@Controller
class ReelsController {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final ReelStore reels;
    private final PictureStore pictures;
    private final LibraryStore library;
    private final SetStore sets;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final Settings settings;
    private final PublicAddress publicAddress;

    ReelsController(
            ReelStore reels,
            PictureStore pictures,
            LibraryStore library,
            SetStore sets,
            PublicationStore publications,
            Publishing publishing,
            Settings settings,
            PublicAddress publicAddress) {
        this.reels = reels;
        this.pictures = pictures;
        this.library = library;
        this.sets = sets;
        this.publications = publications;
        this.publishing = publishing;
        this.settings = settings;
        this.publicAddress = publicAddress;
    }

    /** A row of the list. State is "draft", "live", "changed", "down", or "closed" where it cannot be read. */
    record Row(
            String id,
            String name,
            String says,
            String state,
            String stateSays,
            String revision,
            String address,
            String strip) {
        static Row of(ReelStore.Closed closed) {
            return new Row(closed.id(), closed.name(), closed.why(), "closed", "Cannot be read", "", "", "");
        }

        /** Whether it can be opened. */
        public boolean opens() {
            return !state.equals("closed");
        }
    }

    /** A starter as it is offered. */
    record Offer(String key, String title, String says, String purpose, int picturesPerSlide, String drawing) {}

    @GetMapping("/")
    String home() {
        return "redirect:/reels";
    }

    @GetMapping("/help")
    String help(Model model) {
        model.addAttribute("settings", settings);
        return "help";
    }

    @GetMapping({"/reels", "/reels/new"})
    String list(ReelWish wish, Model model) {
        boolean bin = wish.bin().equals("yes");
        ReelStore.Listed listed = reels.listed(bin);
        List<Row> rows = new ArrayList<>(listed.reels().stream().map(this::row).toList());
        listed.closed().forEach(closed -> rows.add(Row.of(closed)));
        model.addAttribute("wish", wish);
        model.addAttribute("all", rows.size());
        model.addAttribute("binned", reels.binned());
        model.addAttribute("reels", wish.of(rows));
        model.addAttribute("sets", sets.all());
        model.addAttribute("pictureCount", library.counts().pictures());
        model.addAttribute(
                "starters",
                Arrays.stream(Starter.values())
                        .map(starter -> new Offer(
                                starter.name().toLowerCase(Locale.ROOT),
                                starter.title(),
                                starter.says(),
                                starter.purpose(),
                                starter.picturesPerSlide(),
                                StarterDrawing.of(starter)))
                        .toList());
        return "reels";
    }

    private Row row(StoredReel reel) {
        try {
            return readable(reel);
        } catch (Unreadable unreadable) { // what is live of it
            return Row.of(new ReelStore.Closed(reel.id(), reel.reel().name(), String.valueOf(unreadable.getMessage())));
        }
    }

    private Row readable(StoredReel reel) {
        String state = "draft";
        String says = "Draft";
        String revision = "revision " + reel.revision();
        var live = publications.live(reel.id());
        if (live.isPresent()) {
            boolean changed = publishing.changedSince(reel, live.get());
            state = changed ? "changed" : "live";
            says = changed ? "Live, changed since" : "Live";
            revision = changed ? reel.revision() + " here, " + live.get().revision() + " live" : revision;
        } else if (reel.wasLive()) {
            state = "down";
            says = "Taken down";
        }
        String when = WHEN.format(Instant.ofEpochMilli(reel.changedAt()).atZone(ZoneId.systemDefault()));
        return new Row(
                reel.id(),
                reel.reel().name(),
                says(reel.reel()),
                state,
                says,
                revision + ", " + when,
                live.isPresent() ? publicAddress.origin() + "/r/" + reel.slug() : "",
                Strip.of(reel.reel(), publishing.shelf(reel.reel()), reel.id()));
    }

    /** "Row of 3, at most 1200 px wide, 1:1, 9 slides". */
    static String says(Reel reel) {
        List<String> says = new ArrayList<>();
        Arrangement desk = Arrangement.of(reel.choices(), SetUp.DESK);
        boolean pairs = reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair);
        if (desk instanceof Arrangement.Marquee marquee) {
            says.add("Marquee of " + reel.slides().size() + " logos");
            says.add(Numbers.plain(marquee.speed()) + " px/s");
        } else if (desk instanceof Arrangement.Row row) {
            says.add("Row of " + row.shown());
        } else {
            says.add(pairs ? "Comparison" : reel.movesByItself() ? "Banner, one at a time" : "One at a time");
        }
        ReelWidth width = reel.choices().get(Options.WIDTH);
        says.add(width.equals(ReelWidth.FILLS) ? "fills its slot" : width.toString());
        if (!(desk instanceof Arrangement.Marquee)) {
            says.add(reel.choices().get(Options.RATIO, SetUp.DESK).toString());
            String kind = pairs ? "pair" : "slide";
            says.add(reel.slides().size() + " " + kind + (reel.slides().size() == 1 ? "" : "s"));
        }
        return String.join(", ", says);
    }

    /** Makes a reel: {@code {name, starter, slot, pictures: [id], follows: set, window}}. */
    @PostMapping("/reels")
    @ResponseBody
    Map<String, String> make(@RequestBody JsonNode request) {
        Starter starter =
                Starter.valueOf(request.path("starter").asString("banner").toUpperCase(Locale.ROOT));
        List<PictureId> chosen = new ArrayList<>();
        request.path("pictures").forEach(id -> chosen.add(new PictureId(id.asString())));
        if (pictures.all(chosen).size() != chosen.stream().distinct().count()) {
            throw new Refusal("One of those pictures is no longer in the library.");
        }
        String name = request.path("name").asString("");
        if (name.isBlank()) {
            throw new Refusal("Give the reel a name, so that you find it again.");
        }
        Reel reel = starter.make(
                name, Slot.read(request.path("slot").asString("full")), chosen, () -> new SlideId(Ids.fresh()));
        if (request.hasNonNull("follows")) {
            SetId set = new SetId(request.path("follows").asString());
            reel = reel.withFollows(new Following(set, SetOrder.LAID_OUT, 500, false))
                    .following(sets.members(set));
        }
        return Map.of(
                "id", reels.make(reel, request.path("window").asString("new")).id());
    }
}
