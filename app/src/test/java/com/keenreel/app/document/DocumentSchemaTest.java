package com.keenreel.app.document;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The schema that is shipped describes the documents that are written. */
class DocumentSchemaTest {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(DocumentSchema.text(), InputFormat.JSON);

    private static List<String> faults(String document) {
        return SCHEMA.validate(document, InputFormat.JSON).stream()
                .map(Object::toString)
                .toList();
    }

    @Test
    void theFileIsWhatTheCatalogueSays() throws IOException {
        assertThat(Files.readString(DocumentSchema.FILE))
                .as("write it anew with DocumentSchema's main")
                .isEqualTo(DocumentSchema.text());
    }

    private static <T> Reel choosing(Reel reel, Option<T> option) {
        Reel all = reel.withChoices(reel.choices().with(option, null, option.usual()));
        return option.bySetUp() ? all.withChoices(all.choices().with(option, SetUp.PHONE, option.usual())) : all;
    }

    @Test
    void everyDocumentThatIsWrittenFits() {
        Reel reel = Reel.named("All of it").withSlot(Slot.read("column 360"));
        for (Option<?> option : DocumentSchema.options()) {
            reel = choosing(reel, option);
        }
        Slide pair = new Slide(
                new SlideId("a1"),
                new Carries.Pair(new PictureId("p1"), new PictureId("p2"), "Found", "", 0.31)
                        .withEffect(Carries.Side.AFTER, new Effect(Effect.Kind.BLUR, 0.4))
                        .withBetween(List.of(new Carries.Between(new PictureId("p5"), "Cleaned", 0.5))),
                new Words("", null, "Look", "https://fennock.example/", "An alt text"),
                6500L,
                new BySetUp<>(new FocalPoint(0.1, 0.9), Map.of(SetUp.PHONE, FocalPoint.CENTRE)),
                new com.keenreel.core.reel.Showing(
                        true, java.time.LocalDate.of(2026, 12, 12), java.time.LocalDate.MAX.withYear(2027)),
                new com.keenreel.core.option.BySetUp<>(null, Map.of(SetUp.TABLET, new PictureId("p4"))),
                true,
                Choices.USUAL.with(ShapeOptions.FIT, SetUp.PHONE, FitKind.WHOLE));
        Slide plain = Slide.of(new SlideId("b"), new Carries.Plain(new Colour("#123456")));
        Slide picture = Slide.of(new SlideId("c"), new Carries.Picture(new PictureId("p3")));
        reel = reel.withSlides(List.of(pair, plain, picture))
                .withFollows(new Following(new SetId("s"), SetOrder.NEWEST, 9, true));
        assertThat(faults(DocumentJson.write(reel))).isEmpty();
        assertThat(faults(DocumentJson.write(Reel.named("Empty")))).isEmpty();
    }

    @Test
    void whatIsNoDocumentDoesNotFit() {
        String empty = DocumentJson.write(Reel.named("Empty"));
        assertThat(faults(empty.replace("\"name\":\"Empty\"", "\"name\":\"\""))).isNotEmpty();
        assertThat(faults(empty.replace("\"choices\":{}", "\"choices\":{\"no.such\":{\"all\":\"1\"}}")))
                .isNotEmpty();
        assertThat(faults(empty.replace("\"choices\":{}", "\"choices\":{\"shape.fit\":{\"all\":\"stretch\"}}")))
                .isNotEmpty();
        assertThat(faults(empty.replace("\"slides\":[]", "\"slides\":[{\"id\":\"A\"}]")))
                .isNotEmpty();
    }

    /** As the first release of the application wrote it; it is read for as long as there are such files. */
    @Test
    void aDocumentOfTheFirstFormIsRead() {
        String first =
                "{\"format\":1,\"name\":\"Kept\",\"slot\":\"box 1200\",\"choices\":{\"arrangement\":{\"all\":\"row\"},"
                        + "\"shape.ratio\":{\"all\":\"1:1\",\"phone\":\"4:5\"},\"row.shown\":{\"all\":\"3\",\"phone\":\"1\"}},"
                        + "\"slides\":[{\"id\":\"s1\",\"carries\":{\"picture\":\"p1\"},\"words\":{\"button\":\"Look\"},\"hold\":6500,"
                        + "\"focal\":{\"all\":{\"x\":0.25,\"y\":0.5}}}]}";
        Reel read = DocumentJson.read(first);
        assertThat(read.name()).isEqualTo("Kept");
        assertThat(read.slides().get(0).hold()).isEqualTo(6500L);
        assertThat(read.slides().get(0).focal().all()).isEqualTo(new FocalPoint(0.25, 0.5));
        assertThat(faults(first)).isEmpty();
        assertThat(DocumentJson.MAPPER.readTree(DocumentJson.write(read)))
                .isEqualTo(DocumentJson.MAPPER.readTree(first));
    }
}
