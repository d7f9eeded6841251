package com.keenreel.app.publishing;

/** A way to put a reel on a page, as the table on Publish says it. */
public enum Placing {
    ELEMENT(
            "Element",
            "Take this when you can paste HTML with a script into your page.",
            "by itself, at the next reload",
            "all slides with their words",
            "a plain link with the reel's name and its first alt text",
            "the words, after the script ran",
            "scripts, pictures and fonts from this address"),
    FRAME(
            "Frame",
            "Take this when your site's editor strips scripts but lets frames through.",
            "by itself, at the next reload",
            "all slides with their words",
            "the same link, unless your page takes out what would show it",
            "the words at the reel's own address",
            "frames from this address"),
    FOLDER(
            "Folder",
            "Take this when the page is to depend on nothing but itself: it opens from disk and goes onto any web server.",
            "no: download it again and copy it over",
            "all slides with their words",
            "the same: it needs nothing from here",
            "the words, in the page",
            "nothing"),
    ADDRESS(
            "Address",
            "Take this for a link in a mail or a menu: the reel alone, as wide as the window.",
            "by itself, at the next reload",
            "all slides with their words",
            "the browser's own message",
            "the words, in the page",
            "nothing");

    private final String title;
    private final String advice;
    private final String follows;
    private final String withoutScripts;
    private final String unreached;
    private final String engines;
    private final String needs;

    Placing(
            String title,
            String advice,
            String follows,
            String withoutScripts,
            String unreached,
            String engines,
            String needs) {
        this.title = title;
        this.advice = advice;
        this.follows = follows;
        this.withoutScripts = withoutScripts;
        this.unreached = unreached;
        this.engines = engines;
        this.needs = needs;
    }

    /** Its key in the page. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    public String title() {
        return title;
    }

    /** When to take it. */
    public String advice() {
        return advice;
    }

    /** Whether a page that has it shows a new publication. */
    public String follows() {
        return follows;
    }

    /** What visitors without scripts meet. */
    public String withoutScripts() {
        return withoutScripts;
    }

    /** What visitors meet while Keen Reel cannot be reached. */
    public String unreached() {
        return unreached;
    }

    /** What search engines read. */
    public String engines() {
        return engines;
    }

    /** What the page has to allow. */
    public String needs() {
        return needs;
    }

    /**
     * Whether its code is copied from the table.
     *
     * @param unframed whether the reel cannot stand in a frame
     */
    public boolean copied(boolean unframed) {
        return this != FOLDER && !refused(unframed);
    }

    /** Whether it cannot be taken. */
    public boolean refused(boolean unframed) {
        return unframed && this == FRAME;
    }

    /** Whether it is a folder, which is downloaded and has a line to paste. */
    public boolean folder() {
        return this == FOLDER;
    }
}
