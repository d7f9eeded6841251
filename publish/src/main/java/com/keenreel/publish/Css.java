package com.keenreel.publish;

import java.util.List;
import java.util.stream.Collectors;

/**
 * The style sheet of a reel in its pieces.
 *
 * @param shipped what ships, for all reels of its kind
 * @param own what is this reel's: rules, and blocks of rules that hold at some widths
 */
record Css(String shipped, List<Piece> own) {
    /**
     * A rule, or a block of rules.
     *
     * @param condition when a block holds, such as {@code @container reel (width < 20em)}; empty for a rule
     * @param rules those of the block, or the one rule
     */
    record Piece(String condition, List<String> rules) {
        static Piece rule(String rule) {
            return new Piece("", List.of(rule));
        }

        String text() {
            String inside = String.join("", rules);
            return condition.isEmpty() ? inside : condition + "{" + inside + "}";
        }
    }

    String text() {
        return own.stream().map(Piece::text).collect(Collectors.joining("", shipped, ""));
    }
}
