package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.align.Warp;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.align.Grey;
import com.keenreel.imaging.align.Registration;
import com.keenreel.player.Clock;
import com.keenreel.player.ReelMaker;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The sheet on which two pictures are lined up, from two that were taken by hand to what visitors see. */
@Tag("browser")
class CompareTest {
    private static final Pattern STATE = Pattern.compile("They are lined up\\.");

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    private Made pair(String name, String before, String after) {
        return editor.make(name, "comparison", "full", before, after);
    }

    private Page sheet(Made reel) {
        return editor.open("/reels/" + reel.id + "/compare/" + reel.slides().get(0));
    }

    private static Locator figure(Page page, String which) {
        return page.locator("[data-figure=" + which + "]");
    }

    private static Locator says(Page page) {
        return page.locator(".compare-stage .says");
    }

    private Grey grey(String address) {
        try {
            return Darkroom.grey(Received.look(editor.bytes(address)), 0, Registration.WIDTH);
        } catch (Refused refused) {
            throw new IllegalStateException(refused);
        }
    }

    @Test
    void twoThatWereTakenByHandAreLinedUpAndTakenBack() {
        Made reel = pair("Taken by hand", "floor-5-before.jpg", "floor-5-after.jpg");
        Page page = sheet(reel);
        assertThat(says(page)).hasText("Shown lined up. Nothing is changed yet.");
        assertThat(figure(page, "turn")).hasText("2.3° to the left");
        assertThat(figure(page, "size")).hasText(Pattern.compile("3\\.[67] % larger"));
        assertThat(figure(page, "confidence")).containsText("sure");
        page.locator("[data-even]").fill("100");
        page.waitForFunction("() => document.querySelector('.over img').style.filter.includes('evening')");
        page.locator("[data-even]").fill("0");
        page.locator("[data-do=line-up]").click();
        assertThat(says(page)).hasText(STATE);

        Page live = reel.live();
        BoundingBox before = live.locator("keen-reel .picture-1-before").boundingBox();
        assertThat(live.locator("keen-reel .picture-1-after").boundingBox().x).isCloseTo(before.x, within(0.01));
        assertThat(before.width)
                .as("what is more than both show is cut off")
                .isGreaterThan(live.locator("keen-reel .crop-1").boundingBox().width + 20);
        String one = live.locator("keen-reel .picture-1-before").getAttribute("src");
        String other = live.locator("keen-reel .picture-1-after").getAttribute("src");
        Registration left = Registration.of(grey(one), grey(other));
        assertThat(left.isSure()).isTrue();
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 * 0.8 + 0.1;
            double y = (corner >> 1) * 0.8 + 0.1;
            assertThat(1000 * Math.hypot(left.warp().x(x, y) - x, left.warp().y(x, y) - y))
                    .as("px at a width of 1000 that visitors see them apart")
                    .isLessThan(1.5);
        }

