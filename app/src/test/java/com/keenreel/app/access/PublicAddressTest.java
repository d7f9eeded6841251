package com.keenreel.app.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PublicAddressTest {
    private static PublicAddress started(String with) {
        return new PublicAddress(new Settings(Path.of("data"), 8321, 8322, 0, with));
    }

    @ParameterizedTest
    @CsvSource({
        "https://Reels.Fennock.example, https://reels.fennock.example",
        "' https://reels.fennock.example/ ', https://reels.fennock.example",
        "https://fennock.example:8443/, https://fennock.example:8443",
        "http://localhost:9000, http://localhost:9000"
    })
    void isReadAsPeopleWriteIt(String written, String origin) {
        assertThat(PublicAddress.check(written)).isEqualTo(origin);
    }

    @ParameterizedTest
    @CsvSource({
        "reels.fennock.example, is not an address",
        "http://reels.fennock.example, begins with https://",
        "ftp://reels.fennock.example, is not an address",
        "https://a.example/reels, without a path",
        "https://a.example/?x, without a path",
        "https://me@a.example, without a path",
        "https:// , is not an address"
    })
    void refusesWhatVisitorsCouldNotReach(String written, String sentence) {
        assertThatThrownBy(() -> PublicAddress.check(written)).hasMessageContaining(sentence);
    }

    @Test
    void whatWasSaidAtTheStartHolds() {
        PublicAddress said = started("https://reels.fennock.example/");
        said.use("https://other.example");
        assertThat(said.origin()).isEqualTo("https://reels.fennock.example");
        assertThat(said.isFixed()).isTrue();
        assertThat(said.isLoopback()).isFalse();
        assertThat(said.isNamedBy("reels.fennock.example")).isTrue();
        PublicAddress open = started("");
        assertThat(open.isLoopback()).isTrue();
        open.use("https://other.example");
        assertThat(open.origin()).isEqualTo("https://other.example");
        open.use("");
        assertThat(open.origin()).isEqualTo("http://localhost:8321");
    }
}
