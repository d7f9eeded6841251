package com.keenreel.core.option;

/** For what an option may be chosen otherwise than for the whole reel. */
public enum Scope {
    /** For phone, tablet or desk. */
    SET_UP,
    /** For one slide, and there by set-up too where it has that scope as well. */
    SLIDE
}
