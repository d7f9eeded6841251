package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import com.keenreel.app.store.Published;
import com.keenreel.core.reel.Reel;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Slides that visitors do not always meet: hidden ones, those with days, those in another order on every visit. */
@Tag("browser")
class DaysTest {
    private static final LocalDate TODAY = LocalDate.now();

    private final Editor editor = new Editor();

    @TempDir
    private Path folder;

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made made(String name) {
        return editor.make(
                name,
                "banner",
                "full",
                "banner-glaze-bench.jpg",
                "banner-dusk-works.jpg",
                "banner-kiln-glow.jpg",
                "banner-long-room.jpg");
    }

    private static String show(String slide, String showing) {
        return "{'kind':'show','slide':'" + slide + "','showing':{" + showing + "}}";
    }

    private String fragment(String slug) {
        return editor.text(Running.application().origin() + "/r/" + slug + "/fragment");
    }

    @Test
    void visitorsMeetASlideOnItsDaysAlone() {
        Made reel = made("Days of slides");
        List<String> slides = reel.slides();
        reel.edit(show(slides.get(0), "'until':'" + TODAY.minusDays(1) + "'"))
                .edit(show(slides.get(1), "'from':'" + TODAY.plusDays(3) + "'"))
                .edit(show(slides.get(2), "'hidden':true"));
        reel.publish();
        assertThat(fragment("days-of-slides"))
                .contains(slides.get(3))
                .doesNotContain(slides.get(0))
                .doesNotContain(slides.get(1))
                .doesNotContain(slides.get(2));
        assertThat(editor.send("GET", "/reels/" + reel.id + "/layout?width=800&state=live", null)
                        .toString())
                .contains("picture-1");
        String bench = editor.send("GET", "/reels/" + reel.id + "/parts?window=w", null)
                .path("parts")
                .path("stored")
                .asString();
        assertThat(bench).contains(">live<");

        reel.edit(show(slides.get(2), ""));
        assertThatThrownBy(() ->
                        reel.edit(show(slides.get(0), "'from':'" + TODAY + "','until':'" + TODAY.minusDays(4) + "'")))
                .hasMessageContaining("is before the first");
        slides.forEach(slide -> reel.edit(show(slide, "'hidden':true")));
        assertThatThrownBy(reel::publish).hasMessageContaining("visitors would meet nothing");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aPublicationKnowsWhatToShowFromWhichDayOn() {
        Published.Stage second = new Published.Stage(TODAY.plusDays(2), "second", "", "", List.of());
        Published.Stage third = new Published.Stage(TODAY.plusDays(9), "third", "", "", List.of());
        Published published = new Published(
                "id",
                "reel",
                1,
                Reel.named("Staged"),
                "f",
                Map.of(),
                "first",
                "",
                "",
                "",
                List.of(),
                0,
                List.of(second, third));
        assertThat(published.on(TODAY.plusDays(1)).fragment()).isEqualTo("first");
        assertThat(published.on(TODAY.plusDays(2)).fragment()).isEqualTo("second");
        assertThat(published.on(TODAY.plusDays(8)).fragment()).isEqualTo("second");
        assertThat(published.on(TODAY.plusDays(9)).fragment()).isEqualTo("third");
    }

    /** The folder is opened from disk at three days: it asks nobody which day it is. */
    @Test
    void aFolderKeepsToTheDaysByItself() throws Exception {
        Made reel = made("Days in a folder");
        List<String> slides = reel.slides();
        reel.edit(show(slides.get(1), "'from':'" + TODAY.plusDays(3) + "','until':'" + TODAY.plusDays(4) + "'"))
                .say(slides.get(1), "title", "Only two days");
        reel.publish();
        ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(editor.bytes("/reels/" + reel.id + "/folder")));
        Path index = null;
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            Path file = folder.resolve(entry.getName());
            Files.createDirectories(file.getParent());
            Files.copy(zip, file);
            index = file.getFileName().toString().equals("index.html") ? file : index;
        }
        int[] expected = {3, 4, 3};
        int[] days = {0, 4, 5};
        for (int i = 0; i < days.length; i++) {
            Page page = editor.open("/help");
            LocalDateTime noon = TODAY.plusDays(days[i]).atTime(12, 0);
            page.clock()
                    .setFixedTime(Date.from(noon.atZone(ZoneId.systemDefault()).toInstant()));
            page.navigate(index.toUri().toString());
            assertThat(page.locator(".run")).hasCount(1);
            assertThat(page.locator(".slide")).hasCount(expected[i]);
            assertThat(page.getByText("Only two days")).hasCount(expected[i] - 3);
            page.waitForFunction(
                    "() => [...document.querySelector('keen-reel').shadowRoot.querySelectorAll('.slide-1 img')]"
                            + ".every((one) => one.complete && one.naturalWidth > 0)");
            page.close();
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void slidesComeInAnotherOrderOnEveryVisitAfterTheFirst() {
        Made reel = made("Another order").choose("motion.anew", null, "true");
        String address = reel.publish().path("address").asString();
        List<String> slides = reel.slides();
        Set<Object> orders = new HashSet<>();
        for (int visit = 0; visit < 12; visit++) {
            Page page = editor.open(address);
            assertThat(page.locator(".run")).hasCount(1);
            Object order = page.locator("keen-reel").evaluate("""
                    (host) => [...host.shadowRoot.querySelectorAll('.slide')].map((slide) => {
                      const place = slide.className.match(/slide-(\\d)/)[1];
                      return `${place} ${slide.ariaLabel.includes(place)} ${slide.dataset.slide}`;
                    }).join()""");
            assertThat(order.toString()).startsWith("1 true " + slides.get(0)).doesNotContain("false");
            assertThat(order.toString().replaceAll(" true \\w+", "")).isEqualTo("1,2,3,4");
            slides.forEach(slide -> assertThat(order.toString()).contains(slide));
            orders.add(order);
            page.close();
        }
        assertThat(orders.size()).as("of 6 orders, in 12 visits").isGreaterThan(1);
        Page bench = editor.open("/reels/" + reel.id);
        assertThat(bench.frameLocator(".screen >> nth=0 >> iframe").locator(".slide >> nth=1"))
                .hasAttribute("data-slide", slides.get(1));
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void severalCardsAreHiddenMovedAndTakenOutTogether() {
        Made reel = made("Several cards");
        List<String> slides = reel.slides();
        Page page = editor.open("/reels/" + reel.id);
        assertThat(page.frameLocator(".screen >> nth=2 >> iframe").locator(".run"))
                .hasCount(1);
        Locator cards = page.locator(".card");
        cards.nth(0).click();
        cards.nth(1).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(page.locator(".chosen-line")).containsText("2 slides chosen");
        cards.nth(1).press("h");
        assertThat(page.locator(".away")).hasCount(2);
        assertThat(page.frameLocator(".screen >> nth=2 >> iframe").locator(".slide"))
                .hasCount(2);
        cards.nth(1).press("Enter");
        page.keyboard().press("End");
        page.keyboard().press("Enter");
        assertThat(page.locator(".card-place:last-child .card")).hasAttribute("data-card", slides.get(1));
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(reel.slides()).containsExactly(slides.get(2), slides.get(3), slides.get(0), slides.get(1));

        // a hidden slide is on the wall while its sheet is open
        page.keyboard().press("Escape");
        page.keyboard().press("Escape");
        cards.nth(3).click();
        assertThat(page.frameLocator(".screen >> nth=2 >> iframe").locator(".slide"))
                .hasCount(3);
        page.locator("[data-do=brief]").click();
        assertThat(page.frameLocator(".screen >> nth=2 >> iframe").locator(".slide"))
                .hasCount(2);

        cards.nth(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        cards.nth(3).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        page.locator("[data-chosen=remove]").click();
        assertThat(cards).hasCount(2);
        page.locator("[data-do=undo]").click();
        assertThat(cards).hasCount(4);
        assertThat(page.locator(".away")).hasCount(2);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void picturesAreDroppedBetweenCards() {
        String unused = editor.picture("plate-12-dahlia.jpg");
        Made reel = made("Dropped between");
        List<String> slides = reel.slides();
        Page page = editor.open("/reels/" + reel.id);
        page.locator("[data-do=tray]").click();
        Locator picture = page.locator(".tray [data-picture='" + unused + "']");
        picture.dragTo(page.locator(".card").nth(2), new Locator.DragToOptions().setTargetPosition(8, 20));
        assertThat(page.locator(".card")).hasCount(5);
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(reel.slides().get(2)).isNotIn(slides);
        assertThat(picture).hasCount(0);

        page.locator("[data-do=undo]").click();
        assertThat(picture).hasCount(1);
        page.locator(".card").first().click();
        picture.press("Enter");
        assertThat(page.locator(".card")).hasCount(5);
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(reel.slides().get(1)).as("behind the picked one").isNotIn(slides);
        assertThat(editor.problems()).isEmpty();
    }
}
