package com.keenreel.imaging;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
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
 */
record CleanSvg(byte[] bytes, int width, int height, FileWords words) {
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

    static CleanSvg of(byte[] file) throws Refused {
        if (file.length > MOST_BYTES) {
            throw new Refused("The SVG has " + file.length / (1024 * 1024) + " MB; 4 MB are the most.");
        }
        String text = new String(file, StandardCharsets.UTF_8);
        limit(text);
        Document document = Jsoup.parse(text, "", Parser.xmlParser());
        document.outputSettings().prettyPrint(false).charset(StandardCharsets.UTF_8);
        Element svg = document.children().stream()
                .filter(element -> element.normalName().equals("svg"))
                .findFirst()
                .orElseThrow(() -> new Refused("The file is broken: it does not hold a drawing."));
        clean(svg);
        svg.attr("xmlns", "http://www.w3.org/2000/svg");
        double[] size = size(svg);
        return new CleanSvg(
                svg.outerHtml().getBytes(StandardCharsets.UTF_8),
                (int) Math.max(1, Math.round(size[0])),
                (int) Math.max(1, Math.round(size[1])),
                new FileWords(said(svg, "title"), "", said(svg, "desc"), "", null, 1));
    }

    private static String said(Element svg, String name) {
        return svg.children().stream()
                .filter(child -> child.normalName().equals(name))
                .map(child -> ByMachine.UNNAMED.without(child.text().strip()))
                .findFirst()
                .orElse("");
    }

    /** Counts tags before anything is built of them. */
    private static void limit(String text) throws Refused {
        int elements = 0;
        int depth = 0;
        for (int at = text.indexOf('<'); at >= 0; at = text.indexOf('<', at + 1)) {
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
        return Double.parseDouble(text.replaceAll("(px)?\\s*$", ""));
    }
}
