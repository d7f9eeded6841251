package com.keenreel.core.option;

/** In which order slides come where a reel goes on by itself. */
public enum CourseKind {
    ONWARD("onward"),
    BACKWARD("backward"),
    TO_AND_FRO("to and fro");

    private final String says;

    CourseKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
