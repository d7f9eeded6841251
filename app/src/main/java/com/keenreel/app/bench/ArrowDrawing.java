package com.keenreel.app.bench;

import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.publish.Shapes;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jsoup.nodes.Element;

/** What arrows show in each form, drawn by the same hand as on pages. */
final class ArrowDrawing {
    private ArrowDrawing() {}

    /** Both arrows of each form, by its word; none of pictures of one's own, of which only a picture says what they are. */
    static Map<String, String> all() {
        Map<String, String> drawings = new LinkedHashMap<>();
        if (SteeringOptions.ARROWS_FORM.domain() instanceof Domain.OneOf<ArrowForm> forms) {
            forms.values().stream()
                    .filter(form -> form != ArrowForm.OWN)
                    .forEach(form -> drawings.put(
                            forms.write(form),
                            new Element("span")
                                    .addClass("arrows")
                                    .appendChild(Shapes.arrow(form, false))
                                    .appendChild(Shapes.arrow(form, true))
                                    .outerHtml()));
        }
        return drawings;
    }
}
