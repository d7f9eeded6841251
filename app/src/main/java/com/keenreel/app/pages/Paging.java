package com.keenreel.app.pages;

import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * The way from one page of a list to the others.
 *
 * @param former the address of the page before; null for the first one
 * @param says which page it is
 * @param next the address of the page after; null for the last one
 */
public record Paging(
        @Nullable String former, String says, @Nullable String next) {
    /** Null where there is one page, which needs none. */
    public static @Nullable Paging of(int page, int total, int perPage, String of, IntFunction<String> address) {
        int pages = (total + perPage - 1) / perPage;
        return pages <= 1
                ? null
                : new Paging(
                        page > 1 ? address.apply(page - 1) : null,
                        "Page " + page + " of " + pages + of,
                        page < pages ? address.apply(page + 1) : null);
    }
}
