package com.keenreel.app.publishing;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.access.Settings;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.store.Erasing;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Refusal;
import com.keenreel.publish.Folder;
import com.keenreel.publish.Snippet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The Publish page of a reel, and what is done on it. */
@Controller
@RequestMapping("/reels/{id}")
class PublishController {
    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final Standing standing;
    private final Settings settings;
    private final PublicAddress publicAddress;
    private final Erasing erasing;
    private final Ageing ageing;

    PublishController(
            ReelStore reels,
            PublicationStore publications,
            Publishing publishing,
            Standing standing,
            Settings settings,
            PublicAddress publicAddress,
            Erasing erasing,
            Ageing ageing) {
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
        this.standing = standing;
        this.settings = settings;
        this.publicAddress = publicAddress;
        this.erasing = erasing;
        this.ageing = ageing;
    }

    private String address(StoredReel reel) {
        return publicAddress.origin() + "/r/" + reel.slug();
    }

    @GetMapping("/publish")
    String page(@PathVariable String id, Model model) {
        StoredReel reel = reels.find(id);
        Optional<Published> live = publications.live(id);
        model.addAttribute("id", id);
        model.addAttribute("name", reel.reel().name());
        boolean empty = reel.reel().slides().isEmpty();
        String last = publications.liveLast(id).orElse(null);
        List<Standing.Place> places = standing.places(reel);
        List<String> changes = live.map(one -> standing.changes(reel, one)).orElse(List.of());
        model.addAttribute("empty", empty);
        model.addAttribute("live", live.orElse(null));
        model.addAttribute("never", live.isEmpty() && last == null);
        model.addAttribute("down", live.isEmpty() ? last : null);
        model.addAttribute("wasLive", live.isPresent() || last != null);
        model.addAttribute("changes", changes);
        model.addAttribute("sameOrChanged", changes.isEmpty() ? "live" : "changed");
        model.addAttribute("mayPublish", live.isEmpty() && last == null && !empty);
        model.addAttribute("mayPaste", live.isPresent() && changes.isEmpty() && places.isEmpty());
        model.addAttribute("publishing", live.isPresent() ? "Publish again" : "Publish");
        model.addAttribute("earlier", standing.earlier(reel));
        model.addAttribute(
                "kept",
                Offer.of(Ageing.CHOICES, String::valueOf, PublishController::days, String.valueOf(ageing.days())));
        model.addAttribute("places", places);
        model.addAttribute("address", address(reel));
        model.addAttribute("origin", publicAddress.origin());
        model.addAttribute("loopback", publicAddress.isLoopback());
        model.addAttribute("ownOrigin", publicAddress.isLoopback() ? "" : publicAddress.origin());
        model.addAttribute("fixed", publicAddress.isFixed());
        model.addAttribute("site", settings.siteOrigin());
        model.addAttribute("slot", reel.reel().slot().toString());
        model.addAttribute("ways", Placing.values());
        model.addAttribute("silent", standing.silentLinks(reel.reel()));
        live.ifPresent(one -> whatIsLive(reel, one, model));
        ahead(reel);
        return "publish";
    }

    private static String days(int days) {
        return switch (days) {
            case 0 -> "for good";
            case 365 -> "for a year";
            default -> "for " + days + " days";
        };
    }

    /** Who looks at this page may publish soon: what that needs is made meanwhile, after everything that is urgent. */
    private void ahead(StoredReel reel) {
        try {
            publishing.prepare(reel.reel(), JobStore.AHEAD);
        } catch (Refusal saidWhenPublishing) {
            // the page itself shows as well without
        }
    }

    private void whatIsLive(StoredReel reel, Published live, Model model) {
        Snippet snippet = publishing.snippet(reel, live);
        Map<String, Long> wentLive = publications.wentLive(reel.id());
        model.addAttribute("since", Standing.when(wentLive.getOrDefault(live.id(), live.madeAt())));
        model.addAttribute("comingHeights", standing.comingHeights(reel, live));
        model.addAttribute("otherHeights", standing.otherHeights(reel, live));
        model.addAttribute("practice", standing.practice(address(reel), snippet.reserved()));
        model.addAttribute("element", snippet.element());
        model.addAttribute("plainElement", snippet.plainElement());
        model.addAttribute("unframed", publishing.layout(live).goesByWindow());
        model.addAttribute("laid", publishing.layout(live).staysWhileScrolled());
        model.addAttribute("frame", snippet.frame());
        model.addAttribute("folderLine", publishing.folderLine(reel, live));
    }

    /**
     * Has the files of pictures made that publishing needs, before anything else, and says how far that is: ask again
     * until all are ready.
     *
     * @param again whether what could not be made is tried again at once
     */
    @PostMapping("/prints")
    @ResponseBody
    Prints.Progress prepare(@PathVariable String id, @RequestParam(defaultValue = "false") boolean again) {
        StoredReel reel = reels.find(id);
        if (again) {
            publishing.tryAgain(reel.reel());
        }
        return publishing.prepare(reel.reel(), JobStore.SOON);
    }

    /** Publishes the head. */
    @PostMapping("/publication")
    @ResponseBody
    Map<String, Object> publish(@PathVariable String id) {
        StoredReel reel = reels.find(id);
        Published live = publishing.publish(reel);
        return said(reel, live);
    }

    /** Makes an earlier publication live again: brings it back, or puts back what was taken down. */
    @PostMapping("/publications/{publication}/live")
    @ResponseBody
    Map<String, Object> bringBack(@PathVariable String id, @PathVariable String publication) {
        StoredReel reel = reels.find(id);
        Publishing.refuseBinned(reel);
        publications.bringBack(reel.id(), publication);
        return said(reel, live(reel));
    }

    private Map<String, Object> said(StoredReel reel, Published live) {
        Snippet snippet = publishing.snippet(reel, live);
        return Map.of(
                "publication", live.id(),
                "revision", live.revision(),
                "slug", reel.slug(),
                "address", address(reel),
                "element", snippet.element(),
                "plainElement", snippet.plainElement(),
                "frame", snippet.frame());
    }

    private Published live(StoredReel reel) {
        return publications.live(reel.id()).orElseThrow(() -> new NotThere("This reel is not live."));
    }

    /** Deletes an earlier publication for good, with the files that nothing else shows. */
    @DeleteMapping("/publications/{publication}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable String id, @PathVariable String publication) {
        erasing.publication(id, publication);
    }

    /** Takes the reel down. */
    @DeleteMapping("/publication")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeDown(@PathVariable String id) {
        publications.takeDown(reels.find(id).id());
    }

    /** Remembers that the code of what is live was copied, and so which height pages keep free. */
    @PostMapping("/code-taken")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void codeTaken(@PathVariable String id) {
        publications.takeCode(id, live(reels.find(id)).reserved());
    }

    /** Puts the element of what is live into a practice page, or a new one. */
    @PostMapping("/practice/{slug}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void practise(@PathVariable String id, @PathVariable String slug) {
        StoredReel reel = reels.find(id);
        Published live = live(reel);
        standing.putOn(slug, reel, address(reel), publishing.snippet(reel, live).element());
        publications.takeCode(id, live.reserved());
    }

    /** What is live as a folder, in a ZIP file. */
    @GetMapping("/folder")
    ResponseEntity<StreamingResponseBody> folder(@PathVariable String id) {
        StoredReel reel = reels.find(id);
        Published live = live(reel);
        Folder folder = publishing.folder(reel, live);
        ContentDisposition saved =
                ContentDisposition.attachment().filename(reel.slug() + ".zip").build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, saved.toString())
                .body(out -> folder.zip(out, address -> publishing.kept(live, address)));
    }
}
