package saltdrum.server.api;

import java.io.IOException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.SaltDrumException;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.StaleException;
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

    /** A body that is no JSON, or not what is asked for: says where. */
    @ExceptionHandler(HttpMessageNotReadableException.class)
    ProblemDetail unread(HttpMessageNotReadableException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SaltDrumException ours) {
                return refused(ours);
            }
        }
        if (e.getCause() instanceof JacksonException json) {
            String where = json.getPath().stream()
                    .map(JacksonException.Reference::getPropertyName)
                    .filter(name -> name != null)
                    .collect(Collectors.joining("."));
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.BAD_REQUEST,
                    "The request cannot be read" + (where.isEmpty() ? "" : " at “" + where + "”") + ": "
                            + json.getOriginalMessage() + ". Nothing was changed.");
        }
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "The request has no body that can be read. Nothing was changed.");
    }

    @ExceptionHandler(SaltDrumException.class)
    ProblemDetail failed(SaltDrumException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, e.getMessage());
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail database(RuntimeException e) {
        LOG.warn("The database did not do it", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database did not answer. Nothing was changed: wait a moment and do it again; "
                        + "if it stays so, ./salt-drum start brings it back.");
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
                        ? "The disk is full. Nothing was changed: make room and do it again."
                        : "A file could not be read or written. Nothing was changed: do it again.");
    }
}
