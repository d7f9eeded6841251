package com.keenreel.app.bench;

import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.Library.Wanted;
import com.keenreel.app.store.LibraryStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.core.reel.PictureId;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The row of pictures below the running order, to take from. */
@Controller
class TrayController {
    private static final int READ = 1000;
    private static final int OFFERED = 60;

    private final ReelStore reels;
    private final LibraryStore library;

    TrayController(ReelStore reels, LibraryStore library) {
        this.reels = reels;
        this.library = library;
    }

    /** A picture to take. */
    public record Offered(String id, String name, String alt, String thumbnail) {
        /** What it is called for those who listen. */
        public String called() {
            return alt.isEmpty() ? name : alt;
        }
    }

    /** Pictures of the library that the reel does not show, added last first. */
    @GetMapping("/reels/{id}/unused")
    String unused(@PathVariable String id, Model model) {
        Set<PictureId> shown = reels.find(id).reel().pictures();
        List<Offered> offered = library.find(Wanted.ALL, 0, READ).pictures().stream()
                .filter(picture -> !shown.contains(picture.id()))
                .limit(OFFERED)
                .map(picture -> new Offered(
                        picture.id().value(),
                        picture.name(),
                        picture.words().alt(),
                        Shelf.thumbnail(picture.version())))
                .toList();
        model.addAttribute("pictures", offered);
        return "tray";
    }
}
