package com.keenreel.app.bench;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.FocalPoint;

/**
 * What holds for all screens or for one set-up.
 *
 * @param scope all, phone, tablet or desk
 * @param x of the focal point, as a share
 * @param y of the focal point, as a share
 * @param said whether the point is said for exactly that scope
 * @param other the address of the picture that the set-up shows instead; empty where it shows the one carried
 */
public record Focus(String scope, double x, double y, boolean said, String other) {
    /** "58, 47 %". */
    public String text() {
        return new FocalPoint(x, y).toString();
    }

    private boolean everywhere() {
        return scope.equals("all");
    }

    /** Whether it is of one set-up. */
    public boolean own() {
        return !everywhere();
    }

    /** The heading of its line. */
    public String title() {
        return everywhere() ? "Everywhere" : SetUp.of(scope).title();
    }

    /** The class of its point. */
    public String look() {
        return said && own() ? "differs" : "";
    }

    /** "Focal point, on phone: 58, 47 %". */
    public String called() {
        return "Focal point, " + where() + ": " + text();
    }

    /** "Take back the focal point, on phone". */
    public String takeBackCalled() {
        return "Take back the focal point, " + where();
    }

    private String where() {
        return everywhere() ? "everywhere" : "on " + scope;
    }

    /** The class of its picture. */
    public String otherLook() {
        return other.isEmpty() ? "" : "differs";
    }

    /** Which picture it shows. */
    public String otherSaid() {
        return other.isEmpty() ? "the same" : "another";
    }

    /** Whether the point is one of its own on the picture that the slide carries. */
    public boolean ofCarried() {
        return scope.equals("all") || said && other.isEmpty();
    }
}
