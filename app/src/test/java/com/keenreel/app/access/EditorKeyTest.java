package com.keenreel.app.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The key without which nobody edits. */
class EditorKeyTest {
    @TempDir
    private Path data;

    @Test
    void anEmptyFileIsNoKey() throws Exception {
        Path file = data.resolve("key");
        for (String nothing : new String[] {"", "\n", "  "}) {
            Files.writeString(file, nothing);
            assertThatThrownBy(() -> EditorKey.read(data))
                    .isInstanceOf(EditorKey.NoKey.class)
                    .hasMessageContaining("Delete it, then start again");
        }
        Files.writeString(file, "abc\n");
        assertThat(EditorKey.read(data)).isEqualTo("abc");
    }
}
