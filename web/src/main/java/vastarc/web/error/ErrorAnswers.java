package vastarc.web.error;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import vastarc.web.store.disk.DiskTrouble;
import vastarc.web.store.document.UnreadableDocument;

/** Answers requests that no page or call can take: problem details under {@code /api}, the error page elsewhere. */
@ControllerAdvice
class ErrorAnswers {

    private static final MediaType PLAIN = new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8);
    private static final Pattern JOB = Pattern.compile("^/jobs/([0-9a-fA-F-]{36})/");

    @ExceptionHandler({
        NoHandlerFoundException.class,
        NoResourceFoundException.class,
        HttpRequestMethodNotSupportedException.class,
        MethodArgumentTypeMismatchException.class,
        InvalidParameterException.class,
        NotFound.class
    })
    Object answer(Exception fault, HttpServletRequest request) {
        HttpStatusCode status = status(fault);
        if (!request.getRequestURI().startsWith("/api/")) {
            return new ModelAndView("error", Map.of("status", status.value()), status);
        }
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                status,
                "There is no such call. POST /api/v1/sheet takes a joint; /api/openapi.json describes every call.");
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }

    /** Something was sent as another type than the call takes. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unsupportedType(HttpMediaTypeNotSupportedException fault) {
        String types =
                fault.getSupportedMediaTypes().stream().map(MediaType::toString).collect(Collectors.joining(" or "));
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                "This call takes " + types + ". Say so in the header Content-Type and send it again.");
        return ResponseEntity.status(HttpStatus.UNSUPPORTED_MEDIA_TYPE)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }

    /** Only the call that measures photographs takes a form in parts; there it was broken or too large. */
    @ExceptionHandler
    ResponseEntity<?> parts(MultipartException fault, HttpServletRequest request) {
        if (!request.getRequestURI().startsWith("/api/")) {
            return ResponseEntity.status(HttpStatus.UNSUPPORTED_MEDIA_TYPE)
                    .contentType(PLAIN)
                    .body(
                            "This program takes no form in parts (multipart). Send the file or the text itself as the body.");
        }
        boolean large = fault instanceof MaxUploadSizeExceededException;
        HttpStatus status = large ? HttpStatus.CONTENT_TOO_LARGE : HttpStatus.BAD_REQUEST;
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(
                        status,
                        large
                                ? "The photograph is larger than 20 MB. Send a smaller one."
                                : "The form in parts (multipart) is broken. Send the parts image and ask."));
    }

    /** A page was asked for whose document cannot be read: that page alone says so, and where to mend it. */
    @ExceptionHandler
    Object unreadable(UnreadableDocument fault, HttpServletRequest request) {
        if (request.getRequestURI().startsWith("/api/")) {
            return ResponseEntity.status(HttpStatus.CONFLICT)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, fault.getMessage()));
        }
        Matcher job = JOB.matcher(request.getRequestURI());
        return new ModelAndView(
                "error",
                Map.of(
                        "status",
                        409,
                        "unreadable",
                        fault.getMessage(),
                        "mend",
                        job.find() ? "/mend/job/" + job.group(1) : ""),
                HttpStatus.CONFLICT);
    }

    /** The disk has no room, or did not take what was committed: said in the form that was asked for. */
    @ExceptionHandler
    Object diskTrouble(DiskTrouble fault, HttpServletRequest request) {
        HttpStatus status = HttpStatus.INSUFFICIENT_STORAGE;
        if (request.getRequestURI().startsWith("/api/")) {
            return ResponseEntity.status(status)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(ProblemDetail.forStatusAndDetail(status, fault.getMessage()));
        }
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        return accepted != null && accepted.contains(MediaType.TEXT_HTML_VALUE)
                ? new ModelAndView("error", Map.of("status", status.value(), "disk", fault.getMessage()), status)
                : ResponseEntity.status(status).contentType(PLAIN).body(fault.getMessage());
    }

    /** The database has closed itself, as on a full disk; it is opened again within seconds of there being room. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    Object closedDatabase(RuntimeException fault, HttpServletRequest request) {
        if (!DiskTrouble.isClosedDatabase(fault)) {
            throw fault;
        }
        return diskTrouble(DiskTrouble.closed(fault), request);
    }

    /** So many changes of one thing at once that this one never got its turn. */
    @ExceptionHandler
    ResponseEntity<String> crowded(ConcurrencyFailureException fault) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .contentType(PLAIN)
                .body("Not kept: others were changing the same thing just then. Do it once more.");
    }

    private static HttpStatusCode status(Exception fault) {
        if (fault instanceof NotFound) {
            return HttpStatus.NOT_FOUND;
        }
        return fault instanceof ErrorResponse response ? response.getStatusCode() : HttpStatus.BAD_REQUEST;
    }
}
