package com.keenreel.app.document;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The formats of documents, counted from 1. A document of an older one is brought up step by step when it is read; what is
 * written has the newest. A step is one class, and stays for good: data folders of every release open for ever.
 */
final class DocumentFormat {
    /** Brings a document of one format to the next one. */
    interface Step {
        /** Changes the document; its number is changed by who calls. */
        void bring(ObjectNode document);
    }

    /** As it is. */
    static final DocumentFormat NOW = new DocumentFormat(List.of());

    private final List<Step> steps;

    /** With the step from format 1 to 2 first. */
    DocumentFormat(List<Step> steps) {
        this.steps = List.copyOf(steps);
    }

    /** The format of what is written. */
    int newest() {
        return steps.size() + 1;
    }

    /**
     * A document in the newest format.
     *
     * @throws Unreadable when it has no format, or one that is not known yet
     */
    ObjectNode brought(JsonNode read) {
        if (!(read instanceof ObjectNode document) || !document.path("format").isInt()) {
            throw new Unreadable("It is no document of Keen Reel.");
        }
        int format = document.path("format").asInt();
        if (format > newest()) {
            throw new Unreadable("It was written by a newer Keen Reel (format " + format
                    + "; this one reads formats up to " + newest() + "). Start the newer one to open it.");
        }
        if (format < 1) {
            throw new Unreadable("It is no document of Keen Reel.");
        }
        steps.subList(format - 1, steps.size()).forEach(step -> step.bring(document));
        return document.put("format", newest());
    }
}
