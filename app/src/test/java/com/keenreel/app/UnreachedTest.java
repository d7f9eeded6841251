package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Clock;
import com.keenreel.player.Kinds;
import com.keenreel.player.Visitor;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a page shows when Keen Reel, its script, or scripts at all cannot be had. */
@Tag("browser")
class UnreachedTest extends SomebodysPages {
    private static String code(Made reel) {
        return reel.publish().path("element").asString();
    }

    /** A plain link of one line is all that is left, and the console says what browsers say by themselves. */
    private void assertPlainLink(Page page, String text) {
        assertThat(page.locator("keen-reel")).hasText(text);
        assertThat(page.locator("keen-reel img")).hasCount(0);
        assertThat(page.locator("keen-reel > a")).isVisible();
        BoundingBox link = page.locator("keen-reel > a").boundingBox();
        assertThat(page.locator("#after").boundingBox().y - link.y)
                .as("the height is given back")
                .isLessThan(80);
        assertThat(editor.problems())
                .allMatch(said ->
                        said.contains("net::ERR_") || said.contains("status of 404") || said.startsWith("404 "));
        editor.problems().clear();
    }

    @Test
    void aStoppedOrWrongAddressLeavesAPlainLink() {
        Made reel = Kinds.single(editor);
        reel.say(reel.slides().get(0), "alt", "A bench with bowls of glaze");
        String code = code(reel);
        String words = "Banner of the kinds: A bench with bowls of glaze";
        front.close();
        assertPlainLink(open(code), words);
        String elsewhere = Running.application().site(); // which has nothing there
        assertPlainLink(open(code.replace(front.origin(), elsewhere)), words);
        String scriptReached = code.replaceAll("onerror=\"[^\"]*\"", "")
                .replaceAll(
                        "src=\"[^\"]*/reel.js\"",
                        "src=\"" + Running.application().origin() + "/reel.js\"");
        site.late("/late.webp", 1_500); // fails long after the reel did
        for (String none : List.of(elsewhere + "/none.webp", site.origin() + "/late.webp")) {
            assertPlainLink(
                    open(scriptReached.replaceAll("(src|srcset)=\"[^\"]*first[^\"]*\"", "$1=\"" + none + "\"")), words);
        }
        Made plain = Kinds.single(editor);
        plain.edit("{'kind':'carry','slide':'" + plain.slides().get(0) + "','carries':{'colour':'#204060'}}");
        assertPlainLink(open(code(plain)), "Banner of the kinds");
    }

    @Test
    void thePlainElementLeavesAPlainLinkAndNoMarkOfAPicture() {
        Made reel = Kinds.single(editor);
        reel.say(reel.slides().get(0), "alt", "A bench with bowls of glaze");
        String code = reel.publish().path("plainElement").asString();
        front.close();
        Page page = open(code);
        assertThat(page.locator("keen-reel > a")).hasText("Banner of the kinds: A bench with bowls of glaze");
        page.waitForFunction("() => document.querySelector('keen-reel img').complete");
        assertThat(page.evaluate("() => document.querySelector('keen-reel img').getBoundingClientRect().width"))
                .isEqualTo(0);
        assertThat(page.locator("#after").boundingBox().y).isLessThan(120);
        assertThat(editor.problems()).allMatch(said -> said.contains("net::ERR_"));
    }

    @Test
    void aFrameLeavesAPlainLinkToo() {
        Made reel = Kinds.single(editor);
        reel.say(reel.slides().get(0), "alt", "A bench with bowls of glaze");
        String code = reel.publish().path("frame").asString();
        Page reached = open(code);
        assertThat(reached.frameLocator("iframe").locator(".run")).hasCount(1);
        assertThat(editor.problems()).isEmpty();
        reached.reload();
        assertThat(reached.locator("iframe")).hasCount(1);
        front.close();
        for (Page page : List.of(open(code), reached)) {
            page.reload();
            assertThat(page.locator("iframe")).hasCount(0);
            assertThat(page.getByText("Banner of the kinds: A bench with bowls of glaze"))
                    .hasAttribute("href", Pattern.compile(front.origin() + "/r/banner-of-the-kinds.*"));
            assertThat(page.locator("#after").boundingBox().y).isLessThan(120);
        }
        assertThat(editor.problems()).allMatch(said -> said.contains("net::ERR_"));
    }

