package ironpin.web.page;

import ironpin.store.NoSuchBatch;
import jakarta.servlet.http.HttpServletResponse;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Friendly pages for what can go wrong on a page; the API answers for itself. */
@ControllerAdvice(basePackages = "ironpin.web")
class Troubles {
    private static final Logger LOG = LoggerFactory.getLogger(Troubles.class);

    /** An address or a form that names what is not there; forms of our own never do. */
    @ExceptionHandler({
        NoSuchBatch.class,
        NoSuchThing.class,
        IllegalArgumentException.class,
        IndexOutOfBoundsException.class,
        MethodArgumentTypeMismatchException.class
    })
    String notHere(Exception problem, HttpServletResponse response) {
        LOG.debug("not here", problem);
        response.setStatus(HttpStatus.NOT_FOUND.value());
        return "error/404";
    }

    @ExceptionHandler
    String noFile(MultipartException problem, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.BAD_REQUEST.value());
        model.addAttribute("problem", "no file came with it");
        model.addAttribute("name", "What was sent");
        return "import";
    }

    @ExceptionHandler
    String tooLarge(MaxUploadSizeExceededException problem, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
        model.addAttribute("problem", "it is larger than 2 MB");
        model.addAttribute("name", "The file");
        return "import";
    }
}
