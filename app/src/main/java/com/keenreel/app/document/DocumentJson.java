package com.keenreel.app.document;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How a reel's document is written and read. */
public final class DocumentJson {
    public static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DocumentJson() {}

    /** Writes a document. */
    public static String write(Reel reel) {
        ObjectNode document = MAPPER.createObjectNode();
        document.put("format", DocumentFormat.NOW.newest());
        document.put("name", reel.name());
        document.put("slot", reel.slot().write());
        document.set("choices", choices(reel.choices()));
        Following follows = reel.follows();
        if (follows != null) {
            document.set("follows", follows(follows));
        }
        ArrayNode slides = document.putArray("slides");
        reel.slides().forEach(slide -> slides.add(slide(slide)));
        return document.toString();
    }

    /**
     * Reads a document of any format up to the newest.
     *
     * @throws Unreadable when it cannot be read, with the reason in words
     */
    public static Reel read(String json) {
        try {
            return read(DocumentFormat.NOW.brought(MAPPER.readTree(json)));
        } catch (JacksonException | IllegalArgumentException damaged) {
            throw new Unreadable("Its document is damaged: " + damaged.getMessage(), damaged);
        }
    }

    private static Reel read(ObjectNode document) {
        List<Slide> slides = new ArrayList<>();
        document.path("slides").forEach(node -> slides.add(slide(node)));
        return new Reel(
                document.path("name").asString(),
                Slot.read(document.path("slot").asString()),
                slides,
                choices(document.path("choices")),
                document.hasNonNull("follows") ? follows(document.path("follows")) : null);
    }

    public static ObjectNode follows(Following follows) {
        return MAPPER.createObjectNode()
                .put("set", follows.set().value())
                .put("order", follows.order().word())
                .put("most", follows.most())
                .put("byItself", follows.byItself());
    }

    public static Following follows(JsonNode node) {
        Following usual = Following.of(new SetId(node.path("set").asString("")));
        return new Following(
                usual.set(),
                node.has("order") ? SetOrder.read(node.path("order").asString("")) : usual.order(),
                node.path("most").asInt(usual.most()),
                node.path("byItself").asBoolean(usual.byItself()));
    }

    /** Always in the same order, whatever was chosen first: what is alike is alike to the byte. */
    private static ObjectNode choices(Choices choices) {
        ObjectNode node = MAPPER.createObjectNode();
        if (!choices.all().isEmpty()) {
            for (Option<?> option : Arrangements.options()) {
                if (choices.all().containsKey(option)) {
                    node.set(option.key(), choice(choices, option));
                }
            }
        }
        return node;
    }

    private static Choices choices(JsonNode node) {
        Choices choices = Choices.USUAL;
        for (var entry : node.properties()) {
            choices = choices(choices, Arrangements.option(entry.getKey()), entry.getValue());
        }
        return choices;
    }

    private static <T> ObjectNode choice(Choices choices, Option<T> option) {
        return bySetUp(
                choices.chosen(option),
                value -> MAPPER.getNodeFactory().stringNode(option.domain().write(value)));
    }

    private static <T> Choices choices(Choices choices, Option<T> option, JsonNode node) {
        BySetUp<T> said = bySetUp(node, value -> option.domain().read(value.asString()));
        Choices changed = choices.with(option, null, said.all());
        for (SetUp setUp : said.own().keySet()) {
            changed = changed.with(option, setUp, said.own().get(setUp));
        }
        return changed;
    }

    private static <T> ObjectNode bySetUp(BySetUp<T> said, Function<T, JsonNode> write) {
        ObjectNode node = MAPPER.createObjectNode();
        T all = said.all();
        if (all != null) {
            node.set("all", write.apply(all));
        }
        said.own().forEach((setUp, value) -> node.set(setUp.word(), write.apply(value)));
        return node;
    }

    private static <T> BySetUp<T> bySetUp(JsonNode node, Function<JsonNode, T> read) {
        BySetUp<T> said = BySetUp.nothing();
        for (var entry : node.properties()) {
            SetUp setUp = entry.getKey().equals("all") ? null : SetUp.of(entry.getKey());
            said = said.with(setUp, read.apply(entry.getValue()));
        }
        return said;
    }

