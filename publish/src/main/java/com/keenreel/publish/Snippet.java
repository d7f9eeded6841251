package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jsoup.nodes.Element;

/**
 * What an editor pastes into a page. The wrapper reserves the reel's height at every width, without a script and without
 * a container query: per cent padding measures the parent, and each set-up's height is gated by its limits.
 */
public final class Snippet {
    /** A number that turns the least bit of room into more than any height; a gate, not a size. */
    private static final double GATE = 10_000_000;

    /** So far before the limit of a stretch its gate opens, px: half of a 64th, the least difference that browsers know. */
    private static final double AJAR = 1 / 128.0;

    /** Whatever the page's rules say of such an element, it is a plain block. */
    private static final String PLAIN = "all:initial;display:block";

    /** What a page hides or puts out of reach stays so. */
    private static final String INHERITED = "visibility:inherit;pointer-events:inherit";

    /** All of the height that is kept free. */
    private static final String ALL = "position:absolute;inset:0;width:100%;height:100%";

    /**
     * A picture that covers its place, one pixel more than it, cut by what is around it: so that the browser counts as
     * much of it as painted as of the reel's own first picture, and does not take that for a larger one that came later.
     */
    private static final String COVERING = "position:absolute;inset:0;width:100%;height:calc(100% + 1px)";

    /** What a picture that cannot be had leaves: a plain link, and the height that was kept free for it. */
    private static final String MISSING =
            "let a=this.parentNode;a.textContent=a.dataset.instead;a.style='';a.parentNode.style=''";

    /**
     * What a frame leaves whose address is not reached: a frame never says so, but a picture of the same address does.
     * Where a page takes such attributes out, the frame shows the browser's own message.
     */
    private static final String FRAME_MISSING = "let r=this.parentNode,a=document.createElement('a');"
            + "a.href=r.firstChild.src;a.textContent=this.dataset.instead;r.style='';r.replaceChildren(a)";

    /** The name, below a reel's address, of a picture that shows nothing but that it is reached. */
    public static final String REACHED = "reached.svg";

    /** The same where the script cannot be had and there is no picture that could say so. */
    private static final String UNREACHED = "let r=this.previousElementSibling;r.style='';r.firstElementChild.style=''";

    private final Material material;
    private final Layout layout;
    private final String address;

    /**
     * The snippets of that material.
     *
     * @param origin where Keen Reel is reached by visitors, such as "https://reels.fennock.example"
     * @param slug names the reel in its address
     */
    public Snippet(Material material, String origin, String slug) {
        this.material = material;
        this.layout = Layout.of(material.reel(), material.facts());
        this.address = origin + "/r/" + slug;
        this.origin = origin;
    }

    private final String origin;

    /**
     * Around everything: gives the reel 640 px where the page would shrink it to nothing, and never makes the page wider.
     * Both a track of minmax(0, 640px) and a replaced element whose greatest width is a percentage (CSS Sizing 3,
     * compressible replaced elements) need 0 px at the least and take 640 px where there is room; the one stays where a
     * page's cleaner takes the other away.
     */
    private static Element outer() {
        Element outer = new Element("div").attr("style", style(PLAIN + ";width:100%;min-width:0;" + INHERITED));
        outer.appendElement("i")
                .attr("style", style("all:initial;display:grid;grid-template-columns:minmax(0,640px)"))
                .appendElement("svg")
                .attr("width", "640")
                .attr("height", "0")
                .attr("aria-hidden", "true")
                .attr("style", style(PLAIN + ";width:640px;max-width:100%;height:0"));
        return outer;
    }

    /** Keeps the reel's height free. */
    private String reserving() {
        return style(PLAIN + ";position:relative;box-sizing:border-box;width:100%;padding:" + reserved() + " 0 0;"
                + INHERITED);
    }

    /** A style attribute that no rule of the page overrides. */
    private static String style(String declarations) {
        return declarations.replace(";", "!important;") + "!important";
    }

    /** The element with the first picture in it, and the script; with scripts off, the reel's own address in a frame. */
    public String element() {
        Element outer = outer();
        Element reel = outer.appendElement("keen-reel").attr("src", address).attr("style", reserving());
        boolean pictured = pictured();
        Element picture = first().attr("style", style("all:initial;" + covering() + ";" + fit()));
        Element link = linked(picture.attr("onerror", MISSING));
        String place = pictured ? place() : ALL;
        link.attr("style", style(PLAIN + ";" + place + ";overflow:hidden;cursor:pointer;" + INHERITED));
        reel.appendChild(link);
        reel.appendElement("noscript").appendChild(frame(address, ALL));
        outer.appendChild(pictured ? script() : script().attr("onerror", UNREACHED));
        return Base.put(Elements.print(outer), origin);
    }

