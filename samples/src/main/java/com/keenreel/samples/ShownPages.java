package com.keenreel.samples;

import java.util.Arrays;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The practice pages of the demonstration, with its reels among their words. */
final class ShownPages {
    private final Client client;

    ShownPages(Client client) {
        this.client = client;
    }

    void welcome(String days, String partners, String passing) {
        page(
                "welcome",
                "Tiles that were nearly lost",
                block("embed", "wide", days),
                block(
                        "text",
                        "main",
                        "We restore glazed wall tiles and mosaic floors, and we make new ones where old ones are gone. Most of our work hangs in stairwells and lies under carpets: we find it, take it up, and bring it back."),
                block("heading", "main", "Come and look"),
                block(
                        "text",
                        "main",
                        "On open workshop days the kiln is warm, the benches are full and every question is welcome. Children paint a tile of their own and fetch it a week later."),
                block("heading", "side", "When we are here"),
                block(
                        "text",
                        "side",
                        "Tuesday to Friday, eight to four.\nOpen workshop days on the first weekend of the month."),
                block("heading", "main", "Who we work with"),
                block("embed", "main", partners),
                block("embed", "wide", passing));
    }

    void whatWeDo(String floors, String commissions, String byHand) {
        page(
                "what-we-do",
                "What we do",
                block(
                        "text",
                        "main",
                        "Drag the line: on the left the floor as we found it, on the right as it lies today. Nothing was moved; every stone lies where it lay."),
                block("embed", "main", floors),
                block("heading", "side", "How long it takes"),
                block("text", "side", "A square metre of mosaic takes two people four days, the cleaning not counted."),
                block("heading", "main", "Commissions of this year"),
                block("embed", "main", commissions),
                block("text", "main", "Each of these walls began with one surviving tile."),
                block("heading", "main", "Two more floors, taken by hand"),
                block("embed", "main", byHand));
    }

    void friends(String glazes, String plates, String partners, String days) {
        page(
                "partners",
                "Partners and friends",
                block(
                        "text",
                        "main",
                        "Lime from one place, clay from another, drawings from a school that still teaches them."),
                block("embed", "main", partners),
                block("embed", "main", plates),
                block("heading", "main", "Glazes that we keep"),
                block("embed", "wide", glazes),
                block("text", "main", "And the days on which all of them come together:"),
                block("embed", "main", days));
    }

    void looking(String walls, String drawer) {
        page(
                "walls",
                "Walls and patterns",
                block(
                        "text",
                        "main",
                        "Every wall here is whole: nothing was cut off for the picture, as nothing is cut off on the wall."),
                block("embed", "wide", walls),
                block("heading", "main", "From the pattern drawer"),
                block("text", "main", "Turn them over with a finger, or press one that stands behind."),
                block("embed", "wide", drawer));
    }

    void saved(String saved, String archive) {
        page(
                "how-a-floor-is-saved",
                "How a floor is saved",
                block(
                        "text",
                        "main",
                        "A floor is not repaired where it lies. It is taken up, stone by stone, and brought back; this one took two winters."),
                block("embed", "wide", saved),
                block("heading", "main", "From the archive"),
                block("embed", "main", archive),
                block("text", "main", "Most of what we know we learnt from walls that nobody could save."));
    }

    private static ObjectNode block(String kind, String column, String content) {
        return Client.object().put("kind", kind).put("column", column).put("content", content);
    }

    private void page(String slug, String title, ObjectNode... blocks) {
        ObjectNode page = Client.object().put("title", title);
        ArrayNode all = page.putArray("blocks");
        Arrays.stream(blocks).forEach(all::add);
        client.send("PUT", "/practice/" + slug, page);
    }
}
