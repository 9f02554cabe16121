package ironpin.web.page;

import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.NoSuchBatch;
import ironpin.store.NotWritten;
import ironpin.wording.Name;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Friendly pages for what can go wrong on a page; the API answers for itself. */
@ControllerAdvice(basePackages = "ironpin.web")
class Troubles {
    private static final Logger LOG = LoggerFactory.getLogger(Troubles.class);

    private final Changes changes;

    private final PageWords words;

    Troubles(Changes changes, PageWords words) {
        this.changes = changes;
        this.words = words;
    }

    /** An address or a form that names what is not there, or not any more. */
    @ExceptionHandler({NoSuchBatch.class, NotThere.class})
    String notHere(Exception problem, HttpServletResponse response) {
        LOG.debug("not here", problem);
        response.setStatus(HttpStatus.NOT_FOUND.value());
        return "error/404";
    }

    /** A choice that is none, or a number that cannot be read; forms of our own offer neither. */
    @ExceptionHandler
    String notAChoice(MethodArgumentTypeMismatchException problem, Model model, HttpServletResponse response) {
        if (problem.getParameter().hasParameterAnnotation(PathVariable.class)) {
            return notHere(problem, response);
        }
        Class<?> type = problem.getParameter().nestedIfOptional().getNestedParameterType();
        String allowed =
                type.isEnum() ? "one of " + names(type) : type == boolean.class ? "true or false" : "a whole number";
        model.addAttribute("problem", "'" + problem.getName() + "' must be " + allowed + ".");
        response.setStatus(HttpStatus.BAD_REQUEST.value());
        return "error/400";
    }

    private static String names(Class<?> type) {
        return Arrays.stream(type.getEnumConstants()).map(Object::toString).collect(Collectors.joining(", "));
    }

    /** Something outside what is allowed, asked of no screen in particular. */
    @ExceptionHandler
    String refused(Refused problem, Model model, HttpServletResponse response) {
        model.addAttribute("problem", Name.first(problem.getMessage()) + ".");
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return "error/400";
    }

    @ExceptionHandler
    String notChanged(NotChanged refused, Model model, HttpServletRequest request, HttpServletResponse response) {
        // What every page may use is put into the model of an answer, but not into that of a refusal.
        words.words(model, request);
        try {
            return changes.unchanged(refused, model, response);
        } catch (NoSuchBatch | NotThere gone) {
            // What was typed was wrong, and so was what it was typed for.
            return notHere(gone, response);
        }
    }

    /** The disk did not take it. */
    @ExceptionHandler
    String notWritten(NotWritten problem, Model model, HttpServletResponse response) {
        LOG.error("not written", problem);
        model.addAttribute("problem", problem.getMessage());
        response.setStatus(HttpStatus.INSUFFICIENT_STORAGE.value());
        return "error/400";
    }

    @ExceptionHandler
    String noFile(MultipartException problem, Model model, HttpServletResponse response) {
        return notImported(HttpStatus.BAD_REQUEST, "What was sent", "no file came with it", model, response);
    }

    @ExceptionHandler
    String tooLarge(MaxUploadSizeExceededException problem, Model model, HttpServletResponse response) {
        return notImported(HttpStatus.CONTENT_TOO_LARGE, "The file", "it is larger than 2 MB", model, response);
    }

    private static String notImported(
            HttpStatus status, String name, String problem, Model model, HttpServletResponse response) {
        response.setStatus(status.value());
        model.addAttribute("name", name);
        model.addAttribute("problem", problem);
        return "import";
    }
}
