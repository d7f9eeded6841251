package com.keenreel.app.store;

import com.keenreel.core.edit.AddSlide;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.FollowSet;
import com.keenreel.core.edit.MoveSlide;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.RemoveSlide;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.edit.SetCarried;
import com.keenreel.core.edit.SetFocalPoint;
import com.keenreel.core.edit.SetHold;
import com.keenreel.core.edit.SetLargerView;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.edit.SetPictureOn;
import com.keenreel.core.edit.SetSlot;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.edit.Several;
import com.keenreel.core.edit.Show;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Option;
import com.keenreel.core.reel.Options;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How edits are written over HTTP and in the history: {@code {"kind": "move", "slide": "a1", "before": "b2"}}. */
public final class EditJson {
    private EditJson() {}

    /**
     * Reads an edit.
     *
     * @throws Refusal when it is not one, with the reason in words
     */
    public static Edit read(JsonNode node) {
        try {
            return switch (node.path("kind").asString("")) {
                case "rename" -> new Rename(node.path("name").asString(""));
                case "sit" -> new SetSlot(Slot.read(node.path("slot").asString("")));
                case "choose" ->
                    SetOption.read(
                            Options.of(node.path("option").asString("")),
                            setUp(node),
                            DocumentJson.text(node, "value"));
                case "add" -> new AddSlide(DocumentJson.slide(node.path("slide")), before(node));
                case "remove" -> new RemoveSlide(slide(node));
                case "move" -> new MoveSlide(slide(node), before(node));
                case "hold" ->
                    new SetHold(
                            slide(node),
                            node.hasNonNull("hold") ? node.path("hold").asLong() : null);
                case "show" -> new Show(slide(node), DocumentJson.showing(node.path("showing")));
                case "instead" ->
                    new SetPictureOn(
                            slide(node),
                            SetUp.of(node.path("setUp").asString("")),
                            node.hasNonNull("picture")
                                    ? new PictureId(node.path("picture").asString())
                                    : null);
                case "enlarge" -> new SetLargerView(slide(node), DocumentJson.yesNo(node, "larger"));
                case "carry" -> new SetCarried(slide(node), DocumentJson.carries(node.path("carries")));
                case "say" -> new SetWords(slide(node), field(node), DocumentJson.text(node, "text"));
                case "look" ->
                    new SetFocalPoint(
                            slide(node),
                            setUp(node),
                            node.hasNonNull("focal") ? DocumentJson.focal(node.path("focal")) : null);
                case "follow" ->
                    new FollowSet(node.hasNonNull("follows") ? DocumentJson.follows(node.path("follows")) : null);
                case "several" -> several(node);
                default -> throw new Refusal("There is no such edit.");
            };
        } catch (IllegalArgumentException notAllowed) {
            throw new Refusal(String.valueOf(notAllowed.getMessage()));
        }
    }

    private static Edit several(JsonNode node) {
        List<Edit> edits = new ArrayList<>();
        node.path("edits").forEach(one -> edits.add(read(one)));
        return new Several(edits);
    }

    private static SlideId slide(JsonNode node) {
        return new SlideId(node.path("slide").asString(""));
    }

    private static @Nullable SlideId before(JsonNode node) {
        String before = DocumentJson.text(node, "before");
        return before == null ? null : new SlideId(before);
    }

    private static @Nullable SetUp setUp(JsonNode node) {
        String word = DocumentJson.text(node, "setUp");
        return word == null ? null : SetUp.of(word);
    }

    private static Words.Field field(JsonNode node) {
        for (Words.Field field : Words.Field.values()) {
            if (field.word().equals(node.path("field").asString(""))) {
                return field;
            }
        }
        throw new Refusal("A slide says a title, a text, a button, a link and an alt text.");
    }

    /** Writes an edit so that {@link #read} gives it back. */
    public static ObjectNode write(Edit edit) {
        ObjectNode node = DocumentJson.MAPPER.createObjectNode();
        if (edit instanceof Rename rename) {
            node.put("kind", "rename").put("name", rename.name());
        } else if (edit instanceof SetSlot sit) {
            node.put("kind", "sit").put("slot", sit.slot().write());
        } else if (edit instanceof SetOption<?> choose) {
            choose(node, choose);
        } else if (edit instanceof AddSlide add) {
            node.put("kind", "add").put("before", word(add.before())).set("slide", DocumentJson.slide(add.slide()));
        } else if (edit instanceof RemoveSlide remove) {
            node.put("kind", "remove").put("slide", remove.slide().value());
        } else if (edit instanceof MoveSlide move) {
            node.put("kind", "move").put("slide", move.slide().value()).put("before", word(move.before()));
        } else if (edit instanceof SetHold hold) {
            node.put("kind", "hold").put("slide", hold.slide().value()).put("hold", hold.hold());
        } else if (edit instanceof Show show) {
            node.put("kind", "show")
                    .put("slide", show.slide().value())
                    .set("showing", DocumentJson.showing(show.showing()));
        } else if (edit instanceof SetPictureOn instead) {
            PictureId picture = instead.picture();
            node.put("kind", "instead")
                    .put("slide", instead.slide().value())
                    .put("setUp", instead.setUp().word())
                    .put("picture", picture == null ? null : picture.value());
        } else if (edit instanceof SetLargerView enlarge) {
            node.put("kind", "enlarge").put("slide", enlarge.slide().value()).put("larger", enlarge.larger());
        } else if (edit instanceof SetCarried carry) {
            node.put("kind", "carry")
                    .put("slide", carry.slide().value())
                    .set("carries", DocumentJson.carries(carry.carries()));
        } else if (edit instanceof SetWords say) {
            node.put("kind", "say")
                    .put("slide", say.slide().value())
                    .put("field", say.field().word())
                    .put("text", say.text());
        } else if (edit instanceof SetFocalPoint look) {
            node.put("kind", "look").put("slide", look.slide().value()).put("setUp", word(look.setUp()));
            if (look.focal() != null) {
                node.set("focal", DocumentJson.focal(look.focal()));
            }
        } else if (edit instanceof FollowSet follow) {
            node.put("kind", "follow");
            if (follow.following() != null) {
                node.set("follows", DocumentJson.follows(follow.following()));
            }
        } else if (edit instanceof Several several) {
            ArrayNode edits = node.put("kind", "several").putArray("edits");
            several.edits().forEach(one -> edits.add(write(one)));
        }
        return node;
    }

    /** Writes what a slide carries, as an edit carries it. */
    public static String carries(Carries carries) {
        return DocumentJson.carries(carries).toString();
    }

    /** Writes when visitors meet a slide, as an edit carries it. */
    public static String showing(Showing showing) {
        return DocumentJson.showing(showing).toString();
    }

    private static <T> void choose(ObjectNode node, SetOption<T> choose) {
        Option<T> option = choose.option();
        T value = choose.value();
        node.put("kind", "choose")
                .put("option", option.key())
                .put("setUp", word(choose.setUp()))
                .put("value", value == null ? null : option.domain().write(value));
    }

    private static @Nullable String word(@Nullable SlideId id) {
        return id == null ? null : id.value();
    }

    private static @Nullable String word(@Nullable SetUp setUp) {
        return setUp == null ? null : setUp.word();
    }
}
