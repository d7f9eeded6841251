package com.keenreel.app;

import com.keenreel.app.document.Unreadable;
import com.keenreel.app.store.Conflict;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.Trouble;
import com.keenreel.core.edit.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
    ResponseEntity<Map<String, Object>> both(Conflict conflict) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .body(Map.of(
                        "problem",
                        String.valueOf(conflict.getMessage()),
                        "theirs",
                        conflict.theirs(),
                        "revision",
                        conflict.revision()));
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
        return said(HttpStatus.NOT_FOUND, String.valueOf(gone.getMessage()), request);
    }

    @ExceptionHandler
    Object unreadable(Unreadable unreadable, HttpServletRequest request) {
        return said(HttpStatus.UNPROCESSABLE_CONTENT, "This reel cannot be read. " + unreadable.getMessage(), request);
    }

    private static Object said(HttpStatus status, String sentence, HttpServletRequest request) {
        String accept = String.valueOf(request.getHeader("Accept"));
        if (accept.contains("text/html")) {
            return new ModelAndView("error", Map.of("sentence", sentence), status);
        }
        return ResponseEntity.status(status).body(Map.of("problem", sentence));
    }

    /** What the database or the disk refused, whatever it was thrown as. */
    @ExceptionHandler
    ResponseEntity<Map<String, String>> notStored(RuntimeException failed) {
        Trouble trouble = Trouble.of(failed).orElseThrow(() -> failed);
        LOG.warn("{}", trouble, failed);
        return ResponseEntity.status(trouble.status()).body(Map.of("problem", trouble.sentence()));
    }
}
