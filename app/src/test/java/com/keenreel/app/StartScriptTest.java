package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is missing, too old or taken is said in one sentence with what to do, before anything is built or started. */
class StartScriptTest {
    private static final Path HOUSE = Path.of("..").toAbsolutePath().normalize();

    @TempDir
    private Path folder;

    private String refusal(Map<String, String> environment, String... command) throws Exception {
        List<String> words = new ArrayList<>(Arrays.asList(command));
        words.set(0, HOUSE.resolve(words.get(0)).toString());
        ProcessBuilder builder =
                new ProcessBuilder(words).directory(folder.toFile()).redirectErrorStream(true);
        builder.environment().putAll(environment);
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(process.waitFor()).as(said).isEqualTo(1);
        assertThat(said.lines()).as(said).hasSize(1);
        return said;
    }

    @Test
    void aTakenPortIsSaidWithWhatToDo() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            String port = String.valueOf(taken.getLocalPort());
            String data = folder.resolve("data").toString();
            assertThat(refusal(Map.of(), "demo", "--data", data, "--port", port))
                    .isEqualTo("Port " + port + " is taken: stop what listens there, or choose another with --port.");
            assertThat(refusal(
                            Map.of(),
                            "keen-reel",
                            "--data",
                            data,
                            "--port",
                            String.valueOf(Running.freePort()),
                            "--site-port",
                            port))
                    .isEqualTo(
                            "Port " + port + " is taken: stop what listens there, or choose another with --site-port.");
        }
    }

    @Test
    void wrongOptionsAreSaid() throws Exception {
        assertThat(refusal(Map.of(), "demo", "--prot", "8000"))
                .isEqualTo("There is no option --prot. ./demo --help lists all options.");
        assertThat(refusal(Map.of(), "demo", "--port")).contains("--port needs a value.");
        assertThat(refusal(Map.of(), "demo", "--port", "eighty"))
                .isEqualTo("A port is a number from 1 to 65535, not \"eighty\".");
        assertThat(refusal(Map.of(), "keen-reel", "--port", "9000", "--site-port", "9000"))
                .contains("two different ports");
        assertThat(refusal(Map.of(), "keen-reel", "--port", "9000", "--public-port", "9000"))
                .startsWith("Published addresses need a port of their own");
        assertThat(refusal(Map.of(), "keen-reel", "--public-address", "reels.fennock.example"))
                .startsWith("The public address begins with https://");
        assertThat(refusal(Map.of(), "keen-reel", "--fresh")).contains("--fresh is for the demonstration data");
    }

    @Test
    void aFolderThatCannotBeUsedIsSaid() throws Exception {
        Path file = Files.writeString(folder.resolve("file"), "mine");
        String port = String.valueOf(Running.freePort());
        String sitePort = String.valueOf(Running.freePort());
        assertThat(refusal(
                        Map.of(),
                        "demo",
                        "--data",
                        file.resolve("data").toString(),
                        "--port",
                        port,
                        "--site-port",
                        sitePort))
                .contains("cannot be written to", "--data");
        Path foreign = Files.createDirectory(folder.resolve("foreign"));
        Files.writeString(foreign.resolve("letter.txt"), "mine");
        assertThat(refusal(
                        Map.of(),
                        "demo",
                        "--fresh",
                        "--data",
                        foreign.toString(),
                        "--port",
                        port,
                        "--site-port",
                        sitePort))
                .contains("is not one of Keen Reel's; it is not emptied");
        assertThat(foreign.resolve("letter.txt")).exists();
    }

    @Test
    void aMissingOrOldToolIsSaid() throws Exception {
        Path tools = Files.createDirectory(folder.resolve("tools"));
        for (String tool : List.of("bash", "sh", "dirname", "sed", "mkdir", "find", "head", "ls", "rm", "env", "cat")) {
            Path real = Path.of("/usr/bin", tool);
            Files.createSymbolicLink(tools.resolve(tool), Files.exists(real) ? real : Path.of("/bin", tool));
        }
        String data = folder.resolve("data").toString();
        String[] start = {
            "demo",
            "--data",
            data,
            "--port",
            String.valueOf(Running.freePort()),
            "--site-port",
            String.valueOf(Running.freePort())
        };
        Map<String, String> path = Map.of("PATH", tools.toString());
        assertThat(refusal(path, start)).startsWith("A JDK is missing: install JDK 17");
        tool(tools, "javac", "javac 11.0.2");
        assertThat(refusal(path, start)).startsWith("The JDK is too old (11): install JDK 17");
        tool(tools, "javac", "javac 21.0.1");
        assertThat(refusal(path, start)).startsWith("Maven is missing");
        tool(tools, "mvn", "Apache Maven 3.9.9");
        assertThat(refusal(path, start)).startsWith("Node is missing");
        tool(tools, "node", "v18.19.0");
        assertThat(refusal(path, start)).startsWith("Node is too old (18)");
    }

    private static void tool(Path folder, String name, String says) throws Exception {
        Path file = folder.resolve(name);
        Files.deleteIfExists(file);
        Files.writeString(file, "#!/bin/sh\necho \"" + says + "\"\n");
        assertThat(file.toFile().setExecutable(true)).isTrue();
    }
}
