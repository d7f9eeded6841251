package com.keenreel.app.bench;

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
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Schedule;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

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
        model.put("sets", sets.names());
        model.put("setOrders", SetOrder.values());
        model.put("follows", shown.follows());
        List<Card> cards = Card.of(draft);
        Arrangement arrangement = Arrangements.of(shown);
        model.put("cards", cards);
        model.put("drawnCards", cardMarkup.of(cards, slide));
        model.put("lap", lap(draft.seen(), layout));
        model.put("brief", shown.slides().isEmpty() ? List.of() : Brief.of(shown, layout, draft.facts()));
        model.put("sheet", sheet(draft, slide));
        model.put("pathsMeant", pathsMeant.isSaid());
        model.put("others", reels.count() > 1);
        model.put("arrangements", ARRANGEMENTS);
        model.put("arrangement", arrangement);
        model.put("stops", arrangement.motion(shown).stops());
        model.put("moves", !(arrangement.motion(shown) instanceof Motion.Still));
        model.put("cropped", arrangement.has(Options.FIT));
        model.put("worded", arrangement.has(Options.WORDS_PLACE));
        model.put("pressed", arrangement.has(Options.ANYWHERE));
        model.put("showsColour", arrangement.shows(new Carries.Plain(Colour.DARK)));
        return model;
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
