package com.keenreel.publish;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What ships with every publication: the player, the shell, the common style sheet and the published type. */
public final class PlayerFiles {
    /** One shipped file, named by its content. */
    public record Shipped(String sha256, String extension, byte[] bytes) {
        /** Its immutable address. */
        public String address() {
            return "/f/" + sha256 + "." + extension;
        }
    }

    private static final PlayerFiles SHIPPED = new PlayerFiles();

    private final Shipped player = read("player.js");
    private final Shipped largerPlayer = read("player-larger.js");
    private final Shipped shell = read("shell.js");
    private final Shipped port = read("port.js");
    private final String css = new String(read("base.css").bytes(), StandardCharsets.UTF_8);
    private final String largerCss = new String(read("larger.css").bytes(), StandardCharsets.UTF_8);
    private final Map<Integer, Shipped> faces = new LinkedHashMap<>();

    private PlayerFiles() {
        for (int weight : new int[] {400, 700}) {
            faces.put(weight, read("type-" + weight + ".woff2"));
        }
    }

    /** The files of this build. */
    public static PlayerFiles shipped() {
        return SHIPPED;
    }

    /**
     * The player, a classic script.
     *
     * @param larger whether the reel has pictures that are opened in the larger view, which not every page pays for
     */
    public Shipped player(boolean larger) {
        return larger ? largerPlayer : player;
    }

    /** The guarded shell, a classic script at a stable address. */
    public Shipped shell() {
        return shell;
    }

    /** The clock port, for draft pages alone. */
    public Shipped port() {
        return port;
    }

    /** Everything of these that is published under the address of its content. */
    public List<Shipped> published() {
        return java.util.stream.Stream.concat(java.util.stream.Stream.of(player, largerPlayer), faces.values().stream())
                .toList();
    }

    Shipped face(int weight) {
        return faces.get(weight);
    }

    String css() {
        return css;
    }

    /** What only a reel with a larger view needs beside it. */
    String largerCss() {
        return largerCss;
    }

    /** The faces, under a family named by their content. */
    List<Fragment.Face> faces() {
        return faces.entrySet().stream()
                .map(face -> new Fragment.Face(
                        family(), face.getKey(), face.getValue().address()))
                .toList();
    }

    String family() {
        return "keen-reel-" + faces.get(400).sha256().substring(0, 8);
    }

    private static Shipped read(String name) {
        try (InputStream in = PlayerFiles.class.getResourceAsStream("player/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The build left out " + name + ".");
            }
            byte[] bytes = in.readAllBytes();
            return new Shipped(sha256(bytes), name.substring(name.lastIndexOf('.') + 1), bytes);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** SHA-256 of those bytes, 64 lower case hexadecimal digits. */
    public static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
