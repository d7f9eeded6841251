package com.keenreel.app.bench;

import com.keenreel.core.reel.SlideId;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Who asks for something on the bench, and what their window shows.
 *
 * @param window the name of the window, in whose name things are done and undone
 * @param editId the id of what is asked for, so that asking again does it once
 * @param slide the slide whose sheet is open; null for none
 * @param page the width of the page that was added to the wall, px; null for none
 * @param shows the version of what its wall shows; empty when it is to be told all
 */
record Asked(
        String window,
        String editId,
        @Nullable String slide,
        @Nullable Double page,
        String shows) {
    Asked {
        named(window);
        named(editId);
    }

    /** As it is sent: {@code {window, editId, slide, page, shows}}. */
    static Asked of(JsonNode request) {
        return new Asked(
                request.path("window").asString(""),
                request.path("editId").asString(""),
                request.hasNonNull("slide") ? request.path("slide").asString() : null,
                request.hasNonNull("page") ? request.path("page").asDouble() : null,
                request.path("shows").asString(""));
    }

    /** The slide whose sheet is open; null for none. */
    @Nullable
    SlideId slideId() {
        return slide == null ? null : new SlideId(slide);
    }

    private static void named(String value) {
        if (!value.matches("[A-Za-z0-9-]{1,64}")) {
            throw new IllegalArgumentException("An edit names its window and itself.");
        }
    }
}
