package saltdrum.server.api;

import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.SaltDrumException;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.StaleException;

/** Every error as a problem (RFC 9457) whose {@code detail} is a sentence for the person at the screen. */
@RestControllerAdvice
final class Errors {
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

    @ExceptionHandler(SaltDrumException.class)
    ProblemDetail failed(SaltDrumException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, e.getMessage());
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
