package com.keenreel.app.document;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.core.option.Colour;
import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.Mosaic;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureTraits.Inked;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How the traits of a picture are written and read. */
public final class TraitsJson {
    private TraitsJson() {}

    public static String write(PictureTraits traits) {
        ObjectNode node = DocumentJson.MAPPER.createObjectNode();
        node.put("alpha", traits.alpha());
        node.put("average", traits.average().hex());
        ArrayNode palette = node.putArray("palette");
        traits.palette().forEach(colour -> palette.add(colour.hex()));
        ArrayNode corners = node.putArray("corners");
        traits.corners().forEach(colour -> corners.add(colour.hex()));
        ArrayNode mosaic = node.putArray("mosaic"); // darkest and lightest of a cell in one
        traits.mosaic()
                .cells()
                .forEach(cell ->
                        mosaic.add(cell.darkest().hex() + cell.lightest().hex()));
        node.put("luminance", traits.luminance());
        Inked inked = traits.inked();
        node.putObject("inked")
                .put("left", inked.left())
                .put("top", inked.top())
                .put("right", inked.right())
                .put("bottom", inked.bottom())
                .put("coverage", inked.coverage());
        node.set("focal", DocumentJson.focal(traits.focal()));
        return node.toString();
    }

    /** What is read again and again: each text means the same for ever. */
    private static final Cache<String, PictureTraits> READ =
            Caffeine.newBuilder().maximumSize(5_000).build();

    public static @Nullable PictureTraits read(@Nullable String json) {
        return json == null ? null : READ.get(json, TraitsJson::parsed);
    }

    private static PictureTraits parsed(String json) {
        JsonNode node = DocumentJson.MAPPER.readTree(json);
        List<Colour> palette = new ArrayList<>();
        node.path("palette").forEach(colour -> palette.add(new Colour(colour.asString())));
        List<Colour> corners = new ArrayList<>();
        node.path("corners").forEach(colour -> corners.add(new Colour(colour.asString())));
        List<Extent> mosaic = new ArrayList<>();
        node.path("mosaic").forEach(cell -> mosaic.add(extent(cell.asString())));
        JsonNode inked = node.path("inked");
        return new PictureTraits(
                node.path("alpha").asBoolean(),
                new Colour(node.path("average").asString()),
                palette,
                node.path("luminance").asDouble(),
                new Inked(
                        inked.path("left").asDouble(),
                        inked.path("top").asDouble(),
                        inked.path("right").asDouble(),
                        inked.path("bottom").asDouble(),
                        inked.path("coverage").asDouble()),
                DocumentJson.focal(node.path("focal")),
                corners,
                new Mosaic(mosaic));
    }

    private static Extent extent(String both) {
        int half = both.length() / 2;
        return new Extent(new Colour(both.substring(0, half)), new Colour(both.substring(half)));
    }
}
