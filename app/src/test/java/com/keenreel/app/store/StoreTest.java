package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.RENDITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.document.DocumentJson;
import com.keenreel.core.edit.AddSlide;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.edit.SetHold;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StoreTest {
    @TempDir
    private Path folder;

    private ReelStore reels;
    private EditStore edits;

    @BeforeEach
    void open() {
        DSLContext sql = Database.made(folder);
        reels = new ReelStore(sql);
        edits = new EditStore(sql);
    }

    private static Slide plain(String id) {
        return Slide.of(new SlideId(id), new Carries.Plain(new Colour("#123456")));
    }

    @Test
    void aDocumentIsReadAsItWasWritten() {
        Slide pair = new Slide(
                new SlideId("a1"),
                new Carries.Pair(new PictureId("p1"), new PictureId("p2"), "Found", "", 0.31),
                new Words("", null, "Look", "https://fennock.example/", "An alt text"),
                6500L,
                new com.keenreel.core.option.BySetUp<>(
                        new FocalPoint(0.1, 0.9), Map.of(SetUp.PHONE, FocalPoint.CENTRE)),
                new com.keenreel.core.reel.Showing(true, java.time.LocalDate.of(2026, 12, 12), null),
                new com.keenreel.core.option.BySetUp<>(null, Map.of(SetUp.TABLET, new PictureId("p4"))),
                true,
                Choices.USUAL.with(ShapeOptions.FIT, SetUp.PHONE, FitKind.WHOLE));
        Reel reel = Reel.named("All of it").withSlot(Slot.read("column 360")).withSlides(List.of(pair, plain("b")));
        reel = reel.withChoices(reel.choices()
                .with(ShapeOptions.RATIO, SetUp.TABLET, new Ratio(2.4, 1))
                .with(ShapeOptions.GAP, null, 12.5));
        assertThat(DocumentJson.read(DocumentJson.write(reel))).isEqualTo(reel);
    }

    @Test
    void whatCouldNotBeReadAgainIsNotStored() {
        StoredReel reel = reels.make(Reel.named("Out of bounds"), "w1");
        assertThatThrownBy(() -> edits.step(
                        reel.id(),
                        "w1",
                        "edit-1",
                        "a gap without end",
                        now -> now.withChoices(now.choices().with(ShapeOptions.GAP, null, 1e9))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("nothing was changed");
        assertThat(reels.find(reel.id()).revision()).isEqualTo(reel.revision());
    }

    @Test
    void anEditWithoutAnIdOfItsOwnIsRefused() {
        StoredReel reel = reels.make(Reel.named("Nameless"), "w1");
        assertThatThrownBy(() -> edits.apply(reel.id(), new AddSlide(plain("a"), null), "w1", "", 1))
                .hasMessageContaining("needs an id of its own");
    }

    @Test
    void theSameEditIsStoredOnceHoweverOftenItIsSent() {
        StoredReel reel = reels.make(Reel.named("Once"), "w1");
        StoredReel first = edits.apply(reel.id(), new AddSlide(plain("a"), null), "w1", "edit-1", 1);
        StoredReel again = edits.apply(reel.id(), new AddSlide(plain("a"), null), "w1", "edit-1", 1);
        assertThat(first.revision()).isEqualTo(2);
        assertThat(again).isEqualTo(first);
    }

    @Test
    void editsOfTwoPeopleAreBothKeptUnlessTheyTypedTheSameWords() {
        StoredReel reel = reels.make(Reel.named("Two people").withSlides(List.of(plain("a"))), "w1");
        edits.apply(reel.id(), new SetWords(new SlideId("a"), Words.Field.TITLE, "Mine"), "w1", "1", 1);
        StoredReel both = edits.apply(reel.id(), new SetHold(new SlideId("a"), 7000L), "w2", "2", 1);
        assertThat(both.reel().slides().get(0).words().title()).isEqualTo("Mine");
        assertThat(both.reel().slides().get(0).hold()).isEqualTo(7000L);
        assertThatThrownBy(() -> edits.apply(
                        reel.id(), new SetWords(new SlideId("a"), Words.Field.TITLE, "Theirs"), "w2", "3", 1))
                .isInstanceOfSatisfying(
                        Conflict.class,
                        conflict -> assertThat(conflict.theirs()).isEqualTo("Mine"));
        assertThat(edits.apply(reel.id(), new SetWords(new SlideId("a"), Words.Field.TITLE, "Seen"), "w2", "4", 3)
                        .reel()
                        .slides()
                        .get(0)
                        .words()
                        .title())
                .isEqualTo("Seen");
    }

    @Test
    void undoIsEachWindowsOwnAndHistoryOnlyGrows() {
        StoredReel reel = reels.make(Reel.named("Start"), "w1");
        String id = reel.id();
        edits.apply(id, new Rename("By one"), "w1", "1", 1);
        edits.apply(id, new SetOption<>(MotionOptions.HOLD, null, 9000L), "w2", "2", 2);
        StoredReel undone = edits.undo(id, "w1", "3");
        assertThat(undone.reel().name()).isEqualTo("Start");
        assertThat(undone.reel().choices().get(MotionOptions.HOLD)).isEqualTo(9000);
        assertThat(undone.revision()).isEqualTo(4);
        assertThat(edits.redo(id, "w1", "4").reel().name()).isEqualTo("By one");
        assertThatThrownBy(() -> edits.redo(id, "w1", "5"))
                .isInstanceOf(Refusal.class)
                .hasMessage("There is nothing to do again.");
        edits.apply(id, new Rename("By the other"), "w2", "6", 5);
        assertThatThrownBy(() -> edits.undo(id, "w1", "7"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("somebody else has changed the same thing");
        assertThat(reels.at(id, 2).name()).isEqualTo("By one");
        assertThat(edits.since(id, 3))
                .containsExactly(
                        "undone: name \"By one\" instead of \"Start\"",
                        "redone: name \"By one\" instead of \"Start\"",
                        "name \"By the other\" instead of \"By one\"");
    }

    @Test
    void aPictureThatIsNotInTheLibraryIsRefusedAndNothingIsStored() {
        StoredReel reel = reels.make(Reel.named("No picture"), "w1");
        Slide slide = Slide.of(new SlideId("a"), new Carries.Picture(new PictureId("nowhere")));
        assertThatThrownBy(() -> edits.apply(reel.id(), new AddSlide(slide, null), "w1", "1", 1))
                .isInstanceOf(Refusal.class)
                .hasMessage("That picture is not in the library.");
        assertThat(reels.find(reel.id())).isEqualTo(reel);
    }

    @Test
    void addressesOfReelsAreNeverShared() {
        assertThat(reels.make(Reel.named("Müller & Söhne"), "w").slug()).isEqualTo("muller-sohne");
        assertThat(reels.make(Reel.named("Muller Sohne!"), "w").slug()).isEqualTo("muller-sohne-2");
        assertThat(reels.make(Reel.named("…"), "w").slug()).isEqualTo("reel");
    }

    @Test
    void aRenditionIsFoundByItsContentWithoutReadingAllOfThem() {
        DSLContext sql = Database.made(folder);
        String plan = sql.fetch("EXPLAIN QUERY PLAN "
                        + sql.renderInlined(DSL.selectOne()
                                .from(RENDITION)
                                .where(VersionStore.isContent(DSL.val("ab".repeat(32))))))
                .formatCSV();
        assertThat(plan).contains("rendition_by_content").doesNotContain("SCAN");
    }
}
