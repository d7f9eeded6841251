package com.keenreel.imaging;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Comment;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.DocumentType;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.XmlDeclaration;
import org.jsoup.parser.Parser;

/**
 * An SVG without anything that could act or reach out: only drawing elements are kept, no script, no event, no reference
 * that leaves the file.
 *
 * @param bytes the cleaned file, UTF-8
 * @param width from its view box, else its size, px, at least 1
 * @param height likewise
 * @param words its title and description
 * @param note what was left out that the person who brings it may miss, as a sentence; empty for nothing
 */
record CleanSvg(byte[] bytes, int width, int height, FileWords words, String note) {
    private static final int MOST_BYTES = 4 * 1024 * 1024;
    private static final int MOST_ELEMENTS = 50_000;
    private static final int DEEPEST = 100;

    private static final Set<String> DRAWING = Set.of(
            "svg",
            "g",
            "defs",
            "symbol",
            "use",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "textpath",
            "title",
            "desc",
            "lineargradient",
            "radialgradient",
            "stop",
            "clippath",
            "mask",
            "pattern",
            "marker",
            "filter",
            "fegaussianblur",
            "feoffset",
            "feblend",
            "feflood",
            "fecomposite",
            "fecolormatrix",
            "femerge",
            "femergenode",
            "style");

    /** How much may come before a drawing begins, bytes: programs write their licence there. */
    private static final int MOST_BEFORE = 256 * 1024;

    private static final Pattern ENCODING =
            Pattern.compile("^<\\?xml[^>]*encoding\\s*=\\s*[\"']([A-Za-z0-9._:-]+)[\"']");

    /** A length in CSS, and its unit. */
    private static final Pattern LENGTH = Pattern.compile("([0-9.]+(?:[eE][-+]?[0-9]+)?)\\s*(px|pt|pc|mm|cm|in|q)?");

    /** CSS px in each unit: CSS Values and Units 4, section 6.2. */
    private static final Map<String, Double> UNITS = Map.of(
            "px", 1.0, "pt", 96 / 72.0, "pc", 16.0, "mm", 96 / 25.4, "cm", 96 / 2.54, "in", 96.0, "q", 96 / 101.6);

    /** Whether a file begins as a drawing does. */
    static boolean isDrawing(byte[] file) {
        String start = new String(file, 0, Math.min(file.length, MOST_BEFORE), StandardCharsets.ISO_8859_1);
        return begin(start.replaceFirst("^\u00EF\u00BB\u00BF", "")) >= 0;
    }

    /** Where the drawing begins, once declarations, comments and blanks are passed over; -1 where something else does. */
    private static int begin(String text) {
        int at = text.startsWith("\uFEFF") ? 1 : 0;
        while (at >= 0 && at < text.length()) {
            if (Character.isWhitespace(text.charAt(at))) {
                at++;
            } else if (text.startsWith("<!--", at)) {
                at = after(text, "-->", at);
            } else if (text.startsWith("<?", at)) {
                at = after(text, "?>", at);
            } else if (text.regionMatches(true, at, "<!doctype", 0, 9)) {
                int end = text.indexOf('>', at);
                int own = text.indexOf('[', at);
                at = own >= 0 && own < end ? after(text, ">", text.indexOf(']', own)) : after(text, ">", at);
            } else {
                return text.regionMatches(true, at, "<svg", 0, 4) ? at : -1;
            }
        }
        return -1;
    }

    /** The place behind the next one of that; -1 where there is none. */
    private static int after(String text, String end, int from) {
        int at = from < 0 ? -1 : text.indexOf(end, from);
        return at < 0 ? -1 : at + end.length();
    }

    /** The letters of a file, as its declaration says that they are written. */
    private static String text(byte[] file) {
        String start = new String(file, 0, Math.min(file.length, 200), StandardCharsets.ISO_8859_1);
        Matcher said = ENCODING.matcher(start);
        if (said.find() && Charset.isSupported(said.group(1))) {
            return new String(file, Charset.forName(said.group(1)));
        }
        return new String(file, StandardCharsets.UTF_8);
    }

