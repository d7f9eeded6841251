package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Tests that need a browser have its tag, so that {@code ./check FAST} leaves them out. */
class TagsTest {
    private static final Pattern USES_A_BROWSER =
            Pattern.compile("(?<![\\w.\"])(new Editor|new Visitor|Editor\\.|com\\.microsoft\\.playwright)\\b");
    private static final Pattern TAGGED = Pattern.compile("@Tag\\(\"(browser|demonstration)\"\\)|extends EnginesTest");

    @Test
    void whatUsesABrowserSaysSo() throws IOException {
        try (Stream<Path> sources = Files.walk(Path.of("src", "test", "java"))) {
            List<Path> tests = sources.filter(path -> path.toString().endsWith("Test.java"))
                    .filter(path -> !path.endsWith("TagsTest.java"))
                    .toList();
            List<Path> untagged = tests.stream()
                    .filter(path -> USES_A_BROWSER.matcher(text(path)).find())
                    .filter(path -> !TAGGED.matcher(text(path)).find())
                    .toList();
            assertThat(untagged).isEmpty();
            assertThat(tests.stream().filter(path -> TAGGED.matcher(text(path)).find()))
                    .hasSizeGreaterThan(20);
        }
    }

    private static String text(Path path) {
        try {
            return Files.readString(path);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
