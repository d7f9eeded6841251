package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.keenreel.player.Clock;
import com.keenreel.player.Kinds;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Typing without a pause on a bench whose application is slow, away, or answers with errors. */
@Tag("browser")
class TypingTest {
    /** Lets answers be late, missing or errors, as window.late and window.answering say. */
    static final String CONNECTION = """
            const own = window.fetch;
            window.late = 0;
            window.fetch = async (address, options) => {
              const wait = () => new Promise((done) => setTimeout(done, window.late / 2));
              await wait();
              const { answering } = window;
              if (answering === 'nothing') throw new TypeError('not reached');
              if (answering) return new Response('<h1>An error of a server in between</h1>', { status: answering });
              const answer = await own(address, options);
              await wait();
              return answer;
            };""";

    /** How many slides are written on one after another. */
    private static final int SLIDES = 4;

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Page bench(Made reel) {
        Page page = editor.open("/help");
        page.addInitScript(CONNECTION);
        page.navigate(Running.application().origin() + "/reels/" + reel.id);
        assertThat(page.locator("[data-stored]")).hasText("stored");
        return page;
    }

    private Page sheet(Made reel) {
        Page page = bench(reel);
        page.locator(".card").first().click();
        assertThat(page.locator(".sheet [data-say=title]")).isVisible();
        return page;
    }

    private JsonNode words(Made reel) {
        return editor.send("GET", "/reels/" + reel.id + "/words", null);
    }

    private static void type(Page page, String text) {
        page.keyboard().type(text, new Keyboard.TypeOptions().setDelay(30));
    }

    private static void stored(Page page) {
        assertThat(page.locator("[data-stored]")).hasText("stored");
    }

    static List<Integer> delays() {
        return Sampled.of(List.of(0, 200, 1000), 1);
    }

