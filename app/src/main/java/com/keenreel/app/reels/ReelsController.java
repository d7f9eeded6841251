package com.keenreel.app.reels;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.access.Settings;
import com.keenreel.app.pages.Counted;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.pages.Paging;
import com.keenreel.app.store.Ids;
import com.keenreel.app.store.LibraryStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.SetStore;
import com.keenreel.app.store.Summary;
import com.keenreel.app.store.SummaryStore;
import com.keenreel.app.store.SummaryStore.Listed;
import com.keenreel.app.summaries.Summaries;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** All reels, and making a new one beside them. */
@Controller
class ReelsController {
    private static final int PAGE = 60;
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final ReelStore reels;
    private final PictureStore pictures;
    private final LibraryStore library;
    private final SetStore sets;
    private final Summaries summaries;
    private final Settings settings;
    private final PublicAddress publicAddress;

    ReelsController(
            ReelStore reels,
            PictureStore pictures,
            LibraryStore library,
            SetStore sets,
            Summaries summaries,
            Settings settings,
            PublicAddress publicAddress) {
        this.reels = reels;
        this.pictures = pictures;
        this.library = library;
        this.sets = sets;
        this.summaries = summaries;
        this.settings = settings;
        this.publicAddress = publicAddress;
    }

    /** A row of the list. */
    record Row(
            String id, String name, String says, Summary.State state, String revision, String address, String strip) {
        /** Whether it can be opened. */
        public boolean opens() {
            return state != Summary.State.CLOSED;
        }

        /** Whether pages can show it. */
        public boolean shown() {
            return !address.isEmpty();
        }

        /** Why no page shows it, as a sentence; empty where pages can, or where it cannot be opened. */
        public String noPage() {
            return shown() || !opens() ? "" : "No page can show it yet";
        }

        /** Its address as it is read. */
        public String addressShown() {
            return address.replaceFirst("^http://", "");
        }

        /** What its page for publishing is called. */
        public String publishing() {
            return shown() ? "Embed code" : "Publish";
        }
    }

    /** A starter as it is offered. */
    record Offered(String key, String title, String says, String purpose, int picturesPerSlide, String drawing) {
        static Offered of(Starter starter) {
            return new Offered(
                    starter.key(),
                    starter.title(),
                    starter.says(),
                    starter.purpose(),
                    starter.picturesPerSlide(),
                    StarterDrawing.of(starter));
        }
    }

    private static final List<Offered> STARTERS =
            Arrangements.starters().stream().map(Offered::of).toList();

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
        SummaryStore lists = summaries.upToDate();
        SummaryStore.Page found = lists.find(wish.wanted(), wish.from(PAGE), PAGE);
        int total = found.total();
        int all = wish.narrowed() ? lists.find(wish.widest(), 0, 0).total() : total;
        int binned = reels.binned();
        model.addAttribute("wish", wish);
        model.addAttribute("heading", total == 0 ? "Reels" : total == 1 ? "One reel" : total + " reels");
        model.addAttribute("seeks", all > 0 || wish.inBin());
        model.addAttribute("states", wish.states());
        model.addAttribute("orders", wish.orders());
        model.addAttribute("binned", binned > 0 && !wish.inBin() ? binned + " in the bin" : "");
        model.addAttribute("none", found.reels().isEmpty() ? none(wish, all, total) : "");
        model.addAttribute("narrowed", all > 0);
        model.addAttribute("paging", Paging.of(wish.page(), total, PAGE, "", wish::address));
        model.addAttribute("reels", found.reels().stream().map(this::row).toList());
        model.addAttribute("sets", following());
        model.addAttribute("pictureCount", library.counts().pictures());
        model.addAttribute("starters", STARTERS);
        return "reels";
    }

    /** Why there is no reel, as a sentence. */
    private static String none(ReelWish wish, int all, int total) {
        if (all > 0) {
            return total > 0 ? "That page is empty." : "No reel is like that.";
        }
        return wish.inBin()
                ? "The bin is empty."
                : "There is no reel yet. Choose a kind at the side, drop some pictures, give it a name: that is the whole way"
                        + " to the first one.";
    }

    /** The sets that a new reel can follow, and none of them; empty where there is no set. */
    private List<Offer> following() {
        List<Offer> following = new ArrayList<>();
        sets.all()
                .forEach(set -> following.add(new Offer(
                        set.id().value(),
                        "follow " + set.name() + ", " + Counted.of(set.pictures(), "picture"),
                        false)));
        if (!following.isEmpty()) {
            following.add(0, new Offer("", "follow a set", true));
        }
        return following;
    }

    private Row row(Listed reel) {
        Long live = reel.liveRevision();
        String revision = live == null || reel.state() != Summary.State.CHANGED
                ? "revision " + reel.revision()
                : reel.revision() + " here, " + live + " live";
        String when = WHEN.format(Instant.ofEpochMilli(reel.changedAt()).atZone(ZoneId.systemDefault()));
        boolean closed = reel.state() == Summary.State.CLOSED;
        return new Row(
                reel.id(),
                reel.name(),
                reel.says(),
                reel.state(),
                closed ? "" : revision + ", " + when,
                live == null || closed ? "" : publicAddress.origin() + "/r/" + reel.slug(),
                reel.strip());
    }

    /** Makes a reel: {@code {name, starter, slot, pictures: [id], follows: set, window}}. */
    @PostMapping("/reels")
    @ResponseBody
    Map<String, String> make(@RequestBody JsonNode request) {
        Starter starter = Arrangements.starter(request.path("starter").asString("banner"));
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
            reel = reel.withFollows(Following.of(set)).following(sets.members(set));
        }
        return Map.of(
                "id", reels.make(reel, request.path("window").asString("new")).id());
    }
}
