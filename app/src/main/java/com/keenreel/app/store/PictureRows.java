package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.REEL_PICTURE;

import com.keenreel.app.document.TraitsJson;
import com.keenreel.app.store.StoredPicture.Found;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Lined;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.align.Warp;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.Adjustment.Onto;
import com.keenreel.imaging.Evening;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.video.VideoFile.Kind;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/** How pictures and their versions are read from their tables. */
final class PictureRows {
    private static final Field<Integer> USED_IN = DSL.field(
                    DSL.selectCount().from(REEL_PICTURE).where(REEL_PICTURE.PICTURE_ID.eq(PICTURE.ID)))
            .as("used_in");

    /** All columns but the placeholder, whose bytes few queries need. */
    private static final List<Field<?>> VERSION = Arrays.stream(PICTURE_VERSION.fields())
            .filter(field -> !field.equals(PICTURE_VERSION.PLACEHOLDER))
            .toList();

    /** How many numbers a warp has. */
    private static final int WARP = 8;

    private PictureRows() {}

    /** Those pictures in that order, from a place on. */
    static List<StoredPicture> select(DSLContext sql, Condition which, List<SortField<?>> order, int from, int most) {
        return sql.select(PICTURE.fields())
                .select(VERSION)
                .select(USED_IN)
                .from(PICTURE)
                .join(PICTURE_VERSION)
                .on(PICTURE_VERSION.ID.eq(PICTURE.VERSION_ID))
                .where(which)
                .orderBy(order)
                .limit(most)
                .offset(from)
                .fetch(PictureRows::stored);
    }

    private static StoredPicture stored(Record row) {
        String taken = row.get(PICTURE.TAKEN_AT);
        return new StoredPicture(
                new PictureId(row.get(PICTURE.ID)),
                row.get(PICTURE.NAME),
                new PictureWords(
                        row.get(PICTURE.TITLE), row.get(PICTURE.CAPTION), row.get(PICTURE.ALT), row.get(PICTURE.LINK)),
                row.get(PICTURE.CREDIT),
                taken == null ? null : LocalDateTime.parse(taken),
                row.get(PICTURE.BINNED_AT) != null,
                version(row),
                found(row.get(PICTURE.FOUND)),
                row.get(USED_IN),
                lined(row));
    }

    private static @Nullable Lined lined(Record row) {
        String of = row.get(PICTURE.LINED_OF);
        String with = row.get(PICTURE.LINED_WITH);
        return of == null || with == null
                ? null
                : new Lined(
                        new PictureId(of),
                        new PictureId(with),
                        warp(row.get(PICTURE.LINED_BY)),
                        evening(row.get(PICTURE.LINED_BY)));
    }

    static Warp warp(String numbers) {
        return Warp.of(numbers(numbers).subList(0, WARP));
    }

    static Evening evening(String numbers) {
        List<Double> all = numbers(numbers);
        return all.size() == WARP
                ? Evening.NONE
                : new Evening(all.get(WARP), all.get(WARP + 1), all.get(WARP + 2), all.get(WARP + 3));
    }

    private static List<Double> numbers(String numbers) {
        return Arrays.stream(numbers.split(" ")).map(Double::valueOf).toList();
    }

    /** A warp and an evening as the tables have them: eight numbers, and four where colours are evened out. */
    static String words(Warp warp, Evening evening) {
        Stream<Double> even = evening.equals(Evening.NONE)
                ? Stream.of()
                : Stream.of(evening.red(), evening.green(), evening.blue(), evening.strength());
        return Stream.concat(warp.numbers().stream(), even).map(String::valueOf).collect(Collectors.joining(" "));
    }

    private static Adjustment adjustment(Record row) {
        int quarters = row.get(PICTURE_VERSION.QUARTERS).intValue();
        String lined = row.get(PICTURE_VERSION.LINED_BY);
        if (lined != null) {
            int width = row.get(PICTURE_VERSION.WIDTH).intValue();
            int height = row.get(PICTURE_VERSION.HEIGHT).intValue();
            return Adjustment.onto(quarters, new Onto(warp(lined), width, height, evening(lined)));
        }
        double[] trimmed = Arrays.stream(row.get(PICTURE_VERSION.TRIMMED).split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();
        return new Adjustment(quarters, trimmed[0], trimmed[1], trimmed[2], trimmed[3]);
    }

    private static Set<Found> found(String words) {
        return Arrays.stream(words.split(" "))
                .filter(word -> !word.isEmpty())
                .map(word -> Found.valueOf(word.toUpperCase(Locale.ROOT)))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Found.class)));
    }

    /** Those words as the table has them. */
    static String words(Set<Found> found) {
        return found.stream().map(PictureRows::word).collect(Collectors.joining(" "));
    }

    static Version version(Record row) {
        Double x = row.get(PICTURE_VERSION.FOCAL_X);
        Double y = row.get(PICTURE_VERSION.FOCAL_Y);
        return new Version(
                row.get(PICTURE_VERSION.ID),
                new PictureId(row.get(PICTURE_VERSION.PICTURE_ID)),
                row.get(PICTURE_VERSION.SHA256),
                row.get(PICTURE_VERSION.BYTES),
                Format.valueOf(row.get(PICTURE_VERSION.FORMAT).toUpperCase(Locale.ROOT)),
                row.get(PICTURE_VERSION.WIDTH).intValue(),
                row.get(PICTURE_VERSION.HEIGHT).intValue(),
                adjustment(row),
                x == null || y == null ? null : new FocalPoint(x, y),
                TraitsJson.read(row.get(PICTURE_VERSION.TRAITS)),
                State.valueOf(row.get(PICTURE_VERSION.STATE).toUpperCase(Locale.ROOT)),
                row.get(PICTURE_VERSION.PROBLEM),
                row.get(PICTURE_VERSION.NOTE),
                video(row));
    }

    private static @Nullable KeptVideo video(Record row) {
        String sha256 = row.get(PICTURE_VERSION.VIDEO);
        return sha256 == null
                ? null
                : new KeptVideo(
                        sha256,
                        Kind.valueOf(row.get(PICTURE_VERSION.VIDEO_KIND).toUpperCase(Locale.ROOT)),
                        row.get(PICTURE_VERSION.BYTES),
                        row.get(PICTURE_VERSION.VIDEO_LENGTH));
    }

    /** A name of an enumeration as the tables have it. */
    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
