package com.keenreel.imaging;

import com.keenreel.core.text.Advances;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;

/** Measures the type that publications are set in, from the same faces that browsers load. */
public final class PublishedType implements Advances {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final Font regular = face(400);
    private final Font bold = face(700);

    private static Font face(int weight) {
        try (InputStream in = PublishedType.class.getResourceAsStream("type/type-" + weight + ".ttf")) {
            if (in == null) {
                throw new IllegalStateException("The build left out the type of weight " + weight + ".");
            }
            return Font.createFont(Font.TRUETYPE_FONT, in)
                    .deriveFont(Map.of(
                            TextAttribute.KERNING, TextAttribute.KERNING_ON,
                            TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
        } catch (FontFormatException | IOException broken) {
            throw new IllegalStateException("The type of weight " + weight + " cannot be read.", broken);
        }
    }

    @Override
    public double of(String text, boolean isBold, double size) {
        if (text.isEmpty()) {
            return 0;
        }
        Font font = (isBold ? bold : regular).deriveFont((float) size);
        return new TextLayout(text, font, EXACT).getAdvance();
    }
}
