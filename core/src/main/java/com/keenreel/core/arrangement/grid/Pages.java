package com.keenreel.core.arrangement.grid;

import com.keenreel.core.space.Stop;
import java.util.ArrayList;
import java.util.List;

/** How slides are shared out among pages. */
final class Pages {
    private Pages() {}

    /**
     * So many on each page, the rest on the last one. Where one slide would be left alone, the page before gives one of
     * its own, if it keeps two.
     *
     * @param slides how many there are
     * @param most on one page, 0 for all of them
     */
    static List<Stop> of(int slides, int most) {
        int each = most == 0 ? Math.max(1, slides) : most;
        List<Stop> pages = new ArrayList<>();
        for (int first = 1; first <= slides || pages.isEmpty(); ) {
            int left = slides - first + 1;
            int here = left == each + 1 && each > 2 ? each - 1 : Math.min(each, left);
            pages.add(Stop.of(first, first + here - 1, pages.size()));
            first += Math.max(1, here);
        }
        return pages;
    }
}
