package ironpin.web.api;

import ironpin.amount.UnreadableAmount;
import ironpin.batch.edit.OutOfRange;
import ironpin.format.Misread;
import ironpin.format.UnreadableBatch;
import ironpin.quantity.UnitSystem;
import ironpin.recipe.UnreadableRecipe;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.NoSuchBatch;
import ironpin.store.NotWritten;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns what can go wrong in the API into problem details after RFC 9457. */
@Order(Ordered.HIGHEST_PRECEDENCE)
@RestControllerAdvice(basePackages = "ironpin.web.api")
class Problems extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ProblemDetail badField(BadField problem) {
        return fieldProblem(problem.getMessage(), problem.field(), problem.allowed());
    }

    @ExceptionHandler
    ProblemDetail outOfRange(OutOfRange problem) {
        return fieldProblem(
                problem.getMessage(),
                "numbers." + problem.field().key(),
                problem.allowed().render(UnitSystem.METRIC));
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableAmount problem) {
        ProblemDetail detail = fieldProblem(
                "text cannot be read: " + problem.getMessage(), "text", "an amount such as '2 1/4 cups flour'");
        detail.setProperty("from", problem.from());
        detail.setProperty("to", problem.to());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableRecipe problem) {
        return fieldProblem(
                problem.getMessage(), "text", "a recipe as text, as schema.org JSON-LD, or as an HTML page");
    }

    @ExceptionHandler
    ProblemDetail noSuchBatch(NoSuchBatch problem) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, problem.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notWritten(NotWritten problem) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.INSUFFICIENT_STORAGE, problem.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableBatch problem) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "This is not a batch: " + problem.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThere problem) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, problem.getMessage());
    }

    @ExceptionHandler
    ProblemDetail refused(Refused problem) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, problem.getMessage());
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Misread misread = Misread.of(problem.getCause());
        String what = misread.field().isEmpty() ? "the body" : misread.field();
        ProblemDetail detail = fieldProblem(what + " must be " + misread.allowed(), misread.field(), misread.allowed());
        return handleExceptionInternal(problem, detail, headers, status, request);
    }

    private static ProblemDetail fieldProblem(String message, String field, String allowed) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, message);
        detail.setProperty("field", field);
        detail.setProperty("allowed", allowed);
        return detail;
    }
}
