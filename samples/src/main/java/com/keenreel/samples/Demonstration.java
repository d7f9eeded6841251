package com.keenreel.samples;

import com.keenreel.samples.Catalogue.Entry;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Builds the demonstration data: pictures, twelve reels, five practice pages, and one reel as a folder on disk. */
public final class Demonstration {
    private final Client client;
    private final Path folder;
    private final Map<String, String> pictures = new HashMap<>();

    private final Path staticFolder;

    private Demonstration(Client client, Path folder, Path staticFolder) {
        this.client = client;
        this.folder = folder;
        this.staticFolder = staticFolder;
    }

    /**
     * Brings everything in.
     *
     * @param args where Keen Reel is reached, the folder of the pictures, where a folder made from a reel is put, and the
     *     key, where it may be asked for
     */
    public static void main(String[] args) {
        if (args.length < 3) {
            System.err.println(
                    "Say where Keen Reel is reached, where the pictures are, and where a folder made from a reel"
                            + " goes: http://localhost:8321 samples/pictures data/demo/static");
            System.exit(2);
        }
        new Demonstration(
                        new Client(args[0], args.length > 3 ? args[3] : ""),
                        Path.of(args[1]),
                        Path.of(args[2]).toAbsolutePath().normalize())
                .build();
    }

    private void build() {
        bringPictures();
        String plateSet = sets();
        ShownReels reels = new ShownReels(client, pictures);
        MadeReel days = reels.openDays();
        MadeReel commissions = reels.commissions();
        MadeReel partners = reels.partners();
        MadeReel floors = reels.floors();
        MadeReel byHand = reels.handHeld();
        MadeReel plates = reels.plates();
        MadeReel glazes = reels.glazes();
        MadeReel passing = reels.passing();
        MadeReel walls = reels.walls();
        MadeReel drawer = reels.drawer();
        MadeReel saved = reels.saved();
        MadeReel archive = reels.archive();
        plates.follow(plateSet);
        Map<MadeReel, String> published = new HashMap<>();
        for (MadeReel reel : List.of(
                days, commissions, partners, floors, byHand, plates, glazes, passing, walls, drawer, saved, archive)) {
            published.put(reel, reel.publish());
        }
        Function<MadeReel, String> code = reel -> Objects.requireNonNull(published.get(reel));
        ShownPages pages = new ShownPages(client);
        pages.welcome(code.apply(days), code.apply(partners), code.apply(passing));
        pages.whatWeDo(code.apply(floors), code.apply(commissions), code.apply(byHand));
        pages.friends(code.apply(glazes), code.apply(plates), code.apply(partners), code.apply(days));
        pages.looking(code.apply(walls), code.apply(drawer));
        pages.saved(code.apply(saved), code.apply(archive));
        client.takeFolder(plates.id(), staticFolder);

        // what came later: a publication that was improved, and a change that is not published yet
        days.choose("motion.hold", "6").publish();
        commissions.choose("motion.time", "0.6");
        System.out.println("The demonstration data of Fennock Tileworks is in: " + pictures.size()
                + " pictures, 12 reels, 5 practice pages, and one reel as a folder.");
    }

    private void bringPictures() {
        for (Entry entry : Catalogue.read(folder).values()) {
            String id = client.upload(folder.resolve(entry.file()));
            pictures.put(entry.file(), id);
            client.send(
                    "PUT",
                    "/pictures/" + id + "/words",
                    Client.object()
                            .put("title", entry.title())
                            .put("caption", entry.caption())
                            .put("alt", entry.alt()));
        }
    }

    /** Sets by what the files are called; the pattern plates' is given back. */
    private String sets() {
        set("Open workshop days", "banner-");
        set("Commissions", "commission-");
        set("Glaze colours", "glaze-");
        set("Partner marks", "logos/");
        set("Restored floors", "floor-");
        return set("Pattern plates", "plate-");
    }

    private String set(String name, String start) {
        ObjectNode request = Client.object().put("name", name);
        ArrayNode members = request.putArray("pictures");
        pictures.keySet().stream()
                .filter(file -> file.startsWith(start))
                .sorted()
                .map(pictures::get)
                .forEach(members::add);
        return client.send("POST", "/pictures/sets", request).path("id").asString();
    }
}
