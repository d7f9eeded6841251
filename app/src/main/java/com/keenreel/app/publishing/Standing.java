package com.keenreel.app.publishing;

import com.keenreel.app.delivery.FetchLog;
import com.keenreel.app.store.FetchStore.Seen;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PracticePage;
import com.keenreel.app.store.PracticeStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.Difference;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Facts;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How a reel stands towards its visitors: what is live, where it is seen, what has changed, what was live before. */
@Component
class Standing {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);
    private static final String HEARD = "those who listen hear nothing but an address.";
    private static final int CHANGES = 12;
    private static final int EARLIER = 12;

    private final PublicationStore publications;
    private final Publishing publishing;
    private final FetchLog log;
    private final PracticeStore practice;
    private final Visible visible;

    Standing(PublicationStore publications, Publishing publishing, FetchLog log, PracticeStore practice) {
        this.publications = publications;
        this.publishing = publishing;
        this.log = log;
        this.practice = practice;
        this.visible = new Visible(publishing);
    }

    /** A page on which the reel was seen; {@code current} when it got what is live. */
    record Place(String page, String how, String when, String got, boolean current) {
        /** The page's address as it is read. */
        public String shown() {
            return page.replaceFirst("^https?://", "");
        }
    }

    /** An earlier publication, and what would change if it were brought back. */
    record Earlier(String id, long revision, String when, List<String> changes) {}

    /** The reel's height on one screen, before and after, px. */
    record Height(String screen, long before, long after) {}

    /** A practice page, whether this reel is pasted into it, and whether with code that keeps another height free. */
    record PracticeCode(String slug, String title, boolean shows, boolean old) {
        /** How it stands. */
        public String says() {
            return old ? "shows it with code that keeps an older height free" : shows ? "shows it" : "does not show it";
        }

        /** What a press would do; empty where the page has what is live. */
        public String putting() {
            return old ? "Put the new code there" : shows ? "" : "Put it there";
        }
    }

    static String when(long at) {
        return WHEN.format(Instant.ofEpochMilli(at).atZone(ZoneId.systemDefault()));
    }

    /** What a publication would change for visitors, in words; empty when nothing. */
    List<String> changes(StoredReel reel, Published live) {
        if (!publishing.changedSince(reel, live)) {
            return List.of();
        }
        List<String> words = new ArrayList<>(visible.between(live.document(), reel.reel()));
        Map<?, Long> now = publishing.shelf(reel.reel()).versions();
        if (live.versions().entrySet().stream()
                .anyMatch(shown ->
                        now.containsKey(shown.getKey()) && !shown.getValue().equals(now.get(shown.getKey())))) {
            words.add("the file of a picture was replaced");
        }
        if (words.isEmpty()) {
            words.add("a picture's own words, or Keen Reel's player, are newer");
        }
        return shortened(words);
    }

    private static List<String> differences(Reel before, Reel after) {
        return Difference.inWords(before, after.withSlot(before.slot()));
    }

    /** Says which slides are a link of a picture alone that says nothing to those who do not see it; empty for none. */
    String silentLinks(Reel reel) {
        Facts facts = publishing.facts(publishing.shelf(reel));
        List<String> silent = new ArrayList<>();
        for (Slide slide : reel.slides()) {
            Said said = facts.said(slide);
            boolean pictured = !slide.carries().pictures().isEmpty();
            if (pictured
                    && !said.link().isEmpty()
                    && !said.shows()
                    && said.alt().isEmpty()) {
                silent.add(String.valueOf(reel.slides().indexOf(slide) + 1));
            }
        }
        return switch (silent.size()) {
            case 0 -> "";
            case 1 -> "Slide " + silent.get(0) + " leads somewhere and has no alt text: " + HEARD;
            default -> "Slides " + String.join(", ", silent) + " lead somewhere and have no alt text: " + HEARD;
        };
    }

    private static List<String> shortened(List<String> words) {
        if (words.size() <= CHANGES) {
            return words;
        }
        List<String> some = new ArrayList<>(words.subList(0, CHANGES - 1));
        some.add("and " + (words.size() - some.size()) + " more");
        return some;
    }

    /** Where the reel was seen lately, seen last first. */
    List<Place> places(StoredReel reel) {
        Map<String, Long> revisions =
                publications.all(reel.id()).stream().collect(Collectors.toMap(Published::id, Published::revision));
        String live = String.valueOf(reel.live() == null ? "" : reel.live());
        List<Place> places = new ArrayList<>();
        for (Seen seen : log.of(reel.id())) {
            Long revision = revisions.get(seen.publication());
            places.add(new Place(
                    seen.page(),
                    seen.framed() ? "in a frame" : "as an element",
                    when(seen.at()),
                    revision == null ? "nothing: it was taken down" : "revision " + revision,
                    seen.publication().equals(live)));
        }
        return places;
    }

    /** What was live before, newest first, without what is live now. */
    List<Earlier> earlier(StoredReel reel) {
        Map<String, Long> wentLive = publications.wentLive(reel.id());
        List<Published> all = publications.all(reel.id());
        Optional<Reel> live = all.stream()
                .filter(one -> one.id().equals(reel.live()))
                .findFirst()
                .map(Published::document);
        return all.stream()
                .filter(one -> !one.id().equals(reel.live()))
                .limit(EARLIER)
                .map(one -> new Earlier(
                        one.id(),
                        one.revision(),
                        when(wentLive.getOrDefault(one.id(), one.madeAt())),
                        live.map(now -> shortened(differences(now, one.document())))
                                .orElse(List.of())))
                .toList();
    }

    /**
     * How high the reel is now where code that was copied earlier keeps another height free; empty when it keeps the right
     * one.
     */
    List<Height> otherHeights(StoredReel reel, Published live) {
        Optional<String> taken = publications.codeTaken(reel.id()).filter(code -> !code.equals(live.reserved()));
        return taken.flatMap(code -> publications.all(reel.id()).stream()
                        .filter(one -> one.reserved().equals(code))
                        .findFirst())
                .map(old -> heights(publishing.layout(old), publishing.layout(live)))
                .orElse(List.of());
    }

    /** How the height would change if the head were published; empty when it would not. */
    List<Height> comingHeights(StoredReel reel, Published live) {
        return publishing
                .reservedByHead(reel)
                .filter(code -> !code.equals(live.reserved()))
                .map(code -> heights(publishing.layout(live), publishing.layout(reel.reel())))
                .orElse(List.of());
    }

    private static List<Height> heights(Layout before, Layout after) {
        List<Height> heights = new ArrayList<>();
        Map<String, Integer> screens = new LinkedHashMap<>();
        screens.put("phone", 390);
        screens.put("tablet", 820);
        screens.put("desk", 1280);
        screens.forEach((screen, width) -> {
            long old = height(before, width);
            long now = height(after, width);
            if (old != now) {
                heights.add(new Height(screen, old, now));
            }
        });
        return heights;
    }

    private static long height(Layout layout, double width) {
        return Math.round(layout.heightInHost(layout.range(width)).at(width, Layout.WINDOW));
    }

    /** The practice pages, with what they have of this reel. */
    List<PracticeCode> practice(String address, String reserved) {
        return practice.all().stream()
                .map(page -> code(page, address, reserved))
                .toList();
    }

    /**
     * Puts the element into a practice page: in the place of older code of the same reel, else at the end, where its slot is.
     *
     * @param slug of the page; "new" for one that is made for it
     */
    void putOn(String slug, StoredReel reel, String address, String element) {
        String there = slug.equals("new") ? practice.make("Try-out") : slug;
        PracticePage page = practice.find(there).orElseThrow(() -> new NotThere("There is no such practice page."));
        String column = switch (reel.reel().slot().kind()) {
            case FULL -> "wide";
            case BOX -> "main";
            case COLUMN -> "side";
        };
        List<PracticePage.Block> blocks = new ArrayList<>(page.blocks());
        blocks.replaceAll(block -> block.content().contains(address + "\"")
                ? new PracticePage.Block(block.kind(), block.column(), element)
                : block);
        if (blocks.equals(page.blocks())) {
            blocks.add(new PracticePage.Block(PracticePage.Kind.EMBED, column, element));
        }
        practice.put(new PracticePage(there, page.title(), blocks));
    }

    private static PracticeCode code(PracticePage page, String address, String reserved) {
        List<String> codes = page.blocks().stream()
                .map(PracticePage.Block::content)
                .filter(content -> content.contains(address + "\""))
                .toList();
        boolean old = codes.stream().anyMatch(content -> content.contains("padding:") && !content.contains(reserved));
        return new PracticeCode(page.slug(), page.title(), !codes.isEmpty(), old);
    }
}
