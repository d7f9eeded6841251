package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sampled;
import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** In every kind of box that a page has, pasted code takes the room that there is and never makes the page wider. */
class AnySlotTest extends ReelPages {
    private static final Map<String, String> SLOTS = new LinkedHashMap<>();

    static {
        SLOTS.put("block", "<div>REEL</div>");
        SLOTS.put("grid 1fr", "<div style='display:grid;grid-template-columns:1fr'><div>REEL</div></div>");
        SLOTS.put(
                "grid 1fr 1fr",
                "<div style='display:grid;grid-template-columns:1fr 1fr'><div>REEL</div><p>w</p></div>");
        SLOTS.put(
                "grid 1fr 2fr",
                "<div style='display:grid;grid-template-columns:1fr 2fr'><div>REEL</div><p>w</p></div>");
        SLOTS.put(
                "grid auto", "<div style='display:grid;grid-template-columns:auto auto'><div>REEL</div><p>w</p></div>");
        SLOTS.put("flex", "<div style='display:flex'><div>REEL</div></div>");
        SLOTS.put(
                "flex: 1",
                "<div style='display:flex;gap:10px'><div style='flex:1'>REEL</div><p style='flex:1'>words</p></div>");
        SLOTS.put(
                "flex column",
                "<div style='display:flex;flex-direction:column;align-items:center'><div>REEL</div></div>");
        SLOTS.put("table", "<table><tr><td>REEL</td><td>words</td></tr></table>");
        SLOTS.put("table of the full width", "<table style='width:100%'><tr><td>REEL</td><td>words</td></tr></table>");
        SLOTS.put("float", "<div style='overflow:hidden'><div style='float:left'>REEL</div></div>");
        SLOTS.put("inline block", "<div><span style='display:inline-block'>REEL</span></div>");
        SLOTS.put(
                "absolute",
                "<div style='position:relative;height:900px'><div style='position:absolute'>REEL</div></div>");
        SLOTS.put("fit-content", "<div style='width:fit-content'>REEL</div>");
        SLOTS.put("fieldset", "<fieldset>REEL</fieldset>");
    }

    /** What pages do to the code before they show it. */
    enum Host {
        AS_PASTED("", ""),
        RULES_FOR_SVG(
                "",
                "svg{width:24px!important;height:24px!important;min-width:700px!important;display:inline!important}"),
        SVG_TAKEN_OUT("<svg.*?</svg>", ""),
        GRID_TAKEN_OUT("display:grid!important;grid-template-columns:[^;\"]*(;|(?=\"))", "");

        private final String cleaned;
        private final String rules;

        Host(String cleaned, String rules) {
            this.cleaned = cleaned;
            this.rules = rules;
        }
    }

    static List<Host> hosts() {
        return Sampled.of(List.of(Host.values()), 2);
    }

    @ParameterizedTest
    @MethodSource("hosts")
    void itTakesTheRoomThatThereIsAndNoMore(Host how) {
        StaticReel reel = Kinds.row(reels);
        for (String way : new String[] {"element", "frame"}) {
            String code = way.equals("element") ? reel.element() : reel.frame();
            if (!how.cleaned.isEmpty()) {
                String cleaned = code.replaceAll(how.cleaned, "");
                assertThat(cleaned).isNotEqualTo(code);
                code = cleaned;
            }
            StringBuilder body = new StringBuilder("<body>");
            for (Map.Entry<String, String> slot : SLOTS.entrySet()) {
                body.append("<div class=\"slot\" data-slot=\"")
                        .append(slot.getKey())
                        .append("\">")
                        .append(slot.getValue().replace("REEL", "<b class=\"here\"></b>" + code))
                        .append("</div>");
            }
            String style = "<style>body{margin:10px}" + how.rules + "</style>";
            Page page = visitor.open(pages.page("/slots", Pages.html(style, body + "</body>"), Map.of()));
            if (way.equals("element")) {
                assertThat(page.locator("keen-reel .run")).hasCount(SLOTS.size());
            }
            for (int width : new int[] {280, 390, 820, 1280}) {
                page.setViewportSize(width, 800);
                Object wrong = page.evaluate("""
                        async () => {
                          await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
                          const wrong = [];
                          for (const slot of document.querySelectorAll('.slot')) {
                            const outer = slot.querySelector('.here').nextElementSibling;
                            const inside = outer.querySelector('keen-reel, iframe');
                            const name = slot.dataset.slot;
                            const { width, right } = inside.getBoundingClientRect();
                            const widthWith = slot.scrollWidth;
                            const empty = document.createElement('div');
                            empty.style.height = '300px';
                            outer.replaceWith(empty);
                            const room = slot.clientWidth;
                            if (widthWith > Math.max(room, slot.scrollWidth)) wrong.push(`${name}: ${widthWith} px instead of ${slot.scrollWidth}`);
                            if (right > slot.getBoundingClientRect().right + 0.1) wrong.push(`${name}: ends outside`);
                            if (width < Math.min(640, room / 3 - 10)) wrong.push(`${name}: ${width} px wide in ${room}`);
                            empty.replaceWith(outer);
                          }
                          const over = document.scrollingElement.scrollWidth - innerWidth;
                          if (over > 0) wrong.push(`the page is ${over} px wider`);
                          return wrong.join('; ');
                        }""");
                assertThat(wrong).as(way + ", " + how + ", " + width).isEqualTo("");
            }
            page.close();
        }
    }
}
