package com.keenreel.publish;

/** What is said to assistive technology. */
record Say(
        String next,
        String previous,
        String pause,
        String play,
        String choose,
        String slide,
        String of,
        String compare) {
    static final Say ENGLISH = new Say(
            "Next slide",
            "Previous slide",
            "Pause",
            "Play",
            "Choose a slide",
            "Slide",
            "of",
            "Divider between the two pictures");

    String position(int n, int count) {
        return slide + " " + n + " " + of + " " + count;
    }
}
