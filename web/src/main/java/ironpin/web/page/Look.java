package ironpin.web.page;

import ironpin.refusal.Refused;
import ironpin.web.kitchen.BrowserKeeps;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * How this browser likes its pages; early.js reads the cookie before anything is drawn.
 *
 * @param light as the system has it, or always so
 * @param letters of the browser's own size, per cent
 */
public record Look(Light light, int letters) {
    /** Name of the cookie. */
    static final String COOKIE = "ironpin-look";

    private static final List<Integer> LETTERS = List.of(100, 115, 130, 150);

    private static final Look USUAL = new Look(Light.SYSTEM, LETTERS.get(0));

    /** Light or dark. */
    public enum Light {
        SYSTEM("as the system has it"),
        LIGHT("light"),
        DARK("dark");

        private final String label;

        Light(String label) {
            this.label = label;
        }

        /** In words. */
        public String label() {
            return label;
        }
    }

    public Look {
        if (!LETTERS.contains(letters)) {
            throw new Refused("letters are " + LETTERS + " % of their size, not " + letters);
        }
    }

    /** What colours may be. */
    public List<Light> lights() {
        return List.of(Light.values());
    }

    /** What letters may be, per cent of the browser's own size. */
    public List<Integer> sizes() {
        return LETTERS;
    }

    /** As in the cookie: "dark-115". */
    String written() {
        return light.name().toLowerCase(Locale.ROOT) + "-" + letters;
    }

    static Look of(HttpServletRequest request) {
        return BrowserKeeps.values(request, COOKIE)
                .flatMap(kept -> all().filter(look -> look.written().equals(kept)))
                .findFirst()
                .orElse(USUAL);
    }

    private static Stream<Look> all() {
        return Arrays.stream(Light.values())
                .flatMap(light -> LETTERS.stream().map(letters -> new Look(light, letters)));
    }
}
