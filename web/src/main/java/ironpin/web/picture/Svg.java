package ironpin.web.picture;

import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.util.HtmlUtils;

/** Writes SVG elements; every attribute and text is escaped here and nowhere else. Units have no letter that wants it. */
public final class Svg {
    /** Most of what is written holds none of them, and is not copied letter by letter. */
    private static final String ESCAPED = "<>&\"'";

    /** What is drawn before the words that are being written: text and quantities. */
    private final List<Object> parts = new ArrayList<>();

    private final StringBuilder out = new StringBuilder(2_048);

    /** A picture with a text equivalent, in user units that scale to the space it gets. */
    public static Svg picture(String cssClass, double width, double height, Sentence description) {
        return new Svg()
                .open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        cssClass,
                        "viewBox",
                        "0 0 " + number(width) + " " + number(height),
                        "role",
                        "img",
                        "aria-label",
                        description);
    }

    /** A picture with a scale on which something is dragged, at the same places of its width whatever is shown. */
    static Svg dragged(String cssClass, double width, double height, Sentence description, Scale scale) {
        return new Svg()
                .open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        cssClass,
                        "viewBox",
                        "0 0 " + number(width) + " " + number(height),
                        "role",
                        "img",
                        "aria-label",
                        description,
                        "data-low",
                        scale.low(),
                        "data-high",
                        scale.high(),
                        "data-left",
                        scale.left() / width,
                        "data-right",
                        scale.right() / width,
                        "data-brought",
                        0);
    }

    /**
     * A scale along a picture.
     *
     * @param left where its least number stands
     * @param right where its greatest does
     */
    record Scale(double low, double high, double left, double right) {
        double at(double value) {
            return left + (Math.max(low, Math.min(high, value)) - low) / (high - low) * (right - left);
        }
    }

    /** Opens an element; attributes are names and values in turn. */
    public Svg open(String tag, Object... attributes) {
        start(tag, attributes);
        out.append('>');
        return this;
    }

    /** An element without content. */
    public Svg add(String tag, Object... attributes) {
        start(tag, attributes);
        out.append("/>");
        return this;
    }

    /** A line of text. */
    public Svg text(Sentence content, Object... attributes) {
        start("text", attributes);
        out.append('>');
        return said(content).close("text");
    }

    /** A line of text that is the same in all units. */
    public Svg text(String content, Object... attributes) {
        return text(Sentence.of(content), attributes);
    }

    /** Words inside an open element. */
    Svg said(Sentence content) {
        for (Sentence.Part part : content.parts()) {
            if (part instanceof Sentence.Words words) {
                out.append(escaped(words.text()));
            } else {
                endWords();
                parts.add(part);
            }
        }
        return this;
    }

    /** A title that says what a shape is when pointed at. */
    public Svg title(Sentence content) {
        out.append("<title>");
        return said(content).close("title");
    }

    /** A title that is the same in all units. */
    public Svg title(String content) {
        return title(Sentence.of(content));
    }

    /** Closes an element. */
    public Svg close(String tag) {
        out.append("</").append(tag).append('>');
        return this;
    }

    /** The finished picture, with what was drawn aside inside it. */
    Sentence done(Svg inside) {
        endWords();
        inside.endWords();
        parts.addAll(inside.parts);
        return done();
    }

    /** The finished picture. */
    public Sentence done() {
        out.append("</svg>");
        endWords();
        return Sentence.of(parts.toArray());
    }

    private void endWords() {
        parts.add(out.toString());
        out.setLength(0);
    }

    /** A number for an attribute: short, with a point. */
    static String number(double value) {
        return Decimal.trimmed(value, 2);
    }

    /** Only what XML demands: named entities beyond its own would break a picture that is saved as a file. */
    private static String escaped(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (ESCAPED.indexOf(text.charAt(i)) >= 0) {
                return HtmlUtils.htmlEscape(text, "UTF-8");
            }
        }
        return text;
    }

    private void start(String tag, Object... attributes) {
        out.append('<').append(tag);
        for (int i = 0; i < attributes.length; i += 2) {
            Object value = attributes[i + 1];
            out.append(' ').append(attributes[i]).append("=\"");
            if (value instanceof Sentence sentence) {
                said(sentence);
            } else {
                out.append(escaped(value instanceof Double d ? number(d) : String.valueOf(value)));
            }
            out.append('"');
        }
    }
}
