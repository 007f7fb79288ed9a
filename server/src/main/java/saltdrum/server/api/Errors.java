package saltdrum.server.api;

import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.RefusedEditException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.text.Quoted;
import saltdrum.server.access.http.Problem;
import saltdrum.server.access.http.TooOftenException;
import saltdrum.server.store.FullDatabaseDisk;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.StaleException;
import saltdrum.server.store.media.MediaStoreException;
import tools.jackson.core.JacksonException;

/** Every error as a problem (RFC 9457) whose {@code detail} is a sentence for the person at the screen. */
@RestControllerAdvice
final class Errors {
    private static final Logger LOG = LoggerFactory.getLogger(Errors.class);

    @ExceptionHandler(NotFoundException.class)
    ProblemDetail notFound(NotFoundException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage());
    }

    @ExceptionHandler(StaleException.class)
    ProblemDetail stale(StaleException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    }

    @ExceptionHandler({BadInputException.class, RefusedEditException.class})
    ProblemDetail refused(SaltDrumException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage());
    }

    /** A body that is invalid JSON or does not match the schema; the message names the place. */
    @ExceptionHandler(HttpMessageNotReadableException.class)
    ProblemDetail unread(HttpMessageNotReadableException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SaltDrumException ours) {
                return refused(ours);
            }
        }
        if (e.getCause() instanceof JacksonException json) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.BAD_REQUEST,
                    "The request cannot be read: " + Json.trouble(json) + ". Nothing was changed.");
        }
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "The request has no readable body. Nothing was changed.");
    }

    @ExceptionHandler(TooOftenException.class)
    ResponseEntity<ProblemDetail> tooOften(TooOftenException e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, Long.toString(e.within().toSeconds()))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(HttpStatus.TOO_MANY_REQUESTS, e.getMessage()));
    }

    @ExceptionHandler(MediaStoreException.class)
    ProblemDetail mediaStore(MediaStoreException e) {
        LOG.warn("{}", e.getMessage());
        return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, e.getMessage());
    }

    @ExceptionHandler(SaltDrumException.class)
    ProblemDetail failed(SaltDrumException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, e.getMessage());
    }

    /** A path or query parameter has an invalid value. */
    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ProblemDetail mismatched(MethodArgumentTypeMismatchException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST,
                Quoted.of(String.valueOf(e.getValue())) + " is not valid for " + Quoted.of(e.getName())
                        + ". Nothing was changed.");
    }

    @ExceptionHandler(MissingServletRequestParameterException.class)
    ProblemDetail missing(MissingServletRequestParameterException e) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, Quoted.of(e.getParameterName()) + " is missing. Nothing was changed.");
    }

    /** The file has no such range; the answer contains its length (RFC 9110, §15.5.17). */
    @ExceptionHandler(CannotMeetRangeException.class)
    ResponseEntity<ProblemDetail> range(CannotMeetRangeException e) {
        return ResponseEntity.status(HttpStatus.REQUESTED_RANGE_NOT_SATISFIABLE)
                .header(HttpHeaders.CONTENT_RANGE, "bytes */" + e.length())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(HttpStatus.REQUESTED_RANGE_NOT_SATISFIABLE, e.getMessage()));
    }

    /** The client has disconnected. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void hungUp(AsyncRequestNotUsableException e) {
        LOG.debug("hung up", e);
    }

    /** What the framework itself refuses, and faults of ours. */
    @ExceptionHandler(Exception.class)
    ResponseEntity<ProblemDetail> other(Exception e) {
        int status = e instanceof ErrorResponse known ? known.getStatusCode().value() : 500;
        HttpHeaders headers = e instanceof ErrorResponse known ? known.getHeaders() : new HttpHeaders();
        if (status >= 500) {
            LOG.error("a request failed", e);
        }
        return ResponseEntity.status(status)
                .headers(headers)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(HttpStatusCode.valueOf(status), Problem.sentence(status)));
    }

    /** The database itself found the input wrong: too long, or a character that cannot be kept. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail unfit(DataIntegrityViolationException e) {
        LOG.warn(
                "The database refused: {}",
                String.valueOf(e.getMostSpecificCause().getMessage())
                        .lines()
                        .findFirst()
                        .orElse(""));
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_ENTITY,
                "Something in this request is too long, or has characters that cannot be stored. Nothing was changed.");
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail database(RuntimeException e) {
        Throwable cause = NestedExceptionUtils.getMostSpecificCause(e);
        LOG.warn(
                "The database did not do it: {}",
                String.valueOf(cause.getMessage()).lines().findFirst().orElse(""));
        LOG.debug("in full", e);
        if (FullDatabaseDisk.is(e)) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "The disk of the database is full. Nothing was changed: make room and try again.");
        }
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database did not answer. Nothing was changed: wait a moment and try again. If that does "
                        + "not help, run ./salt-drum start.");
    }

    @ExceptionHandler(java.io.UncheckedIOException.class)
    ProblemDetail unreadable(java.io.UncheckedIOException e) {
        return disk(e.getCause());
    }

    @ExceptionHandler(java.nio.file.FileSystemException.class)
    ProblemDetail disk(IOException e) {
        boolean full = String.valueOf(e.getMessage()).contains("No space left");
        return ProblemDetail.forStatusAndDetail(
                full ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.INTERNAL_SERVER_ERROR,
                full
                        ? "The disk is full. Nothing was changed: make room and try again."
                        : "A file could not be read or written. Nothing was changed: try again.");
    }
}
