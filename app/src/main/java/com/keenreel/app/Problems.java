package com.keenreel.app;

import com.keenreel.app.store.Conflict;
import com.keenreel.app.store.NotThere;
import com.keenreel.core.edit.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.io.UncheckedIOException;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;
import tools.jackson.core.JacksonException;

/** Turns what went wrong into a sentence: JSON for scripts, a page for people. */
@ControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<Map<String, String>> refused(Refusal refusal) {
        return ResponseEntity.unprocessableContent().body(Map.of("problem", String.valueOf(refusal.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, String>> both(Conflict conflict) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .body(Map.of("problem", String.valueOf(conflict.getMessage()), "theirs", conflict.theirs()));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, String>> notAllowed(IllegalArgumentException notAllowed) {
        return ResponseEntity.badRequest().body(Map.of("problem", String.valueOf(notAllowed.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, String>> ofAnotherKind(JacksonException unreadable) {
        return ResponseEntity.badRequest()
                .body(Map.of("problem", "What was sent cannot be read: something in it is no number, or no text."));
    }

    @ExceptionHandler
    Object gone(NotThere gone, HttpServletRequest request) {
        String sentence = String.valueOf(gone.getMessage());
        String accept = String.valueOf(request.getHeader("Accept"));
        if (accept.contains("text/html")) {
            return new ModelAndView("error", Map.of("sentence", sentence), HttpStatus.NOT_FOUND);
        }
        return ResponseEntity.status(HttpStatus.NOT_FOUND).body(Map.of("problem", sentence));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, String>> notKept(UncheckedIOException failed) {
        return diskRefused(failed, failed.getCause().getMessage());
    }

    @ExceptionHandler
    ResponseEntity<Map<String, String>> notStored(DataAccessException failed) {
        String why = String.valueOf(failed.getMessage());
        if (why.contains("SQLITE_FULL") || why.contains("SQLITE_IOERR")) {
            return diskRefused(failed, "the database has no room");
        }
        throw failed;
    }

    private static ResponseEntity<Map<String, String>> diskRefused(RuntimeException failed, @Nullable String why) {
        LOG.warn("The disk refused", failed);
        return ResponseEntity.status(HttpStatus.INSUFFICIENT_STORAGE)
                .body(Map.of(
                        "problem",
                        "The disk is full or cannot be written to (" + why + "). This was not kept; everything that was"
                                + " here before still is. Make room, then try again."));
    }
}
