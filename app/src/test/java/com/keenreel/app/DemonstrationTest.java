package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.keenreel.player.Clock;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Everything that the demonstration publishes and shows, met with the keyboard and by an accessibility checker. */
@Tag("demonstration")
class DemonstrationTest {
    /**
     * Focuses every thing that can have it, presses every key on it, and says after which nothing in sight has focus or the
     * next arrow key does nothing; how many keys were pressed.
     */
    private static final String PRESS = """
            async () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
              const seen = (one) => one.checkVisibility({ visibilityProperty: true }) && !one.closest('[inert]');
              const things = () => [...root.querySelectorAll('a[href], button, [tabindex="0"]')].filter((one) => one.tabIndex >= 0 && !one.closest('dialog') && seen(one));
              const press = async (one, key) => {
                if (one.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, composed: true, cancelable: true })) && key === 'Enter' && one.matches('a, button')) one.click();
                const dialog = root.querySelector('dialog');
                for (let i = 0; key === 'Enter' && one.matches('.larger') && !dialog.open && i < 300; i += 1) await frame(); // it comes at its first press
                dialog?.close();
              };
              const state = () => [...[...root.querySelectorAll('.slide.now')].map((one) => one.className), ...[...root.querySelectorAll('.handle')].map((one) => one.ariaValueNow)].join();
              document.addEventListener('click', (event) => event.composedPath()[0].closest?.('a') && event.preventDefault());
              const lost = [];
              let presses = 0;
              for (let i = 0; i < things().length; i += 1) {
                for (const key of ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'PageUp', 'PageDown', 'Enter', 'Escape']) {
                  const thing = things()[i] ?? things()[0];
                  thing.focus();
                  const said = `${key} on ${thing.className}`;
                  await press(thing, key);
                  presses += 1;
                  await frame();
                  const now = root.activeElement;
                  if (!now || !seen(now)) {
                    lost.push(`${said}: nothing has focus`);
                    continue;
                  }
                  const before = state();
                  await press(now, 'ArrowRight');
                  if (root.querySelector('.dot, .arrow, .handle') && state() === before && !now.matches('.pause') && now.ariaValueNow !== '100') lost.push(`${said}: the next key does nothing`);
                }
              }
              const small = things().filter((one) => {
                const { width, height } = one.getBoundingClientRect();
                return Math.min(width, height) < 23.9;
              });
              return JSON.stringify({ presses, things: things().length, lost: [...lost, ...small.map((one) => `${one.className} is smaller than 24 px`)] });
            }""";

    private static final String CHECKER = checker();

    private final Editor editor = new Editor(Running.demonstration(), true);

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    @Test
    void noKeyOnAnythingLosesFocusAndTheNextKeyWorks() {
        List<String> lost = new ArrayList<>();
        int presses = 0;
        Page page = editor.open("/help");
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        for (Made reel : editor.reels()) {
            for (int width : new int[] {1280, 390}) {
                page.setViewportSize(width, 800);
                page.navigate(Running.demonstration().origin() + "/r/" + reel.name);
                assertThat(page.locator(".run")).hasCount(1);
                JsonNode said = Editor.JSON.readTree((String) page.evaluate(PRESS));
                presses += said.path("presses").asInt();
                assertThat(said.path("things").asInt()).as(reel.name).isGreaterThan(0);
                said.path("lost").forEach(one -> lost.add(reel.name + " at " + width + ", " + one.asString()));
            }
        }
        System.out.println("focus: " + presses + " keys pressed");
        assertThat(lost).isEmpty();
        assertThat(presses).isGreaterThan(500);
    }

    @Test
    void aVisitorsOwnKeysGoOnFromALinkOfASlide() {
        Page page = editor.open("/r/commissions-spring-to-autumn");
        page.setViewportSize(390, 800);
        assertThat(page.locator(".run")).hasCount(1);
        page.locator(".slide-1 .whole").focus();
        for (int slide = 2; slide <= 4; slide++) {
            page.keyboard().press("ArrowRight");
            assertThat(page.locator(".slide-" + slide + ".now .whole")).isFocused();
        }
    }

    @Test
    void theCheckerHasNothingToSayOfAnyAddressOrScreen() {
        List<Made> reels = editor.reels();
        List<String> publicly = new ArrayList<>(List.of("/r/nothing-here"));
        List<String> screens = new ArrayList<>(List.of("/reels", "/pictures", "/practice", "/help"));
        reels.forEach(reel -> publicly.add("/r/" + reel.name));
        Sampled.of(reels, 2).forEach(reel -> screens.add("/reels/" + reel.id)); // others in every run
        screens.add("/reels/" + reels.get(0).id + "/publish");
        screens.add((String) editor.open("/pictures")
                .evaluate("() => new URL(document.querySelector('figure a[href]').href).pathname"));
        for (String page : List.of("welcome", "what-we-do", "partners")) {
            publicly.add(Running.demonstration().site() + "/" + page);
        }
        List<String> found = new ArrayList<>();
        publicly.forEach(address -> check(address, List.of(ColorScheme.LIGHT), found)); // what is public has one dress
        screens.forEach(address -> check(address, List.of(ColorScheme.LIGHT, ColorScheme.DARK), found));
        assertThat(found).isEmpty();
    }

    private void check(String address, List<ColorScheme> schemes, List<String> found) {
        try (Page page = editor.open(address)) {
            Clock.frames(page);
            for (ColorScheme scheme : schemes) {
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
                for (int width : new int[] {390, 1280}) {
                    page.setViewportSize(width, 800);
                    Clock.frames(page);
                    look(page, address + " at " + width + ", " + scheme, found);
                }
            }
            if (address.matches("/reels/[a-z0-9]{12}")) {
                page.locator(".card").first().click();
                assertThat(page.locator(".sheet-head")).isVisible();
                look(page, address + " with a slide", found);
            }
        }
    }

    /** What the checker says of the page. */
    private static void look(Page page, String where, List<String> found) {
        if (page.evaluate("typeof axe").equals("undefined")) {
            page.evaluate(CHECKER);
        }
        String said = (String) page.evaluate("""
                async () => {
                  const said = await axe.run({ exclude: [['.screen iframe']] }, { resultTypes: ['violations'] });
                  return JSON.stringify(said.violations.flatMap(({ id, nodes }) => nodes.map(({ html, failureSummary }) => `${id}: ${html} ${failureSummary}`)));
                }""");
        Editor.JSON.readTree(said).forEach(one -> found.add(where + ": " + one.asString()));
    }

    private static String checker() {
        try (InputStream in = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
