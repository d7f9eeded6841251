package com.keenreel.app.pictures;

import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.Found;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.reel.Link;
import com.keenreel.core.reel.PictureTraits;

/**
 * One picture as pages and scripts see it.
 *
 * @param found says which of its words were found in its file and not looked at yet, as a sentence
 * @param leads where its link leads, as a sentence; empty where it has none
 * @param colour its average, which stands where it will be
 * @param video "video, 0:08"; empty for a picture and nothing else
 * @param large where it is shown for working on it
 * @param soft whether a reel shows it larger than it is
 */
record Shown(
        String id,
        String name,
        String shortName,
        String state,
        String problem,
        String note,
        String thumbnail,
        String colour,
        int width,
        int height,
        String title,
        String caption,
        String alt,
        String credit,
        String link,
        String leads,
        String found,
        int usedIn,
        String video,
        String large,
        boolean soft) {
    private static final int LONGEST = 24;

    static Shown of(StoredPicture picture) {
        return of(picture, false);
    }

    static Shown of(StoredPicture picture, boolean soft) {
        Version version = picture.version();
        String problem = version.problem();
        PictureTraits traits = version.traits();
        return new Shown(
                picture.id().value(),
                picture.name(),
                shortened(picture.name()),
                version.state().name().toLowerCase(java.util.Locale.ROOT),
                problem == null ? "" : problem,
                version.note(),
                Shelf.thumbnail(version),
                traits == null || traits.alpha() ? "" : traits.average().hex(),
                version.width(),
                version.height(),
                picture.words().title(),
                picture.words().caption(),
                picture.words().alt(),
                picture.credit(),
                picture.words().link(),
                Link.said(picture.words().link()),
                Found.said(picture.found().stream().map(Found::says).toList()),
                picture.usedIn(),
                version.videoSaid(),
                Shelf.large(version),
                soft);
    }

    /** Shortened in the middle: what tells two files apart is mostly at the end. */
    private static String shortened(String name) {
        if (name.length() <= LONGEST) {
            return name;
        }
        int tail = LONGEST / 2;
        return name.substring(0, LONGEST - tail - 1) + "…" + name.substring(name.length() - tail);
    }

    /** What it is called for those who listen. */
    public String called() {
        return alt.isEmpty() ? name : alt;
    }

    /** How it fills its place: drawings stand in it whole. */
    public String fits() {
        return thumbnail.endsWith(".svg") ? "xMidYMid meet" : "xMidYMid slice";
    }

    /** "unused", "in 1 reel", "in 3 reels". */
    public String use() {
        return usedIn == 0 ? "unused" : usedIn == 1 ? "in 1 reel" : "in " + usedIn + " reels";
    }
}
