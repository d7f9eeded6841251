package com.keenreel.app;

import com.keenreel.app.document.Unreadable;
import com.keenreel.app.store.Conflict;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.Trouble;
import com.keenreel.core.edit.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.servlet.ModelAndView;
import tools.jackson.core.JacksonException;

/** Turns what went wrong into a sentence: JSON for scripts, a page for people. */
@ControllerAdvice
class Problems {
    private static final String UNREADABLE = "What was sent cannot be read: something in it is no number, or no text.";
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    Object refused(Refusal refusal, HttpServletRequest request) {
        return said(HttpStatus.UNPROCESSABLE_CONTENT, refusal, request);
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> both(Conflict conflict) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of(
                        "problem",
                        String.valueOf(conflict.getMessage()),
                        "theirs",
                        conflict.theirs(),
                        "revision",
                        conflict.revision()));
    }

    @ExceptionHandler
    Object notAllowed(IllegalArgumentException notAllowed, HttpServletRequest request) {
        return said(HttpStatus.BAD_REQUEST, notAllowed, request);
    }

    @ExceptionHandler({JacksonException.class, HttpMessageNotReadableException.class, TypeMismatchException.class})
    Object ofAnotherKind(HttpServletRequest request) {
        return said(HttpStatus.BAD_REQUEST, UNREADABLE, request);
    }

    @ExceptionHandler
    Object gone(NotThere gone, HttpServletRequest request) {
        return said(HttpStatus.NOT_FOUND, gone, request);
    }

    @ExceptionHandler
    Object unreadable(Unreadable unreadable, HttpServletRequest request) {
        return said(HttpStatus.UNPROCESSABLE_CONTENT, "This reel cannot be read. " + unreadable.getMessage(), request);
    }

    /** Whatever else went wrong: what the framework, the database or the disk refused, or a mistake of ours. */
    @ExceptionHandler
    @Nullable
    Object failed(Exception failed, HttpServletRequest request, HttpServletResponse response) throws Exception {
        if (wentAway(failed)) {
            return null; // nobody waits for an answer any more
        }
        if (response.isCommitted()) {
            throw failed; // what has begun is broken off, and seen to be
        }
        Optional<Trouble> trouble = Trouble.of(failed);
        if (trouble.isEmpty() && failed instanceof ErrorResponse framework) {
            return said(framework.getStatusCode(), sentence(framework.getStatusCode()), request);
        }
        LOG.warn("{} {}", request.getMethod(), request.getRequestURI(), failed);
        Trouble told = trouble.orElse(Trouble.UNKNOWN);
        return said(HttpStatusCode.valueOf(told.status()), told.sentence(), request);
    }

    private static boolean wentAway(Throwable failed) {
        return Stream.iterate(failed, Objects::nonNull, Throwable::getCause)
                .anyMatch(one -> one instanceof AsyncRequestNotUsableException || one instanceof ClientAbortException);
    }

    private static String sentence(HttpStatusCode status) {
        return switch (status.value()) {
            case 404 -> "There is nothing at this address. Nothing of yours was changed.";
            case 405 -> "This address cannot be asked like that.";
            case 406 -> "There is no answer of the kind that was asked for.";
            case 413 -> "That is too large.";
            case 415 -> "What was sent is of a kind that is not read here.";
            default -> "What was asked for is not complete, or a part of it cannot be read.";
        };
    }

    private static Object said(HttpStatusCode status, Exception why, HttpServletRequest request) {
        return said(status, String.valueOf(why.getMessage()), request);
    }

    private static Object said(HttpStatusCode status, String sentence, HttpServletRequest request) {
        String accept = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        if (accept.contains("text/html")) {
            return new ModelAndView("error", Map.of("sentence", sentence), status);
        }
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of("problem", sentence));
    }
}
