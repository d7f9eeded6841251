package com.keenreel.app.publishing;

import com.keenreel.app.access.Settings;
import com.keenreel.app.store.PracticePage;
import com.keenreel.app.store.PracticeStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.publish.Snippet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.bind.annotation.ResponseStatus;

/** The Publish page of a reel. */
@Controller
class PublishController {
    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final PracticeStore practice;
    private final Settings settings;

    PublishController(
            ReelStore reels,
            PublicationStore publications,
            Publishing publishing,
            PracticeStore practice,
            Settings settings) {
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
        this.practice = practice;
        this.settings = settings;
    }

    /** A practice page, and whether this reel is pasted into it. */
    record Place(String slug, String title, boolean shows) {}

    @GetMapping("/reels/{id}/publish")
    String page(@PathVariable String id, Model model) {
        StoredReel reel = reels.find(id);
        Optional<Published> live = publications.live(id);
        boolean changed = live.map(one -> publishing.changedSince(reel, one)).orElse(true);
        String address = settings.publicOrigin() + "/r/" + reel.slug();
        model.addAttribute("id", id);
        model.addAttribute("name", reel.reel().name());
        model.addAttribute("slides", reel.reel().slides().size());
        model.addAttribute("revision", reel.revision());
        model.addAttribute("live", live.orElse(null));
        model.addAttribute("wasLive", reel.wasLive());
        model.addAttribute("changed", changed);
        model.addAttribute(
                "changes", live.map(one -> reels.since(id, one.revision())).orElse(List.of()));
        model.addAttribute("address", address);
        model.addAttribute("loopback", settings.publicAddress().isEmpty());
        model.addAttribute("origin", settings.publicOrigin());
        model.addAttribute("slot", reel.reel().slot().toString());
        live.ifPresent(one -> {
            Snippet snippet = publishing.snippet(reel, one);
            model.addAttribute("element", snippet.element());
            model.addAttribute("frame", snippet.frame());
        });
        model.addAttribute("site", settings.siteOrigin());
        model.addAttribute(
                "places",
                practice.all().stream().map(page -> place(page, address)).toList());
        return "publish";
    }

    private static Place place(PracticePage page, String address) {
        return new Place(
                page.slug(),
                page.title(),
                page.blocks().stream().anyMatch(block -> block.content().contains(address + "\"")));
    }

    /** Publishes the head. */
    @PostMapping("/reels/{id}/publication")
    @ResponseBody
    Map<String, Object> publish(@PathVariable String id) {
        StoredReel reel = reels.find(id);
        Published live = publishing.publish(reel);
        Snippet snippet = publishing.snippet(reel, live);
        return Map.of(
                "publication", live.id(),
                "revision", live.revision(),
                "slug", reel.slug(),
                "address", settings.publicOrigin() + "/r/" + reel.slug(),
                "element", snippet.element(),
                "frame", snippet.frame());
    }

    /** Takes the reel down. */
    @DeleteMapping("/reels/{id}/publication")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeDown(@PathVariable String id) {
        publications.takeDown(reels.find(id).id());
    }
}
