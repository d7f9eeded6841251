package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Domain.Ratios.Ready;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.CropLoss;
import com.keenreel.publish.Spoken;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One underlined word of the brief, with everything that its control needs.
 *
 * @param option the option's key; {@link #SLOT} for where the reel sits
 * @param slide the slide for which alone it chooses; empty for the whole reel
 * @param scope "all", or the set-up that it speaks of
 * @param label what the sentence says
 * @param kind which control opens: choice, number, ratio, width, colour, slot, language, picture or wording
 * @param meaning one sentence about the option
 * @param bySetUp whether phone, tablet and desk may differ
 * @param said what is said, by scope; what is not said is missing
 * @param usual what holds where nobody says anything
 * @param usualSaid the same as a sentence says it; empty where nothing is usual, as on a slide's sheet
 * @param otherwise what holds where it says nothing, by scope: as usual, or as the whole reel where it chooses for one slide
 * @param choices what is offered
 * @param number limits, where it is a number
 */
public record Control(
        String option,
        String slide,
        String scope,
        String label,
        String kind,
        String meaning,
        boolean bySetUp,
        Map<String, String> said,
        String usual,
        String usualSaid,
        Map<String, String> otherwise,
        List<Choice> choices,
        Domain.@Nullable Quantity<?> number) {

    /** What is no option of the reel and yet chosen in its brief: where on the page it sits. */
    static final String SLOT = "slot";

    private static final List<Option<?>> CHANGES = List.of(
            MotionOptions.TRANSITION,
            MotionOptions.LEAVING,
            MotionOptions.TRANSITION_TIME,
            MotionOptions.PACE,
            MotionOptions.BETWEEN);

    /** One offered value. */
    public record Choice(String value, String label) {}

    /** Names its panel on the page. */
    public String id() {
        return "set-" + option.replace('.', '-') + "-" + scope + (slide.isEmpty() ? "" : "-of-slide");
    }

    /** Whether that value is the one that is right for most. */
    public boolean isUsual(String value) {
        return !usualSaid.isEmpty() && value.equals(usual);
    }

    /** True when it speaks of one set-up, or one slide, that differs from the others. */
    public boolean differs() {
        return slide.isEmpty() ? !scope.equals("all") : said.containsKey(scope);
    }

    /** "differs" for a word that does. */
    public String look() {
        return differs() ? "differs" : "";
    }

    /**
     * What a panel offers to press.
     *
     * @param look "differs" where something of its own is said there
     * @param usual "yes" for what is right for most; null for others
     */
    public record Press(
            String value,
            String words,
            boolean pressed,
            String look,
            @Nullable String usual) {}

    /** The screens that it can speak of. */
    public List<Press> scopes() {
        return Stream.concat(Stream.of("all"), Arrays.stream(SetUp.values()).map(SetUp::word))
                .map(one -> new Press(
                        one,
                        one.equals("all") ? "everywhere" : one,
                        one.equals(scope),
                        !one.equals("all") && said.containsKey(one) ? "differs" : "",
                        null))
                .toList();
    }

    /** The values that it offers. */
    public List<Press> offers() {
        return choices.stream()
                .map(one -> new Press(
                        one.value(), one.label(), one.value().equals(value()), "", isUsual(one.value()) ? "yes" : null))
                .toList();
    }

    /** Where drawings of its values are had, from the reel's address; null where it has none. */
    public @Nullable String drawings() {
        if (option.equals(Arrangements.OPTION.key())) {
            return "arrangements";
        }
        if (option.equals(SteeringOptions.ARROWS_FORM.key())) {
            return "arrows";
        }
        boolean moves = ChangeDrawing.OPTIONS.stream().anyMatch(one -> one.key().equals(option));
        return moves ? "changes?option=" + option + (slide.isEmpty() ? "" : "&slide=" + slide) : null;
    }

    /** Whether a picture is chosen. */
    public boolean picks() {
        return !value().isEmpty();
    }

    /** Where the one that is chosen is seen small; null where none is. */
    public @Nullable String small() {
        return picks() ? "/pictures/" + value() + "/small" : null;
    }

    /** Whether that value holds. */
    public boolean holds(String value) {
        return value.equals(value());
    }

    /** The number that holds behind that word, such as 960 of "most 960"; another where another word holds. */
    public String behind(String word, String otherwise) {
        return value().startsWith(word + " ") ? value().substring(word.length() + 1) : otherwise;
    }

    /** "change" where it says how slides change, so that the wall plays it; else null. */
    public @Nullable String plays() {
        return CHANGES.stream().anyMatch(one -> one.key().equals(option)) ? "change" : null;
    }

    /** The slide for which alone it chooses; null for the whole reel. */
    public @Nullable String ofSlide() {
        return slide.isEmpty() ? null : slide;
    }

    /** "0 to 40 px, usually 8 px", or what alone is usual. */
    public String limitsSaid() {
        String usually = usualSaid.isEmpty() ? "" : "usually " + usualSaid;
        return number == null ? usually : number.limits() + (usually.isEmpty() ? "" : ", " + usually);
    }

    /** What takes back what is said here. */
    public String clearSaid() {
        return slide.isEmpty() ? "As everywhere" : "As the reel";
    }

    /** What holds in its scope. */
    public String value() {
        return Stream.of(said.get(scope), said.get("all"), otherwise.get(scope))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(usual);
    }

    static <T> Control of(Reel reel, Option<T> option, @Nullable SetUp setUp) {
        return of(reel, null, option, setUp);
    }

    /**
     * The control of an option.
     *
     * @param slide for which alone it chooses; null for the whole reel
     */
    static <T> Control of(Reel reel, @Nullable Slide slide, Option<T> option, @Nullable SetUp setUp) {
        Domain<T> domain = option.domain();
        Control control = new Control(
                option.key(),
                slide == null ? "" : slide.id().value(),
                setUp == null ? "all" : setUp.word(),
                "",
                kind(domain),
                option.meaning(),
                option.bySetUp(),
                said(domain, (slide == null ? reel.choices() : slide.choices()).chosen(option)),
                domain.write(option.usual()),
                slide != null || option.equals(Arrangements.OPTION)
                        ? ""
                        : reel.direction().say(domain.say(option.usual())),
                otherwise(option, slide == null ? Choices.USUAL : reel.choices()),
                choices(domain, reel.direction()),
                domain instanceof Domain.Quantity<?> quantity ? quantity : null);
        return control.labelled(reel.direction().say(domain.say(domain.read(control.value()))));
    }

    private static <T> Map<String, String> said(Domain<T> domain, BySetUp<T> chosen) {
        Map<String, String> said = new LinkedHashMap<>();
        T all = chosen.all();
        if (all != null) {
            said.put("all", domain.write(all));
        }
        chosen.own().forEach((place, value) -> said.put(place.word(), domain.write(value)));
        return said;
    }

    private static <T> Map<String, String> otherwise(Option<T> option, Choices choices) {
        Map<String, String> otherwise = new LinkedHashMap<>();
        otherwise.put("all", option.domain().write(choices.get(option)));
        for (SetUp setUp : SetUp.values()) {
            otherwise.put(setUp.word(), option.domain().write(choices.get(option, setUp)));
        }
        return otherwise;
    }

    /** The same ratios, each with what it cuts off, and the one that cuts off the least. */
    Control offering(CropLoss loss) {
        if (!loss.isKnown()) {
            return this;
        }
        Ratio best = loss.best();
        List<Choice> all = new ArrayList<>(choices);
        if (all.stream().noneMatch(one -> one.value().equals(best.toString()))) {
            all.add(new Choice(best.toString(), best.toString()));
        }
        all.replaceAll(one -> {
            boolean least = one.value().equals(best.toString());
            long lost = Math.round(100 * loss.mean(Ratio.read(one.value()).value()));
            return new Choice(one.value(), one.label() + ", cuts off " + lost + " %" + (least ? ", the least" : ""));
        });
        return new Control(
                option, slide, scope, label, kind, meaning, bySetUp, said, usual, usualSaid, otherwise, all, number);
    }

    private Control labelled(String words) {
        return new Control(
                option, slide, scope, words, kind, meaning, bySetUp, said, usual, usualSaid, otherwise, choices,
                number);
    }

    /** How a phrase is worded; as usual means as the reel's language has it. */
    static Control wording(Reel reel, Phrase phrase) {
        Option<String> option = Options.wording(phrase);
        Spoken spoken = new Spoken(reel);
        String own = reel.choices().get(option);
        return new Control(
                option.key(),
                "",
                "all",
                "\u201c" + spoken.say(phrase) + "\u201d",
                "wording",
                option.meaning(),
                false,
                own.isEmpty() ? Map.of() : Map.of("all", own),
                spoken.usual(phrase),
                spoken.usual(phrase),
                Map.of("all", ""),
                List.of(),
                null);
    }

    static Control slot(Reel reel) {
        return new Control(
                SLOT,
                "",
                "all",
                reel.slot().toString(),
                "slot",
                "Where on the page it will sit. The screens above and the code to paste are made for it; it is not published.",
                false,
                Map.of("all", reel.slot().write()),
                Slot.FULL.write(),
                Slot.FULL.toString(),
                Map.of("all", Slot.FULL.write()),
                List.of(),
                new Domain.Within(160, 2560, 10, "px"));
    }

    private static String kind(Domain<?> domain) {
        if (domain instanceof Domain.Quantity) {
            return "number";
        }
        if (domain instanceof Domain.Ratios) {
            return "ratio";
        }
        if (domain instanceof Domain.Widths) {
            return "width";
        }
        if (domain instanceof Domain.Languages) {
            return "language";
        }
        if (domain instanceof Domain.Pictures) {
            return "picture";
        }
        return domain instanceof Domain.Colours ? "colour" : "choice";
    }

    private static List<Choice> choices(Domain<?> domain, Direction direction) {
        List<Choice> choices = new ArrayList<>();
        if (domain instanceof Domain.OneOf<?> oneOf) {
            add(oneOf, direction, choices);
        } else if (domain instanceof Domain.Languages languages) {
            languages.offered().forEach(one -> choices.add(new Choice(one.tag(), one.say())));
        } else if (domain instanceof Domain.Pictures pictures) {
            choices.add(new Choice("", pictures.none()));
        } else if (domain instanceof Domain.YesNo yesNo) {
            choices.add(new Choice("true", yesNo.yes()));
            choices.add(new Choice("false", yesNo.no()));
        } else if (domain instanceof Domain.Ratios ratios) {
            for (Ready ready : ratios.offered()) {
                choices.add(new Choice(ready.ratio().toString(), ready.ratio() + " " + ready.purpose()));
            }
        }
        return choices;
    }

    private static <E> void add(Domain.OneOf<E> oneOf, Direction direction, List<Choice> choices) {
        oneOf.values().forEach(value -> choices.add(new Choice(oneOf.write(value), direction.say(oneOf.say(value)))));
    }
}
