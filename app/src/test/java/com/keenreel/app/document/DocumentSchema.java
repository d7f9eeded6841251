package com.keenreel.app.document;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.trial.InPieces;
import com.keenreel.core.arrangement.trial.Trial;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Quantity;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.SetOrder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Describes the document of a reel as a JSON Schema, from the catalogue of options, so that it says what is true. Its
 * {@code main} writes {@code docs/reel.schema.json}; a test holds that file against it.
 */
final class DocumentSchema {
    /** No document of a user's has them. */
    private static final List<Arrangement> IN_TESTS_ALONE = List.of(new Trial(), new InPieces());

    static final Path FILE = Path.of("..", "docs", "reel.schema.json");

    private static final String DAY = "^[0-9]{4}-[0-9]{2}-[0-9]{2}$";

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String ID = "^[a-z0-9]{1,24}$";

    private DocumentSchema() {}

    public static void main(String[] args) throws IOException {
        Files.writeString(FILE, text());
    }

    static String text() {
        ObjectNode schema =
                object("The document of a reel, as every revision of its history keeps it. Lengths are CSS px,"
                        + " times ms, shares 0 to 1.");
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", "Reel");
        field(schema, "format", number("integer", "Which form of document this is.", 1, 1));
        field(schema, "name", text("What its editor calls it; visitors hear it as the name of the region.", 1, 120));
        field(
                schema,
                "slot",
                pattern(
                        "Where on the page it sits: the full width, or a box or column of so many px, 160 to 2560.",
                        "^(full|(box|column) [0-9.]+)$"));
        ObjectNode choices = object("What was chosen about the whole reel. What is not here is as usual.");
        options().forEach(option -> field(choices, option.key(), choice(option)));
        field(schema, "choices", choices);
        ObjectNode follows = object("The set whose pictures are its slides; absent when they are picked by hand.");
        field(follows, "set", pattern("The id of the set.", ID));
        ObjectNode order = described("In which order they come.").put("type", "string");
        Arrays.stream(SetOrder.values()).forEach(one -> order.withArray("enum").add(one.word()));
        field(follows, "order", order);
        field(follows, "most", number("integer", "How many at most.", 1, 500));
        field(
                follows,
                "byItself",
                described("Whether what changes goes live by itself.").put("type", "boolean"));
        required(follows, "set", "order", "most", "byItself");
        field(schema, "follows", follows);
        ObjectNode slides =
                described("The slides in running order; each id once.").put("type", "array");
        slides.put("maxItems", 500).set("items", slide());
        field(schema, "slides", slides);
        required(schema, "format", "name", "slot", "choices", "slides");
        return MAPPER.writeValueAsString(schema) + "\n";
    }

    private static ObjectNode slide() {
        ObjectNode slide = object("One stop of the reel.");
        field(slide, "id", pattern("Its name for as long as it lives.", ID));
        ObjectNode carries = described("What it shows: a picture, a pair, or a plain colour.");
        ObjectNode picture = object("A picture of the library.");
        field(picture, "picture", pattern("Its id.", ID));
        required(picture, "picture");
        ObjectNode pair = object("Two pictures of one thing, with a divider.");
        field(pair, "before", pattern("The picture of the earlier state, by id.", ID));
        field(pair, "after", pattern("The picture of the later state, by id.", ID));
        field(pair, "nameBefore", text("What the earlier side is called.", 0, 60));
        field(pair, "nameAfter", text("What the later side is called.", 0, 60));
        field(
                pair,
                "startsAt",
                number(
                        "number",
                        "Where the divider stands at first, as a share of the side along which it moves.",
                        0,
                        1));
        field(pair, "effectBefore", effect("How the earlier picture is shown; as it is where nothing is said."));
        field(pair, "effectAfter", effect("How the later picture is shown; as it is where nothing is said."));
        ObjectNode state = object("A state between before and after.");
        field(state, "picture", pattern("The picture that shows it, by id.", ID));
        field(state, "name", text("What it is called.", 0, 60));
        field(
                state,
                "endsAt",
                number(
                        "number",
                        "Where it is cut off at first, as a share of that side; not before the former one.",
                        0,
                        1));
        required(state, "picture", "endsAt");
        ObjectNode between = described("Further states, from before to after.")
                .put("type", "array")
                .put("maxItems", Carries.Pair.MOST_BETWEEN);
        between.set("items", state);
        field(pair, "between", between);
        required(pair, "before", "after");
        ObjectNode plain = object("No picture.");
        field(plain, "colour", pattern("The colour, sRGB.", "^#[0-9a-fA-F]{6}$"));
        required(plain, "colour");
        carries.withArray("oneOf").add(picture).add(pair).add(plain);
        field(slide, "carries", carries);
        ObjectNode words = object("What it says. Title, text and alt that are not here are those of its picture; empty"
                + " means nothing is said.");
        field(words, "title", text("The title.", 0, 200));
        field(words, "text", text("The text below the title.", 0, 1000));
        field(words, "button", text("What its button says.", 0, 60));
        field(words, "link", text("Where a press leads: an address.", 0, 2000));
        field(words, "alt", text("What is said instead of the picture to those who do not see it.", 0, 500));
        field(words, "altBefore", text("The same of the earlier side, where two pictures are compared.", 0, 500));
        field(slide, "words", words);
        field(
                slide,
                "hold",
                number("integer", "How long it stands, ms; absent for as long as the reel's slides do.", 500, 120_000));
        field(
                slide,
                "focal",
                bySetUp("The point that crops keep in view; absent for the picture's own.", focal(), true));
        ObjectNode instead =
                object("The pictures that set-ups show in the place of the one it carries; absent for none.");
        Arrays.stream(SetUp.values()).forEach(setUp -> field(instead, setUp.word(), text("A picture's id.", 1, 64)));
        instead.put("minProperties", 1);
        field(slide, "instead", instead);
        field(
                slide,
                "larger",
                described("Whether its picture opens the larger view when it is pressed; absent for as the reel says.")
                        .put("type", "boolean"));
        ObjectNode showing = object("When visitors meet it; absent for always.");
        field(
                showing,
                "hidden",
                MAPPER.createObjectNode()
                        .put("type", "boolean")
                        .put("description", "True for never, until somebody shows it again."));
        field(showing, "from", pattern("The first day, in the time zone of whoever publishes.", DAY));
        field(showing, "until", pattern("The last day.", DAY));
        field(slide, "showing", showing);
        ObjectNode choices = object("What was chosen for it alone; absent for as the reel has it.");
        options().forEach(option -> {
            if (option.bySlide()) {
                field(choices, option.key(), choice(option));
            }
        });
        choices.put("minProperties", 1);
        field(slide, "choices", choices);
        required(slide, "id", "carries", "words");
        return slide;
    }

