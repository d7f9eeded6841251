package com.keenreel.app.document;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.edit.AddSlide;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.FollowSet;
import com.keenreel.core.edit.MoveSlide;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.RemoveSlide;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.edit.SetBetween;
import com.keenreel.core.edit.SetCarried;
import com.keenreel.core.edit.SetDividerStart;
import com.keenreel.core.edit.SetFirstDay;
import com.keenreel.core.edit.SetFocalPoint;
import com.keenreel.core.edit.SetFollowedOrder;
import com.keenreel.core.edit.SetGoesLive;
import com.keenreel.core.edit.SetHidden;
import com.keenreel.core.edit.SetHold;
import com.keenreel.core.edit.SetLargerView;
import com.keenreel.core.edit.SetLastDay;
import com.keenreel.core.edit.SetMostFollowed;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.edit.SetPictureOn;
import com.keenreel.core.edit.SetSideEffect;
import com.keenreel.core.edit.SetSideName;
import com.keenreel.core.edit.SetSidePicture;
import com.keenreel.core.edit.SetSlot;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.edit.Several;
import com.keenreel.core.edit.SlideEdit;
import com.keenreel.core.edit.SwapSides;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How edits are written over HTTP and in the history: {@code {"kind": "move", "slide": "a1", "before": "b2"}}. */
public final class EditJson {
    /**
     * One kind of edit.
     *
     * @param word its name, which stays for good: it stands in histories
     * @param type what it is
     */
    private record Kind<E extends Edit>(
            String word, Class<E> type, Function<JsonNode, E> read, BiConsumer<E, ObjectNode> write) {
        void write(Edit edit, ObjectNode node) {
            node.put("kind", word);
            write.accept(type.cast(edit), node);
        }
    }

    private static final Map<String, Function<JsonNode, ? extends Edit>> READERS = new LinkedHashMap<>();
    private static final Map<Class<?>, Kind<?>> WRITERS = new LinkedHashMap<>();

