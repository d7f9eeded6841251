package com.keenreel.core.reel;

import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What counts as a proper address for a link, and what is meant by one that is typed as people say it. */
public final class Link {
    private static final Set<String> SCHEMES = Set.of("http", "https", "mailto", "tel");

    /** Something before an @ and a name with a dot behind it: RFC 5321, section 4.1.2, as far as people type it. */
    private static final Pattern MAIL = Pattern.compile("[^\\s@/:?#]+@[^\\s@/:?#]+\\.[^\\s@/:?#.]+");

    /** A host by its name, its last label in letters: RFC 1123, section 2.1. */
    private static final Pattern HOST =
            Pattern.compile("(?:(?!-)[\\p{L}\\p{N}-]++(?<!-)\\.)++(\\p{L}{2,})(?::\\d{1,5})?(?:[/?#].*)?");

    /** Characters that a link may have. */
    private static final int MOST = 2000;

    /** Endings of files, which are meant rather than the few hosts that end like that. */
    private static final Set<String> FILES = Set.of(
            "html", "htm", "php", "asp", "aspx", "pdf", "jpg", "jpeg", "png", "webp", "gif", "svg", "txt", "md", "csv",
            "docx", "xlsx", "zip");

    private Link() {}

    /** Where a link leads. */
    public enum Leads {
        /** To nothing: there is none. */
        NOWHERE,
        /** To a page of the web by its whole address. */
        WEB,
        /** To a mail. */
        MAIL,
        /** To a telephone call. */
        PHONE,
        /** To a path of whichever site the reel is pasted into. */
        SITE,
        /** To a place on whichever page the reel is pasted into. */
        PAGE
    }

    /**
     * The address that is meant: "www.fennock.example/days" gets https:// and "post@fennock.example" gets mailto: before it;
     * what has a scheme, a path and a place on a page stay as they are.
     */
    public static String meant(String typed) {
        String link = typed.strip();
        if (link.length() > MOST) {
            return link;
        }
        if (MAIL.matcher(link).matches()) {
            return "mailto:" + link;
        }
        var host = HOST.matcher(link);
        boolean named = host.matches() && !FILES.contains(host.group(1).toLowerCase(Locale.ROOT));
        return named ? "https://" + link : link;
    }

    /** Where a proper address leads. */
    public static Leads leads(String link) {
        if (link.isEmpty()) {
            return Leads.NOWHERE;
        }
        String scheme = URI.create(link).getScheme();
        if (scheme == null) {
            return link.startsWith("//") ? Leads.WEB : link.startsWith("#") ? Leads.PAGE : Leads.SITE;
        }
        return switch (scheme.toLowerCase(Locale.ROOT)) {
            case "mailto" -> Leads.MAIL;
            case "tel" -> Leads.PHONE;
            default -> Leads.WEB;
        };
    }

    /** Where a proper address leads, as a sentence for who typed it; empty for none. */
    public static String said(String link) {
        String to = link.replaceFirst("^(https?://|mailto:|tel:)", "");
        return switch (leads(link)) {
            case NOWHERE -> "";
            case WEB -> "Leads to " + to + ", on the web.";
            case MAIL -> "Writes a mail to " + to + ".";
            case PHONE -> "Calls " + to + ".";
            case SITE -> "Leads to " + link + " on the site that the reel is pasted into.";
            case PAGE -> "Leads to " + link + " on the page that the reel is pasted into.";
        };
    }

    /** Whether it leads to wherever the reel is pasted into, which not everybody means. */
    public static boolean isOwn(String link) {
        return leads(link) == Leads.SITE || leads(link) == Leads.PAGE;
    }

    /** Refuses what a page must never carry (script addresses among them) and what no browser could follow. */
    static void check(String link) {
        if (link.isEmpty()) {
            return;
        }
        if (link.length() > MOST) {
            throw new IllegalArgumentException("The address has " + link.length() + " characters; " + MOST + " fit.");
        }
        URI address;
        try {
            address = URI.create(link);
        } catch (IllegalArgumentException malformed) {
            throw new IllegalArgumentException("\"" + link + "\" is not a proper address.", malformed);
        }
        String scheme = address.getScheme();
        if (scheme != null && !SCHEMES.contains(scheme.toLowerCase(Locale.ROOT))) {
            throw new IllegalArgumentException(
                    "A link starts with https://, http://, mailto:, tel: or a path of the site, not " + scheme + ":.");
        }
    }
}
