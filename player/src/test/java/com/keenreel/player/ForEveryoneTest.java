package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.Media;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Published reels for those who listen, read the other way, use keys, enlarge, choose their own colours or print. */
class ForEveryoneTest extends ReelPages {
    private StaticReel banner(String name) {
        StaticReel reel = reels.make(
                name, "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg", "banner-kiln-glow.jpg");
        String first = reel.slides().get(0);
        return reel.say(first, "button", "More").say(first, "link", "https://fennock.example/");
    }

    @Test
    void saysWhatItIsAndWhereOneStands() {
        Page page = banner("Said").live();
        Locator reel = page.getByRole(
                com.microsoft.playwright.options.AriaRole.REGION, new Page.GetByRoleOptions().setName("Said"));
        assertThat(reel).hasAttribute("aria-roledescription", "carousel");
        assertThat(reel).hasAttribute("lang", "en");
        assertThat(page.locator(".slide.now")).hasAttribute("aria-label", "1 of 3");
        assertThat(page.locator(".slide.now")).hasAttribute("role", "group");
        assertThat(page.locator(".strip")).hasAttribute("aria-live", "off");
        page.keyboard().press("Tab");
        assertThat(focused(page)).as("pause is first in order").contains("pause");
        page.keyboard().press("Enter");
        assertThat(page.locator(".strip")).hasAttribute("aria-live", "polite");
        assertThat(page.locator(".slide[inert]")).hasCount(2);
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.LINK))
                .hasCount(1);
    }

    private static String focused(Page page) {
        return (String) page.evaluate("() => document.activeElement?.shadowRoot?.activeElement?.className ?? 'page'");
    }

    @Test
    void speaksTheLanguageThatWasChosenAndTheWordsThatWereGiven() {
        Page page = banner("Gesagt")
                .choose("speech.language", null, "de")
                .choose("speech.next", null, "Weiter")
                .live();
        assertThat(page.locator("html")).hasAttribute("lang", "de");
        assertThat(page.locator(".arrow-next")).hasAttribute("aria-label", "Weiter");
        assertThat(page.locator(".arrow-previous")).hasAttribute("aria-label", "Vorheriges Bild");
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Anhalten");
        page.locator(".pause").click();
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Weiterlaufen lassen");
        assertThat(page.locator(".slide.now")).hasAttribute("aria-label", "1 von 3");
    }

    @Test
    void readFromRightToLeftItMovesTheOtherWay() {
        StaticReel single = banner("Right to left")
                .choose("speech.language", null, "he")
                .choose("motion.autoplay", null, "false")
                .choose("motion.transition", null, "along")
                .choose("motion.time", null, "5");
        Page page = single.live();
        assertThat(page.locator(".reel")).hasAttribute("dir", "rtl");
        assertThat(page.locator(".arrow-next").boundingBox().x).isLessThan(100);
        page.locator(".arrow-next").click();
        double coming = page.locator(".slide.coming").boundingBox().x;
        assertThat(coming).as("it comes from the left").isLessThan(0);
        page.locator(".arrow-next").focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".slide.coming")).hasCount(0); // it has gone back
        assertThat(page.locator(".slide-1.now")).hasCount(1);

        Page row = Kinds.row(reels).choose("speech.language", null, "ar").live();
        assertThat(row.locator(".slide-2").boundingBox().x)
                .isLessThan(row.locator(".slide-1").boundingBox().x);
        BoundingBox view = row.locator(".view").boundingBox();
        new Hand(row)
                .press(view.x + 500, view.y + 60)
                .to(view.x + 700, view.y + 60)
                .to(view.x + 900, view.y + 60)
                .rest()
                .lift();
        assertThat(row.locator(".slide-2.now")).hasCount(1);
        assertThat(row.locator(".slide-1.now")).hasCount(0);

        Page band = Kinds.marquee(reels).choose("speech.language", null, "ar").live();
        double before = band.locator(".copy-0 .slide-1").boundingBox().x;
        band.waitForFunction(
                "before => document.querySelector('keen-reel').shadowRoot.querySelector('.copy-0 .slide-1').getBoundingClientRect().x > before + 5",
                before); // to the right
        band.keyboard().press("Tab");
        band.keyboard().press("Tab");
        band.keyboard().press("Tab");
        BoundingBox logo = band.locator(".copy-0 .slide-2").boundingBox();
        BoundingBox whole = band.locator(".view").boundingBox();
        assertThat(logo.x).as("a focused logo is seen whole").isGreaterThan(whole.x - 1);
        assertThat(logo.x + logo.width).isLessThan(whole.x + whole.width + 1);
    }

    /** The ring around a focused control has a light and a dark line, so it is seen on any picture. */
    @ParameterizedTest
    @ValueSource(strings = {"milk-glaze-very-light.jpg", "cellar-very-dark.jpg"})
    void focusIsSeenOnAnyPicture(String picture) throws IOException {
        StaticReel reel = reels.make("Focus on " + picture, "banner", "full", picture, picture);
        String first = reel.slides().get(0);
        reel.say(first, "title", "Title").say(first, "button", "More").say(first, "link", "https://fennock.example/");
        Page page = reel.choose("motion.hold", null, "60").live();
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("Tab");
            assertRing(page, picture + ", control " + i);
        }
        page.close();
        Page pair = reels.make("Pair focus " + picture, "comparison", "full", picture, picture)
                .live();
        pair.locator(".slide-1 .handle").focus();
        pair.keyboard().press("ArrowLeft");
        assertRing(pair, picture + ", handle");
        Page band = Kinds.marquee(reels).live();
        for (int i = 0; i < 2; i++) {
            band.keyboard().press("Tab");
            assertRing(band, "band, control " + i);
        }
    }

    private static void assertRing(Page page, String what) throws IOException {
        page.evaluate(
                "async () => { const root = document.activeElement.shadowRoot; await Promise.all(root.activeElement.getAnimations().map(({ finished }) => finished)); await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame))); }");
        String box = (String)
                page.evaluate(
                        "() => { const box = document.activeElement.shadowRoot.activeElement.getBoundingClientRect(); return [box.x, box.y, box.right, box.bottom].join(); }");
        double[] edges = java.util.Arrays.stream(box.split(","))
                .mapToDouble(Double::parseDouble)
                .toArray();
        BufferedImage shot = ImageIO.read(new ByteArrayInputStream(page.screenshot()));
        int middle = (int) (edges[1] + edges[3]) / 2;
        int light = 0;
        int dark = 0;
        for (int x = (int) Math.max(0, edges[0] - 8); x < Math.min(edges[0] + 8, shot.getWidth()); x++) {
            int rgb = shot.getRGB(x, middle);
            int red = rgb >> 16 & 255;
            light += red > 250 && (rgb & 255) > 250 ? 1 : 0;
            dark += red < 40 && (rgb & 255) < 50 ? 1 : 0;
        }
        assertThat(light).as(what + ": px of light at its edge").isGreaterThanOrEqualTo(2);
        assertThat(dark).as(what + ": px of dark at its edge").isGreaterThanOrEqualTo(2);
    }

    @Test
    void keepsItsShapesInColoursThatTheVisitorChose() {
        Page page = visitor.blank();
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        page.navigate(banner("Forced").publish());
        assertThat(page.locator("keen-reel .run")).hasCount(1);
        for (String part : List.of(".arrow-next", ".pause")) {
            assertThat(page.locator(part)).hasCSS("border-top-width", "2px");
        }
        Object different = page.evaluate("""
                () => {
                  const style = (part, of) => getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector(part), of);
                  const [now, other] = ['.dot-1', '.dot-2'].map((dot) => style(dot, '::before'));
                  const opaque = !/rgba|\\//.test(style('.slide-1 .panel').backgroundColor);
                  return [now.backgroundColor !== other.backgroundColor, new DOMMatrix(now.transform).a > 1.3 && other.transform === 'none', opaque].join();
                }""");
        assertThat(different)
                .as("the dot of the present stop differs in colour and size; words have an opaque ground")
                .isEqualTo("true,true,true");
    }

    @Test
    void dotsCountWhatTheyStepThroughAndNothingIsSaidTwice() {
        StaticReel reel = reels.make("Counted", "row", "full", Kinds.SIX).choose("steering.larger", null, "true");
        Page page = reel.live();
        assertThat(page.locator(".dot-2")).hasAttribute("aria-label", "2 of 4"); // three stand side by side
        assertThat(page.locator(".slide-2")).hasAttribute("aria-label", "2 of 6");
        assertThat(page.locator(".slide-2")).hasAttribute("aria-roledescription", "slide");
        page.setViewportSize(390, 800);
        assertThat(page.locator(".dot-2")).hasAttribute("aria-label", "2 of 6");
        page.locator(".slide-1 .larger").click();
        Locator original = page.locator("[data-do=original]");
        assertThat(original.getAttribute("aria-label")).contains(original.innerText());
    }

    @Test
    void fitsNarrowWindowsAndEnlargedOnes() {
        for (Map.Entry<String, StaticReel> kind : Kinds.some(reels, 5).entrySet()) {
            Page page = kind.getValue().live();
            for (int width : new int[] {320, 640}) { // 320: a phone, or 1280 px enlarged to 400 %; 640: to 200 %
                page.setViewportSize(width, 700);
                page.evaluate(
                        "() => new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)))");
                assertThat(page.evaluate("() => document.documentElement.scrollWidth"))
                        .as(kind.getKey() + " at " + width)
                        .isEqualTo(width);
            }
            page.close();
        }
    }

    @Test
    void wordsThatWereEnlargedAloneCanStillBeReadToTheirEnd() {
        for (StaticReel reel : List.of(
                Kinds.single(reels),
                Kinds.row(reels),
                banner("Below").choose("words.place", null, "below").choose("words.text-lines", null, "1"))) {
            Page page = reel.live();
            String said = (String) page.evaluate("""
                    async () => {
                      const root = document.querySelector('keen-reel').shadowRoot;
                      for (const words of root.querySelectorAll('.title, .text, .button, .label-before, .label-after')) {
                        const { fontSize, lineHeight } = getComputedStyle(words);
                        words.style.fontSize = `${2 * parseFloat(fontSize)}px`;
                        if (parseFloat(lineHeight)) words.style.lineHeight = `${2 * parseFloat(lineHeight)}px`;
                      }
                      document.body.style.width = 'calc(100% - 1px)'; // browsers lay out anew when type is enlarged
                      for (let i = 0; i < 4; i++) await new Promise(requestAnimationFrame); // and those who observe it see it
                      const cut = [];
                      for (const area of root.querySelectorAll('.slide.now .words')) {
                        const panel = area.querySelector('.panel');
                        if (!panel) continue;
                        const [around, own] = [area.getBoundingClientRect(), panel.getBoundingClientRect()];
                        if (own.top < around.top - 1) cut.push('starts above its place');
                        if (own.right > around.right + 1 || own.left < around.left - 1) cut.push('wider than its place');
                        area.scrollTop = 1e6;
                        const end = panel.getBoundingClientRect().bottom;
                        if (end > area.getBoundingClientRect().bottom + 1) cut.push(`ends ${end - around.bottom} px below`);
                        if (area.scrollTop > 0 && area.tabIndex !== 0) cut.push('not reached by keyboard');
                      }
                      return cut.join();
                    }""");
            assertThat(said).as(reel.name).isEmpty();
            page.close();
        }
    }

    @Test
    void onPaperSlidesStandInRowsAsHighAsTheyAre() {
        for (Map.Entry<String, StaticReel> kind : Kinds.some(reels, 5).entrySet()) {
            Page page = kind.getValue().live();
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            page.evaluate("() => dispatchEvent(new Event('beforeprint'))");
            page.waitForFunction(
                    "() => [...document.querySelector('keen-reel').shadowRoot.querySelectorAll('.slide img')].filter((one) => one.checkVisibility()).every((one) => one.complete && one.naturalWidth)");
            String slides = kind.getKey().equals("marquee") ? ".copy-0 .slide" : ".slide";
            Locator all = page.locator(slides);
            List<BoundingBox> boxes = new ArrayList<>();
            for (int i = 0; i < kind.getValue().slides().size(); i++) {
                assertThat(all.nth(i)).isVisible();
                boxes.add(all.nth(i).boundingBox());
            }
            int inARow = kind.getKey().startsWith("row") ? 3 : 2;
            double height = 0;
            double highest = 0;
            for (int i = 0; i < boxes.size() && !kind.getKey().equals("marquee"); i++) {
                BoundingBox first = boxes.get(i - i % inARow);
                assertThat(boxes.get(i).y)
                        .as(kind.getKey() + " slide " + (i + 1))
                        .isCloseTo(first.y, org.assertj.core.api.Assertions.within(0.1));
                assertThat(boxes.get(i).x)
                        .isGreaterThanOrEqualTo(i % inARow == 0 ? 0 : boxes.get(i - 1).x + boxes.get(i - 1).width);
                highest = Math.max(i % inARow == 0 ? 0 : highest, boxes.get(i).height);
                boolean ends = i % inARow == inARow - 1 || i == boxes.size() - 1;
                height += ends ? highest + (height > 0 ? 16 : 0) : 0;
            }
            if (height > 0) {
                assertThat(page.locator("keen-reel").boundingBox().height)
                        .as(kind.getKey() + " is as high as its rows")
                        .isCloseTo(height, org.assertj.core.api.Assertions.within(1.0));
            }
            double end = boxes.get(boxes.size() - 1).y + boxes.get(boxes.size() - 1).height;
            assertThat(page.locator("keen-reel").boundingBox().y
                            + page.locator("keen-reel").boundingBox().height)
                    .as("the paper has room for all")
                    .isGreaterThanOrEqualTo(end - 1);
            assertThat(page.locator(".arrow-next")).not().isVisible();
            page.close();
        }
    }
}
