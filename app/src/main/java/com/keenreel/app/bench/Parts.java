package com.keenreel.app.bench;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** The parts of the bench that are drawn anew after an edit, by the same templates as the whole page. */
@Component
class Parts {
    private static final Set<String> NAMES = Set.of("stored", "line", "order", "band");

    private final SpringTemplateEngine engine;

    Parts(SpringTemplateEngine engine) {
        this.engine = engine;
    }

    /** The markup of every part, by the id of the element that it stands in. */
    Map<String, String> of(Map<String, Object> model) {
        return draw(NAMES, model);
    }

    /** The markup of the brief, or of the sheet that stands in its place. */
    Map<String, String> ofBand(Map<String, Object> model) {
        return draw(Set.of("band"), model);
    }

    /** The markup of what follows a hand on an open sheet: the crops on each of its pictures. */
    Map<String, String> ofPreview(@Nullable Sheet sheet) {
        Map<String, String> parts = new LinkedHashMap<>();
        if (sheet != null) {
            sheet.canvases()
                    .forEach(canvas -> parts.put("crops-" + canvas.scope(), draw("crops", Map.of("canvas", canvas))));
        }
        return parts;
    }

    private Map<String, String> draw(Set<String> names, Map<String, Object> model) {
        Map<String, String> parts = new LinkedHashMap<>();
        for (String name : names) {
            parts.put(name, draw(name, model));
        }
        return parts;
    }

    private String draw(String name, Map<String, Object> model) {
        return engine.process("bench-parts", Set.of(name), new Context(Locale.ENGLISH, model));
    }
}
