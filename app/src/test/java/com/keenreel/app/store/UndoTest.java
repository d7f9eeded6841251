package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.REVISION;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.document.DocumentJson;
import com.keenreel.core.Sampled;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.FollowSet;
import com.keenreel.core.edit.RandomEdits;
import com.keenreel.core.edit.SetMostFollowed;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words.Field;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Undo and redo, byte by byte of the document as it is stored. */
class UndoTest {
    private static final String ME = "window";

    @TempDir
    private Path folder;

    private DSLContext sql;
    private EditStore edits;
    private List<PictureId> pictures;
    private SetId set;
    private int asked;

    @BeforeEach
    void open() {
        sql = Database.made(folder);
        edits = new EditStore(sql);
        pictures = IntStream.range(0, 6).mapToObj(this::picture).toList();
        SetStore sets = new SetStore(sql);
        set = sets.make(sets.freshId(), "Followed");
        sets.add(set, pictures.subList(0, 4));
    }

    private PictureId picture(int n) {
        PictureId id = new PictureId("p" + n);
        sql.insertInto(PICTURE)
                .set(PICTURE.ID, id.value())
                .set(PICTURE.NAME, "Picture " + (9 - n))
                .set(PICTURE.TITLE, "")
                .set(PICTURE.CAPTION, "")
                .set(PICTURE.ALT, "")
                .set(PICTURE.CREDIT, "")
                .set(PICTURE.SOUGHT, "")
                .set(PICTURE.ADDED_AT, 1L)
                .execute();
        return id;
    }

