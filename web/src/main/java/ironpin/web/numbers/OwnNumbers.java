package ironpin.web.numbers;

import ironpin.refusal.Refused;
import ironpin.web.kitchen.BrowserKeeps;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.text.DecimalFormatSymbols;
import java.time.chrono.IsoChronology;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How this browser's cook writes numbers, hours and money.
 *
 * @param mark between a number's whole and its parts
 * @param hours of the day
 * @param money its sign, at most four letters; empty where it goes without saying
 * @param browser what the browser asks for, where nothing was chosen
 */
public record OwnNumbers(Mark mark, Hours hours, String money, Locale browser) {
    /** Name of the cookie. */
    static final String COOKIE = "ironpin-numbers";

    private static final int LONGEST_MONEY = 4;
    private static final int PARTS = 3;
    /** Whoever says nothing reads points and twenty-four hours. */
    private static final Locale UNSAID = Locale.UK;

    /** Point or comma. */
    public enum Mark {
        BROWSER("as the browser has it"),
        POINT("1,234.5"),
        COMMA("1.234,5");

        private final String label;

        Mark(String label) {
            this.label = label;
        }

        /** As it is chosen. */
        public String label() {
            return label;
        }
    }

    /** Twelve or twenty-four. */
    public enum Hours {
        BROWSER("as the browser has it"),
        TWENTY_FOUR("18 o’clock"),
        TWELVE("6 pm");

        private final String label;

        Hours(String label) {
            this.label = label;
        }

        /** As it is chosen. */
        public String label() {
            return label;
        }
    }

    public OwnNumbers {
        if (money.length() > LONGEST_MONEY || !money.matches("[\\p{L}\\p{Sc}.]*")) {
            throw new Refused("a sign of money has up to four letters, not “" + money + "”");
        }
    }

    /** What this browser chose, or asks for. */
    public static OwnNumbers of(HttpServletRequest request) {
        Locale browser = request.getHeader("Accept-Language") == null ? UNSAID : request.getLocale();
        return BrowserKeeps.values(request, COOKIE)
                .flatMap(kept -> read(kept, browser).stream())
                .findFirst()
                .orElse(new OwnNumbers(Mark.BROWSER, Hours.BROWSER, "", browser));
    }

    /** As {@link #written} wrote it; what is none is passed by. */
    private static Optional<OwnNumbers> read(String text, Locale browser) {
        String[] parts = text.split("-", PARTS);
        try {
            return parts.length == PARTS
                    ? Optional.of(new OwnNumbers(
                            Mark.valueOf(parts[0]),
                            Hours.valueOf(parts[1]),
                            URLDecoder.decode(parts[2], StandardCharsets.UTF_8),
                            browser))
                    : Optional.empty();
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    /** As in the cookie. */
    String written() {
        return mark + "-" + hours + "-" + URLEncoder.encode(money, StandardCharsets.UTF_8);
    }

    /** What may be chosen of marks. */
    public List<Mark> marks() {
        return List.of(Mark.values());
    }

    /** What may be chosen of hours. */
    public List<Hours> hourChoices() {
        return List.of(Hours.values());
    }

    /** Whether parts stand behind a comma. */
    boolean comma() {
        return mark == Mark.COMMA || mark == Mark.BROWSER && symbols().getDecimalSeparator() == ',';
    }

    /** What stands between thousands. */
    String thousands() {
        char its = symbols().getGroupingSeparator();
        boolean space = mark == Mark.BROWSER && Character.isSpaceChar(its);
        return space ? "\u202f" : comma() ? "." : ",";
    }

    /** Whether the day has twice twelve hours. */
    boolean twelve() {
        return hours == Hours.TWELVE || hours == Hours.BROWSER && pattern().contains("h");
    }

    /** Whether it is as the pages are written anyway. */
    boolean asWritten() {
        return !comma() && !twelve();
    }

    private DecimalFormatSymbols symbols() {
        return DecimalFormatSymbols.getInstance(browser);
    }

    private String pattern() {
        return DateTimeFormatterBuilder.getLocalizedDateTimePattern(
                null, FormatStyle.SHORT, IsoChronology.INSTANCE, browser);
    }

    /** A text as this cook writes it. */
    public String said(String text) {
        return asWritten() ? text : NumbersInText.of(this).said(text);
    }

    /** These with their money, as in "12.40 €". */
    public String sum(String amount) {
        return Stream.of(amount, money)
                .filter(one -> !one.isEmpty())
                .reduce((a, b) -> a + " " + b)
                .orElse("");
    }
}
