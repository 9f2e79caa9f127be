package org.pergamena.server.site;

import java.sql.SQLException;
import org.pergamena.core.map.MapRuleException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Errors as problem details (RFC 9457), each with a sentence that a person can act on. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler
  ResponseEntity<ProblemDetail> refused(Refused e) {
    return answer(e.status(), e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail rule(MapRuleException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> argument(IllegalArgumentException e) {
    return own(e) ? answer(HttpStatus.BAD_REQUEST, e.getMessage()) : unexpected(e);
  }

  /** Whether an error was made here, with a sentence for the person, and not in a library. */
  private static boolean own(Throwable e) {
    StackTraceElement[] trace = e.getStackTrace();
    return trace.length > 0 && trace[0].getClassName().startsWith("org.pergamena.");
  }

  @Override
  protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.CONTENT_TOO_LARGE,
            "The file is larger than 64 MB. Split it or leave pictures out, and add it again.");
    return handleExceptionInternal(e, problem, headers, HttpStatus.CONTENT_TOO_LARGE, request);
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String sentence =
        e.getMostSpecificCause() instanceof IllegalArgumentException rule && own(rule)
            ? rule.getMessage()
            : "The request is not understood. Reload the page and try again.";
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
    return handleExceptionInternal(e, problem, headers, status, request);
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String sentence =
        e.getFieldErrors().stream()
            .findFirst()
            .map(error -> "\"" + error.getField() + "\" " + error.getDefaultMessage() + ".")
            .orElse("Something in the request is missing.");
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
    return handleExceptionInternal(e, problem, headers, status, request);
  }

  @ExceptionHandler
  ProblemDetail unread(MultipartException e) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.BAD_REQUEST, "The file did not come whole. Choose it once more.");
  }

  /** Data exceptions of SQL: a string or number that the database does not take. */
  private static final String UNTAKEN = "22";

  /** Violations of what holds in the database: an identity that is taken, or not of this map. */
  private static final String VIOLATED = "23";

  /** Whether an error is one of a class of SQL. */
  private static boolean is(Throwable error, String sqlClass) {
    for (Throwable at = error; at != null; at = at.getCause()) {
      if (at instanceof SQLException sql
          && sql.getSQLState() != null
          && sql.getSQLState().startsWith(sqlClass)) {
        return true;
      }
    }
    return false;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unexpected(Exception e) {
    if (is(e, VIOLATED)) {
      LOG.warn("a request broke what holds: {}", e.getClass().getSimpleName());
      return answer(
          HttpStatus.CONFLICT,
          "Something in this is there already under the same identity, or belongs to another map."
              + " Nothing was changed. Reload the page and try again.");
    }
    if (is(e, UNTAKEN)) {
      LOG.warn("a request held what cannot be kept: {}", e.getClass().getSimpleName());
      return answer(
          HttpStatus.BAD_REQUEST,
          "Something in this cannot be kept: a character that is none, or too large a number. Take"
              + " it out and try again.");
    }
    if (Outage.is(e)) {
      LOG.warn("a request met a database that is away: {}", e.getMessage());
      return answer(HttpStatus.SERVICE_UNAVAILABLE, Outage.SENTENCE);
    }
    LOG.error("a request failed", e);
    return answer(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "This did not work, through no fault of yours. What was kept before is still there; try"
            + " again.");
  }

  /** What is for later says when. */
  private static ResponseEntity<ProblemDetail> answer(HttpStatus status, String sentence) {
    ResponseEntity.BodyBuilder answer = ResponseEntity.status(status);
    if (status == HttpStatus.SERVICE_UNAVAILABLE || status == HttpStatus.TOO_MANY_REQUESTS) {
      answer.header(HttpHeaders.RETRY_AFTER, "2");
    }
    return answer.body(ProblemDetail.forStatusAndDetail(status, sentence));
  }
}
