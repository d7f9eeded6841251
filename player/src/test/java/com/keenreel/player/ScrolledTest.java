package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What goes with the page's scrolling stands at every moment where it is predicted to: pictures that stay, and rows of words. */
class ScrolledTest extends ReelPages {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Boxes of everything whose name begins like that, from the host's corner, and how far the page is scrolled past that. */
    private static final String SEEN = """
            async ([top, like]) => {
              scrollTo(0, top);
              await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
              const host = document.querySelector('keen-reel');
              const origin = host.getBoundingClientRect();
              const all = [...host.shadowRoot.querySelectorAll(`[data-box^="${like}"]`)].filter((one) => one.checkVisibility({ opacityProperty: true }));
              return JSON.stringify({ scrolled: -origin.top, view: innerHeight, boxes: Object.fromEntries(all.map((one) => {
                const { x, y, width, height } = one.getBoundingClientRect();
                return [one.dataset.box, [x - origin.x, y - origin.y, width, height]];
              })) });
            }""";

    private static int compare(Page page, StaticReel reel, double width, int top, String like) {
        JsonNode seen = JSON.readTree((String) page.evaluate(SEEN, List.of(top, like)));
        JsonNode predicted = reel.layout(
                width, seen.path("view").asDouble(), seen.path("scrolled").asDouble());
        int compared = 0;
        for (JsonNode box : predicted.path("boxes")) {
            JsonNode there = seen.path("boxes").path(box.path("name").asString());
            if (!box.path("name").asString().startsWith(like) || there.isMissingNode()) {
                continue;
            }
            String[] sides = {"x", "y", "width", "height"};
            for (int i = 0; i < 4; i++) {
                assertThat(there.path(i).asDouble())
                        .as(box.path("name").asString() + " " + sides[i] + " at " + width + " scrolled to " + top)
                        .isCloseTo(box.path(sides[i]).asDouble(), within(Boxes.TOLERANCE));
            }
            compared++;
        }
        return compared;
    }

    private static int alongTheWay(StaticReel reel, String like) {
        int compared = 0;
        try (Page page = reel.live()) {
            page.evaluate("() => { document.body.style.padding = '900px 0 1500px'; }");
            for (int width : new int[] {390, 820, 1280}) {
                page.setViewportSize(width, 800);
                int height = ((Number) page.evaluate("() => document.documentElement.scrollHeight")).intValue();
                for (int top = 0; top <= height - 800; top += 377) {
                    compared += compare(page, reel, width, top, like);
                }
            }
        }
        return compared;
    }

    @Test
    void picturesStayForAsLongAsTheyShouldAndWordsPassOverThem() {
        StaticReel reel = Kinds.standing(reels);
        int pictures = alongTheWay(reel, "picture-");
        int words = alongTheWay(reel, "words-");
        System.out.println(
                "standing pictures: " + pictures + " pictures and " + words + " words at moments of scrolling");
        assertThat(pictures).isGreaterThan(60);
        assertThat(words).isGreaterThan(60);
        alongTheWay(reel.choose("speech.language", null, "ar"), "picture-");
    }

    @Test
    void whereNothingCanStayWordsStandBelowTheirPictureInTheSameHeight() {
        StaticReel reel = Kinds.standing(reels).choose("standing.headings", null, "false");
        String element = reel.element();
        for (String around : List.of("overflow:hidden", "overflow-x:auto", "")) {
            try (Page page = open("<div style=\"" + around + "\">" + element + "</div>")) {
                Locator inside = page.locator("keen-reel .reel.run");
                assertThat(inside).isVisible();
                boolean laid = inside.getAttribute("class").contains("laid");
                assertThat(laid).as(around).isEqualTo(!around.isEmpty());
                var crop = page.locator("keen-reel .crop-1").boundingBox();
                double panel = page.locator("keen-reel .slide-1 .panel").boundingBox().y;
                if (laid) {
                    assertThat(panel).isGreaterThanOrEqualTo(crop.y + crop.height);
                    assertThat(page.locator("keen-reel .words-1")
                                    .evaluate("one => one.scrollHeight <= one.clientHeight + 1"))
                            .as("words have room")
                            .isEqualTo(true);
                } else {
                    assertThat(panel).isLessThan(crop.y + crop.height);
                }
                assertThat(page.locator("keen-reel").boundingBox().height)
                        .as("the same height")
                        .isGreaterThan(1000);
                assertThat(visitor.shifts(page)).isEmpty();
            }
        }
        try (Page page = open(reel.frame())) {
            assertThat(page.frameLocator("iframe").locator("keen-reel .reel.laid"))
                    .isVisible();
        }
    }

    @Test
    void rowsOfWordsShiftAsThePageIsScrolled() {
        StaticReel reel = Kinds.words(reels);
        assertThat(alongTheWay(reel, "word-")).isGreaterThan(60);
    }

    @Test
    void aWordShowsItsPictureToPointerKeyboardAndFinger() {
        StaticReel reel = Kinds.words(reels);
        try (Page page = reel.live()) {
            Locator picture = page.locator("keen-reel .crop-2");
            assertThat(picture).hasCSS("opacity", "0");
            page.locator("keen-reel .word-2").hover();
            assertThat(picture).hasCSS("opacity", "1");
            page.mouse().move(640, 700);
            assertThat(picture).hasCSS("opacity", "0");
            page.setViewportSize(390, 800); // rows are wider than the reel there
            for (int n = 1; n <= 6; n++) {
                page.keyboard().press("Tab");
                Locator word = page.locator("keen-reel .word-" + n);
                assertThat(word).isFocused();
                assertThat(page.locator("keen-reel .crop-" + n)).hasCSS("opacity", "1");
                double left = word.boundingBox().x;
                double right = left + word.boundingBox().width;
                assertThat(left).as("word " + n).isGreaterThan(-0.6);
                assertThat(Math.min(right, left + 390)).as("word " + n).isLessThan(390.6);
            }
        }
        try (Visitor phone = Visitor.onPhone();
                Page page = phone.open(reel.publish())) {
            assertThat(page.locator("keen-reel .run")).hasCount(1);
            Locator linked = page.locator("keen-reel .word-4");
            linked.tap();
            assertThat(page.locator("keen-reel .crop-4")).hasCSS("opacity", "1");
            assertThat(page.url()).doesNotContain("fennock.example");
            page.locator("keen-reel .word-1").tap();
            assertThat(page.locator("keen-reel .crop-4")).hasCSS("opacity", "0");
            assertThat(page.locator("keen-reel .crop-1")).hasCSS("opacity", "1");
        }
    }

    @Test
    void withLessMotionRowsStandAndAreMovedByHand() {
        StaticReel reel = Kinds.words(reels);
        try (Page page = visitor.blank()) {
            page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
            page.setViewportSize(390, 800);
            page.navigate(reel.publish());
            page.waitForFunction("() => document.querySelector('keen-reel').shadowRoot.querySelector('.run')");
            @SuppressWarnings("unchecked")
            Map<String, Object> stands = (Map<String, Object>) page.evaluate("""
                    () => {
                      const root = document.querySelector('keen-reel').shadowRoot;
                      const view = root.querySelector('.view');
                      const moved = [...root.querySelectorAll('.word')].filter((one) => getComputedStyle(one).transform !== 'none').length;
                      view.scrollLeft = 9999;
                      return { moved, scrolled: view.scrollLeft };
                    }""");
            assertThat(stands.get("moved")).isEqualTo(0);
            assertThat(((Number) stands.get("scrolled")).doubleValue()).isGreaterThan(20);
        }
    }
}
