package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A row in which the first slide follows the last, in visitors' hands. */
class EndlessRowTest extends ReelPages {
    private StaticReel row(String name) {
        return reels.make(name, "row", "full", Kinds.SIX)
                .choose("row.endless", null, "true")
                .choose("words.place", null, "nowhere")
                .choose("motion.time", null, "0.4");
    }

    /** In every frame: how much of the view no slide covers beyond the gaps, and how far any slide jumps beside its neighbours. */
    private static final String WATCH = """
            () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const view = root.querySelector('.view');
              window.seen = { frames: 0, blank: 0, jump: 0 };
              let before;
              const look = () => {
                const room = view.getBoundingClientRect();
                const slides = [...root.querySelectorAll('.slide')].map((one) => one.getBoundingClientRect());
                const inside = slides.filter(({ left, right }) => right > room.left + 1 && left < room.right - 1).sort((a, b) => a.left - b.left);
                const edges = [room.left, ...inside.flatMap(({ left, right }) => [left, right]), room.right];
                for (let i = 0; i < edges.length; i += 2) window.seen.blank = Math.max(window.seen.blank, edges[i + 1] - edges[i]);
                if (before) {
                  const moved = slides.map(({ left }, i) => [left - before[i].left, left < room.right && before[i].left < room.right && left > room.left - 300 && before[i].left > room.left - 300]).filter(([, near]) => near).map(([by]) => by);
                  if (moved.length) window.seen.jump = Math.max(window.seen.jump, Math.max(...moved) - Math.min(...moved));
                }
                before = slides;
                window.seen.frames += 1;
                if (window.seen) requestAnimationFrame(look);
              };
              requestAnimationFrame(look);
            }""";

    private static double seen(Page page, String what) {
        return ((Number) page.evaluate("what => window.seen[what]", what)).doubleValue();
    }

    /** The slides that stand in view, from left to right. */
    private static List<?> inView(Page page) {
        return (List<?>) page.evaluate("""
                () => {
                  const root = document.querySelector('keen-reel').shadowRoot;
                  const room = root.querySelector('.view').getBoundingClientRect();
                  return [...root.querySelectorAll('.slide')]
                    .map((one, i) => [i + 1, one.getBoundingClientRect()])
                    .filter(([, { left, right }]) => left > room.left - 1 && right < room.right + 1)
                    .sort((a, b) => a[1].left - b[1].left)
                    .map(([n]) => n);
                }""");
    }

    private static void stands(Page page, int... slides) {
        assertThat(page.locator(".run")).hasCount(1);
        Clock.still(page);
        assertThat(inView(page)).hasToString(java.util.Arrays.toString(slides));
    }

    @Test
    void itGoesRoundBothWaysWithoutABlankAndIsInterruptedWithoutAJump() {
        Page page = row("Round").live();
        stands(page, 1, 2, 3);
        page.evaluate(WATCH);
        page.getByLabel("Previous slide").click();
        stands(page, 6, 1, 2);
        for (int i = 0; i < 8; i++) {
            page.getByLabel("Next slide").click(); // without waiting for its end: each press finds it somewhere else
            Clock.gone(page, i % 3 * 90);
        }
        stands(page, 2, 3, 4);
        page.locator(".dot-6").click(); // two back round the seam, not four on
        stands(page, 6, 1, 2);
        page.getByLabel("Next slide").click();
        Clock.gone(page, 100);
        page.getByLabel("Previous slide").click();
        stands(page, 6, 1, 2);
        assertThat(seen(page, "frames")).isGreaterThan(20);
        assertThat(seen(page, "blank")).as("no more than the gap").isLessThan(25);
        assertThat(seen(page, "jump")).as("all that is seen moves alike").isLessThan(1);
        assertThat(page.locator(".slide.now")).hasCount(3);
        assertThat(page.locator(".slide:not([inert])")).hasCount(3);
    }

    @Test
    void aHandGoesRoundTheSeam() {
        Page page = row("By hand").live();
        stands(page, 1, 2, 3);
        page.evaluate(WATCH);
        BoundingBox view = page.locator(".view").boundingBox();
        double y = view.y + view.height / 2;
        page.mouse().move(view.x + 200, y);
        page.mouse().down();
        for (int i = 1; i <= 30; i++) {
            page.mouse().move(view.x + 200 + 28 * i, y);
        }
        double before = page.locator(".slide-1").boundingBox().x;
        page.mouse().move(view.x + 200 + 28 * 30, y + 3);
        assertThat(page.locator(".slide-1").boundingBox().x).isCloseTo(before, within(1.0));
        page.mouse().up();
        stands(page, 5, 6, 1);
        assertThat(seen(page, "blank")).isLessThan(25);
        page.mouse().move(5, 790);
        page.locator(".dot-1").click();
        stands(page, 1, 2, 3);
        page.setViewportSize(390, 800);
        stands(page, 1);
        page.setViewportSize(1280, 800);
        stands(page, 1, 2, 3); // two later stops show it too, but not as their first
        page.locator(".dot-5").click();
        stands(page, 5, 6, 1);
        page.setViewportSize(390, 800); // one at a time there: it stays at the same slide
        stands(page, 5);
        page.setViewportSize(1280, 800);
        stands(page, 5, 6, 1);
    }

