package com.keenreel.app.backup;

import com.keenreel.app.access.Settings;
import com.keenreel.app.store.Backup;
import java.time.LocalDate;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Hands out a backup of the whole data folder as one file, while everybody goes on working. */
@Controller
class BackupController {
    private final Backup backup;
    private final Settings settings;

    BackupController(Backup backup, Settings settings) {
        this.backup = backup;
        this.settings = settings;
    }

    @GetMapping("/backup")
    ResponseEntity<StreamingResponseBody> backup() {
        String name = "keen-reel-" + LocalDate.now() + ".zip";
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(to -> backup.write(settings.data(), to));
    }
}
