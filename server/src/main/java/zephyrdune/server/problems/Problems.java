package zephyrdune.server.problems;

import java.net.URI;
import java.util.List;
import java.util.Map;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DatabindException;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.KitFormat;
import zephyrdune.server.work.Busy;
import zephyrdune.server.work.Left;
import zephyrdune.server.work.TooHeavy;
import zephyrdune.units.measure.Refused;

/** Turns every exception into problem details, with no word of the program's insides. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems extends ResponseEntityExceptionHandler {

    private static final String RETRY_SECONDS = "2";
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail badSet(BadFile e) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_CONTENT, "bad-file", "This cannot stand", e.getMessage());
        problem.setProperty("errors", e.problems());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail missing(Missing e) {
        return problem(HttpStatus.NOT_FOUND, "missing", "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail savedSince(SavedSince e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "saved-since", "Saved elsewhere", e.getMessage());
        problem.setProperty("current", e.current());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail overtaken(Overtaken e) {
        return problem(HttpStatus.CONFLICT, "kit-saved-since", "Saved elsewhere", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail refused(Refused e) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_CONTENT, "bad-question", "This cannot be answered", e.getMessage());
        problem.setProperty("errors", List.of(Map.of("field", e.field(), "value", "", "detail", e.getMessage())));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail tooLong(TooLong e) {
        return problem(HttpStatus.CONTENT_TOO_LARGE, "too-long", "Too much", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail tooHeavy(TooHeavy e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "too-heavy", "Too much work", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy e) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, RETRY_SECONDS)
                .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "busy", "Busy", e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail undecodable(InvalidParameterException e) {
        return problem(
                HttpStatus.BAD_REQUEST,
                "bad-request",
                "Not understood",
                "A part of the address behind the question mark cannot be decoded");
    }

    /** Nobody reads this. */
    @ExceptionHandler
    ProblemDetail left(Left e) {
        return problem(HttpStatus.SERVICE_UNAVAILABLE, "left", "Left", e.getMessage());
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail database(RuntimeException e) {
        LOG.error("the database did not answer as expected: {}", e.toString());
        LOG.debug("where it did not", e);
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "database",
                "The database is not answering",
                "Nothing was saved; your work is still on your screen. Try again in a moment");
    }

    @ExceptionHandler
    ProblemDetail unforeseen(Exception e) {
        LOG.error("unforeseen", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unforeseen",
                "Something went wrong in the server",
                "Nothing was saved; your work is still on your screen");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = unreadable(e);
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private ProblemDetail unreadable(HttpMessageNotReadableException e) {
        // a document within a request is wrapped in what is known of the request
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof BadFile bad) {
                return badSet(bad);
            }
            if (cause instanceof Refused refused) {
                return refused(refused);
            }
        }
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof StreamConstraintsException) {
                return tooLong(new TooLong(
                        "The request is longer or deeper than anything this application takes: at most %,d bytes"
                                .formatted(KitFormat.LONGEST_FILE)));
            }
            if (cause instanceof DatabindException databind
                    && !databind.getPath().isEmpty()) {
                String field = field(databind);
                ProblemDetail problem = problem(
                        HttpStatus.BAD_REQUEST, "bad-field", "A field cannot be read", field + " cannot be read");
                problem.setProperty(
                        "errors", List.of(Map.of("field", field, "value", "", "detail", field + " cannot be read")));
                return problem;
            }
        }
        return problem(HttpStatus.BAD_REQUEST, "not-json", "Not readable", "The request is not readable as JSON");
    }

    private static String field(DatabindException e) {
        return e.getPath().get(e.getPath().size() - 1).getPropertyName();
    }

    static ProblemDetail problem(HttpStatus status, String type, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(type(type));
        problem.setTitle(title);
        return problem;
    }

    static URI type(String type) {
        return URI.create("urn:zephyrdune:problem:" + type);
    }
}
