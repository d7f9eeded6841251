package com.keenreel.samples;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The reels of the demonstration. */
final class ShownReels {
    private final Client client;
    private final Map<String, String> pictures;

    /**
     * @param client where they are made
     * @param pictures the id of each picture by the name of its file
     */
    ShownReels(Client client, Map<String, String> pictures) {
        this.client = client;
        this.pictures = pictures;
    }

    MadeReel openDays() {
        MadeReel reel = make(
                "Open workshop days",
                "banner",
                "full",
                "banner-workshop-day.jpg",
                "banner-glaze-bench.jpg",
                "banner-long-room.jpg",
                "kiln-glow.mp4",
                "banner-dusk-works.jpg");
        reel.titles(new String[][] {
            {"Open workshop days", "First weekend of every month, ten to five."},
            {"Try the glaze bench", "Mix two glazes, paint a tile."},
            {"The long room", "Where floors are laid out dry before they are set."},
            {"Kiln opening", "Door open, nobody touches anything for six hours."},
            {"Open until nine", "On the first Friday, lamps on."}
        });
        reel.say(1, "button", "Book a day");
        reel.say(1, "link", "https://fennock.example/days");
        reel.say(0, "button", "See the dates");
        reel.say(0, "link", "https://fennock.example/dates");
        reel.hold(3, 6000);
        reel.look(1, null, 0.58, 0.47);
        reel.look(1, "phone", 0.46, 0.47);
        reel.look(0, null, 0.32, 0.62);
        reel.look(3, null, 0.5, 0.52);
        reel.choose("words.text", "phone", "false");
        return reel;
    }

    MadeReel commissions() {
        String[] files = new String[9];
        for (int i = 0; i < 9; i++) {
            files[i] = "commission-0" + (i + 1) + ".jpg";
        }
        MadeReel reel = make("Commissions, spring to autumn", "row", "box 1200", files);
        for (int i = 0; i < reel.count(); i++) {
            reel.say(i, "link", "https://fennock.example/commissions");
        }
        reel.choose("row.endless", "true");
        return reel;
    }

