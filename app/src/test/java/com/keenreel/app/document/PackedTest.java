package com.keenreel.app.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;

class PackedTest {
    @Test
    void whatIsPackedIsTheSameAfterwardsAndTakesLessRoom() {
        Random random = new Random(3);
        StringBuilder text = new StringBuilder("{\"html\":\"");
        for (int i = 0; i < 4000; i++) {
            text.append("<p class=word-").append(random.nextInt(40)).append(">é\uD83D\uDE00</p>");
        }
        String packed = Packed.pack(text.toString());
        assertThat(packed.length()).isLessThan(text.length() / 4);
        assertThat(Packed.unpack(packed)).isEqualTo(text.toString());
        assertThat(Packed.unpack(Packed.pack("short"))).isEqualTo("short");
        assertThat(Packed.unpack("<!doctype html>" + "x".repeat(2000))).startsWith("<!doctype");
        assertThatThrownBy(() -> Packed.unpack(packed.substring(0, packed.length() - 8)))
                .isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> Packed.unpack("deflate:?")).isInstanceOf(Unreadable.class);
    }
}
