package com.keenreel.app.bench;

import com.keenreel.app.pages.Offer;
import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.PathsMeant;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.EditStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.SetStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.Undoing;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Schedule;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.util.StringUtils;

/** Gathers what the bench shows of one state of a reel. */
@Component
class Bench {
    private static final List<SetOrder> ARRANGEMENTS = List.of(
            SetOrder.BY_NAME,
            SetOrder.BY_NAME_REVERSED,
            SetOrder.OLDEST,
            SetOrder.NEWEST,
            SetOrder.LAID_OUT_REVERSED,
            SetOrder.SHUFFLED);

    private final Publishing publishing;
    private final PublicationStore publications;
    private final ReelStore reels;
    private final EditStore edits;
    private final SetStore sets;
    private final CardMarkup cardMarkup;
    private final PathsMeant pathsMeant;

    Bench(
            Publishing publishing,
            PublicationStore publications,
            ReelStore reels,
            EditStore edits,
            SetStore sets,
            CardMarkup cardMarkup,
            PathsMeant pathsMeant) {
        this.pathsMeant = pathsMeant;
        this.cardMarkup = cardMarkup;
        this.publishing = publishing;
        this.publications = publications;
        this.reels = reels;
        this.edits = edits;
        this.sets = sets;
    }

    /**
     * Everything that the templates of the bench read.
     *
     * @param draft the reel
     * @param window whose undo and redo are meant; null when it is not known yet
     * @param slide the slide whose sheet is open; null for the brief
     */
    Map<String, Object> model(Draft draft, @Nullable String window, @Nullable String slide) {
        StoredReel stored = draft.stored();
        Reel shown = draft.reel();
        Layout layout = draft.layout();
        Optional<Published> live = publications.live(stored.id());
        Optional<Undoing> undoing = Optional.ofNullable(window).map(own -> edits.undoing(stored.id(), own));

        Map<String, Object> model = new LinkedHashMap<>();
        model.put("id", stored.id());
        model.put("name", shown.name());
        model.put("slug", stored.slug());
        model.put("revision", stored.revision());
        boolean changed = live.isPresent() && publishing.changedSince(stored, live.get());
        model.put("state", state(stored, live, changed));
        model.put("next", next(stored, live.isPresent(), changed));
        model.put("canUndo", undoing.flatMap(Undoing::toUndo).isPresent());
        model.put("canRedo", undoing.flatMap(Undoing::toRedo).isPresent());
        model.put("screens", Screen.of(draft, null));
        model.put("line", WidthLine.of(shown, layout));
        model.put("slotKind", shown.slot().kind().name().toLowerCase(Locale.ROOT));
        Arrangement arrangement = Arrangements.of(shown);
        Motion motion = arrangement.motion(shown);
        List<Card> cards = Card.of(draft);
        boolean picked = shown.follows() == null;
        model.put("cards", cards);
        model.put("drawnCards", cardMarkup.of(cards, slide));
        model.put("cardsLook", motion.stops() ? "cards" : "cards without-joints");
        model.put("runsOn", runsOn(arrangement, motion, cards));
        model.put("timed", motion.stops() && !cards.isEmpty());
        model.put("goesOn", !cards.isEmpty() && cards.get(0).playing());
        model.put("plays", !(motion instanceof Motion.Still) && !cards.isEmpty());
        boolean scrolled = motion instanceof Motion.ByScroll && !cards.isEmpty();
        model.put("whole", scrolled ? Motion.ByScroll.WHOLE : null);
        model.put("runs", motion instanceof Motion.ByTime && !cards.isEmpty());
        model.put("lap", lap(draft.seen(), layout));
        model.put("source", source(shown));
        model.put("picked", picked);
        model.put("mayBegin", picked && cards.isEmpty());
        model.put("mayArrange", picked && cards.size() > 1);
        model.put("mayAddColour", picked && arrangement.shows(new Carries.Plain(Colour.DARK)));
        model.put("arrangements", Offer.of(ARRANGEMENTS, SetOrder::word, Bench::arranging, ""));
        model.put("brief", shown.slides().isEmpty() ? List.of() : Brief.of(shown, layout, draft.facts()));
        Sheet sheet = sheet(draft, slide);
        model.put("sheet", sheet);
        model.put("asksPaths", sheet != null && sheet.leadsToOwn() && !pathsMeant.isSaid());
        model.put("others", reels.count() > 1);
        model.put("stops", motion.stops());
        model.put("titled", arrangement.tells(Words.Field.TITLE));
        model.put("worded", arrangement.tells(Words.Field.TEXT));
        return model;
    }