    private boolean pictured() {
        return !material.reel().slides().get(0).carries().pictures().isEmpty();
    }

    /** The first picture with a link to the whole reel; the reel's name where its first slide has no picture. */
    private Element linked(Element picture) {
        Element link = new Element("a").attr("href", address);
        if (!pictured()) {
            return link.text(material.reel().name());
        }
        link.attr("data-instead", instead());
        return link.appendChild(picture);
    }

    /** The reel's name and what its first picture shows. */
    private String instead() {
        String alt = first().attr("alt");
        return material.reel().name() + (alt.isEmpty() ? "" : ": " + alt);
    }

    /**
     * The element without any attribute of style or script, for pages whose content security policy forbids them. It
     * reserves no height. Its words stand below the picture, which has no alt text beside them: a picture without one
     * that cannot be had takes no room and shows no mark, in any browser.
     */
    public String plainElement() {
        Element reel = new Element("keen-reel").attr("src", address);
        Element link = reel.appendElement("a").attr("href", address);
        if (pictured()) {
            link.appendChild(first().attr("alt", "")).appendElement("br");
        }
        link.appendText(pictured() ? instead() : material.reel().name());
        return Base.put(Elements.print(reel) + Elements.print(script()), origin);
    }

    /** The script, for which the first picture does not wait. */
    private Element script() {
        return new Element("script")
                .attr("async", true)
                .attr("fetchpriority", "low")
                .attr("src", origin + "/reel.js");
    }

    /** A frame that shows the reel's own address; a plain link where that is not reached. */
    public String frame() {
        Element outer = outer();
        Element place = outer.appendElement("div").attr("style", reserving());
        place.appendChild(frame(address, ALL));
        place.appendElement("img")
                .attr("src", address + "/" + REACHED)
                .attr("alt", "")
                .attr("data-instead", pictured() ? instead() : material.reel().name())
                .attr("onerror", FRAME_MISSING)
                .attr("style", style("all:initial;display:none"));
        return Elements.print(outer);
    }

    /** A frame that shows the same reel at another address, which is always reached. */
    String frame(String address) {
        Element outer = outer();
        outer.appendElement("div").attr("style", reserving()).appendChild(frame(address, ALL));
        return Elements.print(outer);
    }

    private Element frame(String address, String place) {
        return new Element("iframe")
                .attr("src", address)
                .attr("title", material.reel().name())
                .attr("loading", "lazy")
                .attr("referrerpolicy", "no-referrer-when-downgrade")
                .attr("allowfullscreen", true)
                .attr("style", style(PLAIN + ";" + place));
    }

    private Element first() {
        Slide slide = material.reel().slides().get(0);
        List<PictureId> pictures = slide.carries().pictures();
        Element image = new Element("img")
                .attr(
                        "alt",
                        pictures.isEmpty() ? "" : material.facts().said(slide).alt());
        image.attr("src", Base.MARK + material.first().fallback().address());
        if (!material.first().isShapes()) {
            image.attr("srcset", material.first().srcset())
                    .attr("sizes", new Sizes(layout, material.reel().slot()).of(part()));
        }
        return image;
    }

    /** How the first picture meets its place until the player takes over. */
    private String fit() {
        Slide first = material.reel().slides().get(0);
        if (!isCropped()) {
            return "object-fit:fill"; // its place has its ratio
        }
        if (first.chosen(ShapeOptions.FIT, SetUp.DESK, material.reel().choices()) == FitKind.WHOLE) {
            return "object-fit:contain;object-position:center";
        }
        return "object-fit:cover;object-position:" + position(part());
    }

    /** How the first picture covers its place; one whose margins are left away reaches beyond it. */
    private String covering() {
        Placed frame = layout.usual(SetUp.DESK).frame();
        Box place = frame.boxOf(Part.slide(1)).orElse(null);
        Box whole = isCropped() ? place : frame.boxOf(part()).orElse(place);
        if (place == null || whole == null || whole.equals(place)) {
            return COVERING;
        }
        double width = place.width().at(0) / 100; // of bands these are plain numbers
        double height = place.height().at(0) / 100;
        return "position:absolute;left:" + percent(whole.left().minus(place.left()), width) + ";top:"
                + percent(whole.top().minus(place.top()), height) + ";width:" + percent(whole.width(), width)
                + ";height:calc(" + percent(whole.height(), height) + " + 1px)";
    }