    static {
        kind(
                "rename",
                Rename.class,
                node -> new Rename(word(node, "name")),
                (edit, node) -> node.put("name", edit.name()));
        kind(
                "sit",
                SetSlot.class,
                node -> new SetSlot(Slot.read(word(node, "slot"))),
                (edit, node) -> node.put("slot", edit.slot().write()));
        kind("choose", SetOption.class, EditJson::choice, EditJson::choice);
        kind(
                "add",
                AddSlide.class,
                node -> new AddSlide(DocumentJson.slide(node.path("slide")), before(node)),
                (edit, node) -> before(node, edit.before()).set("slide", DocumentJson.slide(edit.slide())));
        kind(
                "remove",
                RemoveSlide.class,
                node -> new RemoveSlide(slide(node)),
                (edit, node) -> slide(node, edit.slide()));
        kind(
                "move",
                MoveSlide.class,
                node -> new MoveSlide(slide(node), before(node)),
                (edit, node) -> before(slide(node, edit.slide()), edit.before()));
        ofSlide(
                "hold",
                SetHold.class,
                (node, slide) -> new SetHold(
                        slide, node.hasNonNull("hold") ? node.path("hold").asLong() : null),
                (edit, node) -> node.put("hold", edit.hold()));
        ofSlide(
                "hide",
                SetHidden.class,
                (node, slide) -> new SetHidden(slide, node.path("hidden").asBoolean()),
                (edit, node) -> node.put("hidden", edit.hidden()));
        ofSlide(
                "first-day",
                SetFirstDay.class,
                (node, slide) -> new SetFirstDay(slide, DocumentJson.day(node, "day")),
                (edit, node) -> node.put("day", DocumentJson.day(edit.day())));
        ofSlide(
                "last-day",
                SetLastDay.class,
                (node, slide) -> new SetLastDay(slide, DocumentJson.day(node, "day")),
                (edit, node) -> node.put("day", DocumentJson.day(edit.day())));
        ofSlide(
                "instead",
                SetPictureOn.class,
                (node, slide) -> new SetPictureOn(slide, SetUp.of(word(node, "setUp")), picture(node)),
                (edit, node) -> node.put("setUp", edit.setUp().word())
                        .put(
                                "picture",
                                edit.picture() == null ? null : edit.picture().value()));
        ofSlide(
                "enlarge",
                SetLargerView.class,
                (node, slide) -> new SetLargerView(slide, DocumentJson.yesNo(node, "larger")),
                (edit, node) -> node.put("larger", edit.larger()));
        ofSlide(
                "carry",
                SetCarried.class,
                (node, slide) -> new SetCarried(slide, DocumentJson.carries(node.path("carries"))),
                (edit, node) -> node.set("carries", DocumentJson.carries(edit.carries())));
        ofSlide(
                "side-picture",
                SetSidePicture.class,
                (node, slide) -> new SetSidePicture(slide, side(node), new PictureId(word(node, "picture"))),
                (edit, node) -> node.put("side", edit.side().word())
                        .put("picture", edit.picture().value()));
        ofSlide(
                "side-name",
                SetSideName.class,
                (node, slide) -> new SetSideName(slide, side(node), word(node, "name")),
                (edit, node) -> node.put("side", edit.side().word()).put("name", edit.name()));
        ofSlide(
                "side-effect",
                SetSideEffect.class,
                (node, slide) -> new SetSideEffect(slide, side(node), DocumentJson.effect(node.path("effect"))),
                (edit, node) -> node.put("side", edit.side().word()).set("effect", DocumentJson.effect(edit.effect())));
        ofSlide(
                "divider-start",
                SetDividerStart.class,
                (node, slide) -> new SetDividerStart(
                        slide,
                        node.path("divider").asInt(0),
                        node.path("startsAt").asDouble()),
                (edit, node) -> node.put("divider", edit.divider()).put("startsAt", edit.startsAt()));
        ofSlide(
                "between",
                SetBetween.class,
                (node, slide) -> new SetBetween(slide, DocumentJson.between(node.path("states"))),
                (edit, node) -> node.set("states", DocumentJson.between(edit.states())));
        ofSlide("swap-sides", SwapSides.class, (node, slide) -> new SwapSides(slide), (edit, node) -> {});
        ofSlide(
                "say",
                SetWords.class,
                (node, slide) ->
                        new SetWords(slide, Words.Field.of(word(node, "field")), DocumentJson.text(node, "text")),
                (edit, node) -> node.put("field", edit.field().word()).put("text", edit.text()));
        ofSlide(
                "look",
                SetFocalPoint.class,
                (node, slide) -> new SetFocalPoint(
                        slide, setUp(node), node.hasNonNull("focal") ? DocumentJson.focal(node.path("focal")) : null),
                (edit, node) -> {
                    setUp(node, edit.setUp());
                    if (edit.focal() != null) {
                        node.set("focal", DocumentJson.focal(edit.focal()));
                    }
                });
        kind("follow", FollowSet.class, EditJson::follow, EditJson::follow);
        kind(
                "follow-order",
                SetFollowedOrder.class,
                node -> new SetFollowedOrder(SetOrder.read(word(node, "order"))),
                (edit, node) -> node.put("order", edit.order().word()));
        kind(
                "follow-most",
                SetMostFollowed.class,
                node -> new SetMostFollowed(node.path("most").asInt()),
                (edit, node) -> node.put("most", edit.most()));
        kind(
                "goes-live",
                SetGoesLive.class,
                node -> new SetGoesLive(node.path("byItself").asBoolean()),
                (edit, node) -> node.put("byItself", edit.byItself()));
        kind("several", Several.class, EditJson::several, EditJson::several);
        READERS.put("show", EditJson::shown); // read from older histories, no longer written
    }

    private EditJson() {}

    private static <E extends Edit> void kind(
            String word, Class<E> type, Function<JsonNode, E> read, BiConsumer<E, ObjectNode> write) {
        READERS.put(word, read);
        WRITERS.put(type, new Kind<>(word, type, read, write));
    }

    private static <E extends SlideEdit> void ofSlide(
            String word, Class<E> type, BiFunction<JsonNode, SlideId, E> read, BiConsumer<E, ObjectNode> write) {
        kind(
                word,
                type,
                node -> read.apply(node, slide(node)),
                (edit, node) -> write.accept(edit, slide(node, edit.slide())));
    }