    static CleanSvg of(byte[] file) throws Refused {
        if (file.length > MOST_BYTES) {
            throw new Refused("The SVG has " + file.length / (1024 * 1024) + " MB; 4 MB are the most.");
        }
        String text = text(file);
        limit(text, Math.max(0, begin(text)));
        Document document = Jsoup.parse(text, "", Parser.xmlParser());
        document.outputSettings().prettyPrint(false).charset(StandardCharsets.UTF_8);
        Element svg = document.children().stream()
                .filter(element -> element.normalName().equals("svg"))
                .findFirst()
                .orElseThrow(() -> new Refused("The file is broken: it does not hold a drawing."));
        String note = svg.getElementsByTag("image").isEmpty()
                ? ""
                : "The pictures inside this drawing are left out. Save it as PNG to keep them.";
        clean(svg);
        svg.attr("xmlns", "http://www.w3.org/2000/svg");
        double[] size = size(svg);
        return new CleanSvg(
                svg.outerHtml().getBytes(StandardCharsets.UTF_8),
                (int) Math.max(1, Math.round(size[0])),
                (int) Math.max(1, Math.round(size[1])),
                new FileWords(said(svg, "title"), "", said(svg, "desc"), "", null, 1),
                note);
    }

    private static String said(Element svg, String name) {
        return svg.children().stream()
                .filter(child -> child.normalName().equals(name))
                .map(child -> ByMachine.UNNAMED.without(child.text().strip()))
                .findFirst()
                .orElse("");
    }

    /** Counts tags from there on, before anything is built of them. */
    private static void limit(String text, int from) throws Refused {
        int elements = 0;
        int depth = 0;
        for (int at = text.indexOf('<', from); at >= 0; at = text.indexOf('<', at + 1)) {
            char next = at + 1 < text.length() ? text.charAt(at + 1) : ' ';
            if (next == '/') {
                depth--;
            } else if (Character.isLetter(next)) {
                elements++;
                int end = text.indexOf('>', at);
                if (end < 0 || text.charAt(end - 1) != '/') {
                    depth++;
                }
            }
            if (elements > MOST_ELEMENTS || depth > DEEPEST) {
                throw new Refused("The drawing has too many parts: at most " + MOST_ELEMENTS + ", at most " + DEEPEST
                        + " one inside another. Export it in a simpler form, or as PNG.");
            }
        }
    }

    private static void clean(Element root) {
        List<Node> gone = new ArrayList<>();
        root.traverse((node, depth) -> {
            if (node instanceof Comment || node instanceof XmlDeclaration || node instanceof DocumentType) {
                gone.add(node);
            } else if (node instanceof Element element) {
                if (!DRAWING.contains(element.normalName())
                        || element.normalName().equals("style") && reachesOut(element.data() + element.text())) {
                    gone.add(element);
                } else {
                    cleanAttributes(element);
                }
            }
        });
        gone.forEach(Node::remove);
    }

    private static void cleanAttributes(Element element) {
        List<String> gone = new ArrayList<>();
        for (Attribute attribute : element.attributes()) {
            String key = attribute.getKey().toLowerCase(Locale.ROOT);
            String value = attribute.getValue().strip();
            boolean reference = key.equals("href") || key.endsWith(":href");
            if (key.startsWith("on")
                    || reference && !value.startsWith("#")
                    || !reference && !key.startsWith("xmlns") && reachesOut(value)) {
                gone.add(attribute.getKey());
            }
        }
        gone.forEach(element::removeAttr);
    }

    private static boolean reachesOut(String style) {
        String plain = style.toLowerCase(Locale.ROOT).replaceAll("\\s|\\\\", "");
        return plain.contains("@import")
                || plain.contains("javascript:")
                || plain.contains("://")
                || plain.replaceAll("url\\((['\"]?)#", "").contains("url(");
    }

    private static double[] size(Element svg) throws Refused {
        try {
            String[] box = svg.attr("viewBox").strip().split("[\\s,]+");
            double[] size = box.length == 4
                    ? new double[] {Double.parseDouble(box[2]), Double.parseDouble(box[3])}
                    : new double[] {number(svg.attr("width")), number(svg.attr("height"))};
            if (!(size[0] > 0 && size[1] > 0 && size[0] < 1e6 && size[1] < 1e6)) {
                throw new NumberFormatException("no area");
            }
            return size;
        } catch (NumberFormatException noSize) {
            throw new Refused(
                    "The drawing does not say how large it is: it needs a view box, or a width and a height.");
        }
    }

    private static double number(String text) {
        Matcher length = LENGTH.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!length.matches()) {
            throw new NumberFormatException(text);
        }
        String unit = length.group(2);
        return Double.parseDouble(length.group(1)) * (unit == null ? 1 : UNITS.getOrDefault(unit, 1.0));
    }
}