    MadeReel partners() {
        MadeReel reel = make(
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
        for (int i = 0; i < reel.count(); i++) {
            reel.say(i, "link", "https://" + names.get(i) + ".example/");
        }
        return reel;
    }

    MadeReel floors() {
        MadeReel reel = make(
                "Floors, before and after",
                "comparison",
                "box 960",
                "floor-1-before.jpg",
                "floor-1-after.jpg",
                "floor-2-before.jpg",
                "floor-2-after.jpg",
                "floor-3-before.jpg",
                "floor-3-after.jpg");
        reel.titles(new String[][] {
            {"Entrance medallion", "2,300 stones replaced, every one cut by hand."},
            {"Reading room", "Relaid on the old levels, with the old unevenness."},
            {"Star floor", "Ninety new stars among the old ones."}
        });
        return reel;
    }

    MadeReel handHeld() {
        MadeReel reel = make(
                "Two floors, taken by hand",
                "comparison",
                "column 560",
                "floor-4-before.jpg",
                "floor-4-after.jpg",
                "floor-5-before.jpg",
                "floor-5-after.jpg");
        reel.titles(new String[][] {
            {"Fan floor", "Every second fan is new. Can you tell?"},
            {"Star and braid", "The braid was traced from its mirror side."}
        });
        reel.lineUp(0).lineUp(1);
        reel.choose("look.shadow", "around");
        return reel;
    }

    MadeReel plates() {
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
        MadeReel reel = make("Pattern plates", "banner", "box 960", files);
        reel.choose("shape.width", "most 640");
        reel.choose("shape.ratio", "1:1");
        reel.choose("shape.ratio", "tablet", null);
        reel.choose("shape.ratio", "phone", null);
        reel.choose("steering.larger", "true");
        reel.choose("steering.addressed", "true");
        reel.choose("motion.autoplay", "false");
        reel.choose("motion.transition", "along");
        reel.choose("words.place", "below");
        reel.choose("thumbs.shown", "true");
        reel.choose("thumbs.ratio", "1:1");
        reel.choose("steering.dots", "false");
        return reel;
    }

    MadeReel glazes() {
        MadeReel reel = make(
                "Glaze colours",
                "wordrows",
                "full",
                "glaze-celadon.jpg",
                "glaze-cobalt.jpg",
                "glaze-ochre.jpg",
                "glaze-oxblood.jpg",
                "glaze-turquoise.jpg",
                "glaze-milk.jpg",
                "glaze-slate.jpg",
                "glaze-moss.jpg");
        reel.choose("wordrows.lines", "true");
        reel.choose("wordrows.picture", "24");
        reel.choose("wordrows.picture", "phone", "44");
        reel.choose("shape.ratio", "4:5");
        reel.place(1, "wordrows.across", "20");
        reel.place(4, "wordrows.across", "85");
        return reel;
    }

    /** Told picture by picture: each stays while its words pass. */
    MadeReel saved() {
        MadeReel reel = make(
                "How a floor is saved",
                "standing",
                "box 1200",
                "floor-3-before.jpg",
                "banner-glaze-bench.jpg",
                "banner-kiln-glow.jpg",
                "floor-3-after.jpg");
        reel.titles(new String[][] {
            {
                "Found under a carpet",
                "Forty years under glue and felt. We draw every stone before one is lifted, and number it on the back."
            },
            {
                "Matched by hand",
                "Colour is found on the bench: nine greens were mixed until one would not be told apart."
            },
            {"Fired twice", "Once for the body and once for the glaze. What comes out too bright goes back in."},
            {"Laid again", "On the old levels, with the old unevenness. Ninety new stars lie among the old ones."}
        });
        reel.say(3, "button", "See it on an open day");
        reel.say(3, "link", "https://fennock.example/days");
        reel.place(1, "standing.side", "end");
        reel.place(3, "standing.side", "end");
        return reel;
    }

    /** Three whole pictures, one below another. */
    MadeReel archive() {
        MadeReel reel = make(
                "From the archive", "row", "column 560", "frieze-panorama.jpg", "half-shadow.jpg", "commission-03.jpg");
        for (int i = 0; i < reel.count(); i++) {
            reel.say(i, "link", "https://fennock.example/archive");
        }
        reel.choose("arrangement", "stack");
        reel.choose("shape.ratio", "16:9");
        reel.choose("shape.ratio", "tablet", null);
        reel.choose("shape.ratio", "phone", null);
        return reel;
    }

    MadeReel passing() {
        MadeReel reel = make(
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
        reel.choose("marquee.height", "160");
        reel.choose("marquee.height", "phone", "110");
        reel.choose("shape.gap", "12");
        reel.choose("marquee.speed", "30");
        return reel;
    }

    /** Whole pictures of all kinds of ratios, in rows. */
    MadeReel walls() {
        MadeReel reel = make(
                "Walls of this year",
                "grid",
                "box 1200",
                "commission-04.jpg",
                "commission-01.jpg",
                "banner-long-room.jpg",
                "commission-09.jpg",
                "commission-02.jpg",
                "banner-glaze-bench.jpg",
                "commission-07.jpg",
                "commission-05.jpg",
                "commission-03.jpg",
                "commission-08.jpg",
                "commission-06.jpg");
        reel.choose("grid.cells", "rows");
        reel.choose("grid.height", "phone", "130");
        return reel;
    }

    MadeReel drawer() {
        MadeReel reel = make(
                "From the pattern drawer",
                "depth",
                "box 1200",
                "plate-11-strapwork.jpg",
                "plate-09-damask.jpg",
                "plate-02-eight-star.jpg",
                "plate-12-dahlia.jpg",
                "plate-05-flower-sprig.jpg",
                "plate-10-chevron.jpg",
                "plate-07-winding-band.jpg",
                "plate-03-target-square.jpg");
        reel.choose("shape.ratio", "1:1");
        reel.choose("shape.ratio", "phone", null);
        reel.choose("shape.width", "most 960");
        reel.choose("words.place", "nowhere");
        return reel;
    }

    private MadeReel make(String name, String starter, String slot, String... files) {
        ObjectNode request = Client.object()
                .put("name", name)
                .put("starter", starter)
                .put("slot", slot)
                .put("window", "samples");
        ArrayNode chosen = request.putArray("pictures");
        Arrays.stream(files).map(pictures::get).forEach(chosen::add);
        return new MadeReel(
                client, client.send("POST", "/reels", request).path("id").asString());
    }
}
