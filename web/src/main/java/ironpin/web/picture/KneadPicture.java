package ironpin.web.picture;

import ironpin.dough.Cue;
import ironpin.dough.RestPlan;
import ironpin.quantity.Sentence;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.List;

/** Kneading and resting as a strip, and the signs to look for, drawn. Long steps are drawn shorter than they are. */
public final class KneadPicture {
    private static final double WIDTH = 680;
    private static final double GAP = 3;
    private static final double LEAST = 52;

    private KneadPicture() {}

    /** The strip of steps with the cue that ends each. */
    public static Sentence of(RestPlan plan) {
        List<RestPlan.Step> steps = plan.steps();
        StringBuilder said = new StringBuilder();
        steps.forEach(step -> said.append(step.kind().label())
                .append(' ')
                .append(Span.of(step.time()))
                .append(step.cue().map(cue -> " until it " + until(cue)).orElse(""))
                .append("; "));
        boolean cues = steps.stream().anyMatch(step -> step.cue().isPresent());
        Svg svg = Svg.picture("knead-picture max-md:min-w-300", WIDTH, cues ? 132 : 62, Sentence.of(said.toString()));
        double all = steps.stream().mapToDouble(step -> weight(step.time())).sum();
        double free = WIDTH - steps.size() * (LEAST + GAP);
        double x = 0;
        for (RestPlan.Step step : steps) {
            double width = LEAST + free * weight(step.time()) / all;
            svg.add("rect", "x", x, "y", 20, "width", width, "height", 20, "rx", 4, "class", tone(step.kind()));
            svg.text(Span.of(step.time()), "x", x + 2, "y", 14, "class", "measure");
            svg.text(step.kind().label(), "x", x + 2, "y", 56, "class", "quiet-small");
            double end = x + width;
            step.cue().ifPresent(cue -> cue(svg, cue, end));
            x += width + GAP;
        }
        return svg.done();
    }

    private static String until(Cue cue) {
        return cue == Cue.SMOOTH ? "is smooth" : cue.label();
    }

    /** A night in the fridge may not push ten minutes of kneading off the page. */
    private static double weight(Duration time) {
        return Math.sqrt(Math.min(time.toMinutes(), 120));
    }

    private static String tone(RestPlan.Kind kind) {
        return switch (kind) {
            case KNEAD, FOLD -> "fill-ink";
            case REST, WARM_UP -> "dough-warm";
            case FRIDGE -> "fill-water";
        };
    }

    private static void cue(Svg svg, Cue cue, double end) {
        double x = Math.max(28, end - 30);
        svg.add("path", "d", "M" + Svg.number(end) + " 42 V62", "class", "line-ink");
        svg.open("g", "transform", "translate(" + Svg.number(x) + " 66)");
        switch (cue) {
            case SMOOTH -> {
                svg.add("ellipse", "cx", 0, "cy", 22, "rx", 26, "ry", 18, "class", "dough-warm");
                svg.add("path", "d", "M-16 15 Q-8 6 6 8", "class", "line-ink");
            }
            case SPRINGS_BACK -> {
                svg.add(
                        "path",
                        "class",
                        "dough-warm",
                        "d",
                        "M-26 24 Q-26 6 -9 6 Q0 22 9 6 Q26 6 26 24 Q22 40 0 40 Q-22 40 -26 24 Z");
                svg.add("path", "d", "M-4 -4 V10 Q0 16 4 10 V-4", "class", "line-ink");
                svg.add("path", "d", "M16 2 q4 -6 8 0 m-2 -3 l2 3 l-4 1", "class", "fill-none stroke-good stroke-2");
            }
            case ROLLS_OUT -> {
                svg.add("ellipse", "cx", 0, "cy", 26, "rx", 27, "ry", 12, "class", "dough-warm");
                svg.add("ellipse", "cx", 0, "cy", 26, "rx", 29, "ry", 14, "class", Tones.GHOST);
                svg.add("path", "d", "M-24 12 L20 2 M-29 13 l-3 1 M25 1 l3 -1", "class", "stroke-ink stroke-3");
            }
        }
        svg.close("g");
        svg.text(
                cue.label(),
                "x",
                Math.min(end, WIDTH - 4),
                "y",
                126,
                "text-anchor",
                anchor(end),
                "class",
                "quiet-small");
    }

    private static String anchor(double end) {
        return end < 110 ? "middle" : "end";
    }
}