    /** Everything that documents can choose, in the order of the catalogue. */
    static List<Option<?>> options() {
        List<Option<?>> options = new ArrayList<>();
        Arrangements.options().forEach(options::add);
        IN_TESTS_ALONE.forEach(arrangement -> options.removeAll(arrangement.own()));
        return options;
    }

    private static ObjectNode focal() {
        ObjectNode point = object("A point of the picture.");
        field(point, "x", number("number", "From its left edge, as a share of its width.", 0, 1));
        field(point, "y", number("number", "From its top edge, as a share of its height.", 0, 1));
        required(point, "x", "y");
        return point;
    }

    private static <T> ObjectNode choice(Option<T> option) {
        Domain<T> domain = option.domain();
        ObjectNode value = MAPPER.createObjectNode().put("type", "string");
        String meaning = option.meaning() + " Usually " + domain.say(option.usual()) + ".";
        if (domain instanceof OneOf<?> one) {
            words(one).stream()
                    .filter(word -> IN_TESTS_ALONE.stream()
                            .noneMatch(trial -> trial.word().equals(word)))
                    .forEach(word -> value.withArray("enum").add(word));
        } else if (domain instanceof Quantity<?> within) {
            value.put("pattern", "^-?[0-9]+(\\.[0-9]+)?$");
            meaning += " A number from " + Numbers.plain(within.least()) + " to " + Numbers.plain(within.most())
                    + (within.unit().isEmpty() ? "" : " " + within.unit()) + ", written as text.";
        }
        return bySetUp(meaning, value, option.bySetUp());
    }

    private static <E> List<String> words(OneOf<E> one) {
        return one.values().stream().map(one::write).toList();
    }

    private static ObjectNode bySetUp(String meaning, ObjectNode value, boolean differs) {
        ObjectNode node =
                object(meaning + (differs ? " May differ on phone, tablet and desk." : " The same on every screen."));
        field(node, "all", value.deepCopy());
        if (differs) {
            Arrays.stream(SetUp.values()).forEach(setUp -> field(node, setUp.word(), value.deepCopy()));
        }
        node.put("minProperties", 1);
        return node;
    }

    private static ObjectNode described(String meaning) {
        return MAPPER.createObjectNode().put("description", meaning);
    }

    private static ObjectNode object(String meaning) {
        return described(meaning).put("type", "object").put("additionalProperties", false);
    }

    private static ObjectNode effect(String meaning) {
        ObjectNode effect = object(meaning);
        ObjectNode kind = described("What is done to it.").put("type", "string");
        Arrays.stream(Effect.Kind.values())
                .forEach(one -> kind.withArray("enum").add(one.word()));
        field(effect, "kind", kind);
        field(
                effect,
                "amount",
                number("number", "How much, per cent; blur in per cent of the picture's width.", 0, 300));
        required(effect, "kind");
        return effect;
    }

    private static ObjectNode text(String meaning, int least, int most) {
        return described(meaning).put("type", "string").put("minLength", least).put("maxLength", most);
    }

    private static ObjectNode pattern(String meaning, String pattern) {
        return described(meaning).put("type", "string").put("pattern", pattern);
    }

    private static ObjectNode number(String type, String meaning, int least, int most) {
        return described(meaning).put("type", type).put("minimum", least).put("maximum", most);
    }

    private static void field(ObjectNode object, String name, ObjectNode schema) {
        object.withObject("/properties").set(name, schema);
    }

    private static void required(ObjectNode object, String... names) {
        Arrays.stream(names).forEach(name -> object.withArray("required").add(name));
    }
}
