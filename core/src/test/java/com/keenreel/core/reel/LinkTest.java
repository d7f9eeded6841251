package com.keenreel.core.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.reel.Link.Leads;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed as people say it, and where it leads. */
class LinkTest {
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "www.fennock.example/days, https://www.fennock.example/days, WEB",
                "fennock.example, https://fennock.example, WEB",
                "FENNOCK.example:8443/Days?day=3#book, https://FENNOCK.example:8443/Days?day=3#book, WEB",
                "' kacheln-müller.example ', https://kacheln-müller.example, WEB",
                "http://fennock.example, http://fennock.example, WEB",
                "//fennock.example/days, //fennock.example/days, WEB",
                "post@fennock.example, mailto:post@fennock.example, MAIL",
                "mailto:post@fennock.example?subject=Days, mailto:post@fennock.example?subject=Days, MAIL",
                "tel:+441632960961, tel:+441632960961, PHONE",
                "/days, /days, SITE",
                "days.html, days.html, SITE",
                "price-list.PDF#page=2, price-list.PDF#page=2, SITE",
                "../days/2.5, ../days/2.5, SITE",
                "#book, #book, PAGE",
                "?day=3, ?day=3, SITE",
                "2.5, 2.5, SITE",
                "\"\", \"\", NOWHERE",
            })
    void whatIsTypedIsCompletedToWhatIsMeant(String typed, String meant, Leads leads) {
        String plain = typed.replace("'", "");
        assertThat(Link.meant(plain)).isEqualTo(meant);
        assertThat(Link.meant(meant)).as("once").isEqualTo(meant);
        assertThat(Link.leads(meant)).isEqualTo(leads);
    }

    @Test
    void anAddressWithoutEndIsRefusedHoweverItGoesOn() {
        for (String part : List.of("a", "a.", "-", "a-", "a@", "\u00e4.b-")) {
            String typed = part.repeat(3000);
            assertThat(Link.meant(typed)).isEqualTo(typed);
            assertThatThrownBy(() -> Words.NONE.with(Words.Field.LINK, typed))
                    .hasMessageContaining("characters; 2000 fit");
            String fits = part.repeat(1990 / part.length()) + "a.example";
            assertThat(Link.meant(fits)).endsWith("a.example");
        }
    }
}
