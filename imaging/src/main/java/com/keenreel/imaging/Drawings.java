package com.keenreel.imaging;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;

/** A drawing as pixels, to be looked at by calculations. */
final class Drawings {
    private Drawings() {}

    /**
     * The drawing, as wide as pictures are analysed.
     *
     * @throws Refused when it cannot be drawn
     */
    static Pixels pixels(Received file) throws Refused {
        int width = Analysis.WIDTH;
        int height = (int) Math.max(1, Math.min(4L * width, Math.round((double) width * file.height() / file.width())));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        try {
            SVGDocument document =
                    new SVGLoader().load(new ByteArrayInputStream(file.bytes()), null, LoaderContext.createDefault());
            if (document == null) {
                throw Refused.broken();
            }
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            document.render((java.awt.Component) null, graphics, new ViewBox(width, height));
        } catch (RuntimeException | StackOverflowError unusual) {
            throw new Refused("The drawing cannot be drawn. Export it in a simpler form, or as PNG.");
        } finally {
            graphics.dispose();
        }
        return new Pixels(width, height, image.getRGB(0, 0, width, height, null, 0, width), true);
    }
}
