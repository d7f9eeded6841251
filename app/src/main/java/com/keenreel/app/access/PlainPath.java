package com.keenreel.app.access;

import java.util.regex.Pattern;

/**
 * Paths that are written in the one way in which they are decided by: nothing is encoded that need not be, no part is empty, a
 * dot or two, or carries parameters (RFC 3986, sections 2.3, 3.3 and 6.2.2).
 */
final class PlainPath {
    private static final Pattern PLAIN = Pattern.compile(
            "/|(?:/(?!\\.\\.?(?:/|$))(?:[A-Za-z0-9._~!$&'()*+,=:@-]|%20|%[89A-Fa-f][0-9A-Fa-f])++)++/?");

    private PlainPath() {}

    /** Whether the path of an address, as it was sent, is one of those. */
    static boolean is(String path) {
        return PLAIN.matcher(path).matches();
    }
}