    /** What an order brings slides into is called; one of them has no set to speak of here. */
    private static String arranging(SetOrder order) {
        return order == SetOrder.LAID_OUT_REVERSED ? "the last first" : order.words();
    }

    /** "Slides in running order", where there are no stops to count; empty where there are. */
    private static String runsOn(Arrangement arrangement, Motion motion, List<Card> cards) {
        if (cards.isEmpty()) {
            return "No slides yet";
        }
        if (motion.stops()) {
            return "";
        }
        return StringUtils.capitalize(arrangement.slides()) + " in running order";
    }

    /**
     * Where slides come from.
     *
     * @param sets the sets that can be followed, and none of them
     * @param set the one that is followed; null where slides are picked by hand
     */
    record Source(List<Offer> sets, @Nullable String set, List<Offer> orders, int most, List<Offer> goesLive) {}

    /** Null where there is no set to follow. */
    private @Nullable Source source(Reel reel) {
        Following follows = reel.follows();
        List<Offer> all = new ArrayList<>();
        all.add(new Offer("", "picked by hand", follows == null));
        sets.names()
                .forEach(set -> all.add(new Offer(
                        set.id().value(),
                        "follow " + set.name(),
                        follows != null && follows.set().equals(set.id()))));
        if (follows == null) {
            return all.size() == 1 ? null : new Source(all, null, List.of(), 0, List.of());
        }
        return new Source(
                all,
                follows.set().value(),
                Offer.of(
                        List.of(SetOrder.values()),
                        SetOrder::word,
                        SetOrder::words,
                        follows.order().word()),
                follows.most(),
                Offer.of(follows.byItself() ? "yes" : "", "", "waits to be published", "yes", "goes live by itself"));
    }

    /** The sheet of a slide; empty when the reel has no slide of that id. */
    static @Nullable Sheet sheet(Draft draft, @Nullable String slide) {
        if (slide == null) {
            return null;
        }
        return draft.reel()
                .slide(new SlideId(slide))
                .map(one -> Sheet.of(draft, one))
                .orElse(null);
    }

    private static String state(StoredReel stored, Optional<Published> live, boolean changed) {
        if (stored.binned()) {
            return "in the bin";
        }
        if (live.isEmpty()) {
            return stored.wasLive() ? "taken down" : "draft";
        }
        return changed ? "live is " + live.get().revision() : "live";
    }

    /** What comes next for somebody who makes a reel, as a sentence; empty where nothing has to. */
    private static String next(StoredReel stored, boolean live, boolean changed) {
        Reel shown = stored.reel();
        if (stored.binned() || shown.slides().isEmpty() || stored.wasLive() && !live) {
            return "";
        }
        if (!live) {
            boolean words =
                    shown.slides().stream().anyMatch(slide -> !slide.words().equals(Words.NONE));
            return words ? "Next: publish it." : "Next: press a card for words, or publish.";
        }
        return changed ? "Visitors see it when it is published again." : "";
    }

    private static String lap(Reel reel, Layout layout) {
        Motion motion = Arrangements.of(reel).motion(reel);
        if (reel.slides().isEmpty() || !motion.stops()) {
            return "";
        }
        Schedule schedule = Schedule.of(reel, motion, layout.usual(SetUp.DESK).stops());
        return String.format(Locale.ROOT, "%.1f", schedule.lap() / 1000.0);
    }
}
