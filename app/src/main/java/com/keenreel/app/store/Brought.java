package com.keenreel.app.store;

import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.imaging.Received;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A file that was brought and is kept, for a picture to be shown from.
 *
 * @param sha256 of the file
 * @param video what the picture stands for; null for a picture and nothing else
 */
public record Brought(
        Received file, String sha256, @Nullable KeptVideo video) {
    /** One that is a picture and nothing else. */
    public Brought(Received file, String sha256) {
        this(file, sha256, null);
    }

    /** The content by which it is known again: what was brought, not what stands for it. */
    String content() {
        return video == null ? sha256 : video.sha256();
    }

    /** The SHA-256 of every file that was kept for it. */
    Set<String> contents() {
        return video == null ? Set.of(sha256) : Set.of(sha256, video.sha256());
    }

    /** How large what was brought is, bytes. */
    long bytes() {
        return video == null ? file.bytes().length : video.bytes();
    }

    /** The same with one thing more that the person who brought it should know. */
    public Brought saying(String more) {
        return new Brought(file.saying(more), sha256, video);
    }
}
