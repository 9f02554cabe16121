package ironpin.web;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The rules of axe, asked in the page itself: read into it once, however often it is asked, and only what is wrong is written out. */
final class Axe {
    /** Beside the usual rules: what a label shows is what speech input says to press it. */
    static final String EVERYTHING = "{preload: {assets: ['media']}, resultTypes: ['violations'],"
            + " rules: {'label-content-name-mismatch': {enabled: true}}}";

    /** What the colours of a page can break. */
    static final String COLOURS = "{preload: false, resultTypes: ['violations'],"
            + " runOnly: {type: 'rule', values: ['color-contrast', 'link-in-text-block']}}";

    private static final String RUN =
            """
            async () => (await axe.run(document, %s)).violations
              .flatMap(({id, nodes}) => nodes.map(({html}) => id + ': ' + html.slice(0, 200)))
            """;

    private final Page page;

    private Axe(Page page) {
        this.page = page;
    }

    /** @param page on a device that lets scripts in */
    static Axe in(Page page) {
        page.evaluate("() => {" + source() + "}");
        return new Axe(page);
    }

    /** What breaks the rules, as it is looked at now. */
    Object violations(String rules) {
        return page.evaluate(String.format(RUN, rules));
    }

    private static String source() {
        try (InputStream in = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
