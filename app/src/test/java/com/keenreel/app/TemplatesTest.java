package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Templates say where things stand; what they say, and when, is said in Java. */
class TemplatesTest {
    private static final Pattern SAID = Pattern.compile("\\b(th:[\\w:-]+)=\"([^\"]*)\"");

    /** Comparing, choosing between, calculating, and working on words. */
    private static final Pattern RULE =
            Pattern.compile("==|!=|\\?|&lt;|&gt;|[<>*]| / | - |\\b(and|or|gt|lt|eq|ne)\\b|#");

    /** What people read is one value, or a fixed text with values in it. */
    private static final Pattern WORDS = Pattern.compile("\\$\\{[\\w.()\\[\\]']+}|\\|[^|]*\\|");

    private static final List<String> READ =
            List.of("th:text", "th:title", "th:placeholder", "th:aria-label", "th:alt");

    @Test
    void templatesContainNoRuleAndNoGrammar() throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> templates = Files.list(Path.of("src/main/resources/templates"))) {
            for (Path template : templates.sorted().toList()) {
                Matcher said = SAID.matcher(Files.readString(template));
                while (said.find()) {
                    String attribute = said.group(1);
                    String value = said.group(2);
                    boolean words =
                            READ.contains(attribute) && !WORDS.matcher(value).matches();
                    if (words || RULE.matcher(value.replaceAll("'[^']*'", "")).find()) {
                        found.add(template.getFileName() + " " + said.group());
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }
}
