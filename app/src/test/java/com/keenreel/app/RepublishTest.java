package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Boxes;
import com.keenreel.player.Clock;
import com.keenreel.player.Kinds;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What somebody's page shows after something was published, brought back or taken down, with caches in between. */
@Tag("browser")
class RepublishTest extends SomebodysPages {
    private Made banner(String name, String... files) {
        return editor.make(name, "banner", "full", files).choose("motion.autoplay", null, "false");
    }

    private void press(Made reel, String button) {
        try (Page publish = editor.open("/reels/" + reel.id + "/publish")) {
            publish.evaluate("() => { window.former = true }"); // gone once the page has come anew
            publish.waitForResponse(
                    answer -> !answer.request().method().equals("GET")
                            && answer.url().contains("/publication"),
                    () -> publish.getByRole(
                                    com.microsoft.playwright.options.AriaRole.BUTTON,
                                    new Page.GetByRoleOptions().setName(button).setExact(true))
                            .first()
                            .click());
            publish.waitForFunction("() => !window.former"); // a page that is closed meanwhile may never be
            publish.waitForLoadState();
        }
    }

    /** What the page shows of the reel, as the hash of its pixels. */
    private static String shown(Page page) {
        page.waitForFunction(
                "() => [...document.querySelector('keen-reel').shadowRoot.querySelectorAll('.now img')].every((one) => one.complete && one.naturalWidth)");
        return com.keenreel.publish.PlayerFiles.sha256(page.locator("keen-reel").screenshot());
    }

    /** What is changed and not to be seen is not listed: where it sits on the bench, what is hidden, what has no effect. */
    @Test
    void whatChangedSinceIsWhatVisitorsWouldSee() {
        Made reel = banner("Seen changes", "banner-glaze-bench.jpg", "banner-dusk-works.jpg", "banner-kiln-glow.jpg");
        String hidden = reel.slides().get(2);
        reel.edit("{'kind':'hide','slide':'" + hidden + "','hidden':true}");
        reel.publish();
        reel.edit("{'kind':'sit','slot':'box 900'}")
                .choose("look.ink", null, "#aa3355")
                .choose("words.title-lines", "phone", "3")
                .say(hidden, "title", "Not seen");
        Page page = editor.open("/reels/" + reel.id + "/publish");
        assertThat(page.locator("section").first()).containsText("What you have here is the same.");
        reel.choose("steering.arrows", "phone", "true").say(reel.slides().get(0), "title", "Seen");
        page.reload();
        assertThat(page.locator(".changes").first().locator("li"))
                .hasText(new String[] {"arrows on phone", "title of slide 1 \"Seen\""});
        reel.choose("words.place", null, "below");
        page.reload();
        assertThat(page.locator(".changes").first().locator("li")).hasText(new String[] {
            "arrows on phone",
            "place of words: below the picture instead of at the lower left",
            "lines of a title on phone: 3 instead of as everywhere",
            "colour of words: #AA3355 instead of #16241E",
            "title of slide 1 \"Seen\""
        });
    }

