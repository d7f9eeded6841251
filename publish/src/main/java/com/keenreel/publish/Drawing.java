package com.keenreel.publish;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What the wall shows of a reel: a fragment, and what of it differs from an earlier one. Its version is a hash of all that a
 * page shows; slides and rules are told apart by hashes too, so that little is kept of what was drawn before.
 */
public final class Drawing {
    /** Rules that differ, after which a page reads the style sheet anew. */
    private static final int MOST = 40;

    private final Fragment fragment;
    private final Written markup;
    private final Css css;
    private final Known known;
    private final Drawn drawn;

    /**
     * What is kept of a drawing.
     *
     * @param around hash of what stands around the slides, with the player's address
     * @param slides hashes of the slides, in their order; none for a band, whose copies stand around nothing
     * @param rules hashes of the rules, by their piece; a block's first one is of its condition
     */
    record Known(String around, List<String> slides, List<List<String>> rules, String plan) {}

    Drawing(Fragment fragment, Written markup, Css css, Drawn drawn) {
        List<List<String>> rules = new ArrayList<>();
        for (Css.Piece piece : css.own()) {
            List<String> own = new ArrayList<>(List.of(piece.condition()));
            piece.rules().forEach(rule -> own.add(hash(rule, drawn)));
            rules.add(own);
        }
        this.known = new Known(
                hash(markup.before() + "\0" + markup.after() + "\0" + fragment.player(), drawn),
                markup.slides().stream().map(slide -> hash(slide.html(), drawn)).toList(),
                rules,
                hash(fragment.plan(), drawn));
        this.fragment = fragment.as(hash(known.toString()));
        this.markup = markup;
        this.css = css;
        this.drawn = drawn;
        drawn.keep(this.fragment.version(), known);
    }

    /** All that a page shows. */
    public Fragment fragment() {
        return fragment;
    }

    /** Tells this drawing from others of the reel. */
    public String version() {
        return fragment.version();
    }

    /**
     * What a page takes that shows an earlier drawing, as JSON: {@code {from, version, player, type, css, rules, plan, slides}},
     * of which the last four are there where they differ. Rules stand at places counted from the end of the style sheet, or
     * of it and then from the start of a block with so many; slides at places from the start.
     *
     * @param version of what the page shows
     * @return empty where it has to take the whole fragment, because it shows something too different, or what is not known
     */
    public Optional<String> since(String version) {
        Known former = drawn.known(version);
        if (former == null
                || !former.around().equals(known.around())
                || former.slides().size() != known.slides().size()) {
            return Optional.empty();
        }
        ObjectNode change = Json.MAPPER.createObjectNode();
        change.put("from", version).put("version", version()).put("player", Base.MARK + fragment.player());
        change.set("type", Json.faces(fragment.type()));
        ArrayNode rules = differing(former);
        if (rules == null) {
            change.put("css", fragment.css());
        } else {
            change.set("rules", rules);
        }
        ArrayNode slides = change.putArray("slides");
        boolean anew = false;
        for (int i = 0; i < markup.slides().size(); i++) {
            if (!former.slides().get(i).equals(known.slides().get(i))) {
                Written.OneSlide slide = markup.slides().get(i);
                slides.addArray().add(i).add(slide.html());
                anew |= slide.pair() || slides.size() > 1;
            }
        }
        if (anew || !former.plan().equals(known.plan())) {
            change.putRawValue("plan", Json.raw(fragment.plan())); // what was exchanged is started anew
        }
        return Optional.of(Base.put(change.toString(), ""));
    }

    /** The rules that differ, with their places; null where the style sheet is to be read anew. */
    private @Nullable ArrayNode differing(Known former) {
        int count = css.own().size();
        if (former.rules().size() != count) {
            return null;
        }
        ArrayNode differing = Json.MAPPER.createArrayNode();
        for (int i = 0; i < count && differing.size() <= MOST; i++) {
            List<String> was = former.rules().get(i);
            List<String> is = known.rules().get(i);
            Css.Piece piece = css.own().get(i);
            boolean alike = was.size() == is.size() && was.get(0).equals(is.get(0));
            if (piece.condition().isEmpty() || !alike) {
                if (!was.equals(is)) {
                    differing
                            .addObject()
                            .put("rule", piece.text())
                            .putArray("place")
                            .add(count - i);
                }
                continue;
            }
            for (int j = 1; j < is.size(); j++) {
                if (!was.get(j).equals(is.get(j))) {
                    ObjectNode rule = differing.addObject();
                    rule.put("rule", piece.rules().get(j - 1)).put("count", is.size() - 1);
                    rule.putArray("place").add(count - i).add(j - 1);
                }
            }
        }
        return differing.size() > MOST ? null : differing;
    }

    private record OfHash(String text) {}

    private static String hash(String text, Drawn drawn) {
        return drawn.of(new OfHash(text), () -> hash(text));
    }

    private static String hash(String text) {
        return PlayerFiles.sha256(text.getBytes(StandardCharsets.UTF_8)).substring(0, 24);
    }
}
