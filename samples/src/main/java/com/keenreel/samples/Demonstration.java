package com.keenreel.samples;

import com.keenreel.samples.Catalogue.Entry;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Builds the demonstration data: pictures, eight reels, three practice pages, and one reel as a folder on disk. */
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
     * @param args where Keen Reel is reached, the folder of the pictures, and where a folder made from a reel is put
     */
    public static void main(String[] args) {
        if (args.length != 3) {
            System.err.println(
                    "Say where Keen Reel is reached, where the pictures are, and where a folder made from a reel"
                            + " goes: http://localhost:8321 samples/pictures data/demo/static");
            System.exit(2);
        }
        new Demonstration(
                        new Client(args[0]),
                        Path.of(args[1]),
                        Path.of(args[2]).toAbsolutePath().normalize())
                .build();
    }

    private void build() {
        bringPictures();
        String plateSet = sets();
        String days = openDays();
        String commissions = commissions();
        String partners = partners();
        String floors = floors();
        String byHand = handHeld();
        String plates = plates();
        String glazes = glazes();
        String passing = passing();
        client.edit(plates, follow(plateSet));
        Map<String, String> code = new HashMap<>();
        for (String reel : List.of(days, commissions, partners, floors, byHand, plates, glazes, passing)) {
            code.put(reel, publish(reel));
        }
        welcome(code.get(days), code.get(partners), code.get(passing));
        whatWeDo(code.get(floors), code.get(commissions), code.get(byHand));
        friends(code.get(glazes), code.get(plates), code.get(partners), code.get(days));
        client.takeFolder(plates, staticFolder);

        // what came later: a publication that was improved, and a change that is not published yet
        client.edit(days, choose("motion.hold", null, "6"));
        publish(days);
        client.edit(commissions, choose("motion.time", null, "0.6"));
        System.out.println("The demonstration data of Fennock Tileworks is in: " + pictures.size()
                + " pictures, 8 reels, 3 practice pages, and one reel as a folder.");
    }

    /** Publishes a reel and gives back the element. */
    private String publish(String reel) {
        return client.send("POST", "/reels/" + reel + "/publication", Client.object())
                .path("element")
                .asString();
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

    private static ObjectNode follow(String set) {
        ObjectNode edit = Client.object().put("kind", "follow");
        edit.putObject("follows")
                .put("set", set)
                .put("order", "by_name")
                .put("most", 12)
                .put("byItself", false);
        return edit;
    }

    private String make(String name, String starter, String slot, String... files) {
        ObjectNode request = Client.object()
                .put("name", name)
                .put("starter", starter)
                .put("slot", slot)
                .put("window", "samples");
        ArrayNode chosen = request.putArray("pictures");
        Arrays.stream(files).map(pictures::get).forEach(chosen::add);
        return client.send("POST", "/reels", request).path("id").asString();
    }

    /** The ids of a reel's slides, in running order. */
    private List<String> slides(String reel) {
        JsonNode cards = client.get("/reels/" + reel + "/slides");
        List<String> ids = new ArrayList<>();
        cards.forEach(card -> ids.add(card.asString()));
        return ids;
    }

    private void say(String reel, String slide, String field, String text) {
        client.edit(
                reel,
                Client.object()
                        .put("kind", "say")
                        .put("slide", slide)
                        .put("field", field)
                        .put("text", text));
    }

    private static ObjectNode choose(String option, String setUp, String value) {
        return Client.object()
                .put("kind", "choose")
                .put("option", option)
                .put("setUp", setUp)
                .put("value", value);
    }

    private void look(String reel, String slide, String setUp, double x, double y) {
        ObjectNode edit =
                Client.object().put("kind", "look").put("slide", slide).put("setUp", setUp);
        edit.putObject("focal").put("x", x).put("y", y);
        client.edit(reel, edit);
    }

    private void hold(String reel, String slide, long ms) {
        client.edit(
                reel, Client.object().put("kind", "hold").put("slide", slide).put("hold", ms));
    }

    private String openDays() {
        String reel = make(
                "Open workshop days",
                "banner",
                "full",
                "banner-workshop-day.jpg",
                "banner-glaze-bench.jpg",
                "banner-long-room.jpg",
                "banner-kiln-glow.jpg",
                "banner-dusk-works.jpg");
        List<String> slides = slides(reel);
        String[][] words = {
            {"Open workshop days", "First weekend of every month, ten to five."},
            {"Try the glaze bench", "Mix two glazes, paint a tile."},
            {"The long room", "Where floors are laid out dry before they are set."},
            {"Kiln opening", "Door open, nobody touches anything for six hours."},
            {"Open until nine", "On the first Friday, lamps on."}
        };
        for (int i = 0; i < words.length; i++) {
            say(reel, slides.get(i), "title", words[i][0]);
            say(reel, slides.get(i), "text", words[i][1]);
        }
        say(reel, slides.get(1), "button", "Book a day");
        say(reel, slides.get(1), "link", "https://fennock.example/days");
        say(reel, slides.get(0), "button", "See the dates");
        say(reel, slides.get(0), "link", "https://fennock.example/dates");
        hold(reel, slides.get(3), 6000);
        look(reel, slides.get(1), null, 0.58, 0.47);
        look(reel, slides.get(1), "phone", 0.46, 0.47);
        look(reel, slides.get(0), null, 0.32, 0.62);
        look(reel, slides.get(3), null, 0.5, 0.52);
        client.edit(reel, choose("words.text", "phone", "false"));
        return reel;
    }

    private String commissions() {
        String[] files = new String[9];
        for (int i = 0; i < 9; i++) {
            files[i] = "commission-0" + (i + 1) + ".jpg";
        }
        String reel = make("Commissions, spring to autumn", "row", "box 1200", files);
        slides(reel).forEach(slide -> say(reel, slide, "link", "https://fennock.example/commissions"));
        return reel;
    }

    private String partners() {
        String reel = make(
                "Who we work with",
                "marquee",
                "box 1200",
                "logos/harskel-lime.svg",
                "logos/tundleby.svg",
                "logos/ovenwick.svg",
                "logos/mosscapel.svg",
                "logos/pellard-voe.svg",
                "logos/sandreeve.svg",
                "logos/kestow-museum.svg",
                "logos/brindleford-school.svg");
        List<String> names = List.of(
                "harskel-lime",
                "tundleby",
                "ovenwick",
                "mosscapel",
                "pellard-voe",
                "sandreeve",
                "kestow",
                "brindleford");
        List<String> slides = slides(reel);
        for (int i = 0; i < slides.size(); i++) {
            say(reel, slides.get(i), "link", "https://" + names.get(i) + ".example/");
        }
        return reel;
    }

    private String floors() {
        String reel = make(
                "Floors, before and after",
                "comparison",
                "box 960",
                "floor-1-before.jpg",
                "floor-1-after.jpg",
                "floor-2-before.jpg",
                "floor-2-after.jpg",
                "floor-3-before.jpg",
                "floor-3-after.jpg");
        String[][] words = {
            {"Entrance medallion", "2,300 stones replaced, every one cut by hand."},
            {"Reading room", "Relaid on the old levels, with the old unevenness."},
            {"Star floor", "Ninety new stars among the old ones."}
        };
        titles(reel, words);
        return reel;
    }

    private void titles(String reel, String[][] words) {
        List<String> slides = slides(reel);
        for (int i = 0; i < words.length; i++) {
            say(reel, slides.get(i), "title", words[i][0]);
            say(reel, slides.get(i), "text", words[i][1]);
        }
    }

    private String handHeld() {
        String reel = make(
                "Two floors, taken by hand",
                "comparison",
                "column 560",
                "floor-4-before.jpg",
                "floor-4-after.jpg",
                "floor-5-before.jpg",
                "floor-5-after.jpg");
        titles(reel, new String[][] {
            {"Fan floor", "Every second fan is new. Can you tell?"},
            {"Star and braid", "The braid was traced from its mirror side."}
        });
        return reel;
    }

    private String plates() {
        String[] names = {
            "quatrefoil",
            "eight-star",
            "target-square",
            "fan",
            "flower-sprig",
            "linked-petals",
            "winding-band",
            "pinwheel",
            "damask"
        };
        String[] files = new String[names.length];
        for (int i = 0; i < names.length; i++) {
            files[i] = "plate-0" + (i + 1) + "-" + names[i] + ".jpg";
        }
        String reel = make("Pattern plates", "banner", "box 960", files);
        client.edit(reel, choose("shape.width", null, "most 640"));
        client.edit(reel, choose("shape.ratio", null, "1:1"));
        client.edit(reel, choose("shape.ratio", "tablet", null));
        client.edit(reel, choose("shape.ratio", "phone", null));
        client.edit(reel, choose("steering.larger", null, "true"));
        client.edit(reel, choose("motion.autoplay", null, "false"));
        client.edit(reel, choose("motion.transition", null, "along"));
        client.edit(reel, choose("words.place", null, "below"));
        return reel;
    }

    private String glazes() {
        String reel = make(
                "Glaze colours",
                "row",
                "box 1200",
                "glaze-celadon.jpg",
                "glaze-cobalt.jpg",
                "glaze-ochre.jpg",
                "glaze-oxblood.jpg",
                "glaze-turquoise.jpg",
                "glaze-milk.jpg",
                "glaze-slate.jpg",
                "glaze-moss.jpg");
        client.edit(reel, choose("row.shown", null, "4"));
        client.edit(reel, choose("row.shown", "tablet", "3"));
        client.edit(reel, choose("shape.ratio", null, "4:5"));
        return reel;
    }

    private String passing() {
        String reel = make(
                "Plates in passing",
                "marquee",
                "full",
                "plate-10-chevron.jpg",
                "plate-02-eight-star.jpg",
                "plate-12-dahlia.jpg",
                "plate-04-fan.jpg",
                "plate-11-strapwork.jpg",
                "plate-08-pinwheel.jpg",
                "plate-06-linked-petals.jpg");
        client.edit(reel, choose("marquee.height", null, "160"));
        client.edit(reel, choose("marquee.height", "phone", "110"));
        client.edit(reel, choose("shape.gap", null, "12"));
        client.edit(reel, choose("marquee.speed", null, "30"));
        return reel;
    }

    private void welcome(String days, String partners, String passing) {
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

    private void whatWeDo(String floors, String commissions, String byHand) {
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

    private void friends(String glazes, String plates, String partners, String days) {
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
                block("embed", "main", glazes),
                block("text", "main", "And the days on which all of them come together:"),
                block("embed", "main", days));
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