    @Test
    void withTooFewSlidesItRunsBack() {
        StaticReel reel = reels.make(
                        "Too few",
                        "row",
                        "full",
                        "commission-01.jpg",
                        "commission-02.jpg",
                        "commission-03.jpg",
                        "commission-05.jpg")
                .choose("row.endless", null, "true");
        Page page = reel.live();
        assertThat(page.locator(".dot:visible")).hasCount(2);
        page.getByLabel("Previous slide").click();
        assertThat(page.locator(".slide-4.now")).hasCount(1);
        assertThat(page.locator(".slide-1.now")).hasCount(0);
    }

    @Test
    void theCurrentSlideStandsInTheMiddleOfPalerAndSmallerNeighbours() {
        StaticReel reel = row("Middle")
                .choose("row.middle", null, "true")
                .choose("row.paler", null, "60")
                .choose("row.smaller", null, "20");
        Boxes boxes = new Boxes();
        for (String language : List.of("en", "ar")) {
            reel.choose("speech.language", null, language);
            try (Page page = reel.live()) {
                for (int width : new int[] {320, 700, 1023, 1280, 1900}) {
                    page.setViewportSize(width, 1000);
                    boxes.compare(language + " at " + width, Boxes.seen(page, 0), reel.layout(width));
                }
            }
        }
        System.out.println("in the middle: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        Page page = reel.choose("speech.language", null, "en").live();
        page.setViewportSize(1280, 800);
        stands(page, 6, 1, 2);
        assertThat(look(page, 1)).isEqualTo("1 1");
        assertThat(look(page, 2)).isEqualTo("0.4 0.8");
        BoundingBox next = page.locator(".slide-2").boundingBox();
        page.mouse().click(next.x + next.width / 2, next.y + 40);
        stands(page, 1, 2, 3);
        assertThat(look(page, 2)).isEqualTo("1 1");
        Clock.press(page, ".arrow-next", 0.5);
        double both = Stream.of(2, 3)
                .mapToDouble(slide -> Double.parseDouble(look(page, slide).split(" ")[0]))
                .sum();
        assertThat(both).as("as much as one has lost the other has won").isCloseTo(2 - 0.6, within(0.002));
        Clock.runOn(page);
        stands(page, 2, 3, 4);
        assertThat(page.locator(".slide:not([inert])")).hasCount(1);
    }

    /** What is asked of a row that stands upright. */
    private static String down(String script) {
        return script.replace("left", "top").replace("right", "bottom");
    }

    @Test
    void oneBelowAnotherItGoesRoundUpAndDownAndLeavesFingersToThePage() {
        StaticReel reel = row("Upright")
                .choose("row.upright", null, "true")
                .choose("row.shown", null, "2")
                .choose("shape.ratio", null, "5:1");
        try (Page page = reel.live()) {
            assertThat(page.locator(".run")).hasCount(1);
            page.evaluate(down(WATCH));
            double first = page.locator(".slide-1").boundingBox().y;
            page.getByLabel("Previous slide").click();
            for (int i = 0; i < 7; i++) {
                page.getByLabel("Next slide").click();
                Clock.gone(page, i % 3 * 90);
            }
            assertThat(page.locator(".dot-1")).hasAttribute("aria-current", "true");
            page.locator(".dot-6").click();
            Clock.still(page);
            assertThat(page.locator(".slide-6").boundingBox().y).isCloseTo(first, within(0.1));
            assertThat(page.locator(".slide-1").boundingBox().y).isGreaterThan(first + 100);
            page.keyboard().press("ArrowDown"); // focus is on a dot
            Clock.still(page);
            assertThat(page.locator(".slide-1").boundingBox().y).isCloseTo(first, within(0.1));
            BoundingBox view = page.locator(".view").boundingBox();
            Hand hand = new Hand(page).press(view.x + 300, view.y + 300);
            for (int i = 1; i <= 10; i++) {
                hand.to(view.x + 300, view.y + 300 - 20 * i);
            }
            hand.rest().lift();
            Clock.still(page);
            assertThat(page.locator(".slide-2").boundingBox().y).isCloseTo(first, within(0.1));
            assertThat(seen(page, "blank")).as("no more than the gap").isLessThan(25);
            assertThat(seen(page, "jump")).as("all that is seen moves alike").isLessThan(1);
        }
        try (Visitor phone = Visitor.onPhone();
                Page page = phone.open(reel.publish())) {
            assertThat(page.locator(".run")).hasCount(1);
            page.evaluate("() => { document.body.style.paddingBottom = '2000px' }");
            assertThat(page.locator(".view")).hasCSS("touch-action", "pan-y");
            page.evaluate("""
                    () => {
                      const view = document.querySelector('keen-reel').shadowRoot.querySelector('.view');
                      const touch = (type, clientY) => view.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 7, pointerType: 'touch', button: 0, buttons: 1, clientX: 100, clientY }));
                      touch('pointerdown', 120);
                      for (let y = 110; y > 10; y -= 10) touch('pointermove', y);
                      touch('pointerup', 10);
                    }""");
            Clock.still(page);
            assertThat(page.locator(".dot-1")).hasAttribute("aria-current", "true");
        }
    }

    private static String look(Page page, int slide) {
        return (String) page.evaluate("""
                n => {
                  const one = document.querySelector('keen-reel').shadowRoot.querySelector(`.slide-${n}`);
                  const round = (number) => Math.round(number * 1000) / 1000;
                  const { opacity, transform } = getComputedStyle(one);
                  return `${round(opacity)} ${round(new DOMMatrix(transform).a)}`;
                }""", slide);
    }
}