    @ParameterizedTest
    @MethodSource("delays")
    void whatIsTypedGoesToTheSlideThatWasOnTheScreen(int late) {
        Made reel = Kinds.row(editor);
        List<String> slides = reel.slides();
        reel.say(slides.get(1), "title", "To be replaced").say(slides.get(2), "text", "Stays");
        Page page = sheet(reel);
        page.evaluate("late => { window.late = late }", late);
        page.locator(".sheet [data-say=title]").click();
        page.keyboard().press("Control+A");
        for (int i = 0; i < SLIDES; i++) {
            type(page, "Title " + (i + 1) + " of this row");
            page.keyboard().press("Tab");
            if (i % 2 == 0) {
                page.keyboard().press("Control+End");
                type(page, " and more");
            }
            page.keyboard().press("Shift+Tab");
            page.keyboard().press("Enter");
        }
        stored(page);
        JsonNode words = words(reel);
        for (int i = 0; i < SLIDES; i++) {
            assertThat(words.path(slides.get(i)).path("title").asString())
                    .isEqualTo("Title " + (i + 1) + " of this row");
        }
        assertThat(words.path(slides.get(2)).path("text").asString()).isEqualTo("Stays and more");
        assertThat(page.locator(".sheet h2 span")).hasText(String.valueOf(SLIDES + 1));
        assertThat(page.locator(".sheet.coming")).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void bothNamesOfAPairAndWhereItsDividerStartsAreKept() {
        Made reel = Kinds.pair(editor);
        Page page = sheet(reel);
        page.evaluate("() => { window.late = 1000 }");
        page.locator("[data-side-name=before]").click();
        page.keyboard().press("Control+A");
        type(page, "As found");
        page.keyboard().press("Tab");
        type(page, "As laid");
        page.keyboard().press("Tab");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        stored(page);
        page.evaluate("() => { window.late = 0 }");
        assertThat(page.locator("[data-side-name=before]")).hasValue("As found");
        page.reload();
        page.locator(".card").first().click();
        assertThat(page.locator("[data-side-name=before]")).hasValue("As found");
        assertThat(page.locator("[data-side-name=after]")).hasValue("As laid");
        assertThat(page.locator("[data-divider]")).hasValue("33");
        assertThat(editor.problems()).isEmpty();
    }

    static List<String> answers() {
        return Sampled.of(List.of("'nothing'", "500", "503", "408", "413", "429"), 2);
    }

    @ParameterizedTest
    @MethodSource("answers")
    void whateverIsAnsweredNoEditIsDropped(String answering) {
        Made reel = Kinds.row(editor);
        Page page = sheet(reel);
        page.evaluate("answering => { window.answering = eval(answering) }", answering);
        page.locator("[data-day=first-day]").fill("2027-01-04");
        page.locator("[data-day=last-day]").fill("2027-02-05");
        page.locator(".sheet [data-say=title]").fill("Kept here");
        page.locator(".sheet [data-do=next-slide]").click();
        assertThat(page.locator(".sheet h2 span")).hasText("2");
        assertThat(page.locator("[data-stored]")).containsText("3 changes are kept here, tried again");
        page.locator(".sheet [data-say=title]").fill("The second's");
        page.locator(".sheet [data-do=former-slide]").click();
        assertThat(page.locator(".sheet [data-say=title]")).hasValue("Kept here");
        for (int i = 0; i < 10; i++) {
            assertThat(page.locator("[data-stored]").textContent()).isNotEqualTo("stored");
            Clock.passed(page, 100);
        }
        page.evaluate("() => { window.answering = undefined }");
        stored(page);
        assertThat(page.locator("[data-day=first-day]")).hasValue("2027-01-04");
        assertThat(page.locator("[data-day=last-day]")).hasValue("2027-02-05");
        List<String> slides = reel.slides();
        assertThat(words(reel).path(slides.get(0)).path("title").asString()).isEqualTo("Kept here");
        assertThat(words(reel).path(slides.get(1)).path("title").asString()).isEqualTo("The second's");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatFailsAlikeFiveTimesIsSaidKeptAndOfferedAgain() {
        Made reel = Kinds.row(editor);
        Page page = sheet(reel);
        page.evaluate("() => { window.answering = 500 }");
        page.locator(".sheet [data-say=title]").fill("Fails alike");
        page.locator(".sheet [data-say=title]").press("Tab");
        assertThat(page.locator(".sheet-words p[data-problem]")).containsText("It was tried 5 times.");
        assertThat(page.locator("[data-stored]")).hasText("not all of it is stored");
        assertThat(page.locator(".sheet [data-say=title]")).hasValue("Fails alike");
        page.reload();
        Locator offer = page.locator("dialog.unstored");
        assertThat(offer.locator("li")).containsText("title: Fails alike");
        offer.getByText("Store now").click();
        stored(page);
        assertThat(words(reel).path(reel.slides().get(0)).path("title").asString())
                .isEqualTo("Fails alike");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aDateIsOneRevisionAndARefusedWordStaysInItsField() {
        Made reel = Kinds.row(editor);
        Page page = sheet(reel);
        long before = revision(reel);
        page.locator("[data-day=first-day]").focus();
        type(page, "01042027");
        Clock.passed(page, 1200); // longer than a rest after which words are stored
        page.keyboard().press("Tab");
        page.locator(".sheet [data-say=title]").click();
        stored(page);
        assertThat(revision(reel)).isEqualTo(before + 1);

        Locator link = page.locator(".sheet [data-say=link]");
        link.fill("javascript:alert(1)");
        link.press("Tab");
        assertThat(page.locator(".sheet-words p[data-problem]")).not().isEmpty();
        page.locator(".sheet [data-say=title]").fill("Another");
        page.locator(".sheet [data-say=title]").press("Tab");
        assertThat(page.locator("[data-stored]")).hasText("not all of it is stored");
        assertThat(page.locator(".card-title").first()).hasText("Another");
        assertThat(link).hasValue("javascript:alert(1)");
        editor.problems().removeIf(problem -> problem.contains("422"));
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aLinkBecomesTheAddressThatIsMeantAndSaysWhereItLeads() {
        Page page = sheet(Kinds.row(editor));
        Locator link = page.locator(".sheet [data-say=link]");
        Locator leads = page.locator(".sheet .leads");
        link.fill("www.fennock.example/days");
        link.press("Tab");
        assertThat(leads).hasText("Leads to www.fennock.example/days, on the web.");
        assertThat(link).hasValue("https://www.fennock.example/days");
        link.fill(" post@fennock.example");
        link.press("Tab");
        assertThat(leads).hasText("Writes a mail to post@fennock.example.");
        assertThat(link).hasValue("mailto:post@fennock.example");
        link.fill("/days");
        link.press("Tab");
        assertThat(leads).containsText("Leads to /days on the site that the reel is pasted into.");
        leads.getByText("That is what I mean").click();
        assertThat(leads.locator("button")).hasCount(0);
        link.fill("#book");
        link.press("Tab");
        assertThat(leads).hasText("Leads to #book on the page that the reel is pasted into.");
        page.reload();
        page.locator(".card").first().click();
        assertThat(leads).hasText("Leads to #book on the page that the reel is pasted into.");
        link.fill("");
        link.press("Tab");
        assertThat(leads).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    private long revision(Made reel) {
        return editor.send("GET", "/reels/" + reel.id + "/parts?window=none", null)
                .path("revision")
                .asLong();
    }

    @Test
    void whatWasNotStoredIsOfferedWhenThePageIsThereAgain() {
        Made reel = Kinds.row(editor);
        Page page = sheet(reel);
        List<String> warned = new ArrayList<>();
        page.onDialog(dialog -> {
            warned.add(dialog.type());
            dialog.accept();
        });
        page.evaluate("() => { window.answering = 'nothing' }");
        page.locator(".sheet [data-say=title]").fill("Typed on a train");
        page.locator(".sheet [data-say=title]").press("Tab");
        page.locator(".sheet [data-say=text]").pressSequentially("Half a sen");
        page.reload();
        assertThat(warned).containsExactly("beforeunload");
        Locator offer = page.locator("dialog.unstored");
        assertThat(offer.locator("h2")).hasText("2 changes were not stored when this page was left");
        assertThat(offer.locator("li").first()).containsText("title: Typed on a train");
        assertThat(offer.locator("li").last()).containsText("text: Half a sen");
        offer.getByText("Store now").click();
        assertThat(offer).isHidden();
        String first = reel.slides().get(0);
        page.waitForCondition(
                () -> words(reel).path(first).path("text").asString().equals("Half a sen"));
        stored(page);
        JsonNode said = words(reel).path(first);
        assertThat(said.path("title").asString()).isEqualTo("Typed on a train");
        assertThat(said.path("text").asString()).isEqualTo("Half a sen");
        page.reload();
        stored(page);
        assertThat(offer).isHidden();
        page.locator(".card").first().click();
        page.locator(".sheet [data-say=title]").fill("Typed and left at once");
        page.locator("a[href='/pictures']").first().click();
        page.waitForURL("**/pictures");
        assertThat(warned).as("no warning where it could be stored first").hasSize(1);
        assertThat(words(reel).path(reel.slides().get(0)).path("title").asString())
                .isEqualTo("Typed and left at once");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void ofTwoWhoWriteTheSameWordsOneIsChosen() {
        Made reel = Kinds.row(editor);
        Page one = sheet(reel);
        for (String choice : List.of("Keep theirs", "Use mine")) {
            one.evaluate("() => { window.answering = 503 }");
            one.locator(".sheet [data-say=title]").fill("Mine, " + choice);
            one.locator(".sheet [data-say=title]").press("Tab");
            reel.say(reel.slides().get(0), "title", "Theirs");
            one.evaluate("() => { window.answering = undefined }");
            one.locator("#both button", new Page.LocatorOptions().setHasText(choice))
                    .click();
            String chosen = choice.equals("Use mine") ? "Mine, Use mine" : "Theirs";
            one.waitForCondition(() -> words(reel)
                    .path(reel.slides().get(0))
                    .path("title")
                    .asString()
                    .equals(chosen));
            stored(one);
            assertThat(one.locator(".sheet [data-say=title]")).hasValue(chosen);
        }
        editor.problems().removeIf(problem -> problem.contains("409"));
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void twoWindowsThatSayAFirstAndALastDayKeepBoth() {
        Made reel = Kinds.row(editor);
        Page one = sheet(reel);
        Page other = sheet(reel);
        one.locator("[data-day=first-day]").fill("2027-01-04");
        one.locator(".sheet [data-say=title]").click();
        other.locator("[data-day=last-day]").fill("2027-02-05");
        other.locator(".sheet [data-say=title]").click();
        stored(one);
        stored(other);
        assertThat(one.locator("[data-day=last-day]")).hasValue("2027-02-05");
        assertThat(other.locator("[data-day=first-day]")).hasValue("2027-01-04");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatIsSaidOfASetStaysWhileEarlierAnswersCome() {
        String set = editor.send(
                        "POST",
                        "/pictures/sets",
                        "{\"name\":\"Said slowly\",\"pictures\":[\"" + editor.picture("plate-04-fan.jpg") + "\",\""
                                + editor.picture("plate-01-quatrefoil.jpg") + "\"]}")
                .path("id")
                .asString();
        Made reel = editor.make("Follows slowly", "banner", "full", "plate-04-fan.jpg");
        Page page = bench(reel);
        page.locator("[data-follow=set]").selectOption(set);
        assertThat(page.locator(".card")).hasCount(2);
        page.evaluate("() => { window.late = 600 }");
        page.locator("[data-follow=order]").selectOption("by name");
        page.locator("[data-follow=most]").focus();
        page.keyboard().press("Control+A");
        page.keyboard().type("1");
        Clock.passed(page, 1300); // the answer to the order comes while the number is still being typed
        assertThat(page.locator("[data-follow=most]")).hasValue("1");
        page.keyboard().press("Tab");
        assertThat(page.locator(".card")).hasCount(1);
        stored(page);
        assertThat(page.locator("[data-follow=order]")).hasValue("by_name");
    }
}
