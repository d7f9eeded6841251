package com.keenreel.app;

import com.microsoft.playwright.Page;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Published reels in pages of somebody else, who reaches Keen Reel through a server that stands in front of it. */
abstract class SomebodysPages {
    final Editor editor = new Editor();

    /** Has their pages. */
    final Front site = new Front();

    /** What visitors know as Keen Reel. */
    final Front front = new Front();

    @BeforeEach
    void standInFront() {
        editor.publicAddress(front.origin());
    }

    @AfterEach
    void leave() {
        editor.publicAddress("");
        site.close();
        front.close();
        editor.close();
    }

    /** A page of theirs that is silent by itself. */
    static String html(String head, String body) {
        return "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>A page</title>"
                + "<link rel=\"icon\" href=\"data:,\">" + head + "</head>" + body + "</html>";
    }

    /** The address of their page with that in it, between two lines of words. */
    String page(String path, String code) {
        String body = "<body style=\"margin:0\"><p>Before</p>" + code + "<p id=\"after\">After</p></body>";
        return site.page(path, html("", body), Map.of());
    }

    /** Opens such a page. */
    Page open(String code) {
        return editor.open(page("/page", code));
    }
}