    @Test
    void everyPressIsSeenAtTheNextReloadWithACacheInFront() {
        front.caching();
        Made reel = banner("Pressed", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        String code = reel.publish().path("element").asString();
        Page page = editor.open(page("/pressed", code));
        assertThat(page.locator(".slide")).hasCount(2);
        String before = shown(page);

        String slide = reel.slides().get(0);
        reel.edit("{'kind':'carry','slide':'" + slide + "','carries':{'picture':'"
                + editor.picture("banner-kiln-glow.jpg") + "'}}");
        reel.edit("{'kind':'hold','slide':'" + slide + "','hold':7500}");
        page.reload();
        assertThat(page.locator(".run")).hasCount(1);
        assertThat(shown(page)).as("an edit is not a publication").isEqualTo(before);

        press(reel, "Publish again");
        assertThat(shown(page)).as("a page kept open keeps what it shows").isEqualTo(before);
        page.reload();
        assertThat(page.locator(".run")).hasCount(1);
        String after = shown(page);
        assertThat(after).isNotEqualTo(before);
        assertThat(page.evaluate(
                        "async () => (await (await fetch(document.querySelector('keen-reel').getAttribute('src')"
                                + " + '/fragment')).json()).plan.holds[0]"))
                .isEqualTo(7500);

        press(reel, "Bring back");
        page.reload();
        assertThat(page.locator(".run")).hasCount(1);
        assertThat(shown(page)).isEqualTo(before);

        press(reel, "Take down");
        page.reload();
        page.waitForFunction("() => document.querySelector('keen-reel').getBoundingClientRect().height === 0");
        assertThat(page.locator("keen-reel img")).hasCount(0);

        press(reel, "Put back");
        page.reload();
        assertThat(page.locator(".run")).hasCount(1);
        assertThat(shown(page)).isEqualTo(before);

        List<String> revalidated =
                front.passedOn().stream().filter(one -> one.startsWith("304 ")).toList();
        assertThat(revalidated).as("what has not changed is not sent again").contains("304 /reel.js");
        List<String> files =
                front.passedOn().stream().filter(one -> one.contains(" /f/")).toList();
        assertThat(files).as("files by content are asked for once").doesNotHaveDuplicates();
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whateverComesLateNothingShifts() {
        Made single = Kinds.single(editor);
        Made row = Kinds.row(editor);
        String code = single.publish().path("element").asString()
                + row.publish().path("element").asString();
        for (String late :
                List.of("/r/.*/first-.*|/f/.*\\.webp", ".*/fragment", "/f/.*\\.js", "/f/.*\\.woff2", "/reel.js")) {
            try (Front slow = new Front()) {
                slow.late(late, 2000);
                Page page = editor.open("/help");
                page.navigate(page("/late", code.replace(front.origin(), slow.origin())));
                assertThat(page.locator("keen-reel .run")).hasCount(2);
                assertThat(editor.shifts(page)).as("late: " + late).isEmpty();
                Boxes boxes = new Boxes();
                JsonNode seen = Boxes.seen(page, 0);
                boxes.compare("late", seen, single.layout(seen.path("width").asDouble(), "live"));
                assertThat(boxes.wrong()).isEmpty();
                page.close();
            }
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void codeThatKeepsAnOldHeightFreeIsSaidAndTheNewOneIsOnePressAway() {
        Made reel = banner("Heights", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        String old = reel.publish().path("element").asString();
        Page bench = editor.open("/reels/" + reel.id + "/publish");
        bench.locator("[data-copy=element]").click();
        assertThat(bench.locator("#notices")).containsText("The element is copied.");

        reel.choose("shape.ratio", null, "2:1").choose("shape.ratio", "phone", "1:1");
        bench.reload();
        assertThat(bench.locator(".notice"))
                .containsText(
                        "The reel becomes 390 px instead of 488 px high on phone, 640 px instead of 533 px high on desk.");
        reel.publish();
        bench.reload();
        assertThat(bench.locator("[data-old-code]"))
                .containsText("488 px on phone, where the reel is now 390 px high, 533 px on desk");

        Page page = editor.open(page("/heights", old));
        assertThat(page.locator(".run")).hasCount(1);
        Boxes boxes = new Boxes();
        JsonNode seen = Boxes.seen(page, 0);
        boxes.compare("old code", seen, reel.layout(seen.path("width").asDouble(), "live"));
        assertThat(boxes.wrong()).isEmpty();
        assertThat(page.locator("#after").boundingBox().y).as("below the reel").isGreaterThan(640);
        assertThat(editor.shifts(page)).as("it moves once, as was said").hasSize(1);

        bench.locator("[data-copy=element]").click();
        assertThat(bench.locator("[data-old-code]")).hasCount(0);
        String fresh = (String) bench.evaluate("() => navigator.clipboard.readText()");
        assertThat(fresh).isNotEqualTo(old);
        bench.reload();
        assertThat(bench.locator("[data-old-code]")).hasCount(0);
        Page again = editor.open(page("/heights", fresh));
        assertThat(again.locator(".run")).hasCount(1);
        assertThat(editor.shifts(again)).isEmpty();
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void publishSaysOnWhichPagesItWasSeenAndWhatTheyGot() {
        Made reel = banner("Seen", "banner-glaze-bench.jpg");
        JsonNode code = reel.publish();
        Page element =
                editor.open(page("/shop/front.html", code.path("element").asString()) + "?visitor=7&token=secret");
        assertThat(element.locator(".run")).hasCount(1);
        Page frame = editor.open(page("/shop/framed", code.path("frame").asString()) + "?visitor=8");
        assertThat(frame.frameLocator("iframe").locator(".run")).hasCount(1);

        Page publish = editor.open("/reels/" + reel.id + "/publish");
        Locator seen = publish.locator(".seen").first().locator("li");
        assertThat(seen).hasCount(2);
        String host = site.origin().replace("http://", "");
        assertThat(seen.filter(new Locator.FilterOptions().setHasText(host + "/shop/front.html")))
                .containsText("as an element");
        assertThat(seen.filter(new Locator.FilterOptions().setHasText(host + "/shop/framed")))
                .containsText("in a frame");
        assertThat(publish.content()).doesNotContain("secret", "visitor=");
        assertThat(seen.first()).containsText("what is live");

        reel.choose("motion.hold", null, "9").publish();
        publish.reload();
        assertThat(seen.first()).containsText("revision 2"); // it has not been reloaded
        element.reload();
        assertThat(element.locator(".run")).hasCount(1);
        publish.reload();
        assertThat(seen.filter(new Locator.FilterOptions().setHasText("/shop/front.html")))
                .containsText("what is live");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void onlyWhatIsNeededIsAskedFor() {
        Made nine = banner(
                "Nine",
                "plate-01-quatrefoil.jpg",
                "plate-02-eight-star.jpg",
                "plate-03-target-square.jpg",
                "plate-04-fan.jpg",
                "plate-05-flower-sprig.jpg",
                "plate-06-linked-petals.jpg",
                "plate-07-winding-band.jpg",
                "plate-08-pinwheel.jpg",
                "plate-09-damask.jpg");
        JsonNode code = nine.publish();
        for (String way : List.of("element", "address", "frame")) {
            front.asked().clear();
            Editor visitor = new Editor(); // with an empty cache
            String address = way.equals("address")
                    ? code.path("address").asString()
                    : page("/nine", code.path(way).asString());
            Page page = visitor.open(address);
            Locator reel = way.equals("frame")
                    ? page.frameLocator("iframe").locator(".reel")
                    : page.locator("keen-reel .reel");
            assertThat(reel).hasClass(java.util.regex.Pattern.compile("\\brun\\b"));
            page.waitForLoadState(LoadState.NETWORKIDLE);
            assertThat(pictures()).as(way + " at load").hasSizeBetween(1, 2).doesNotHaveDuplicates();
            assertThat(front.asked().stream().filter(path -> path.contains("/first-")))
                    .as(way + ": the first picture")
                    .hasSize(1);
            assertThat(front.asked().stream().filter("/reel.js"::equals)).hasSize(1);
            assertThat(front.asked().stream().filter(path -> path.matches("/f/.*\\.js")))
                    .hasSize(1);
            assertThat(front.asked().stream().filter(path -> path.endsWith("/fragment")))
                    .hasSize(way.equals("element") ? 1 : 0);
            int before = pictures().size();
            reel.locator(".arrow-next").click();
            page.waitForCondition(() -> pictures().size() > before); // a busy machine is slow, not wrong
            Clock.passed(page, 700);
            assertThat(pictures()).as(way + ": one more, before its turn").hasSize(before + 1);
            assertThat(visitor.problems()).isEmpty();
            visitor.close();
        }
        assertThat(editor.problems()).isEmpty();
    }

    private List<String> pictures() {
        return front.asked().stream().filter(path -> path.endsWith(".webp")).toList();
    }
}
