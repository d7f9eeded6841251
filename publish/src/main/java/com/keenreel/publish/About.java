package com.keenreel.publish;

import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a reel tells machines that read pages: its name, what it says in short, a preview picture, and its pictures with
 * their words as JSON-LD in the vocabulary of schema.org.
 *
 * @param name the reel's name
 * @param description at most 200 characters; empty when no slide says anything
 * @param preview the address of a picture, marked; empty when there is none
 * @param language BCP 47
 * @param direction "ltr" or "rtl"
 * @param data JSON-LD, addresses marked
 */
record About(String name, String description, String preview, String language, String direction, String data) {
    private static final int MOST = 200;

    static About of(Material material) {
        Reel reel = material.reel();
        boolean shown = reel.slides().stream()
                .anyMatch(slide -> !slide.carries().pictures().isEmpty());
        String first = shown && !reel.slides().get(0).carries().pictures().isEmpty()
                ? Base.MARK + material.first().fallback().address()
                : "";
        return new About(
                reel.name(),
                description(material),
                first,
                reel.language().tag(),
                reel.direction().word(),
                data(material));
    }

    private static String description(Material material) {
        Set<String> sentences = new LinkedHashSet<>();
        for (Slide slide : material.reel().slides()) {
            Said said = material.facts().said(slide);
            String words = said.title().isEmpty() && said.text().isEmpty() ? said.alt() : sentence(said);
            if (!words.isEmpty()) {
                sentences.add(words.matches(".*[.!?…]$") ? words : words + ".");
            }
        }
        StringBuilder text = new StringBuilder();
        for (String sentence : sentences) {
            if (!text.isEmpty() && text.length() + 1 + sentence.length() > MOST) {
                break;
            }
            text.append(text.isEmpty() ? "" : " ").append(sentence);
        }
        return text.length() <= MOST ? text.toString() : text.substring(0, MOST - 1) + "…";
    }

    private static String sentence(Said said) {
        return String.join(
                ": ",
                Stream.of(said.title(), said.text())
                        .filter(words -> !words.isEmpty())
                        .toList());
    }

    private static String data(Material material) {
        Reel reel = material.reel();
        ObjectNode gallery = Json.MAPPER.createObjectNode();
        gallery.put("@context", "https://schema.org").put("@type", "ImageGallery");
        gallery.put("name", reel.name()).put("inLanguage", reel.language().tag());
        ArrayNode images = gallery.putArray("image");
        for (Slide slide : reel.slides()) {
            List<PictureId> pictures = new ArrayList<>(slide.carries().pictures());
            for (PictureId picture : pictures) {
                boolean said = picture.equals(pictures.get(pictures.size() - 1));
                images.add(image(material, slide, picture, said));
            }
        }
        return gallery.toString();
    }

    private static ObjectNode image(Material material, Slide slide, PictureId picture, boolean said) {
        PictureFacts facts = material.facts().of(picture);
        PictureFiles.File file = material.of(picture).fallback();
        ObjectNode image = Json.MAPPER.createObjectNode().put("@type", "ImageObject");
        image.put("contentUrl", Base.MARK + file.address());
        if (file.width() > 0) {
            image.put("width", file.width()).put("height", Math.round(file.width() / facts.ratio()));
        }
        if (said) {
            Said words = material.facts().said(slide);
            put(image, "name", words.title());
            put(image, "caption", words.text());
            put(image, "description", words.alt());
        }
        return image;
    }

    private static void put(ObjectNode node, String key, String value) {
        if (!value.isEmpty()) {
            node.put(key, value);
        }
    }
}
