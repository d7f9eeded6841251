package com.keenreel.app.document;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/**
 * A text kept as what leads to it from a later one: how much of that one's start and end it shares, and what stands
 * between. An edit changes little of a document, so that a revision costs a few bytes instead of a whole document.
 */
public final class Patch {
    private Patch() {}

    /** What leads from the later text to the earlier one: {@code [characters of the start, of the end, "between"]}. */
    public static String between(String later, String earlier) {
        int most = Math.min(later.length(), earlier.length());
        int start = 0;
        while (start < most && later.charAt(start) == earlier.charAt(start)) {
            start++;
        }
        if (start > 0 && Character.isHighSurrogate(later.charAt(start - 1))) {
            start--; // half a character cannot be kept
        }
        int end = 0;
        while (end < most - start
                && later.charAt(later.length() - 1 - end) == earlier.charAt(earlier.length() - 1 - end)) {
            end++;
        }
        if (end > 0 && Character.isLowSurrogate(later.charAt(later.length() - end))) {
            end--;
        }
        ArrayNode patch = DocumentJson.MAPPER.createArrayNode();
        return patch.add(start)
                .add(end)
                .add(earlier.substring(start, earlier.length() - end))
                .toString();
    }

    /** Whether that is one; documents are JSON objects. */
    public static boolean is(String kept) {
        return kept.startsWith("[");
    }

    /** The earlier text. */
    public static String apply(String patch, String later) {
        JsonNode parts = DocumentJson.MAPPER.readTree(patch);
        int end = parts.path(1).asInt();
        return later.substring(0, parts.path(0).asInt())
                + parts.path(2).asString()
                + later.substring(later.length() - end);
    }
}
