package ironpin.web.picture;

import ironpin.quantity.Sentence;
import ironpin.quantity.Decimal;
import org.springframework.web.util.HtmlUtils;

/** Writes SVG elements; every attribute and text is escaped here and nowhere else. */
public final class Svg {
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
    public Svg text(String content, Object... attributes) {
        start("text", attributes);
        out.append('>').append(escaped(content)).append("</text>");
        return this;
    }

    /** Words inside an open element. */
    Svg said(String content) {
        out.append(escaped(content));
        return this;
    }

    /** A title that says what a shape is when pointed at. */
    public Svg title(String content) {
        out.append("<title>").append(escaped(content)).append("</title>");
        return this;
    }

    /** Closes an element. */
    public Svg close(String tag) {
        out.append("</").append(tag).append('>');
        return this;
    }

    /** The finished picture, with what was drawn aside inside it. */
    String done(Svg inside) {
        return out.append(inside.out).append("</svg>").toString();
    }

    /** The finished picture. */
    public String done() {
        return out.append("</svg>").toString();
    }

    /** A number for an attribute: short, with a point. */
    static String number(double value) {
        return Decimal.trimmed(value, 2);
    }

    /** Only what XML demands: named entities beyond its own would break a picture that is saved as a file. */
    private static String escaped(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }

    private void start(String tag, Object... attributes) {
        out.append('<').append(tag);
        for (int i = 0; i < attributes.length; i += 2) {
            Object value = attributes[i + 1];
            String text = value instanceof Double d ? number(d) : String.valueOf(value);
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(escaped(text))
                    .append('"');
        }
    }
}
