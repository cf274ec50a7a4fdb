package org.yellowfit.app.api;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.FieldMessage;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** Every error of the API as a problem document (RFC 9457) with a list of the fields that are wrong. */
@RestControllerAdvice(basePackageClasses = ApiErrors.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiErrors extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ApiErrors.class);

    @ExceptionHandler(InvalidInput.class)
    ResponseEntity<ProblemDetail> invalid(InvalidInput e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, Sentences.say("api.values-refused"), e.problems());
    }

    @ExceptionHandler(Json.Unreadable.class)
    ResponseEntity<ProblemDetail> unreadable(Json.Unreadable e) {
        return problem(HttpStatus.BAD_REQUEST, Refusals.say(e), List.of(Problem.of("", e)));
    }

    @ExceptionHandler(NotFound.class)
    ResponseEntity<ProblemDetail> notFound(NotFound e) {
        return problem(HttpStatus.NOT_FOUND, Refusals.say(e.refusal()), List.of());
    }

    /** What nobody foresaw is a fault of ours: written down, and told without its insides. */
    @ExceptionHandler(RuntimeException.class)
    ResponseEntity<ProblemDetail> unforeseen(RuntimeException e) {
        LOG.error("A call of the API failed.", e);
        return problem(HttpStatus.INTERNAL_SERVER_ERROR, Sentences.say("api.failed"), List.of());
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception e, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail = body instanceof ProblemDetail given ? given : ProblemDetail.forStatus(status);
        detail.setProperty("errors", List.of());
        return super.handleExceptionInternal(e, detail, headers, status, request);
    }

    private static ResponseEntity<ProblemDetail> problem(HttpStatus status, String text, List<Problem> problems) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, text);
        detail.setProperty("errors", FieldMessage.of(problems));
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