        String sheet = page.url();
        page.locator(".compare .back a").click();
        page.locator("[data-do=undo]").click();
        assertThat(page.locator("[data-do=undo]")).isDisabled(); // that was all that this window did
        page.navigate(sheet);
        assertThat(says(page)).hasText("Shown lined up. Nothing is changed yet.");
        page.locator("[data-do=line-up]").click();
        assertThat(says(page)).hasText(STATE);
        assertThat(page.locator(".compare-others")).containsText("lined up");
        assertThat(page.locator(".lies .taken")).hasAttribute("d", Pattern.compile("M-?[\\d.]+ .*Z"));
        page.locator("[data-even]").fill("60");
        page.locator("[data-say-even]").check();
        page.locator("[data-do=line-up]").click();
        assertThat(page.locator("[data-do=line-up]")).isDisabled();
        assertThat(editor.send("GET", "/reels/" + reel.id + "/words", null).toString())
                .contains("Brightness and colours of both photographs were evened out.");
        page.locator("[data-do=as-taken]").click();
        assertThat(page.locator(".compare-others")).containsText("as taken");
        assertThat(says(page)).hasText("As it was taken.");
    }

    @Test
    void whatIsDoneOnTheSheetIsUndoneStepByStepAlsoWhatItStored() {
        Page page = sheet(pair("Step by step", "floor-5-before.jpg", "floor-5-after.jpg"));
        assertThat(says(page)).hasText("Shown lined up. Nothing is changed yet.");
        String measured = figure(page, "shift").textContent();
        assertThat(page.locator("[data-undo]")).isDisabled();
        page.locator("[data-do=by-hand]").click();
        page.locator(".compare-stage").press("Shift+ArrowRight");
        page.locator(".compare-stage").press("Shift+ArrowRight");
        assertThat(says(page)).hasText("Moved by hand. Nothing is changed yet.");
        Clock.passed(page, 600); // what follows is another step
        String moved = figure(page, "shift").textContent();
        assertThat(moved).isNotEqualTo(measured);
        page.locator("[data-even]").fill("60");
        page.locator("[data-do=by-hand]").press("Control+z");
        assertThat(page.locator("[data-even]")).hasValue("0");
        assertThat(figure(page, "shift")).hasText(moved);
        page.locator("[data-undo]").click();
        assertThat(figure(page, "shift")).hasText(measured);
        assertThat(page.locator("[data-undo]")).isDisabled();
        page.locator("[data-do=by-hand]").press("Control+Shift+z");
        assertThat(figure(page, "shift")).hasText(moved);
        page.locator("[data-do=line-up]").click();
        assertThat(says(page)).hasText(STATE);
        page.locator("[data-do=by-hand]").press("Control+z");
        assertThat(says(page)).hasText("Shown lined up. Nothing is changed yet.");
        assertThat(page.locator(".compare-others")).containsText("as taken");
        page.locator("[data-redo]").click();
        assertThat(says(page)).hasText(STATE);
        assertThat(figure(page, "shift")).hasText(moved);
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z"); // there is one step: the other press takes nothing
        assertThat(says(page)).hasText("Shown lined up. Nothing is changed yet.");
        assertThat(page.locator("[data-undo]")).isDisabled();
    }

    @Test
    void twoOfDifferentThingsAreLeftAndCanBeLinedUpByPoints() {
        Made reel = pair("Different things", "commission-04.jpg", "plate-04-fan.jpg");
        Page page = sheet(reel);
        assertThat(says(page)).containsText("Unsure: they do not show enough of the same");
        assertThat(figure(page, "shift")).hasText("not known");
        assertThat(page.locator("[data-do=line-up]")).isDisabled();
        page.locator("[data-do=points]").click();
        Locator pictures = page.locator(".compare-point-picture");
        double[][] at = {{0.2, 0.2, 0.3, 0.25}, {0.8, 0.7, 0.75, 0.7}};
        for (double[] point : at) {
            for (int i = 0; i < 2; i++) {
                BoundingBox box = pictures.nth(i).boundingBox();
                page.mouse().click(box.x + point[2 * i] * box.width, box.y + point[2 * i + 1] * box.height);
            }
        }
        page.locator(".compare-point[data-in=moved][data-point='2']").press("ArrowRight");
        page.locator("[data-do=match]").click();
        assertThat(says(page)).hasText("Lined up by your points. Nothing is changed yet.");
        page.locator("[data-do=by-hand]").click();
        String moved = figure(page, "shift").textContent();
        page.locator(".compare-stage").press("Shift+ArrowRight");
        assertThat(figure(page, "shift")).not().hasText(moved);
        page.locator("[data-by=turned]").fill("2.5");
        page.locator("[data-by=turned]").press("Tab");
        assertThat(figure(page, "turn")).hasText("2.5° to the right");
        page.locator("[data-do=line-up]").click();
        assertThat(says(page)).hasText(STATE);
        assertThat(figure(page, "turn")).hasText("2.5° to the right");
    }

    @Test
    void whatWasLinedUpFollowsItsPicturesAndGoesWithThem() {
        String before = own("floor-4-before.jpg");
        String after = own("floor-4-after.jpg");
        ObjectNode request = Editor.JSON
                .createObjectNode()
                .put("name", "Follows")
                .put("starter", "comparison")
                .put("slot", "full");
        request.putArray("pictures").add(before).add(after);
        Made reel = editor
        .new Made("Follows", editor.send("POST", "/reels", request).path("id").asString());
        String slide = reel.slides().get(0);
        String compare = "/reels/" + reel.id + "/compare/" + slide;
        ObjectNode line = Editor.JSON.createObjectNode().put("window", "test").put("editId", "follows-1");
        JsonNode measured = editor.send("POST", compare + "/measured", "{}");
        line.set("warp", measured.path("lying").path("warp"));
        line.put("versions", "of other pictures");
        assertThatThrownBy(() -> editor.send("POST", compare + "/lined", line))
                .hasMessageContaining("422")
                .hasMessageContaining("changed meanwhile, so nothing was lined up");
        line.set("versions", measured.path("versions"));
        editor.send("POST", compare + "/lined", line);
        assertThat(listed("own-floor-4-after"))
                .as("the library does not list what is made of it")
                .isEqualTo(1);

        Warp whole =
                warp(editor.send("GET", compare + "/lying", null).path("lying").path("warp"));
        editor.send(
                "PUT",
                "/pictures/" + before + "/adjustment",
                Editor.JSON.createObjectNode().put("left", 0.1).put("quarters", 0));
        var trimmed = editor.send("GET", compare + "/lying", null).path("lying");
        assertThat(warp(trimmed.path("warp"))).as("a new crop changes nothing").isEqualTo(whole);
        Page live = reel.live();
        Registration left = Registration.of(
                grey(live.locator("keen-reel .picture-1-before").getAttribute("src")),
                grey(live.locator("keen-reel .picture-1-after").getAttribute("src")));
        assertThat(1000 * Math.abs(left.warp().x(0.5, 0.5) - 0.5)).isLessThan(1.5);

        reel.edit("{'kind':'side-picture','slide':'" + slide + "','side':'before','picture':'"
                + editor.picture("floor-3-before.jpg") + "'}");
        assertThat(isLined(compare)).as("with what is gone nothing is lined up").isFalse();
        editor.send("POST", "/reels/" + reel.id + "/undo", "{\"window\":\"test\",\"editId\":\"follows-2\"}");
        assertThat(isLined(compare)).as("undone as one").isTrue();
        ObjectNode bin = Editor.JSON.createObjectNode();
        bin.putArray("pictures").add(after);
        assertThat(editor.send("POST", "/pictures/bin/ask", bin)
                        .path("question")
                        .asString())
                .contains("Follows");
        editor.send("POST", "/pictures/bin", bin);
        assertThat(reel.slides()).isEmpty();
    }

    private boolean isLined(String compare) {
        return editor.send("GET", compare + "/lying", null).path("isLined").asBoolean();
    }

    /** How many pictures the library lists that are called so. */
    private int listed(String called) {
        String page = new String(editor.bytes("/pictures?q=" + called), StandardCharsets.UTF_8);
        return page.split("<figure", -1).length - 1;
    }

    /** A copy of a file of the demonstration that no other test has. */
    private String own(String file) {
        try {
            byte[] bytes = Files.readAllBytes(ReelMaker.PICTURES.resolve(file));
            byte[] longer = Arrays.copyOf(bytes, bytes.length + 1); // decoders stop before it
            return editor.send("POST", "/pictures?name=own-" + file, longer)
                    .path("id")
                    .asString();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Warp warp(tools.jackson.databind.JsonNode numbers) {
        java.util.List<Double> all = new java.util.ArrayList<>();
        numbers.forEach(number -> all.add(number.asDouble()));
        return Warp.of(all);
    }
}
