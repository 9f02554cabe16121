package ironpin.web.page;

import ironpin.quantity.UnitSystem;
import org.springframework.http.HttpStatus;

/** A change that was refused: the answer is the screen as it still stands, with what was typed and what is allowed. */
public class NotChanged extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long id;
    private final transient From from;
    private final transient FieldError error;
    private final HttpStatus status;

    /** Something that was typed cannot be taken. */
    public NotChanged(long id, From from, FieldError error) {
        this(id, from, error, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private NotChanged(long id, From from, FieldError error, HttpStatus status) {
        super(error.message().render(UnitSystem.METRIC));
        this.id = id;
        this.from = from;
        this.error = error;
        this.status = status;
    }

    /** What it was meant for has moved or is gone. */
    static NotChanged meanwhile(long id, From from, FieldError error) {
        return new NotChanged(id, from, error, HttpStatus.CONFLICT);
    }

    long id() {
        return id;
    }

    From from() {
        return from;
    }

    FieldError error() {
        return error;
    }

    HttpStatus status() {
        return status;
    }
}
