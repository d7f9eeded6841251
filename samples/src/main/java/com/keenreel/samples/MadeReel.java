package com.keenreel.samples;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A reel that is being made, edit by edit, as its editor would. Slides are counted from 0. */
final class MadeReel {
    private final Client client;
    private final String id;
    private final List<String> slides = new ArrayList<>();

    MadeReel(Client client, String id) {
        this.client = client;
        this.id = id;
        client.get("/reels/" + id + "/slides").forEach(slide -> slides.add(slide.asString()));
    }

    String id() {
        return id;
    }

    int count() {
        return slides.size();
    }

    MadeReel say(int slide, String field, String text) {
        return edit(Client.object()
                .put("kind", "say")
                .put("slide", slides.get(slide))
                .put("field", field)
                .put("text", text));
    }

    /** Title and text of one slide after the other. */
    MadeReel titles(String[]... words) {
        for (int i = 0; i < words.length; i++) {
            say(i, "title", words[i][0]).say(i, "text", words[i][1]);
        }
        return this;
    }

    MadeReel choose(String option, @Nullable String value) {
        return choose(option, null, value);
    }

    /** What is chosen for one set-up; null takes the choice back. */
    MadeReel choose(String option, @Nullable String setUp, @Nullable String value) {
        return edit(Client.object()
                .put("kind", "choose")
                .put("option", option)
                .put("setUp", setUp)
                .put("value", value));
    }

    /** What is chosen for one slide alone. */
    MadeReel place(int slide, String option, String value) {
        return edit(Client.object()
                .put("kind", "choose")
                .put("option", option)
                .put("slide", slides.get(slide))
                .putNull("setUp")
                .put("value", value));
    }

    /** Places a slide's focal point, from 0 to 1 across and down. */
    MadeReel look(int slide, @Nullable String setUp, double x, double y) {
        ObjectNode edit = Client.object()
                .put("kind", "look")
                .put("slide", slides.get(slide))
                .put("setUp", setUp);
        edit.putObject("focal").put("x", x).put("y", y);
        return edit(edit);
    }

    MadeReel hold(int slide, long ms) {
        return edit(Client.object()
                .put("kind", "hold")
                .put("slide", slides.get(slide))
                .put("hold", ms));
    }

    MadeReel follow(String set) {
        ObjectNode edit = Client.object().put("kind", "follow");
        edit.putObject("follows")
                .put("set", set)
                .put("order", "by_name")
                .put("most", 12)
                .put("byItself", false);
        return edit(edit);
    }

    /**
     * Lines up the two pictures of a comparison, as they are measured to lie.
     *
     * @throws IllegalStateException where they do not show enough of the same
     */
    MadeReel lineUp(int slide) {
        String sheet = "/reels/" + id + "/compare/" + slides.get(slide);
        JsonNode measured = client.send("POST", sheet + "/measured", Client.object());
        JsonNode warp = measured.path("lying").path("warp");
        if (warp.isMissingNode()) {
            throw new IllegalStateException("Slide " + (slide + 1) + " could not be lined up.");
        }
        ObjectNode line = Client.object().put("window", "demonstration").put("editId", "line-up-" + slide);
        line.set("versions", measured.path("versions"));
        line.set("warp", warp);
        client.send("POST", sheet + "/lined", line);
        return this;
    }

    private MadeReel edit(ObjectNode edit) {
        client.edit(id, edit);
        return this;
    }

    /** Publishes it and gives back the element. */
    String publish() {
        return client.send("POST", "/reels/" + id + "/publication", Client.object())
                .path("element")
                .asString();
    }
}
