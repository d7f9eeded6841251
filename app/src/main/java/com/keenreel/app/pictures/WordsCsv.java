package com.keenreel.app.pictures;

import com.keenreel.app.pages.Counted;
import com.keenreel.app.store.PictureStore.Saying;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Link;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.util.DigestUtils;

/**
 * What pictures say, as CSV: a line a picture, found again by its id, else by the name of its file. Columns that are
 * missing change nothing; columns of other names are left alone.
 */
final class WordsCsv {
    private static final List<String> COLUMNS = List.of("id", "file", "title", "caption", "alt", "credit", "link");

    private WordsCsv() {}

    /** Says what a picture would say, or refuses. */
    interface Checking {
        Saying of(StoredPicture picture, String title, String caption, String alt, String credit, String link);
    }

    /**
     * A picture that would say something else.
     *
     * @param what each field that changes, with what it says before and after
     */
    record Change(Shown picture, Saying saying, List<Differs> what) {}

    /**
     * One field before and after.
     *
     * @param leads where it leads, as a sentence, when it is a link
     */
    record Differs(String field, String before, String after, String leads) {
        /** What it says before, as it is shown. */
        public String beforeSaid() {
            return before.isEmpty() ? "–" : before;
        }

        /** What it says after, as it is shown. */
        public String afterSaid() {
            return after.isEmpty() ? "–" : after;
        }
    }

    /**
     * What a file would change.
     *
     * @param same how many lines change nothing
     * @param unfit the lines that fit no picture, or say what cannot be, each with the reason
     */
    record Changes(List<Change> changed, int same, List<String> unfit) {
        /** What it would change, as a heading. */
        public String heading() {
            return switch (changed.size()) {
                case 0 -> "This file changes nothing";
                case 1 -> "This file changes one picture";
                default -> "This file changes " + changed.size() + " pictures";
            };
        }

        /** What of it changes nothing, or cannot be used. */
        public String rest() {
            return Counted.of(same, "line says", "lines say") + " what is there already"
                    + (unfit.isEmpty()
                            ? ""
                            : ", " + Counted.of(unfit.size(), "line fits", "lines fit") + " no picture:");
        }

        /** Whether a link leads to wherever a reel is pasted into, which not everybody means. */
        public boolean leadsToOwn() {
            return changed.stream()
                    .flatMap(change -> change.what().stream())
                    .anyMatch(differs -> !differs.leads().isEmpty() && Link.isOwn(differs.after()));
        }

        /** Names these changes: another name when another field changes, or one to or from something else. */
        public String seen() {
            String all = changed.stream()
                    .map(change -> change.saying().id() + " " + change.what())
                    .collect(Collectors.joining("\n"));
            return DigestUtils.md5DigestAsHex(all.getBytes(StandardCharsets.UTF_8));
        }
    }

    static String write(List<StoredPicture> pictures) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord(COLUMNS);
            for (StoredPicture picture : pictures) {
                csv.printRecord(Stream.of(
                                picture.id().value(),
                                picture.name(),
                                picture.words().title(),
                                picture.words().caption(),
                                picture.words().alt(),
                                picture.credit(),
                                picture.words().link())
                        .map(WordsCsv::text));
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return out.toString();
    }

    /** A cell that no program for tables takes for a formula: what would begin one stands behind an apostrophe. */
    private static String text(String cell) {
        return !cell.isEmpty() && "=+-@\t\r'".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    /** What such a cell says. */
    private static String said(String cell) {
        return cell.length() > 1
                        && cell.charAt(0) == '\''
                        && text(cell.substring(1)).equals(cell)
                ? cell.substring(1)
                : cell;
    }

    /**
     * Reads a file.
     *
     * @throws Refusal when it is no such table
     */
    static Changes read(String text, List<StoredPicture> pictures, Checking saying) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        char separator = head.indexOf(';') >= 0 && head.indexOf(',') < 0 ? ';' : head.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            List<String> columns = parser.getHeaderNames().stream()
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .toList();
            if (!columns.contains("id") && !columns.contains("file")) {
                throw new Refusal("The first line must name the columns, with id or file among them: "
                        + String.join(", ", COLUMNS) + ".");
            }
            return new Lines(pictures, saying).read(parser);
        } catch (IOException | IllegalArgumentException | UncheckedIOException notATable) {
            throw new Refusal("This is not a table in CSV: " + ended(String.valueOf(notATable.getMessage())));
        }
    }

    private static String ended(String sentence) {
        return sentence.endsWith(".") ? sentence : sentence + ".";
    }

    private static final class Lines {
        private final Map<String, StoredPicture> byId = new LinkedHashMap<>();
        private final Map<String, List<StoredPicture>> byName = new LinkedHashMap<>();
        private final Checking saying;
        private final List<Change> changed = new ArrayList<>();
        private final List<String> unfit = new ArrayList<>();
        private int same;

        Lines(List<StoredPicture> pictures, Checking saying) {
            this.saying = saying;
            for (StoredPicture picture : pictures) {
                byId.put(picture.id().value(), picture);
                byName.computeIfAbsent(picture.name().toLowerCase(Locale.ROOT), any -> new ArrayList<>())
                        .add(picture);
            }
        }

        Changes read(CSVParser parser) {
            for (CSVRecord line : parser) {
                try {
                    line(line);
                } catch (Refusal refused) {
                    unfit.add("Line " + (line.getRecordNumber() + 1) + ": " + refused.getMessage());
                }
            }
            return new Changes(List.copyOf(changed), same, List.copyOf(unfit));
        }

        private StoredPicture picture(CSVRecord line) {
            String id = line.isSet("id") ? said(line.get("id")) : "";
            String file = line.isSet("file") ? said(line.get("file")) : "";
            if (byId.containsKey(id)) {
                return byId.get(id);
            }
            List<StoredPicture> named = byName.getOrDefault(file.toLowerCase(Locale.ROOT), List.of());
            if (named.size() == 1) {
                return named.get(0);
            }
            throw new Refusal(
                    named.isEmpty()
                            ? "there is no picture " + (file.isEmpty() ? "of the id " + id : file) + "."
                            : "there are " + named.size() + " pictures " + file + "; their ids would tell them apart.");
        }

        private void line(CSVRecord line) {
            StoredPicture picture = picture(line);
            Map<String, String> before = new LinkedHashMap<>();
            before.put("title", picture.words().title());
            before.put("caption", picture.words().caption());
            before.put("alt", picture.words().alt());
            before.put("credit", picture.credit());
            before.put("link", picture.words().link());
            Map<String, String> after = new LinkedHashMap<>(before);
            before.forEach((field, said) -> {
                String now = line.isSet(field) ? said(line.get(field)) : said;
                after.put(field, field.equals("link") ? Link.meant(now) : now);
            });
            if (after.equals(before)) {
                same++;
                return;
            }
            Saying said = saying.of(
                    picture,
                    after.getOrDefault("title", ""),
                    after.getOrDefault("caption", ""),
                    after.getOrDefault("alt", ""),
                    after.getOrDefault("credit", ""),
                    after.getOrDefault("link", ""));
            List<Differs> what = new ArrayList<>();
            before.forEach((field, former) -> {
                String now = after.getOrDefault(field, "");
                if (!now.equals(former)) {
                    String leads = field.equals("link") ? Link.said(now) : "";
                    what.add(new Differs(field.equals("alt") ? "alt text" : field, former, now, leads));
                }
            });
            changed.add(new Change(Shown.of(picture), said, List.copyOf(what)));
        }
    }
}