    private String made() {
        List<Slide> slides = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            slides.add(Slide.of(new SlideId("s" + i), new Carries.Picture(pictures.get(i))));
        }
        return new ReelStore(sql)
                .make(Reel.named("Undone").withSlides(slides), ME)
                .id();
    }

    private StoredReel apply(String id, Edit edit) {
        return edits.apply(id, edit, ME, "edit-" + ++asked, Long.MAX_VALUE);
    }

    private StoredReel undo(String id) {
        return edits.undo(id, ME, "edit-" + ++asked);
    }

    private StoredReel redo(String id) {
        return edits.redo(id, ME, "edit-" + ++asked);
    }

    private String document(StoredReel reel) {
        return sql.fetchValue(
                REVISION.DOCUMENT, REVISION.REEL_ID.eq(reel.id()).and(REVISION.NUMBER.eq(reel.revision())));
    }

    static List<Long> seeds() {
        return Sampled.of(List.of(1L, 2L, 3L, 4L), 1);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void editsOfEveryKindUndoneToTheStartAndRedoneAreTheSameToTheByte(long seed) {
        String id = made();
        RandomEdits random = new RandomEdits(new Random(seed), pictures, set);
        List<String> documents = new ArrayList<>(List.of(document(new ReelStore(sql).find(id))));
        Set<Class<?>> kinds = new HashSet<>();
        for (int i = 0; i < 250 || kinds.size() < RandomEdits.kinds().size(); i++) {
            StoredReel head = new ReelStore(sql).find(id);
            Edit edit = random.any(head.reel(), i);
            kinds.add(edit.getClass());
            documents.add(document(apply(id, edit)));
        }
        for (int i = documents.size() - 2; i >= 0; i--) {
            assertThat(document(undo(id))).as("seed %s, undone to %s", seed, i).isEqualTo(documents.get(i));
        }
        for (int i = 1; i < documents.size(); i++) {
            assertThat(document(redo(id))).as("seed %s, redone to %s", seed, i).isEqualTo(documents.get(i));
        }
        ReelStore reels = new ReelStore(sql);
        for (int i = 0; i < documents.size(); i++) {
            assertThat(DocumentJson.write(reels.at(id, i + 1)))
                    .as("seed %s, revision %s", seed, i + 1)
                    .isEqualTo(documents.get(i));
        }
        assertThat(sql.fetchCount(REVISION, REVISION.DOCUMENT.startsWith("{")))
                .as("revisions that are kept whole")
                .isEqualTo(1 + (3 * documents.size() - 2) / 50);
    }

    /** Whatever was made: sent through all arrangements and back it is the same to the byte. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aReelSentThroughAllArrangementsAndBackHasLostNothing(long seed) {
        String id = made();
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, pictures, set);
        for (int i = 0; i < 60; i++) {
            apply(id, edits.any(new ReelStore(sql).find(id).reel(), i));
        }
        Reel reel = new ReelStore(sql).find(id).reel();
        Arrangement own = Arrangements.of(reel);
        apply(id, new SetOption<>(Arrangements.OPTION, null, own)); // said, as it will be
        String before = document(new ReelStore(sql).find(id));
        List<Arrangement> all = new ArrayList<>(Arrangements.all());
        Collections.shuffle(all, random);
        all.forEach(other -> apply(id, new SetOption<>(Arrangements.OPTION, null, other)));
        apply(id, new SetOption<>(Arrangements.OPTION, null, own));
        assertThat(document(new ReelStore(sql).find(id))).as("seed " + seed).isEqualTo(before);
    }

    @Test
    void slidesThatWereMadeByHandAreThereAgainAfterFollowingASet() {
        String id = made();
        apply(id, new SetWords(new SlideId("s4"), Field.TITLE, "By hand"));
        String byHand = document(new ReelStore(sql).find(id));
        apply(id, new FollowSet(new Following(set, SetOrder.LAID_OUT, 500, false)));
        StoredReel following = apply(id, new SetWords(new SlideId("s0"), Field.TITLE, "Said while it follows"));
        assertThat(following.reel().slides()).hasSize(4);
        undo(id);
        assertThat(document(undo(id))).isEqualTo(byHand);
        undo(id);
        assertThat(new ReelStore(sql).find(id).reel().slides().get(4).words().title())
                .isNull();
    }

    @Test
    void aPictureThatComesBackIntoASetHasItsWordsAgain() {
        String id = made();
        apply(id, new FollowSet(new Following(set, SetOrder.LAID_OUT, 500, false)));
        apply(id, new SetWords(new SlideId("s1"), Field.TITLE, "Its own"));
        new SetStore(sql).takeOut(set, List.of(pictures.get(1)));
        apply(id, new SetMostFollowed(2));
        apply(id, new SetMostFollowed(9));
        new SetStore(sql).add(set, List.of(pictures.get(1)));
        StoredReel now = new ReelStore(sql).find(id);
        assertThat(now.reel().slide(new SlideId("s1")).orElseThrow().words().title())
                .isEqualTo("Its own");
        StoredReel byHand = apply(id, new FollowSet(null));
        assertThat(byHand.reel().slides())
                .as("what is seen stays")
                .isEqualTo(now.reel().slides());
    }

    @Test
    void whatSomebodyElseSaidMeanwhileStays() {
        String id = made();
        apply(id, new FollowSet(new Following(set, SetOrder.LAID_OUT, 500, false)));
        edits.apply(id, new SetWords(new SlideId("s2"), Field.TITLE, "Theirs"), "other", "theirs", Long.MAX_VALUE);
        StoredReel undone = undo(id);
        assertThat(undone.reel().slides()).hasSize(5);
        assertThat(undone.reel().slides().get(2).words().title()).isEqualTo("Theirs");
    }

    @Test
    void aSetUpTakenOverAndTakenBackIsTheSameToTheByte() {
        String id = made();
        apply(id, new SetOption<>(MotionOptions.AUTOPLAY, null, false));
        apply(id, new SetOption<>(ShapeOptions.RATIO, null, new Ratio(3, 1)));
        String before = document(new ReelStore(sql).find(id));
        Reel other = Reel.named("Other");
        for (Edit edit : List.<Edit>of(
                new SetOption<>(ShapeOptions.RATIO, null, new Ratio(1, 1)),
                new SetOption<>(ShapeOptions.GAP, null, 9.0))) {
            other = edit.applyTo(other);
        }
        Reel from = other;
        edits.step(id, ME, "taken-over", "taken over", now -> now.withChoices(from.choices()));
        assertThat(document(undo(id))).isEqualTo(before);
    }
}
