package com.keenreel.app.bench;

import com.keenreel.publish.PlayerFiles;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The clock port, which draft pages load beside the published player. */
@RestController
class PortController {
    @GetMapping("/app/port.js")
    ResponseEntity<byte[]> port() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/javascript;charset=utf-8"))
                .body(PlayerFiles.shipped().port().bytes());
    }
}
