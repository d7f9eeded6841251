package com.keenreel.imaging;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.WritableRaster;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;

/** Colour profiles as files embed them (ICC.1), and the way from them to sRGB. */
final class Profiles {
    private Profiles() {}

    /** The profile in those bytes; null where it is sRGB anyway, or none that pictures on screens have. */
    static @Nullable ICC_Profile read(byte[] bytes) {
        try {
            ICC_Profile profile = ICC_Profile.getInstance(bytes);
            int kind = profile.getColorSpaceType();
            boolean usable = kind == ColorSpace.TYPE_RGB || kind == ColorSpace.TYPE_GRAY;
            return usable && !isSrgb(profile) ? profile : null;
        } catch (RuntimeException broken) { // the picture is shown as if it had none
            return null;
        }
    }

    private static boolean isSrgb(ICC_Profile profile) {
        byte[] named = profile.getData(ICC_Profile.icSigProfileDescriptionTag);
        String name = named == null ? "" : new String(named, StandardCharsets.ISO_8859_1).replace("\0", "");
        return name.contains("sRGB");
    }

    /** The same picture in sRGB. */
    static Pixels toSrgb(Pixels pixels, ICC_Profile profile) {
        ColorSpace from = new ICC_ColorSpace(profile);
        int bands = from.getNumComponents();
        ComponentColorModel model =
                new ComponentColorModel(from, false, false, Transparency.OPAQUE, DataBuffer.TYPE_BYTE);
        WritableRaster raster = model.createCompatibleWritableRaster(pixels.width(), pixels.height());
        byte[] colours = ((DataBufferByte) raster.getDataBuffer()).getData();
        int[] argb = pixels.argb();
        for (int i = 0; i < argb.length; i++) {
            colours[i * bands] = (byte) (argb[i] >> 16);
            if (bands == 3) {
                colours[i * 3 + 1] = (byte) (argb[i] >> 8);
                colours[i * 3 + 2] = (byte) argb[i];
            }
        }
        BufferedImage converted = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_RGB);
        new ColorConvertOp(null).filter(new BufferedImage(model, raster, false, null), converted);
        int[] srgb = converted.getRGB(0, 0, pixels.width(), pixels.height(), null, 0, pixels.width());
        for (int i = 0; i < srgb.length; i++) {
            srgb[i] = argb[i] & 0xFF000000 | srgb[i] & 0xFFFFFF;
        }
        return new Pixels(pixels.width(), pixels.height(), srgb, pixels.alpha());
    }
}
