package com.keenreel.app.store;

import com.keenreel.core.edit.Add;
import com.keenreel.core.edit.Carry;
import com.keenreel.core.edit.Choose;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.Enlarge;
import com.keenreel.core.edit.Follow;
import com.keenreel.core.edit.Hold;
import com.keenreel.core.edit.Instead;
import com.keenreel.core.edit.Look;
import com.keenreel.core.edit.Move;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Remove;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.edit.Say;
import com.keenreel.core.edit.Several;
import com.keenreel.core.edit.Show;
import com.keenreel.core.edit.Sit;
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
                case "sit" -> new Sit(Slot.read(node.path("slot").asString("")));
                case "choose" ->
                    Choose.read(
                            Options.of(node.path("option").asString("")),
                            setUp(node),
                            DocumentJson.text(node, "value"));
                case "add" -> new Add(DocumentJson.slide(node.path("slide")), before(node));
                case "remove" -> new Remove(slide(node));
                case "move" -> new Move(slide(node), before(node));
                case "hold" ->
                    new Hold(
                            slide(node),
                            node.hasNonNull("hold") ? node.path("hold").asLong() : null);
                case "show" -> new Show(slide(node), DocumentJson.showing(node.path("showing")));
                case "instead" ->
                    new Instead(
                            slide(node),
                            SetUp.of(node.path("setUp").asString("")),
                            node.hasNonNull("picture")
                                    ? new PictureId(node.path("picture").asString())
                                    : null);
                case "enlarge" -> new Enlarge(slide(node), DocumentJson.yesNo(node, "larger"));
                case "carry" -> new Carry(slide(node), DocumentJson.carries(node.path("carries")));
                case "say" -> new Say(slide(node), field(node), DocumentJson.text(node, "text"));
                case "look" ->
                    new Look(
                            slide(node),
                            setUp(node),
                            node.hasNonNull("focal") ? DocumentJson.focal(node.path("focal")) : null);
                case "follow" ->
                    new Follow(node.hasNonNull("follows") ? DocumentJson.follows(node.path("follows")) : null);
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
        } else if (edit instanceof Sit sit) {
            node.put("kind", "sit").put("slot", sit.slot().write());
        } else if (edit instanceof Choose<?> choose) {
            choose(node, choose);
        } else if (edit instanceof Add add) {
            node.put("kind", "add").put("before", word(add.before())).set("slide", DocumentJson.slide(add.slide()));
        } else if (edit instanceof Remove remove) {
            node.put("kind", "remove").put("slide", remove.slide().value());
        } else if (edit instanceof Move move) {
            node.put("kind", "move").put("slide", move.slide().value()).put("before", word(move.before()));
        } else if (edit instanceof Hold hold) {
            node.put("kind", "hold").put("slide", hold.slide().value()).put("hold", hold.hold());
        } else if (edit instanceof Show show) {
            node.put("kind", "show")
                    .put("slide", show.slide().value())
                    .set("showing", DocumentJson.showing(show.showing()));
        } else if (edit instanceof Instead instead) {
            PictureId picture = instead.picture();
            node.put("kind", "instead")
                    .put("slide", instead.slide().value())
                    .put("setUp", instead.setUp().word())
                    .put("picture", picture == null ? null : picture.value());
        } else if (edit instanceof Enlarge enlarge) {
            node.put("kind", "enlarge").put("slide", enlarge.slide().value()).put("larger", enlarge.larger());
        } else if (edit instanceof Carry carry) {
            node.put("kind", "carry")
                    .put("slide", carry.slide().value())
                    .set("carries", DocumentJson.carries(carry.carries()));
        } else if (edit instanceof Say say) {
            node.put("kind", "say")
                    .put("slide", say.slide().value())
                    .put("field", say.field().word())
                    .put("text", say.text());
        } else if (edit instanceof Look look) {
            node.put("kind", "look").put("slide", look.slide().value()).put("setUp", word(look.setUp()));
            if (look.focal() != null) {
                node.set("focal", DocumentJson.focal(look.focal()));
            }
        } else if (edit instanceof Follow follow) {
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

    private static <T> void choose(ObjectNode node, Choose<T> choose) {
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
