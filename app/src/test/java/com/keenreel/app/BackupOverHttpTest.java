package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import com.keenreel.app.backup.Command;
import com.keenreel.app.store.BackupFile;
import com.keenreel.app.store.Database;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A backup that is asked for while the application runs: whole, or seen to have failed. */
@Tag("browser")
class BackupOverHttpTest {
    private final Running application = Running.application();
    private final Editor editor = new Editor();

    @TempDir
    private Path folder;

    @AfterEach
    void leave() {
        editor.close();
    }

    private HttpResponse<Path> ask(String path, Path to) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(application.origin() + path))
                                .header("Cookie", application.keyCookie())
                                .build(),
                        BodyHandlers.ofFile(to));
    }

    /** Where a content is kept. */
    private Path place(String sha256) {
        return application
                .data()
                .resolve("files")
                .resolve(sha256.substring(0, 2))
                .resolve(sha256);
    }

    /** A file that every backup needs and none writes first. */
    private Path oneOfTheLast() {
        return place(
                (String) Database.opened(application.data()).fetchValue("select max(sha256) from publication_file"));
    }

    @Test
    void theButtonAndTheCommandGiveWholeBackupsOrNone() throws Exception {
        editor.banner("Backed up").publish();
        Path file = folder.resolve("button.zip");
        assertThat(ask("/backup", file).statusCode()).isEqualTo(200);
        new BackupFile(file).check();
        Path asked = folder.resolve("command.zip");
        assertThat(Command.run("backup", asked, application.data())).isZero();
        new BackupFile(asked).check();

        Files.writeString(asked, "the backup of yesterday");
        Path last = oneOfTheLast();
        Path away = Files.move(last, folder.resolve("away"));
        try {
            assertThatThrownBy(() -> ask("/backup", folder.resolve("cut.zip"))).isInstanceOf(IOException.class);
            assertThat(Command.run("backup", asked, application.data())).isEqualTo(1);
        } finally {
            Files.move(away, last);
        }
        assertThat(asked).hasContent("the backup of yesterday");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.filter(path -> path.toString().endsWith(".part"))).isEmpty();
        }
        try (Stream<Path> left = Files.list(application.data())) {
            assertThat(left.filter(path -> path.getFileName().toString().startsWith("backup-")))
                    .isEmpty();
        }
    }

    @Test
    void aFolderThatIsCutOffIsSeenToBe() throws Exception {
        Made reel = editor.banner("A folder that is cut off");
        reel.publish();
        String address = "/reels/" + reel.id + "/folder";
        assertThat(ask(address, folder.resolve("whole.zip")).statusCode()).isEqualTo(200);
        String fragment = editor.text(
                application.origin() + "/r/" + reel.publish().path("slug").asString() + "/fragment");
        String name = fragment.replaceAll("(?s).*/f/([0-9a-f]{64})[.]jpg.*", "$1");
        Path picture = place(name);
        Path away = Files.move(picture, folder.resolve("away"));
        try {
            assertThatThrownBy(() -> ask(address, folder.resolve("cut.zip"))).isInstanceOf(IOException.class);
        } finally {
            Files.move(away, picture);
        }
    }
}