    @Test
    void aReelThatCannotBeHadLeavesItsPictureInItsPlace() {
        String code = code(Kinds.single(editor));
        front.rewrite(".*/fragment", body -> "no JSON");
        Page page = open(code);
        page.waitForFunction("() => document.querySelector('keen-reel').ready?.then(() => true)");
        assertThat(page.locator("keen-reel img")).isVisible();
        BoundingBox picture = page.locator("keen-reel img").boundingBox();
        assertThat(page.locator("#after").boundingBox().y).isGreaterThan(picture.y + picture.height - 2);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void withScriptsOffAPageShowsTheWholeReel() {
        try (Visitor visitor = new Visitor(false)) {
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 5).entrySet()) {
                Made reel = kind.getValue();
                String body = "<body style=\"margin:0\">" + code(reel) + "</body>";
                Page page = visitor.open(site.page("/page", html("", body), Map.of()));
                FrameLocator inside = page.frameLocator("keen-reel iframe");
                page.frames().get(1).waitForLoadState();
                JsonNode boxes = reel.layout(1280, "live").path("boxes");
                int seen = 0;
                for (JsonNode box : boxes) {
                    String name = box.path("name").asString();
                    if (!name.matches("slide-\\d+|words-\\d+") || kind.getKey().equals("single")) {
                        continue;
                    }
                    if (box.path("corners").isArray() && !name.endsWith("-1")) {
                        continue; // without scripts they stand in a line behind the first one
                    }
                    String which = kind.getKey().equals("marquee") ? ".copy-0 ." + name : "." + name;
                    BoundingBox there = inside.locator(which).boundingBox();
                    boolean scrolls =
                            kind.getKey().equals("upright"); // from its first slide, not with that in the middle
                    assertThat(List.of(
                                    there.x, scrolls ? box.path("y").asDouble() : there.y, there.width, there.height))
                            .as(reel.name + ", " + name)
                            .zipSatisfy(
                                    List.of(
                                            box.path("x").asDouble(),
                                            box.path("y").asDouble(),
                                            box.path("width").asDouble(),
                                            box.path("height").asDouble()),
                                    (is, predicted) -> assertThat(is).isBetween(predicted - 0.1, predicted + 0.1));
                    seen++;
                }
                assertThat(seen)
                        .isGreaterThanOrEqualTo(
                                switch (kind.getKey()) {
                                    case "row" -> 6;
                                    case "marquee" -> 3;
                                    case "pair" -> 1;
                                    default -> 0;
                                });
                assertThat(page.locator("keen-reel iframe").boundingBox().height)
                        .isCloseTo(
                                page.locator("keen-reel").boundingBox().height,
                                org.assertj.core.api.Assertions.within(0.1));
                page.close();
            }
            assertThat(visitor.problems()).isEmpty();
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void untilTheScriptComesTheFirstPictureStandsWhereItWillStand() {
        for (Made reel : Kinds.some(editor, 5).values()) {
            String code = code(reel);
            Page page = open(code.replaceAll("<script.*</script>", ""));
            Page live = open(code);
            assertThat(live.locator("keen-reel .run")).hasCount(1);
            for (int width : new int[] {390, 820, 1280}) {
                page.setViewportSize(width, 800);
                live.setViewportSize(width, 800);
                Clock.frames(live);
                BoundingBox before = page.locator("keen-reel > a").boundingBox();
                BoundingBox after = live.locator(reel.name.startsWith("Band") ? ".copy-0 .slide-1" : ".crop-1")
                        .boundingBox();
                double moved = Math.max(
                        Math.max(Math.abs(before.x - after.x), Math.abs(before.y - after.y)),
                        Math.max(Math.abs(before.width - after.width), Math.abs(before.height - after.height)));
                boolean runs = reel.name.startsWith("Band"); // it has moved on
                assertThat(runs ? Math.abs(before.y - after.y) + Math.abs(before.width - after.width) : moved)
                        .as(reel.name + " at " + width)
                        .isLessThan(0.1);
            }
            page.close();
            live.close();
        }
        assertThat(editor.problems()).isEmpty();
    }
}