    private static String percent(Length length, double of) {
        return Numbers.rounded(length.at(0) / of, 3) + "%";
    }

    private boolean isCropped() {
        return Arrangements.of(material.reel()).has(ShapeOptions.FIT);
    }

    private Part part() {
        boolean pair = material.reel().slides().get(0).carries() instanceof Carries.Pair;
        return pair ? Part.picture(1, Side.AFTER) : Part.picture(1);
    }

    /** Where the first picture, or its crop, stands in the height that is kept free, at every width. */
    private String place() {
        Part part = isCropped() ? Part.crop(1) : Part.slide(1);
        // per cent of margins and padding are of the width, those of top and height would be of the height
        return "position:absolute;top:0;left:0;height:0;width:"
                + gated(range -> inHost(range, part).width()) + ";margin:"
                + gated(range -> inHost(range, part).top()) + " 0 0 "
                + gated(range -> inHost(range, part).left()) + ";padding:"
                + gated(range -> inHost(range, part).height()) + " 0 0";
    }

    /** Where a part stands in the reel's host. */
    private Box inHost(Range range, Part part) {
        Box inHost = layout.inHost(range);
        Box inReel = range.frame().boxOf(part).orElse(Box.all(Length.ZERO, Length.ZERO)); // where it is hidden
        return new Box(
                inReel.left().over(inHost.width()).plus(inHost.left()),
                inReel.top().over(inHost.width()).plus(inHost.top()),
                inReel.width().over(inHost.width()),
                inReel.height().over(inHost.width()));
    }

    /** Where the crop stands on desk, as a browser's own crop says it; exact where all widths share a ratio. */
    private String position(Part part) {
        Placed frame = layout.usual(SetUp.DESK).frame();
        double width = 1280;
        Placed crop = frame.all()
                .filter(one ->
                        one.inside().stream().anyMatch(child -> child.part().equals(part)))
                .findFirst()
                .orElse(null);
        if (crop == null) {
            return "center";
        }
        Box picture = crop.inside().stream()
                .filter(child -> child.part().equals(part))
                .findFirst()
                .orElseThrow()
                .box();
        return share(picture.left(), picture.width(), crop.box().width(), width) + " "
                + share(picture.top(), picture.height(), crop.box().height(), width);
    }

    private static String share(Length start, Length drawn, Length frame, double width) {
        double spare = frame.at(width) - drawn.at(width);
        return Math.abs(spare) < 0.01 ? "50%" : Numbers.rounded(100 * start.at(width) / spare, 2) + "%";
    }

    /** The reel's height at every width of its parent, as a value of {@code padding-top}. */
    public String reserved() {
        return gated(layout::heightInHost);
    }

    /** A length of the host's width that differs by range, without a container query: each is gated by its limits. */
    private String gated(Function<Range, Length> length) {
        List<Stretch> stretches = new ArrayList<>();
        for (Range range : layout.ranges()) {
            double from = layout.hostFrom(range.span());
            double below = layout.hostBelow(range.span());
            Length own = length.apply(range);
            Stretch last = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
            if (last != null && last.length.equals(own)) {
                stretches.set(stretches.size() - 1, new Stretch(last.from, below, own));
            } else if (!Double.isInfinite(from)) {
                stretches.add(new Stretch(from, below, own));
            }
        }
        return stretches.size() == 1
                ? stretches.get(0).length.css(Length.Base.PERCENT)
                : stretches.stream().map(Stretch::gated).collect(Collectors.joining(" + ", "calc(", ")"));
    }

    /** A length that holds in a stretch of the host's widths, px. */
    private record Stretch(double from, double below, Length length) {
        String gated() {
            String value = length.inner(Length.Base.PERCENT);
            List<String> gates = new ArrayList<>();
            if (from > 0) {
                gates.add("max(0px,(100% - " + Numbers.plain(from - AJAR) + "px)*" + Numbers.plain(GATE) + ")");
            }
            if (!Double.isInfinite(below)) {
                gates.add("max(0px,(" + Numbers.plain(below - AJAR) + "px - 100%)*" + Numbers.plain(GATE) + ")");
            }
            return gates.isEmpty() ? value : "min(" + String.join(",", gates) + "," + value + ")";
        }
    }
}