    /**
     * Reads an edit.
     *
     * @throws Refusal when it is not one, with the reason in words
     */
    public static Edit read(JsonNode node) {
        Function<JsonNode, ? extends Edit> reader = READERS.get(word(node, "kind"));
        if (reader == null) {
            throw new Refusal("There is no such edit.");
        }
        try {
            return reader.apply(node);
        } catch (IllegalArgumentException notAllowed) {
            throw new Refusal(String.valueOf(notAllowed.getMessage()));
        }
    }

    /** Writes an edit so that {@link #read} gives it back. */
    public static ObjectNode write(Edit edit) {
        Kind<?> kind = WRITERS.get(edit.getClass());
        if (kind == null) {
            throw new IllegalStateException(edit.getClass() + " has no way to be written.");
        }
        ObjectNode node = DocumentJson.MAPPER.createObjectNode();
        kind.write(edit, node);
        return node;
    }

    private static SetOption<?> choice(JsonNode node) {
        SlideId slide = node.hasNonNull("slide") ? slide(node) : null;
        return SetOption.read(
                Arrangements.option(word(node, "option")), slide, setUp(node), DocumentJson.text(node, "value"));
    }

    private static <T> void choice(SetOption<T> edit, ObjectNode node) {
        T value = edit.value();
        node.put("option", edit.option().key());
        if (edit.slide() != null) {
            slide(node, edit.slide());
        }
        setUp(node, edit.setUp())
                .put("value", value == null ? null : edit.option().domain().write(value));
    }

    private static FollowSet follow(JsonNode node) {
        Following following = node.hasNonNull("follows") ? DocumentJson.follows(node.path("follows")) : null;
        if (!node.hasNonNull("slides")) {
            return new FollowSet(following);
        }
        List<Slide> slides = new ArrayList<>();
        node.path("slides").forEach(slide -> slides.add(DocumentJson.slide(slide)));
        return new FollowSet(following, slides);
    }

    private static void follow(FollowSet edit, ObjectNode node) {
        if (edit.following() != null) {
            node.set("follows", DocumentJson.follows(edit.following()));
        }
        if (edit.slides() != null) {
            ArrayNode slides = node.putArray("slides");
            edit.slides().forEach(slide -> slides.add(DocumentJson.slide(slide)));
        }
    }

    private static Several several(JsonNode node) {
        List<Edit> edits = new ArrayList<>();
        node.path("edits").forEach(one -> edits.add(read(one)));
        return new Several(edits);
    }

    private static void several(Several edit, ObjectNode node) {
        ArrayNode edits = node.putArray("edits");
        edit.edits().forEach(one -> edits.add(write(one)));
    }

    /** When visitors met a slide was one edit once. */
    private static Several shown(JsonNode node) {
        SlideId slide = slide(node);
        Showing showing = DocumentJson.showing(node.path("showing"));
        return new Several(List.of(
                new SetHidden(slide, showing.hidden()),
                new SetLastDay(slide, null),
                new SetFirstDay(slide, showing.from()),
                new SetLastDay(slide, showing.until())));
    }

    private static String word(JsonNode node, String key) {
        return node.path(key).asString("");
    }

    private static SlideId slide(JsonNode node) {
        return new SlideId(word(node, "slide"));
    }

    private static ObjectNode slide(ObjectNode node, SlideId slide) {
        return node.put("slide", slide.value());
    }

    private static @Nullable SlideId before(JsonNode node) {
        String before = DocumentJson.text(node, "before");
        return before == null ? null : new SlideId(before);
    }

    private static ObjectNode before(ObjectNode node, @Nullable SlideId before) {
        return node.put("before", before == null ? null : before.value());
    }

    private static @Nullable SetUp setUp(JsonNode node) {
        String word = DocumentJson.text(node, "setUp");
        return word == null ? null : SetUp.of(word);
    }

    private static ObjectNode setUp(ObjectNode node, @Nullable SetUp setUp) {
        return node.put("setUp", setUp == null ? null : setUp.word());
    }

    private static @Nullable PictureId picture(JsonNode node) {
        String picture = DocumentJson.text(node, "picture");
        return picture == null ? null : new PictureId(picture);
    }

    private static Carries.Side side(JsonNode node) {
        return Carries.Side.of(word(node, "side"));
    }
}
