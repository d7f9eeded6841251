package com.keenreel.imaging;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Files of every kind, made by code. */
final class MadeFiles {
    private MadeFiles() {}

    static byte[] encoded(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    /** A JPEG in best quality. */
    static byte[] jpeg(BufferedImage image, boolean progressive) throws IOException {
        return jpeg(image, progressive, 1f);
    }

    static byte[] jpeg(BufferedImage image, boolean progressive, float quality) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality);
            how.setProgressiveMode(progressive ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
            writer.write(null, new IIOImage(image, null, null), how);
        }
        return bytes.toByteArray();
    }

    /** Red to the right, green downwards. */
    static BufferedImage gradient(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, (255 * x / width) << 16 | (255 * y / height) << 8 | 90);
            }
        }
        return image;
    }

    /** Drawings of all sizes with grain on them, as a photograph has. */
    static BufferedImage photograph(int width, int height, long seed) {
        Random random = new Random(seed);
        BufferedImage image = gradient(width, height);
        Graphics2D graphics = image.createGraphics();
        for (int i = 0; i < 400; i++) {
            int size = 4 + (int) (width * 0.3 * Math.pow(random.nextDouble(), 3));
            graphics.setColor(new Color(random.nextInt(0x1000000)));
            graphics.fillOval(random.nextInt(width), random.nextInt(height), size, size);
            graphics.drawLine(
                    random.nextInt(width), random.nextInt(height), random.nextInt(width), random.nextInt(height));
        }
        graphics.dispose();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int grain = random.nextInt(13) - 6;
                int pixel = image.getRGB(x, y);
                image.setRGB(
                        x,
                        y,
                        limited((pixel >> 16 & 0xFF) + grain) << 16
                                | limited((pixel >> 8 & 0xFF) + grain) << 8
                                | limited((pixel & 0xFF) + grain));
            }
        }
        return image;
    }

    private static int limited(int value) {
        return Math.min(255, Math.max(0, value));
    }

    static BufferedImage plain(int width, int height, int rgb) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        int[] line = new int[width * height];
        Arrays.fill(line, rgb);
        image.setRGB(0, 0, width, height, line, 0, width);
        return image;
    }

    /** A JPEG with another segment, after its first. */
    static byte[] with(byte[] jpeg, int marker, byte[] content) {
        int after = 4 + ((jpeg[4] & 0xFF) << 8 | jpeg[5] & 0xFF);
        return ByteBuffer.allocate(jpeg.length + 4 + content.length)
                .put(jpeg, 0, after)
                .put((byte) 0xFF)
                .put((byte) marker)
                .putShort((short) (content.length + 2))
                .put(content)
                .put(jpeg, after, jpeg.length - after)
                .array();
    }

    static byte[] withProfile(byte[] jpeg, byte[] profile) {
        byte[] name = "ICC_PROFILE\0\1\1".getBytes(StandardCharsets.ISO_8859_1);
        return with(
                jpeg,
                0xE2,
                ByteBuffer.allocate(name.length + profile.length)
                        .put(name)
                        .put(profile)
                        .array());
    }

    static byte[] withXmp(byte[] jpeg, String properties) {
        String packet = "http://ns.adobe.com/xap/1.0/\0<x:xmpmeta xmlns:x='adobe:ns:meta/'>"
                + "<rdf:RDF xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'><rdf:Description rdf:about=''"
                + " xmlns:dc='http://purl.org/dc/elements/1.1/' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/'"
                + " xmlns:Iptc4xmpCore='http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/'>" + properties
                + "</rdf:Description></rdf:RDF></x:xmpmeta>";
        return with(jpeg, 0xE1, packet.getBytes(StandardCharsets.UTF_8));
    }

    /** EXIF with texts and numbers (as Short) in its first directory, and a place (GPS) in another. */
    static byte[] exif(Map<Integer, Object> entries) {
        Map<Integer, Object> all = new LinkedHashMap<>(new java.util.TreeMap<>(entries));
        ByteBuffer out = ByteBuffer.allocate(4000);
        int texts = 8 + 2 + 12 * (all.size() + 1) + 4;
        int place = 2000;
        out.put("II*\0".getBytes(StandardCharsets.ISO_8859_1)).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        out.putInt(8).putShort((short) (all.size() + 1));
        for (Map.Entry<Integer, Object> entry : all.entrySet()) {
            out.putShort(entry.getKey().shortValue());
            if (entry.getValue() instanceof String text) {
                byte[] bytes = (text + "\0").getBytes(StandardCharsets.UTF_8);
                out.putShort((short) 2).putInt(bytes.length).putInt(texts);
                out.put(texts, bytes);
                texts += bytes.length;
            } else {
                out.putShort((short) 3)
                        .putInt(1)
                        .putShort((Short) entry.getValue())
                        .putShort((short) 0);
            }
        }
        out.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(place).putInt(0);
        byte[] datum = "PLACE-OF-THE-PICTURE\0".getBytes(StandardCharsets.UTF_8);
        out.position(place);
        out.putShort((short) 1)
                .putShort((short) 0x12)
                .putShort((short) 2)
                .putInt(datum.length)
                .putInt(place + 20);
        out.putInt(0).position(place + 20);
        out.put(datum);
        return ByteBuffer.allocate(6 + out.position())
                .put("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1))
                .put(out.array(), 0, out.position())
                .array();
    }

    /**
     * A display profile (ICC.1, version 2).
     *
     * @param primaries red, green and blue in XYZ, adapted to D50
     * @param curve what a stored value 0 to 1 is in light
     */
    static byte[] profile(double[][] primaries, java.util.function.DoubleUnaryOperator curve) {
        Map<String, byte[]> tags = new LinkedHashMap<>();
        tags.put(
                "desc",
                ByteBuffer.allocate(110)
                        .put("desc\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1))
                        .putInt(5)
                        .put("Made\0".getBytes(StandardCharsets.ISO_8859_1))
                        .array());
        tags.put("cprt", "text\0\0\0\0none\0".getBytes(StandardCharsets.ISO_8859_1));
        tags.put("wtpt", xyz(0.9642, 1, 0.8249));
        ByteBuffer table = ByteBuffer.allocate(12 + 2 * 1024);
        table.put("curv\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1)).putInt(1024);
        for (int i = 0; i < 1024; i++) {
            table.putShort((short) Math.round(65535 * curve.applyAsDouble(i / 1023.0)));
        }
        for (int i = 0; i < 3; i++) {
            String colour = "rgb".substring(i, i + 1);
            tags.put(colour + "XYZ", xyz(primaries[i][0], primaries[i][1], primaries[i][2]));
            tags.put(colour + "TRC", table.array());
        }
        int size = 128 + 4 + 12 * tags.size();
        for (byte[] tag : tags.values()) {
            size += (tag.length + 3) / 4 * 4;
        }
        ByteBuffer out = ByteBuffer.allocate(size);
        out.putInt(size).putInt(0).putInt(0x02100000);
        out.put("mntrRGB XYZ ".getBytes(StandardCharsets.ISO_8859_1)).position(36);
        out.put("acsp".getBytes(StandardCharsets.ISO_8859_1)).position(68);
        out.putInt(0xF6D6).putInt(0x10000).putInt(0xD32D).position(128);
        out.putInt(tags.size());
        int at = 128 + 4 + 12 * tags.size();
        for (Map.Entry<String, byte[]> tag : tags.entrySet()) {
            out.put(tag.getKey().getBytes(StandardCharsets.ISO_8859_1))
                    .putInt(at)
                    .putInt(tag.getValue().length);
            out.put(at, tag.getValue());
            at += (tag.getValue().length + 3) / 4 * 4;
        }
        return out.array();
    }

    private static byte[] xyz(double x, double y, double z) {
        return ByteBuffer.allocate(20)
                .put("XYZ \0\0\0\0".getBytes(StandardCharsets.ISO_8859_1))
                .putInt((int) Math.round(x * 65536))
                .putInt((int) Math.round(y * 65536))
                .putInt((int) Math.round(z * 65536))
                .array();
    }

    /** A PNG with another chunk, after its header. */
    static byte[] withChunk(byte[] png, String name, byte[] content) {
        byte[] named = ByteBuffer.allocate(4 + content.length)
                .put(name.getBytes(StandardCharsets.ISO_8859_1))
                .put(content)
                .array();
        CRC32 sum = new CRC32();
        sum.update(named);
        return ByteBuffer.allocate(png.length + 12 + content.length)
                .put(png, 0, 33)
                .putInt(content.length)
                .put(named)
                .putInt((int) sum.getValue())
                .put(png, 33, png.length - 33)
                .array();
    }

    static byte[] packed(byte[] bytes) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed, new Deflater(9))) {
            out.write(bytes);
        }
        return packed.toByteArray();
    }

    /** A GIF of plain pictures, one after another. */
    static byte[] gif(int width, int height, int... colours) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.prepareWriteSequence(null);
            for (int colour : colours) {
                writer.writeToSequence(new IIOImage(plain(width, height, colour), null, null), null);
            }
            writer.endWriteSequence();
        }
        return bytes.toByteArray();
    }
}