    public static ObjectNode slide(Slide slide) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("id", slide.id().value());
        node.set("carries", carries(slide.carries()));
        ObjectNode words = node.putObject("words");
        for (Words.Field field : Words.Field.values()) {
            String said = slide.words().said(field);
            if (said != null && !said.isEmpty() || said != null && isOpen(field)) {
                words.put(field.word(), said);
            }
        }
        if (slide.hold() != null) {
            node.put("hold", slide.hold());
        }
        if (!slide.focal().isNothing()) {
            node.set("focal", bySetUp(slide.focal(), DocumentJson::focal));
        }
        if (!slide.instead().isNothing()) {
            node.set(
                    "instead",
                    bySetUp(slide.instead(), picture -> MAPPER.getNodeFactory().stringNode(picture.value())));
        }
        if (slide.larger() != null) {
            node.put("larger", slide.larger());
        }
        if (!slide.showing().equals(Showing.ALWAYS)) {
            node.set("showing", showing(slide.showing()));
        }
        if (!slide.choices().all().isEmpty()) {
            node.set("choices", choices(slide.choices()));
        }
        return node;
    }

    /** True for words where nothing said means "as the picture says". */
    private static boolean isOpen(Words.Field field) {
        return field != Words.Field.BUTTON && field != Words.Field.LINK;
    }

    public static Slide slide(JsonNode node) {
        Words words = Words.NONE;
        for (Words.Field field : Words.Field.values()) {
            words = words.with(field, text(node.path("words"), field.word()));
        }
        return new Slide(
                new SlideId(node.path("id").asString()),
                carries(node.path("carries")),
                words,
                node.hasNonNull("hold") ? node.path("hold").asLong() : null,
                bySetUp(node.path("focal"), DocumentJson::focal),
                showing(node.path("showing")),
                bySetUp(node.path("instead"), picture -> new PictureId(picture.asString())),
                yesNo(node, "larger"),
                choices(node.path("choices")));
    }

    public static ObjectNode showing(Showing showing) {
        ObjectNode node = MAPPER.createObjectNode();
        if (showing.hidden()) {
            node.put("hidden", true);
        }
        if (showing.from() != null) {
            node.put("from", showing.from().toString());
        }
        if (showing.until() != null) {
            node.put("until", showing.until().toString());
        }
        return node;
    }

    public static Showing showing(JsonNode node) {
        return new Showing(node.path("hidden").asBoolean(false), day(node, "from"), day(node, "until"));
    }

    static @Nullable String day(@Nullable LocalDate day) {
        return day == null ? null : day.toString();
    }

    public static @Nullable LocalDate day(JsonNode node, String key) {
        String text = text(node, key);
        if (text == null) {
            return null;
        }
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException notADay) {
            throw new IllegalArgumentException("\"" + text + "\" is not a day.", notADay);
        }
    }

    public static ObjectNode focal(FocalPoint point) {
        return MAPPER.createObjectNode().put("x", point.x()).put("y", point.y());
    }

    /** Reads a point; what is no number lies outside every picture, and is refused as that. */
    public static FocalPoint focal(JsonNode node) {
        return new FocalPoint(
                node.path("x").asDouble(Double.NaN), node.path("y").asDouble(Double.NaN));
    }

    public static ObjectNode carries(Carries carries) {
        ObjectNode node = MAPPER.createObjectNode();
        if (carries instanceof Carries.Picture picture) {
            node.put("picture", picture.picture().value());
        } else if (carries instanceof Carries.Pair pair) {
            node.put("before", pair.before().value())
                    .put("after", pair.after().value())
                    .put("nameBefore", pair.nameBefore())
                    .put("nameAfter", pair.nameAfter())
                    .put("startsAt", pair.startsAt());
            if (!pair.effectBefore().isNone()) {
                node.set("effectBefore", effect(pair.effectBefore()));
            }
            if (!pair.effectAfter().isNone()) {
                node.set("effectAfter", effect(pair.effectAfter()));
            }
            if (!pair.between().isEmpty()) {
                node.set("between", between(pair.between()));
            }
        } else if (carries instanceof Carries.Plain plain) {
            node.put("colour", plain.colour().hex());
        }
        return node;
    }

    public static Carries carries(JsonNode node) {
        if (node.has("picture")) {
            return new Carries.Picture(new PictureId(node.path("picture").asString()));
        }
        if (node.has("before")) {
            return new Carries.Pair(
                    new PictureId(node.path("before").asString()),
                    new PictureId(node.path("after").asString()),
                    node.path("nameBefore").asString(Carries.Pair.BEFORE),
                    node.path("nameAfter").asString("After"),
                    node.path("startsAt").asDouble(0.5),
                    effect(node.path("effectBefore")),
                    effect(node.path("effectAfter")),
                    between(node.path("between")));
        }
        return new Carries.Plain(new Colour(node.path("colour").asString("#16241e")));
    }

    public static ArrayNode between(List<Carries.Between> states) {
        ArrayNode all = MAPPER.createArrayNode();
        states.forEach(state -> all.addObject()
                .put("picture", state.picture().value())
                .put("name", state.name())
                .put("endsAt", state.endsAt()));
        return all;
    }

    public static List<Carries.Between> between(JsonNode node) {
        List<Carries.Between> all = new ArrayList<>();
        node.forEach(state -> all.add(new Carries.Between(
                new PictureId(state.path("picture").asString()),
                state.path("name").asString(""),
                state.path("endsAt").asDouble(Double.NaN))));
        return all;
    }

    public static ObjectNode effect(Effect effect) {
        return MAPPER.createObjectNode().put("kind", effect.kind().word()).put("amount", effect.amount());
    }

    /** Reads what is done to a picture: nothing where it is not there, and as much as is usual where no amount is. */
    public static Effect effect(JsonNode node) {
        Effect.Kind kind = Effect.Kind.of(node.path("kind").asString(Effect.Kind.NONE.word()));
        return node.has("amount") ? new Effect(kind, node.path("amount").asDouble(Double.NaN)) : Effect.of(kind);
    }

    public static @Nullable Boolean yesNo(JsonNode node, String key) {
        return node.hasNonNull(key) ? node.path(key).asBoolean() : null;
    }

    public static @Nullable String text(JsonNode node, String key) {
        return node.hasNonNull(key) ? node.path(key).asString() : null;
    }
}
