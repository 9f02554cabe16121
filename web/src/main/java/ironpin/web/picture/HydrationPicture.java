package ironpin.web.picture;

import ironpin.batch.FlourShare;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughLine;
import ironpin.dough.HydrationTarget;
import ironpin.dough.Scald;
import ironpin.pantry.FlourKind;
import ironpin.plan.LotPlan;
import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import java.util.Locale;

/**
 * The hydration scale: the wedge of wetter and wetter dough, the band to aim for, and the pin where this dough stands, which
 * can be dragged. Below it, what moved the band, and what egg and dairy bring to the water.
 */
public final class HydrationPicture {
    private static final double WIDTH = 680;
    private static final double LEFT = 30;
    private static final double RIGHT = 650;
    private static final double BASE = 150;
    private static final double ROW = 23;
    private static final double FIRST_ROW = 194;
    /** Text that starts further right than this would run out of the picture. */
    private static final double FITS = 0.55;

    private static final double WORTH_SHOWING = 0.05;

    private final LotPlan lot;
    private final HydrationTarget target;
    private final double now;
    private final Scale scale;
    private final Svg svg;
    private double row = FIRST_ROW;
    private double moved;

    private HydrationPicture(LotPlan lot) {
        this.lot = lot;
        this.target = lot.hydration();
        this.now = lot.dough().formula().effectiveHydration().percent();
        Band<Percentage> band = target.band();
        double step = band.high().percent() > 90 ? 20 : 4;
        double poured = lot.dough().formula().hydration().percent();
        double least = Math.min(Math.min(now, poured), band.low().percent());
        double low = Math.max(0, Math.floor(least / step) * step - step);
        double high = Math.ceil(Math.max(now, band.high().percent()) / step) * step + step;
        this.scale = new Scale(low, high, step);
        this.svg = new Svg();
    }

    /** The scale for one lot's dough. */
    public static Sentence of(LotPlan lot) {
        return new HydrationPicture(lot).draw();
    }

    private record Scale(double low, double high, double step) {
        double x(double percent) {
            return LEFT + (RIGHT - LEFT) * (percent - low) / (high - low);
        }
    }

