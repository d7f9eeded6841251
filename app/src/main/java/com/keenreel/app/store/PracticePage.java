package com.keenreel.app.store;

import com.keenreel.core.text.Typed;
import java.util.List;
import java.util.Locale;

/**
 * A page of the practice site.
 *
 * @param slug names it in its address
 * @param title its heading
 * @param blocks what it is made of, from top to bottom
 */
public record PracticePage(String slug, String title, List<Block> blocks) {
    /** What a block is. */
    public enum Kind {
        HEADING,
        TEXT,
        EMBED;

        /** As it is written. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One block.
     *
     * @param kind what it is
     * @param column "wide" from edge to edge, "main", or "side"
     * @param content text; for an embed the code exactly as it was pasted
     */
    public record Block(Kind kind, String column, String content) {
        public Block {
            if (!List.of("wide", "main", "side").contains(column)) {
                throw new IllegalArgumentException("A block stands wide, in the main column or at the side.");
            }
            if (content.length() > 100_000) {
                throw new IllegalArgumentException("A block has at most 100 000 characters.");
            }
        }
    }

    public PracticePage {
        title = Typed.cleaned(title);
        if (!slug.matches("[a-z0-9-]{1,60}")) {
            throw new IllegalArgumentException("A page's address has 1 to 60 of a-z, 0-9 and -.");
        }
        if (title.isBlank() || title.length() > 200) {
            throw new IllegalArgumentException("A page's title has 1 to 200 characters.");
        }
        blocks = List.copyOf(blocks);
    }
}
