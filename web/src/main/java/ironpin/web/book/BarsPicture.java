package ironpin.web.book;

import ironpin.book.BookAnswer;
import ironpin.quantity.Sentence;
import ironpin.web.picture.Svg;

/** An answer's groups as bars, with what each is drawn from, and how far it may be off as a thin line. */
final class BarsPicture {
    private static final double WIDE = 520;
    private static final double ROW = 26;
    private static final double LEFT = 190;
    private static final double RIGHT = 400;

    private BarsPicture() {}

    static Sentence of(BookAnswer answer) {
        double most = Math.max(
                1e-9,
                answer.bars().stream().mapToDouble(BookAnswer.Bar::high).max().orElse(1));
        Svg svg = Svg.picture(
                "bars-picture w-full max-w-260",
                WIDE,
                ROW * answer.bars().size() + 8,
                Sentence.of(
                        answer.question() + " ",
                        Sentence.join(
                                "; ",
                                answer.bars().stream()
                                        .map(bar -> Sentence.of(bar.label() + " ", bar.said(), " (" + bar.of() + ")"))
                                        .toList())));
        for (int i = 0; i < answer.bars().size(); i++) {
            BookAnswer.Bar bar = answer.bars().get(i);
            double middle = 4 + ROW * i + ROW / 2;
            double end = x(bar.value(), most);
            String label = bar.label().length() > 26 ? bar.label().substring(0, 25) + "…" : bar.label();
            svg.text(label, "x", LEFT - 8, "y", middle + 4, "text-anchor", "end", "class", "measure");
            svg.add(
                    "rect",
                    "x",
                    LEFT,
                    "y",
                    middle - 7,
                    "width",
                    Math.max(1.5, end - LEFT),
                    "height",
                    14.0,
                    "class",
                    "fill-dough-warm");
            if (bar.high() > bar.low()) {
                svg.add(
                        "path",
                        "d",
                        "M" + Math.round(x(bar.low(), most)) + " " + Math.round(middle) + " H"
                                + Math.round(x(bar.high(), most)),
                        "class",
                        "fill-none stroke-ink stroke-[1.5]");
            }
            svg.text(Sentence.of(bar.said(), " · " + bar.of()), "x", RIGHT + 10, "y", middle + 4, "class", "measure");
        }
        return svg.done();
    }

    private static double x(double value, double most) {
        return LEFT + (RIGHT - LEFT) * value / most;
    }
}
