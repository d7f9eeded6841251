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
import java.util.Objects;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** What ships with every publication: the player, the shell, the common style sheet and the published type. */
public final class PlayerFiles {
    /** One shipped file, named by its content. */
    public record Shipped(String sha256, String extension, byte[] bytes) {
        /** Its immutable address. */
        public String address() {
            return "/f/" + name();
        }

        /** The last part of its address. */
        String name() {
            return sha256 + "." + extension;
        }
    }

    private static final PlayerFiles SHIPPED = new PlayerFiles();

    private final Map<String, Shipped> players = new TreeMap<>();
    private final Shipped shell = read("shell.js");
    private final Shipped days = read("days.js");
    private final Shipped port = read("port.js");
    private final Map<String, Shipped> later = new TreeMap<>(); // by their words
    private final Map<String, String> styles = new ConcurrentHashMap<>();
    private final Map<Integer, Shipped> faces = new LinkedHashMap<>();

    private PlayerFiles() {
        new String(read("players.txt").bytes(), StandardCharsets.UTF_8)
                .lines()
                .forEach(name -> players.put(name, read("player-" + name + ".js")));
        new String(read("later.txt").bytes(), StandardCharsets.UTF_8)
                .lines()
                .forEach(name -> later.put(name, read(name + ".js")));
        for (int weight : new int[] {400, 700}) {
            faces.put(weight, read("type-" + weight + ".woff2"));
        }
    }

    /** The files of this build. */
    public static PlayerFiles shipped() {
        return SHIPPED;
    }

    /** The player with what that reel needs and no more, a classic script. */
    public Shipped player(Needs needs) {
        Shipped player = players.get(needs.script());
        if (player == null) {
            throw new IllegalStateException("There is no player for " + needs + ".");
        }
        return player;
    }

    /** Whether that fragment, as JSON, is run by a player of this build. */
    public boolean isOf(String fragment) {
        return players.values().stream().anyMatch(player -> fragment.contains(player.sha256()));
    }

    /** The guarded shell, a classic script at a stable address. */
    public Shipped shell() {
        return shell;
    }

    /** What a folder's page needs when it shows something else from later days on. */
    Shipped days() {
        return days;
    }

    /** The larger view, which a player asks for at the first press. */
    public Shipped larger() {
        return later("larger");
    }

    /** What a player asks for when it runs, or is pressed. */
    Shipped later(String word) {
        return Objects.requireNonNull(later.get(word));
    }

    /** The clock port, for draft pages alone. */
    public Shipped port() {
        return port;
    }

    /** Everything of these that is published under the address of its content. */
    public List<Shipped> published() {
        return Stream.of(players.values().stream(), later.values().stream(), faces.values().stream())
                .flatMap(some -> some)
                .toList();
    }

    Shipped face(int weight) {
        return Objects.requireNonNull(faces.get(weight));
    }

    /** What every reel has. */
    String css() {
        return css("base");
    }

    /** What comes beside it for a reel that needs it, such as "larger" or "styles/pairs"; empty when there is none. */
    String css(String name) {
        return styles.computeIfAbsent(name, any -> {
            try (InputStream in = PlayerFiles.class.getResourceAsStream("player/" + name + ".css")) {
                return in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        });
    }

    /** The faces, under a family named by their content. */
    List<Fragment.Face> faces() {
        return faces.entrySet().stream()
                .map(face -> new Fragment.Face(
                        family(), face.getKey(), face.getValue().address()))
                .toList();
    }

    String family() {
        return "keen-reel-" + face(400).sha256().substring(0, 8);
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
