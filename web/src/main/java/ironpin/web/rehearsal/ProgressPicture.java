package ironpin.web.rehearsal;

import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.store.RehearsalStore.Played;
import ironpin.web.picture.Svg;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** What each rehearsed evening cost, the latest at the right. */
final class ProgressPicture {
    private static final double WIDE = 460;
    private static final double HIGH = 120;
    private static final double FLOOR = 100;
    private static final double BAR = 14;

    private ProgressPicture() {}

    /** Nothing before the second. @param played the latest first */
    static Sentence of(List<Played> played) {
        if (played.size() < 2) {
            return Sentence.EMPTY;
        }
        double most = played.stream().mapToDouble(Played::cost).max().orElse(1);
        Svg svg = Svg.picture(
                "progress w-full max-w-260",
                WIDE,
                HIGH,
                Sentence.of("What the last " + played.size() + " evenings cost in pieces, the latest at the right: "
                        + String.join(
                                ", ",
                                reversed(played).stream()
                                        .map(one -> Decimal.trimmed(one.cost(), 1))
                                        .toList())));
        svg.add("path", "d", "M10 100 H450", "class", "fill-none stroke-hair stroke-[1.5]");
        List<Played> inOrder = reversed(played);
        for (int i = 0; i < inOrder.size(); i++) {
            double high = most == 0 ? 0 : 84 * inOrder.get(i).cost() / most;
            double x = 14 + i * (BAR + 4);
            svg.open("g")
                    .title(Decimal.trimmed(inOrder.get(i).cost(), 1) + " pieces, level "
                            + inOrder.get(i).evening().level());
            svg.add(
                    "rect",
                    "x",
                    x,
                    "y",
                    FLOOR - high,
                    "width",
                    BAR,
                    "height",
                    Math.max(1, high),
                    "class",
                    "fill-water");
            svg.text(
                    String.valueOf(inOrder.get(i).evening().level()),
                    "x",
                    x + BAR / 2,
                    "y",
                    FLOOR + 14,
                    "text-anchor",
                    "middle",
                    "class",
                    "measure");
            svg.close("g");
        }
        return svg.done();
    }

    private static List<Played> reversed(List<Played> played) {
        List<Played> all = new ArrayList<>(played);
        Collections.reverse(all);
        return all;
    }
}
