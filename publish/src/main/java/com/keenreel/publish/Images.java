package com.keenreel.publish;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.space.Part;
import org.jsoup.nodes.Element;

/** The elements of pictures. */
final class Images {
    private final Material material;
    private final Sizes sizes;

    Images(Material material, Sizes sizes) {
        this.material = material;
        this.sizes = sizes;
    }

    /** The element of a picture that fills the frame behind itself, out of focus: its narrowest file is enough. */
    Element behind(PictureId id, Part part) {
        Element image = of(id, part, "", false).addClass(part.kind()).attr("aria-hidden", "true");
        return image.hasAttr("srcset") ? image.attr("sizes", "64px") : image;
    }

    /** The element of a picture that covers a thumbnail. */
    Element small(PictureId id) {
        return small(id, sizes.ofThumbs());
    }

    /**
     * The element of a picture that is drawn small: one file, enough for screens of two pixels a px.
     *
     * @param wide how wide it is drawn, px
     */
    Element small(PictureId id, double wide) {
        PictureFiles files = material.of(id);
        PictureFiles.File file = files.files().stream()
                .filter(one -> one.width() >= 2 * wide)
                .findFirst()
                .orElse(files.largest());
        return new Element("img")
                .attr("alt", "")
                .attr("loading", "lazy")
                .attr("decoding", "async")
                .attr("draggable", "false")
                .attr("src", Base.MARK + file.address());
    }

    /** Whether that is the picture that comes first; of a pair, both sides may show it. */
    private boolean isFirst(PictureId id, Part part) {
        return part.equals(Part.picture(1))
                || part.equals(Part.picture(1, Side.AFTER))
                || part.equals(Part.picture(1, Side.BEFORE))
                        && material.reel().slides().get(0).carries() instanceof Carries.Pair pair
                        && pair.after().equals(id);
    }

    /**
     * The element of a picture.
     *
     * @param part what it is in the reel
     * @param soon whether it is loaded before it comes near
     */
    Element of(PictureId id, Part part, String alt, boolean soon) {
        PictureFiles files = isFirst(id, part) ? material.first() : material.of(id);
        PictureFacts facts = material.facts().of(id);
        Element image = new Element("img")
                .addClass(part.css())
                .attr("alt", alt)
                .attr("width", String.valueOf(facts.width()))
                .attr("height", String.valueOf(facts.height()))
                .attr("decoding", "async")
                .attr("draggable", "false");
        String box = part.box();
        if (box != null) {
            image.attr("data-box", box);
        }
        if (!soon) {
            image.attr("loading", "lazy");
        }
        if (!files.isShapes()) {
            image.attr("sizes", (soon ? "" : "auto, ") + sizes.of(part)).attr("srcset", files.srcset());
        }
        return image.attr("src", Base.MARK + files.fallback().address());
    }
}
