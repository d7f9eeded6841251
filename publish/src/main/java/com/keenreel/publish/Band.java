package com.keenreel.publish;

import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Part;
import java.util.List;
import org.jsoup.nodes.Element;

/** The markup of an endless band: its slides as often as they fill it, of which one copy is read and focused. */
final class Band {
    private final Material material;
    private final Images images;
    private final int copies;

    Band(Material material, Images images, int copies) {
        this.material = material;
        this.images = images;
        this.copies = copies;
    }

    void write(Element strip, boolean onward) {
        for (int copy = 0; copy < copies; copy++) {
            int place = onward ? copy : copy - 1;
            Element element =
                    strip.appendElement("div").addClass("copy").addClass("band").addClass("copy-" + place);
            if (place != 0) {
                element.attr("aria-hidden", "true"); // from those who listen, never from the pointer
            }
            List<Slide> slides = material.reel().slides();
            for (int n = 1; n <= slides.size(); n++) {
                logo(element, n, slides.get(n - 1), place == 0);
            }
        }
    }

    private void logo(Element copy, int n, Slide slide, boolean listed) {
        Element element = Elements.is(copy.appendElement("div"), Part.slide(n));
        element.attr("data-slide", slide.id().value());
        List<PictureId> pictures = slide.carries().pictures();
        if (!listed) {
            element.removeAttr("data-box");
        }
        if (pictures.isEmpty()) {
            return;
        }
        Said said = material.facts().said(slide);
        Element image = images.of(pictures.get(pictures.size() - 1), Part.picture(n), listed ? said.alt() : "", true);
        if (material.facts().of(pictures.get(pictures.size() - 1)).isShape()) {
            image.addClass("shape");
        }
        if (!listed) {
            image.removeAttr("data-box");
        }
        if (said.link().isEmpty()) {
            element.appendChild(image);
            return;
        }
        Element link = element.appendElement("a").attr("href", said.link());
        if (!listed) {
            link.attr("tabindex", "-1");
        } else if (said.alt().isEmpty()) {
            link.attr("aria-label", Panel.name(said));
        }
        link.appendChild(image);
    }
}
