package com.keenreel.app;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.spi.ToolProvider;

/**
 * Starts a program of the tests again and again in less than half the time that Java usually takes: its folders of classes
 * are packed once, and what the first run has loaded is kept in an archive that the others map.
 */
public final class QuickStart {
    private static final List<String> JAVA = List.of(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC");

    private final List<String> start = new ArrayList<>(JAVA);
    private final Path archive;

    /** Keeps packed classes and archive in that folder. */
    public QuickStart(Path folder) {
        archive = folder.resolve("classes.jsa");
        List<String> path = new ArrayList<>();
        for (String entry : System.getProperty("java.class.path").split(File.pathSeparator)) {
            path.add(entry.endsWith(".jar") ? entry : packed(entry, folder.resolve(path.size() + ".jar")));
        }
        start.addAll(List.of("-cp", String.join(File.pathSeparator, path)));
    }

    private static String packed(String classes, Path jar) {
        if (Files.isDirectory(Path.of(classes))) {
            ToolProvider.findFirst("jar")
                    .orElseThrow()
                    .run(System.out, System.err, "cf", jar.toString(), "-C", classes, ".");
        }
        return jar.toString();
    }

    /** Starts it, its words in that file. The first run keeps what it has loaded when it ends in peace. */
    public Process run(Class<?> program, Path said, List<String> arguments) throws IOException {
        List<String> command = new ArrayList<>(start);
        boolean made = Files.exists(archive);
        command.add(1, (made ? "-XX:SharedArchiveFile=" : "-XX:ArchiveClassesAtExit=") + archive);
        if (!made) {
            command.add(1, "-Dspring.context.exit=onRefresh"); // an application ends in peace once it has started
        }
        return started(command, program, said, arguments);
    }

    /** Starts it as Java usually does, its words in that file: for one that is started once. */
    static Process once(Class<?> program, Path said, List<String> arguments) throws IOException {
        List<String> command = new ArrayList<>(JAVA);
        command.addAll(List.of("-cp", System.getProperty("java.class.path")));
        return started(command, program, said, arguments);
    }

    private static Process started(List<String> command, Class<?> program, Path said, List<String> arguments)
            throws IOException {
        command.add(program.getName());
        command.addAll(arguments);
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
    }
}
