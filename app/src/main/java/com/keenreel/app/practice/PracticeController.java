package com.keenreel.app.practice;

import com.keenreel.app.access.Settings;
import com.keenreel.app.access.SiteGuard;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PracticePage;
import com.keenreel.app.store.PracticePage.Block;
import com.keenreel.app.store.PracticePage.Kind;
import com.keenreel.app.store.PracticeStore;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import tools.jackson.databind.JsonNode;

/** Editing the practice pages, and the practice site itself. */
@Controller
class PracticeController {
    private final PracticeStore pages;
    private final Settings settings;

    PracticeController(PracticeStore pages, Settings settings) {
        this.pages = pages;
        this.settings = settings;
    }

    /**
     * A kind of block, as it is edited.
     *
     * @param words what it is called
     * @param rows of its field
     * @param type the class of its field
     */
    record Editable(String word, String words, int rows, String type) {
        static Editable of(Kind kind) {
            return switch (kind) {
                case HEADING -> new Editable(kind.word(), "heading", 1, "");
                case TEXT -> new Editable(kind.word(), "text", 4, "");
                case EMBED -> new Editable(kind.word(), "Pasted code", 4, "code");
            };
        }
    }

    /** A block as it is edited. */
    record Shown(Editable kind, List<Offer> columns, String content) {}

    /** A page in a list; {@code current} is "page" for the one that is open, null for others. */
    record Linked(String slug, String title, @Nullable String current) {
        static List<Linked> of(List<PracticePage> pages, String open) {
            return pages.stream()
                    .map(page ->
                            new Linked(page.slug(), page.title(), page.slug().equals(open) ? "page" : null))
                    .toList();
        }
    }

    private static List<Offer> columns(String chosen) {
        return Offer.of(chosen, "wide", "from edge to edge", "main", "main column", "side", "side column");
    }

    @GetMapping({"/practice", "/practice/{slug}"})
    String edit(@PathVariable(required = false) String slug, Model model) {
        List<PracticePage> all = pages.all();
        PracticePage open = slug == null
                ? all.stream().findFirst().orElse(null)
                : pages.find(slug).orElseThrow(() -> new NotThere("There is no such practice page."));
        model.addAttribute("pages", Linked.of(all, open == null ? "" : open.slug()));
        model.addAttribute("open", open);
        model.addAttribute(
                "fresh",
                Arrays.stream(Kind.values())
                        .map(kind -> new Shown(Editable.of(kind), columns("main"), ""))
                        .toList());
        List<Block> blocks = open == null ? List.of() : open.blocks();
        model.addAttribute(
                "blocks",
                blocks.stream()
                        .map(block -> new Shown(Editable.of(block.kind()), columns(block.column()), block.content()))
                        .toList());
        model.addAttribute("site", settings.siteOrigin());
        return "practice";
    }

    /** Makes a page: {@code {title}}; its address is written in Latin letters, with a number where it is taken. */
    @PostMapping("/practice")
    @ResponseBody
    Map<String, String> make(@RequestBody JsonNode page) {
        return Map.of("slug", pages.make(page.path("title").asString("").strip()));
    }

    /** Keeps a page, new or changed: {@code {title, blocks: [{kind, column, content}]}}. */
    @PutMapping("/practice/{slug}")
    @ResponseBody
    Map<String, Object> put(@PathVariable String slug, @RequestBody JsonNode page) {
        pages.put(new PracticePage(slug, page.path("title").asString(""), PracticeStore.blocks(page.path("blocks"))));
        return Map.of("stored", true);
    }

    @DeleteMapping("/practice/{slug}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String slug) {
        pages.remove(slug);
    }

    /** A run of blocks: wide ones alone, or a main column beside a side column. */
    record Band(boolean wide, List<Block> main, List<Block> side) {
        /** The classes of its columns. */
        public String look() {
            return side.isEmpty() ? "columns alone" : "columns";
        }
    }

    @GetMapping({SiteGuard.PRACTICE + "/", SiteGuard.PRACTICE + "/{slug:[a-z0-9-]+}"})
    String site(@PathVariable(required = false) String slug, Model model) {
        List<PracticePage> all = pages.all();
        PracticePage page = all.stream()
                .filter(one -> slug == null || one.slug().equals(slug))
                .findFirst()
                .orElse(new PracticePage(
                        "not-here",
                        "Nothing here",
                        List.of(new Block(Kind.TEXT, "main", "There is no page at this address yet."))));
        model.addAttribute("pages", Linked.of(all, page.slug()));
        model.addAttribute("page", page);
        model.addAttribute("bands", bands(page.blocks()));
        return "practice-site";
    }

    private static List<Band> bands(List<Block> blocks) {
        List<Band> bands = new ArrayList<>();
        for (Block block : blocks) {
            boolean wide = block.column().equals("wide");
            if (bands.isEmpty() || bands.get(bands.size() - 1).wide() || wide) {
                bands.add(new Band(wide, new ArrayList<>(), new ArrayList<>()));
            }
            Band last = bands.get(bands.size() - 1);
            (block.column().equals("side") ? last.side() : last.main()).add(block);
        }
        return bands;
    }
}
