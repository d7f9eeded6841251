package com.keenreel.samples;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The demonstration pictures, as their index lists them. */
final class Catalogue {
    /** What the index says of a picture. */
    record Entry(String file, String title, String caption, String alt) {}

    private Catalogue() {}

    /** The entries by file, in the order of the index. */
    static Map<String, Entry> read(Path folder) {
        Map<String, Entry> entries = new LinkedHashMap<>();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader in = Files.newBufferedReader(folder.resolve("index.csv"))) {
            for (CSVRecord row : format.parse(in)) {
                entries.put(
                        row.get("file"),
                        new Entry(row.get("file"), row.get("title"), row.get("caption"), row.get("alt")));
            }
        } catch (IOException unreadable) {
            throw new IllegalStateException("The index of the pictures cannot be read in " + folder + ".", unreadable);
        }
        return entries;
    }
}
