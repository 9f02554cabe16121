package ironpin.web.paper;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** What this house prints on: as the browser's country has it, unless the address says otherwise. */
public enum Paper {
    A4(PDRectangle.A4),
    LETTER(PDRectangle.LETTER);

    /** Name of the parameter that says otherwise. */
    public static final String ASKED = "paper";

    private static final Set<String> LETTER_COUNTRIES = Set.of("US", "CA", "MX", "PH", "CL", "CO");

    private final PDRectangle sheet;

    Paper(PDRectangle sheet) {
        this.sheet = sheet;
    }

    public static Paper of(HttpServletRequest request) {
        String asked = request.getParameter(ASKED);
        return Arrays.stream(values())
                .filter(one -> one.name().equalsIgnoreCase(asked))
                .findFirst()
                .orElseGet(() -> {
                    boolean said = request.getHeader("Accept-Language") != null;
                    return said && LETTER_COUNTRIES.contains(request.getLocale().getCountry()) ? LETTER : A4;
                });
    }

    /** Its size, upright. */
    public PDRectangle sheet() {
        return sheet;
    }

    /** As a style sheet calls it. */
    public String css() {
        return name().toLowerCase(Locale.ROOT);
    }
}
