package com.keenreel.player;

/** Pages of somebody's own. */
public final class Pages {
    private Pages() {}

    /** A page that is silent by itself. */
    public static String html(String head, String body) {
        return "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>A page</title>"
                + "<link rel=\"icon\" href=\"data:,\">" + head + "</head>" + body + "</html>";
    }

    /** A page with that code between two lines of words. */
    public static String around(String code) {
        return html("", "<body style=\"margin:0\"><p>Before</p>" + code + "<p id=\"after\">After</p></body>");
    }
}
