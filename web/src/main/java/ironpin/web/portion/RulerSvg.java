package ironpin.web.portion;

import java.util.Locale;
import org.springframework.web.util.HtmlUtils;

/** A ruler as an SVG file of true size, black on white wherever it is printed. */
final class RulerSvg implements RulerPen<RuntimeException> {
    private final StringBuilder svg = new StringBuilder();

    private RulerSvg() {}

    static String of(RulerPage page) {
        RulerSvg pen = new RulerSvg();
        String width = number(RulerPage.WIDTH);
        String height = number(RulerPage.HEIGHT);
        pen.svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + width + "mm\" height=\"" + height
                + "mm\" viewBox=\"0 0 " + width + " " + height + "\" font-family=\"sans-serif\" font-size=\"4\">");
        page.draw(pen);
        return pen.svg.append("</svg>").toString();
    }

    @Override
    public void line(double x1, double y1, double x2, double y2) {
        svg.append("<path stroke=\"#000\" stroke-width=\"0.3\" d=\"M" + number(x1) + " " + number(y1) + " L"
                + number(x2) + " " + number(y2) + "\"/>");
    }

    @Override
    public void text(double x, double y, String said) {
        svg.append("<text x=\"" + number(x) + "\" y=\"" + number(y) + "\">" + HtmlUtils.htmlEscape(said, "UTF-8")
                + "</text>");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
