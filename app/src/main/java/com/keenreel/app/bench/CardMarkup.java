package com.keenreel.app.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** The markup of cards. An edit changes one of hundreds, so that what was drawn is kept for as long as it is the same. */
@Component
class CardMarkup {
    private final SpringTemplateEngine engine;
    private final Cache<Drawn, String> kept =
            Caffeine.newBuilder().maximumSize(20_000).build();

    CardMarkup(SpringTemplateEngine engine) {
        this.engine = engine;
    }

    /** Everything that the template reads. */
    private record Drawn(Card card, int count, boolean open) {}

    /**
     * The markup of all cards of a reel, one after another.
     *
     * @param open the slide whose sheet is open; null for none
     */
    String of(List<Card> cards, @Nullable String open) {
        return cards.stream()
                .map(card -> new Drawn(card, cards.size(), card.id().equals(open)))
                .map(one -> kept.get(one, this::draw))
                .collect(Collectors.joining());
    }

    private String draw(Drawn one) {
        Map<String, Object> model = Map.of(
                "card", one.card(),
                "count", one.count(),
                "open", one.open());
        return engine.process("bench-parts", Set.of("card"), new Context(Locale.ENGLISH, model))
                .replaceAll("\n\\s*", "\n"); // hundreds of them are sent after each edit
    }
}
