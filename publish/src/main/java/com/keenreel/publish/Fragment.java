package com.keenreel.publish;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The whole reel as a shadow root shows it.
 *
 * @param version which state this is
 * @param html the markup, all slides and words
 * @param css the style sheet
 * @param plan the player's plan, JSON
 * @param player the player's address; empty for "nothing is shown"
 * @param type the faces that words are set in
 * @param data its pictures and their words for machines, JSON-LD
 */
public record Fragment(
        String version, String html, String css, String plan, String player, List<Face> type, String data) {
    /** What is served for a reel that is taken down or unknown: it shows nothing. */
    public static final Fragment NOTHING = new Fragment("", "", "", "{}", "", List.of(), "");

    /** A face of published type, at an address of its own content. */
    public record Face(String family, int weight, String address) {}

    /**
     * As JSON, addresses starting at that origin.
     *
     * @param origin such as "https://reels.fennock.example", or empty for the page's own
     */
    public String json(String origin) {
        return Base.put(markedJson(), origin);
    }

    /** As JSON whose addresses are still marked; {@link Base#put} completes it. */
    public String markedJson() {
        return Json.MAPPER
                .createObjectNode()
                .put("version", version)
                .put("html", html)
                .put("css", css)
                .putRawValue("plan", Json.raw(plan))
                .put("player", player.isEmpty() ? "" : Base.MARK + player)
                .put("data", data)
                .set("type", Json.faces(type))
                .toString();
    }

    /** The same as that version. */
    public Fragment as(String other) {
        return new Fragment(other, html, css, plan, player, type, data);
    }

    /**
     * The same with the player, the scripts that it asks for, and the faces at other addresses.
     *
     * @param scripts those it asks for, with the words by which they go there
     */
    Fragment in(String otherPlayer, Map<String, PlayerFiles.Shipped> scripts, List<Face> otherType) {
        String beside = plan;
        for (Map.Entry<String, PlayerFiles.Shipped> script : scripts.entrySet()) {
            beside = beside.replace(script.getValue().name(), script.getKey() + ".js");
        }
        return new Fragment(version, html, css, beside, otherPlayer, otherType, data);
    }

    /** What the player needs beside markup and faces that are already in place, as JSON. */
    String startJson() {
        ObjectNode start =
                Json.MAPPER.createObjectNode().put("version", version).put("player", player);
        start.putRawValue("plan", Json.raw(plan));
        ArrayNode faces = start.putArray("type");
        type.forEach(
                face -> faces.addObject().put("family", face.family()).put("weight", String.valueOf(face.weight())));
        return start.toString();
    }
}
