package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The bench in someone's hands: one moment on all screens, nothing typed lost, two windows at once. */
@Tag("browser")
class WallTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    /** The range of the corners, turned to 24 px by a hand that still holds it, once the wall shows that. */
    private static Locator turned(Page page) {
        page.locator("[data-unfold=Look]").click();
        page.locator("[data-key='word-set-look-corners-all']").click();
        Locator range = page.locator(".control-panel:popover-open input[type=range]");
        range.dispatchEvent("pointerdown");
        range.evaluate("(range) => { range.value = 24; range.dispatchEvent(new Event('input', { bubbles: true })); }");
        assertThat(Editor.screen(page, 2).locator(".slide.now .crop")).hasCSS("border-radius", "24px");
        return range;
    }

    @Test
    void allScreensShowTheSameMoment() {
        Page page = editor.banner("Moment").bench();
        page.locator(".card").nth(1).click();
        for (int i = 0; i < 3; i++) {
            assertThat(Editor.screen(page, i).locator(".slide-2.now")).hasCount(1);
        }
        assertThat(page.locator("[data-at]")).hasText("2");
        assertThat(page.locator("[data-into]")).hasText("5.8 s");
        page.locator("[data-do=play]").click();
        page.waitForFunction("() => parseFloat(document.querySelector('[data-into]').textContent) > 6.3");
        page.locator("[data-do=play]").click();
        double into =
                Double.parseDouble(page.locator("[data-into]").textContent().replace(" s", ""));
        assertThat(into).isBetween(6.3, 12.0);
        List<Object> times = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            times.add(Editor.screen(page, i)
                    .locator(".frame")
                    .evaluate("(frame) => Math.round(frame.getAnimations()[0].currentTime)"));
        }
        assertThat(times).as("the hold's time on every screen").allMatch(times.get(0)::equals);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void playGoesOnThoughTheTimeOfAFrameMayPrecedeThatOfThePress() {
        Page page = editor.banner("Play").bench();
        page.evaluate("() => { const own = performance.now.bind(performance); performance.now = () => own() + 1000; }");
        page.locator("[data-do=play]").click();
        assertThat(page.locator("[data-into]")).not().hasText("0.0 s");
        assertThat(Editor.screen(page, 0).locator("keen-reel").evaluate("""
                        (host) => {
                          host.ownerDocument.defaultView.ask({ command: 'at', ms: -5 });
                          const [standing] = host.shadowRoot.querySelector('.frame').getAnimations();
                          return host.shadowRoot.querySelector('.slide-1.now') !== null && standing.currentTime;
                        }""")).isEqualTo(0);
        assertThat(editor.problems()).isEmpty();
    }

    /** A wall that was empty for a while goes on holding where it was. */
    @Test
    void whatComesBackStandsAtTheMomentThatIsHeld() {
        Made reel = editor.banner("Emptied").choose("motion.autoplay", null, "true");
        Page page = reel.bench();
        page.locator(".card").nth(1).click();
        assertThat(Editor.screen(page, 0).locator(".slide-2.now")).hasCount(1);
        page.locator(".card").nth(1).press("Control+a");
        page.keyboard().press("Delete");
        assertThat(Editor.screen(page, 0).locator(".slide")).hasCount(0);
        page.locator("[data-do=undo]").click();
        assertThat(Editor.screen(page, 0).locator(".slide-1")).hasCount(1);
        Locator frame = Editor.screen(page, 0).locator(".frame");
        page.waitForCondition(() ->
                frame.evaluate("(frame) => frame.getAnimations().length > 0").equals(true));
        Object before = frame.evaluate(STANDS);
        Clock.frames(page);
        assertThat(frame.evaluate(STANDS)).isEqualTo(before);
        assertThat(editor.problems()).isEmpty();
    }

    private static final String STANDS = "(frame) => frame.getAnimations()[0].currentTime";

    @Test
    void cropsTargetsAndTheOrderOfTheKeyboardAreLaidOverThePages() {
        Made reel = editor.banner("Overlays").choose("shape.ratio", "desk", "3:2");
        Page page = reel.bench();
        Locator desk = Editor.screen(page, 2).locator("body > svg");
        page.locator("[data-over=crop]").click();
        assertThat(desk).containsText("nothing cut off"); // the picture is 3:2 too
        assertThat(Editor.screen(page, 0).locator("body > svg")).containsText("% cut off");
        page.locator("[data-over=crop]").click();
        page.locator("[data-over=targets]").click();
        assertThat(desk).containsText("44 × 44");
        assertThat(desk).not().containsText("too small");
        page.locator("[data-over=targets]").click();
        page.locator("[data-over=focus]").click();
        assertThat(desk).containsText("1");
        assertThat(desk).containsText("4 to 6"); // three dots, after pause and arrows
        page.locator("[data-over=focus]").click();
        assertThat(desk.locator("*")).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatIsTurnedStaysOnTheWallWhenAnAnswerAskedForBeforeItComesLate() {
        Page page = editor.banner("Late").bench();
        Page late = page.context().newPage();
        List<Route> held = new ArrayList<>();
        late.route("**/parts*", held::add);
        late.navigate(page.url());
        late.waitForCondition(() -> !held.isEmpty());
        turned(late);
        Locator crop = Editor.screen(late, 2).locator(".slide.now .crop");
        late.waitForResponse("**/parts*", () -> held.get(0).resume());
        Clock.frames(late);
        assertThat(crop).hasCSS("border-radius", "24px");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatIsTurnedStaysOnTheWallWhenSomebodyElseChangesTheReelMeanwhile() {
        Made reel = editor.banner("Two hands");
        Page page = reel.bench();
        Locator range = turned(page);
        Locator crop = Editor.screen(page, 2).locator(".slide.now .crop");
        reel.choose("look.ground", null, "#446688");
        assertThat(page.locator("#stored-line .figure")).hasText("2"); // it has been noticed
        Clock.frames(page);
        assertThat(crop).hasCSS("border-radius", "24px");
        range.evaluate("(range) => range.dispatchEvent(new Event('change', { bubbles: true }))");
        assertThat(page.locator("#stored-line .figure")).hasText("3");
        assertThat(crop).hasCSS("border-radius", "24px");
        assertThat(crop).hasCSS("background-color", "rgb(68, 102, 136)");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void pagesThatAreThereBeforeTheBenchFollowItToo() {
        Made reel = editor.banner("Early");
        Page page = editor.open("/help");
        List<Route> held = new ArrayList<>();
        page.route("**/bench*.js", held::add);
        page.navigate(
                Running.application().origin() + "/reels/" + reel.id,
                new Page.NavigateOptions().setWaitUntil(com.microsoft.playwright.options.WaitUntilState.COMMIT));
        for (int i = 0; i < 3; i++) {
            assertThat(Editor.screen(page, i).locator(".run")).hasCount(1);
        }
        page.waitForFunction("() => [0, 1, 2].every((i) => frames[i].ready !== undefined)"); // they have said so
        page.waitForCondition(() -> !held.isEmpty());
        page.waitForResponse("**/parts*", () -> held.forEach(Route::resume)); // the bench is there
        page.locator(".card").nth(1).click();
        page.locator("[data-say=title]").fill("Seen on every page");
        for (int i = 0; i < 3; i++) {
            assertThat(Editor.screen(page, i).locator(".slide-2 .title")).hasText("Seen on every page");
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void limitsBetweenSetUpsAreMovedOnTheWidthLine() {
        Made reel =
                editor.make("Limits", "row", "box 1200", "commission-01.jpg", "commission-02.jpg", "commission-03.jpg");
        Page page = reel.bench();
        Locator limit = page.locator("[data-limit='shape.tablet-from']");
        assertThat(limit).hasAttribute("aria-valuetext", "tablet begins at 600 px of the reel's width");
        Locator tablet = page.locator(".screen .said").nth(1);
        assertThat(tablet).not().containsText("as on phone");
        var box = limit.boundingBox();
        var line = page.locator(".width-line").boundingBox();
        double at = line.x + line.width * (860 - 280) / (2560 - 280); // a page of 860 px, a reel of 820
        page.mouse().move(box.x + 12, box.y + 12);
        page.mouse().down();
        page.mouse().move(at - 30, box.y + 12);
        page.mouse().move(at, box.y + 12);
        assertThat(tablet).containsText("as on phone"); // before it is stored
        page.mouse().up();
        assertThat(limit).hasAttribute("aria-valuenow", java.util.regex.Pattern.compile("8(19|20|21)"));
        assertThat(page.locator("#stored")).containsText("revision 2");
        limit.focus();
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("ArrowLeft");
        }
        assertThat(page.locator("#stored")).containsText("revision 3"); // keys are one step
        assertThat(limit).hasAttribute("aria-valuenow", java.util.regex.Pattern.compile("7(69|70|71)"));
        assertThat(limit).isFocused();
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(limit).hasAttribute("aria-valuenow", java.util.regex.Pattern.compile("600"));
        assertThat(tablet).not().containsText("as on phone");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aSlidePressedOnAScreenIsPickedAndNothingElseHappens() {
        Made reel = editor.banner("Pressed");
        reel.say(reel.slides().get(0), "button", "Away").say(reel.slides().get(0), "link", "https://fennock.example/");
        Page page = reel.bench();
        Editor.screen(page, 2).locator(".slide-1 .button").click();
        assertThat(page.locator(".sheet-head")).containsText("Slide 1");
        assertThat(page.locator(".card").nth(0)).hasAttribute("aria-pressed", "true");
        assertThat(page).hasURL(Running.application().origin() + "/reels/" + reel.id);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aControlShowsItsEffectWhileItIsTurnedAndStoresOnceItRests() {
        Made reel = editor.banner("Turned");
        Page page = reel.bench();
        page.locator("[data-unfold=Look]").click();
        page.locator("[data-key='word-set-look-corners-all']").click();
        Locator range = page.locator(".control-panel:popover-open input[type=range]");
        List<String> stored = new ArrayList<>();
        page.onRequest(request -> {
            if (request.url().endsWith("/edits")) {
                stored.add(request.postData());
            }
        });
        range.dispatchEvent("pointerdown");
        range.evaluate(
                "(range) => { for (let value = 1; value <= 24; value += 1) { range.value = value; range.dispatchEvent(new Event('input', { bubbles: true })); } }");
        Locator crop = Editor.screen(page, 2).locator(".slide.now .crop");
        assertThat(crop).hasCSS("border-radius", "24px");
        assertThat(stored).as("while it is turned").isEmpty();
        range.evaluate("(range) => range.dispatchEvent(new Event('change', { bubbles: true }))");
        assertThat(page.locator("[data-key='word-set-look-corners-all']")).hasText("24 px");
        assertThat(stored).hasSize(1);
        assertThat(page.locator(".control-panel:popover-open")).isVisible();
        range.focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(crop).hasCSS("border-radius", "27px");
        page.keyboard().press("Escape"); // leaving it is resting
        assertThat(page.locator("[data-key='word-set-look-corners-all']")).hasText("27 px");
        assertThat(stored).as("the keys together are one step").hasSize(2);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void wordsSurviveALostConnectionAndAreSentOnce() {
        Made reel = editor.banner("Lost");
        Page page = reel.bench();
        page.locator(".card").nth(0).click();
        Locator title = page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
        page.route("**/edits", Route::abort);
        page.route("**/preview", Route::abort);
        title.fill("Typed while away");
        title.blur();
        assertThat(page.locator("[data-stored]")).containsText("kept here, tried again");
        assertThat(title).hasValue("Typed while away");
        page.unroute("**/edits");
        page.unroute("**/preview");
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(page.locator(".card-title").nth(0)).hasText("Typed while away");
        long revision = editor.send("GET", "/reels/" + reel.id + "/parts?window=w", null)
                .path("revision")
                .asLong();
        assertThat(revision).as("one edit").isEqualTo(2);
    }

    @Test
    void twoWindowsKeepBothEditsAndAreShownBothWords() {
        Made reel = editor.banner("Two windows");
        String slide = reel.slides().get(0);
        Page mine = reel.bench();
        mine.locator(".card").nth(0).click();
        assertThat(mine.locator(".sheet-head")).isVisible();
        mine.route("**/state", Route::abort); // it is not told in time
        reel.say(slide, "title", "Theirs").choose("motion.hold", null, "8");
        Locator title = mine.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
        title.fill("Mine");
        title.blur();
        Locator both = mine.locator("#both");
        assertThat(both).containsText("Theirs");
        assertThat(both).containsText("Mine");
        both.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use mine"))
                .click();
        assertThat(mine.locator(".card-title").nth(0)).hasText("Mine");
        assertThat(mine.locator("[data-stored]")).hasText("stored");
        assertThat(mine.locator(".card .figure").nth(0)).hasText("8.0 s");
    }

    @Test
    void aCardThatIsTakenUpStandsInNobodysWay() {
        Made reel = editor.banner("Taken up");
        List<String> slides = reel.slides();
        Page page = reel.bench();
        Locator titles = page.locator(".card-title");
        page.locator(".card").nth(0).press("Enter");
        page.keyboard().press("ArrowRight");
        page.locator("[data-key='word-set-motion-hold-all']").click(); // on to something else: it stays where it stands
        page.keyboard().press("Escape");
        page.waitForCondition(() -> reel.slides().get(1).equals(slides.get(0)));

        page.locator(".card").nth(2).press("Enter");
        reel.say(slides.get(1), "title", "Theirs");
        assertThat(page.locator("#stored-line .figure")).hasText("3");
        assertThat(titles.nth(0)).not().hasText("Theirs"); // nothing changes in the hand
        page.keyboard().press("Tab");
        assertThat(titles.nth(0)).hasText("Theirs");

        page.locator(".card").nth(0).press("Enter");
        page.keyboard().press("End");
        assertThat(titles.nth(2)).hasText("Theirs");
        page.keyboard().press("Control+z"); // it is put back, and nothing that is stored is undone
        assertThat(titles.nth(0)).hasText("Theirs");
        assertThat(page.locator(".card.up")).hasCount(0);
        assertThat(page.locator("#stored-line .figure")).hasText("3");

        // put down and left while it is being stored: the focus stays where somebody has gone
        page.evaluate("""
                () => {
                  const { fetch } = window;
                  window.fetch = async (address, ...more) => {
                    if (`${address}`.endsWith('/edits')) await new Promise((done) => setTimeout(done, 800));
                    return fetch(address, ...more);
                  };
                }""");
        page.locator(".card").nth(0).press("Enter");
        page.keyboard().press("End");
        page.keyboard().press("Enter");
        assertThat(page.locator(".card").nth(2)).isFocused();
        page.locator("[data-do=history]").focus();
        assertThat(page.locator("#stored-line .figure")).hasText("4");
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(page.locator("[data-do=history]")).isFocused();
        assertThat(titles.nth(2)).hasText("Theirs");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aHoldIsDraggedAtItsEdgeInHalfSeconds() {
        Made reel = editor.banner("Edge");
        Page page = reel.bench();
        var edge = page.locator("[data-edge]").nth(0).boundingBox();
        page.mouse().move(edge.x + edge.width / 2, edge.y + 30);
        page.mouse().down();
        page.mouse().move(edge.x + 30, edge.y + 30);
        page.mouse().move(edge.x + 70, edge.y + 30);
        assertThat(page.locator(".card .figure").nth(0)).containsText("s, reads in ");
        String while_ = page.locator(".card .figure").nth(0).textContent().replaceFirst(",.*", "");
        page.mouse().up();
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(page.locator(".card .figure").nth(0)).hasText(while_);
        double hold = Double.parseDouble(while_.replace(" s", ""));
        assertThat(hold).isGreaterThan(5);
        assertThat(hold * 2 % 1).as("half seconds").isZero();
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aFullReelStaysUsable() {
        Made reel = editor.banner("Full");
        String picture = editor.picture("banner-dusk-works.jpg");
        StringBuilder edits = new StringBuilder();
        for (int i = 0; i < 197; i++) {
            edits.append(i == 0 ? "" : ",")
                    .append("{'kind':'add','slide':{'id':'f")
                    .append(i)
                    .append("','carries':{'picture':'")
                    .append(picture)
                    .append("'}},'before':null}");
        }
        reel.edit("{'kind':'several','edits':[" + edits + "]}");
        Page page = reel.bench();
        assertThat(page.locator(".card")).hasCount(200);
        page.locator(".card").nth(150).focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".sheet-head")).containsText("Slide 152");
        assertThat(Editor.screen(page, 0).locator(".slide-152.now")).hasCount(1);
        page.locator(".card").nth(151).press("+");
        assertThat(page.locator(".card .figure").nth(151)).hasText("5.5 s");
        assertThat(page.locator(".card").nth(151)).isFocused();
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aSlideSaysWhatItsPictureSaysUntilItIsToldNotTo() {
        String id = editor.picture("plate-03-target-square.jpg");
        editor.send(
                "PUT",
                "/pictures/" + id + "/words",
                "{\"title\":\"Target square\",\"caption\":\"\",\"alt\":\"Black rings\"}");
        Made reel = editor.make("From the picture", "banner", "full", "plate-03-target-square.jpg");
        Page page = reel.bench();
        assertThat(Editor.screen(page, 2).locator(".title")).hasText("Target square");
        page.locator(".card").nth(0).click();
        page.locator("[data-do=say-nothing][data-field=title]").click();
        assertThat(Editor.screen(page, 2).locator(".title")).hasCount(0);
        page.locator("[data-do=say-as-picture][data-field=title]").click();
        assertThat(Editor.screen(page, 2).locator(".title")).hasText("Target square");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void anyWidthJoinsTheWallAndEachPageCanBeEnlarged() {
        Made reel = editor.banner("Any width").choose("shape.ratio", "tablet", "2:1");
        Page page = reel.bench();
        assertThat(page.locator(".stretch"))
                .hasText(new String[] {"phone, below 600 px", "tablet, 600 to 1023 px", "desk, from 1024 px"});
        Locator grip = page.locator(".width-line input");
        grip.fill("700");
        assertThat(page.locator(".screen.another .said")).hasText("reel 700 × 350 · as on tablet");
        assertThat(Editor.screen(page, 3).locator(".run")).hasCount(1);
        assertThat(Editor.screen(page, 3).locator(".frame")).hasJSProperty("clientHeight", 350);
        grip.press("ArrowRight");
        assertThat(page.locator("[data-any]")).hasText("701");
        page.locator(".card").nth(1).click();
        assertThat(Editor.screen(page, 3).locator(".slide-2.now")).hasCount(1);
        page.locator("[data-do=brief]").click();

        page.reload();
        assertThat(Editor.screen(page, 3).locator(".run")).hasCount(1);
        reel.choose("shape.ratio", "tablet", "1:1");
        page.locator(".card").nth(0).press("+"); // any edit of this window draws what others did
        assertThat(page.locator(".screen.another .said")).hasText("reel 701 × 701 · as on tablet");

        page.locator(".screen-name").nth(0).focus();
        page.keyboard().press("3");
        assertThat(page.locator(".screen:visible")).hasCount(1);
        assertThat(page.locator(".screen:visible .screen-name")).hasText("Desk page");
        page.keyboard().press("Escape");
        assertThat(page.locator(".screen:visible")).hasCount(4);
        page.locator("[data-put-away]").click();
        assertThat(page.locator(".screen")).hasCount(3);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void slidesAreCopiedBroughtIntoOrderAndASetUpIsTakenOver() {
        Made other = editor.banner("Lends its set-up")
                .choose("shape.ratio", null, "3:1")
                .choose("motion.hold", null, "7");
        other.say(other.slides().get(0), "title", "Lent");
        Made reel = editor.banner("Borrows");
        Page page = reel.bench();
        page.locator(".card").nth(0).focus();
        page.keyboard().press("Control+c");
        page.keyboard().press("Control+v");
        assertThat(page.locator(".card")).hasCount(4);
        assertThat(reel.slides().get(1)).isNotEqualTo(reel.slides().get(0));
        page.locator("[data-arrange]").selectOption("by_name");
        assertThat(page.locator("#notices")).not().containsText("nothing was changed");
        assertThat(page.locator(".card img").first())
                .hasAttribute("src", java.util.regex.Pattern.compile("/pictures/versions/.*"));

        page.locator("[data-take-over]").focus();
        page.locator("[data-take-over]").selectOption(other.id);
        assertThat(page.locator("[data-key='word-set-shape-ratio-all']")).hasText("3:1");
        assertThat(Editor.screen(page, 2).locator(".run")).hasCount(1);
        page.locator("[data-do=undo]").click();
        assertThat(page.locator("[data-key='word-set-shape-ratio-all']")).not().hasText("3:1");

        Page elsewhere = other.bench();
        elsewhere.evaluate(
                "() => localStorage.setItem('copied slides', JSON.stringify({from: '" + reel.id + "', slides: ['"
                        + reel.slides().get(0) + "', '" + reel.slides().get(1) + "']}))");
        elsewhere.locator(".card").nth(2).focus();
        elsewhere.keyboard().press("Control+v");
        assertThat(elsewhere.locator(".card")).hasCount(5);
        elsewhere.locator(".card").nth(0).click();
        elsewhere.locator("[data-do=duplicate]").click();
        assertThat(elsewhere.locator(".card")).hasCount(6);
        assertThat(elsewhere.locator(".card .card-title").nth(1)).hasText("Lent");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aControlSaysWhatItWouldDoAndTheBriefIsCopiedAsText() {
        Page page = editor.banner("Says what it would do").bench();
        page.locator("[data-key='word-set-shape-ratio-all']").click();
        page.locator(".control-panel:popover-open input").first().fill("1:1");
        assertThat(page.locator(".control-panel:popover-open [data-effect]"))
                .containsText("Desk page: reel 1280 × 1280");
        page.keyboard().press("Escape");
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.locator("[data-do=copy-brief]").click();
        assertThat(page.locator("#notices")).containsText("copied as text");
        assertThat((String) page.evaluate("() => navigator.clipboard.readText()"))
                .startsWith("Says what it would do\n\nShape\nShows one slide at a time, filling its place;")
                .contains("\n\nSteering\n")
                .doesNotContain("everywhere");
        assertThat(editor.problems()).isEmpty();
    }
}