    private Sentence draw() {
        Band<Percentage> band = target.band();
        boolean inside = band.contains(Percentage.of(now));
        String range = Decimal.trimmed(band.low().percent(), 1) + "–"
                + Decimal.trimmed(band.high().percent(), 1) + " %";
        String said = "Effective hydration " + Decimal.trimmed(now, 1) + " %, " + (inside ? "inside" : "outside")
                + " the band of " + Decimal.trimmed(band.low().percent(), 1) + " to "
                + Decimal.trimmed(band.high().percent(), 1) + " %.";
        Svg rows = body(range, inside);
        double height = Math.max(200, row - ROW + 12);
        svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "class",
                "hydration-picture",
                "viewBox",
                "0 0 " + Svg.number(WIDTH) + " " + Svg.number(height),
                "role",
                "img",
                "aria-label",
                said,
                "data-low",
                scale.low(),
                "data-high",
                scale.high(),
                "data-left",
                LEFT / WIDTH,
                "data-right",
                RIGHT / WIDTH,
                "data-brought",
                now - lot.dough().formula().hydration().percent());
        return svg.done(rows);
    }

    private Svg body(String range, boolean inside) {
        Svg out = new Svg();
        Band<Percentage> band = target.band();
        wedge(out, "fill-flour-strand", LEFT, RIGHT);
        double a = scale.x(band.low().percent());
        double b = scale.x(band.high().percent());
        wedge(out, "fill-dough-warm", a, b);
        ticks(out);
        shifts(out);
        brought(out);
        scald(out);
        pin(out, scale.x(now), inside);
        out.text(
                range + " suits it",
                "x",
                (a + b) / 2,
                "y",
                BASE - 8,
                "text-anchor",
                "middle",
                "class",
                "text-[13px] fill-on-tone [paint-order:stroke] stroke-dough-warm stroke-6 max-md:text-[24px]");
        return out;
    }

    private static void wedge(Svg out, String cssClass, double from, double to) {
        out.add(
                "path",
                "class",
                cssClass,
                "d",
                "M" + Svg.number(from) + " " + BASE + " L" + Svg.number(from) + " " + Svg.number(top(from)) + " L"
                        + Svg.number(to) + " " + Svg.number(top(to)) + " L" + Svg.number(to) + " " + BASE + " Z");
    }

    private static double top(double x) {
        return BASE - 14 - 52 * (x - LEFT) / (RIGHT - LEFT);
    }

    private void ticks(Svg out) {
        double step = (scale.high() - scale.low()) / scale.step() > 12 ? scale.step() * 2 : scale.step();
        for (double percent = scale.low(); percent <= scale.high(); percent += step) {
            double x = scale.x(percent);
            out.add("path", "d", "M" + Svg.number(x) + " " + BASE + " v8", "class", "line-ink");
            out.text(
                    Decimal.trimmed(percent, 0),
                    "x",
                    x,
                    "y",
                    BASE + 24,
                    "text-anchor",
                    "middle",
                    "class",
                    "scale-tick");
        }
    }

    /** What moved the lower edge of the band from where the book has it, one arrow each. */
    private void shifts(Svg out) {
        moved = target.book().low().percent();
        shift(out, target.flourShift(), flourWords());
        shift(out, target.learned(), "learned for this flour (est.)");
        shift(out, target.methodShift(), "because it is " + lot.lot().method().done());
    }

    private String flourWords() {
        FlourShare main = lot.dough().flours().get(0);
        boolean whole =
                lot.dough().flours().stream().anyMatch(part -> part.flour().kind() == FlourKind.WHOLEMEAL);
        String flour = lot.dough().flours().size() > 1
                ? "for this blend"
                : "for " + Decimal.trimmed(main.flour().protein().percent(), 1) + " % protein";
        return whole ? flour + ", whole grain" : flour;
    }

    private void shift(Svg out, double points, String why) {
        if (Math.abs(points) < WORTH_SHOWING) {
            return;
        }
        double from = scale.x(moved);
        moved += points;
        double to = scale.x(moved);
        String back = points > 0 ? "-4" : "4";
        String forth = points > 0 ? "4" : "-4";
        out.add(
                "path",
                "d",
                "M" + Svg.number(from) + " " + row + " H" + Svg.number(to) + " m" + back + " -4 l" + forth + " 4 l"
                        + back + " 4",
                "class",
                "fill-none stroke-good stroke-2");
        note(out, Math.max(from, to) + 10, signed(points) + " " + why);
    }

    /** Water poured, and what else wets the flour, up to the pin. */
    private void brought(Svg out) {
        DoughFormula formula = lot.dough().formula();
        double at = formula.hydration().percent();
        if (now - at < WORTH_SHOWING) {
            return;
        }
        StringBuilder said = new StringBuilder("water " + Decimal.trimmed(at, 1));
        for (DoughLine line : formula.lines()) {
            double brings = line.share().percent() * line.addition().waterShare();
            if (line.addition() != DoughAddition.WATER && brings >= WORTH_SHOWING) {
                double from = scale.x(at);
                at += brings;
                out.add(
                        "rect",
                        "x",
                        from,
                        "y",
                        row - 5,
                        "width",
                        Math.max(1, scale.x(at) - from - 1),
                        "height",
                        9,
                        "class",
                        line.addition() == DoughAddition.EGG || line.addition() == DoughAddition.YOLK
                                ? "fill-poultry"
                                : "fill-water");
                said.append(" + ")
                        .append(line.addition().label().toLowerCase(Locale.ROOT))
                        .append(' ')
                        .append(Decimal.trimmed(brings, 1));
            }
        }
        if (scale.x(at) + 10 >= WIDTH * FITS) {
            row += ROW;
        }
        note(out, scale.x(at) + 10, said + " = " + Decimal.trimmed(now, 1) + " %");
    }

    private void scald(Svg out) {
        double share = Scald.share(lot.mixed());
        if (share < WORTH_SHOWING || !lot.dough().family().wheat()) {
            return;
        }
        note(
                out,
                LEFT,
                "scald " + Decimal.trimmed(share, 2) + " (est.) wants about "
                        + Decimal.trimmed(Scald.POINTS_FROM_NONE_TO_ALL * share, 1) + " points more than a cold dough");
    }

    private void note(Svg out, double x, String text) {
        boolean fits = x < WIDTH * FITS;
        out.text(
                text,
                "x",
                fits ? x : RIGHT,
                "y",
                row + 4,
                "text-anchor",
                fits ? "start" : "end",
                "class",
                "quiet-small halo");
        row += ROW;
    }

    private static String signed(double points) {
        return (points > 0 ? "+" : "−") + Decimal.trimmed(Math.abs(points), 1);
    }

    private void pin(Svg out, double x, boolean inside) {
        out.add("path", "d", "M" + Svg.number(x) + " 44 V156", "class", "stroke-ink stroke-3")
                .add("circle", "cx", x, "cy", 36, "r", 11, "class", "fill-ink")
                .add("circle", "cx", x, "cy", 36, "r", 26, "class", "pin-handle");
        boolean left = x > WIDTH * 0.6;
        out.text(
                Decimal.trimmed(now, 1) + " %",
                "x",
                left ? x - 20 : x + 20,
                "y",
                46,
                "text-anchor",
                left ? "end" : "start",
                "class",
                "big");
        out.text(
                inside ? "in the band" : "outside the band",
                "x",
                left ? x - 20 : x + 20,
                "y",
                66,
                "text-anchor",
                left ? "end" : "start",
                "class",
                inside ? "fill-good font-semibold" : "fill-stop font-semibold");
    }
}
