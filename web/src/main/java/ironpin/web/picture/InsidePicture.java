package ironpin.web.picture;

import ironpin.plan.InsidePiece;
import ironpin.wording.Span;
import java.util.function.IntToDoubleFunction;

/** Middle, whole and skin of a piece over time, with the safe middle as a line. */
public final class InsidePicture {
    private static final double WIDTH = 680;
    private static final double HEIGHT = 236;
    private static final double LEFT = 46;
    private static final double RIGHT = 560;
    private static final double TOP = 14;
    private static final double BOTTOM = 200;
    private static final double HOTTEST = 105;

    private InsidePicture() {}

    public static String of(InsidePiece inside) {
        double coldest = Math.min(0, Math.floor(inside.run().core()[0] / 10) * 10);
        double shown = inside.most()
                .map(most -> most.toMillis() / 1_000.0 * 1.35)
                .orElse(inside.run().every() * (inside.run().samples() - 1));
        int samples = Math.min(
                inside.run().samples(), (int) Math.ceil(shown / inside.run().every()) + 1);
        double seconds = Math.max(60, inside.run().every() * (samples - 1));
        String time = inside.usual().map(Span::of).orElse("longer than half an hour");
        Svg svg = Svg.picture(
                "inside-picture",
                WIDTH,
                HEIGHT,
                "The middle of a piece " + inside.start().label() + " reaches "
                        + Say.celsius(inside.safe().celsius()) + " after " + time + " (est.).");
        for (double celsius = Math.ceil(coldest / 20) * 20; celsius <= 100; celsius += 20) {
            double y = y(celsius, coldest);
            svg.add("path", "d", "M" + LEFT + " " + Svg.number(y) + " H" + RIGHT, "class", "grid-line");
            svg.text(Say.celsius(celsius), "x", LEFT - 6, "y", y + 4, "text-anchor", "end", "class", "quiet-small");
        }
        double each = seconds > 900 ? 300 : seconds > 300 ? 120 : 60;
        for (double at = 0; at <= seconds + 1; at += each) {
            double x = x(at, seconds);
            svg.text(
                    Say.plain(at / 60, 0) + " min",
                    "x",
                    x,
                    "y",
                    BOTTOM + 18,
                    "text-anchor",
                    "middle",
                    "class",
                    "quiet-small");
        }
        inside.least().ifPresent(least -> inside.most().ifPresent(most -> {
            double from = x(least.toMillis() / 1_000.0, seconds);
            double to = x(most.toMillis() / 1_000.0, seconds);
            svg.add("rect", "x", from, "y", TOP, "width", to - from, "height", BOTTOM - TOP, "class", "band faint");
        }));
        double safe = y(inside.safe().celsius(), coldest);
        svg.add("path", "d", "M" + LEFT + " " + Svg.number(safe) + " H" + RIGHT, "class", "safe-line");
        line(svg, samples, seconds, inside, coldest, i -> inside.run().surface()[i], "curve-skin");
        line(svg, samples, seconds, inside, coldest, i -> inside.run().mean()[i], "curve-mean");
        line(svg, samples, seconds, inside, coldest, i -> inside.run().core()[i], "curve-core");
        svg.text("safe " + Say.celsius(inside.safe().celsius()), "x", RIGHT + 8, "y", safe + 4, "class", "measure");
        int last = samples - 1;
        label(svg, "skin", y(inside.run().surface()[last], coldest) - 4);
        label(svg, "middle", y(inside.run().core()[last], coldest) + 16);
        inside.usual().ifPresent(usual -> {
            double x = x(usual.toMillis() / 1_000.0, seconds);
            svg.add("circle", "cx", x, "cy", safe, "r", 5, "class", "dot-in");
            svg.text(Span.of(usual) + " (est.)", "x", x + 8, "y", safe + 18, "class", "measure halo");
        });
        return svg.done();
    }

    private static void label(Svg svg, String text, double y) {
        svg.text(text, "x", RIGHT + 8, "y", y, "class", "quiet-small");
    }

    private static double x(double at, double seconds) {
        return LEFT + (RIGHT - LEFT) * at / seconds;
    }

    private static double y(double celsius, double coldest) {
        return BOTTOM - (BOTTOM - TOP) * (celsius - coldest) / (HOTTEST - coldest);
    }

    private static void line(
            Svg svg,
            int samples,
            double seconds,
            InsidePiece inside,
            double coldest,
            IntToDoubleFunction celsius,
            String cssClass) {
        StringBuilder path = new StringBuilder();
        int each = Math.max(1, samples / 120);
        for (int i = 0; i < samples; i += each) {
            path.append(i == 0 ? "M" : " L")
                    .append(Svg.number(x(inside.run().every() * i, seconds)))
                    .append(' ')
                    .append(Svg.number(y(celsius.applyAsDouble(i), coldest)));
        }
        svg.add("path", "d", path.toString(), "class", cssClass);
    }
}
