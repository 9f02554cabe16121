package ironpin.web.known;

import ironpin.book.Known;
import ironpin.quantity.Belief;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.web.picture.Svg;
import java.util.ArrayList;
import java.util.List;

/** What was seen, as dots from left to right, and the band that closes in on a line; hollow dots are left out of account. */
final class KnownPicture {
    private static final double WIDE = 420;
    private static final double HIGH = 130;
    private static final double LEFT = 46;
    private static final double TOP = 12;
    private static final double FLOOR = 112;

    private KnownPicture() {}

    static Sentence of(Known known) {
        int decimals = known.kind().decimals();
        List<Belief> beliefs = new ArrayList<>(List.of(known.before()));
        known.lessons().forEach(lesson -> beliefs.add(lesson.after()));
        double low = beliefs.stream().mapToDouble(Belief::low).min().orElseThrow();
        double high = beliefs.stream().mapToDouble(Belief::high).max().orElseThrow();
        for (Known.Lesson lesson : known.lessons()) {
            low = Math.min(low, lesson.of().seen());
            high = Math.max(high, lesson.of().seen());
        }
        Scale scale = new Scale(low, high, beliefs.size());
        Belief now = known.now();
        Svg svg = Svg.picture(
                "known-picture w-full max-w-220",
                WIDE,
                HIGH,
                Sentence.of(known.of() + ": " + known.lessons().size() + " seen; at first "
                        + Decimal.trimmed(known.before().mean(), decimals) + " ± "
                        + Decimal.trimmed(half(known.before()), decimals) + ", now "
                        + Decimal.trimmed(now.mean(), decimals) + " ± " + Decimal.trimmed(half(now), decimals) + "."));
        StringBuilder band = new StringBuilder();
        for (int i = 0; i < beliefs.size(); i++) {
            band.append(i == 0 ? "M" : " L")
                    .append(point(scale, i, beliefs.get(i).high()));
        }
        for (int i = beliefs.size() - 1; i >= 0; i--) {
            band.append(" L").append(point(scale, i, beliefs.get(i).low()));
        }
        svg.add("path", "d", band.append(" Z"), "class", "fill-dough-warm/60 stroke-none");
        StringBuilder line = new StringBuilder();
        for (int i = 0; i < beliefs.size(); i++) {
            line.append(i == 0 ? "M" : " L")
                    .append(point(scale, i, beliefs.get(i).mean()));
        }
        svg.add("path", "d", line, "class", "fill-none stroke-ink stroke-[2]");
        for (int i = 0; i < known.lessons().size(); i++) {
            Known.Lesson lesson = known.lessons().get(i);
            svg.add(
                    "circle",
                    "cx",
                    scale.x(i + 1),
                    "cy",
                    scale.y(lesson.of().seen()),
                    "r",
                    4.5,
                    "class",
                    lesson.forgotten() ? "fill-none stroke-ink stroke-[1.5]" : "fill-ink");
        }
        svg.text(
                Decimal.trimmed(high, decimals), "x", LEFT - 8, "y", TOP + 5, "text-anchor", "end", "class", "measure");
        svg.text(Decimal.trimmed(low, decimals), "x", LEFT - 8, "y", FLOOR, "text-anchor", "end", "class", "measure");
        return svg.done();
    }

    private static double half(Belief belief) {
        return belief.high() - belief.mean();
    }

    private static String point(Scale scale, int place, double value) {
        return Math.round(scale.x(place) * 10) / 10.0 + " " + Math.round(scale.y(value) * 10) / 10.0;
    }

    private record Scale(double low, double high, int places) {
        double x(int place) {
            return LEFT + (WIDE - LEFT - 12) * place / Math.max(1, places - 1);
        }

        double y(double value) {
            return high == low ? (TOP + FLOOR) / 2 : FLOOR - (FLOOR - TOP) * (value - low) / (high - low);
        }
    }
}
