package ironpin.web.picture;

import ironpin.cook.Course;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.heat.HeatRun;
import ironpin.plan.InsidePiece;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A round over time: middle, whole and skin of a piece and what it stands in, with the safe middle as a line and how far uneven pieces are
 * apart; under it the spells, whose borders are dragged.
 */
public final class RoundPicture {
    private static final double WIDTH = 680;
    private static final double HEIGHT = 330;
    private static final double LEFT = 46;
    private static final double RIGHT = 596;
    private static final double TOP = 12;
    private static final double BOTTOM = 232;
    private static final double STRIP = 262;
    private static final double STRIP_HIGH = 34;
    private static final double HOTTEST = 105;
    private static final int POINTS = 150;

    /** What an act's words need beside their handle. */
    private static final double ACT_ROOM = 52;

    /** How much more than the spells and the wait for the safe middle is shown. */
    private static final double ROOM = 1.12;

    private final InsidePiece inside;
    private final HeatRun run;
    private final double seconds;
    private final double coldest;
    private final double hottest;

    private RoundPicture(InsidePiece inside, double seconds) {
        this.inside = inside;
        this.run = inside.course().run();
        this.seconds = seconds;
        coldest = Math.min(0, Math.floor(run.core()[0] / 10) * 10);
        double most = HOTTEST;
        for (int i = 0; i < run.sample(Duration.ofSeconds(Math.round(seconds))); i++) {
            most = Math.max(most, run.around()[i]);
        }
        hottest = Math.ceil(most / 10) * 10 - 5 + (most > HOTTEST ? 10 : 0);
    }

    /** How many seconds are shown. */
    public static double shown(InsidePiece inside) {
        double end = inside.course().total().toSeconds();
        double safe = inside.most().map(Duration::toSeconds).orElse(0L);
        double all = inside.course().run().every() * (inside.course().run().samples() - 1);
        return Math.min(all, Math.ceil(Math.max(end, safe) * ROOM / 30) * 30);
    }

    /** @param seconds that are shown, so that the scale stays while a border is dragged */
    public static Sentence of(InsidePiece inside, double seconds) {
        return new RoundPicture(inside, Math.max(60, seconds)).draw();
    }

    private Sentence draw() {
        Course course = inside.course();
        String time = inside.usual().map(InsidePiece::up).map(Span::of).orElse("no time that was watched");
        Svg svg = Svg.dragged(
                "round-picture max-lg:max-h-180",
                WIDTH,
                HEIGHT,
                Sentence.of(
                        "Spells of ",
                        Span.of(course.total()),
                        "; the middle of a piece reaches ",
                        Quantity.celsius(inside.safe().celsius()),
                        " after ",
                        time,
                        " (est.)."),
                new Svg.Scale(0, seconds, LEFT, RIGHT));
        axes(svg);
        band(svg);
        line(svg, run.around(), "fill-none stroke-surround stroke-2 [stroke-dasharray:8_3]");
        line(svg, run.surface(), "fill-none stroke-ink stroke-[1.6]");
        line(svg, run.mean(), "fill-none stroke-ink stroke-[1.4] [stroke-dasharray:2_3]");
        line(svg, run.core(), "fill-none stroke-ink stroke-3");
        double safe = y(inside.safe().celsius());
        svg.add(
                "path",
                "d",
                "M" + LEFT + " " + Svg.number(safe) + " H" + RIGHT,
                "class",
                "stroke-stop stroke-[1.5] [stroke-dasharray:6_4]");
        svg.text(
                Sentence.of("safe ", Quantity.celsius(inside.safe().celsius())),
                "x",
                RIGHT + 6,
                "y",
                safe + 4,
                "class",
                "measure");
        labels(svg, safe);
        inside.usual().filter(at -> at.toSeconds() <= seconds).ifPresent(at -> {
            double x = x(at.toMillis() / 1_000.0);
            svg.add("circle", "cx", x, "cy", safe, "r", 5, "class", "fill-ink");
            boolean late = x > RIGHT - 120;
            svg.text(
                    Span.of(InsidePiece.up(at)) + " (est.)",
                    "x",
                    late ? x - 8 : x + 8,
                    "y",
                    safe + 18,
                    "text-anchor",
                    late ? "end" : "start",
                    "class",
                    "measure halo");
        });
        strip(svg, course.marks(), course.total());
        return svg.done();
    }

    private void axes(Svg svg) {
        double each = hottest > 130 ? 40 : 20;
        for (double celsius = Math.ceil(coldest / each) * each; celsius <= hottest; celsius += each) {
            double y = y(celsius);
            svg.add("path", "d", "M" + LEFT + " " + Svg.number(y) + " H" + RIGHT, "class", "stroke-hair");
            svg.text(
                    Quantity.celsius(celsius), "x", LEFT - 6, "y", y + 4, "text-anchor", "end", "class", "quiet-small");
        }
        double step = seconds > 3_000 ? 600 : seconds > 900 ? 300 : seconds > 480 ? 120 : 60;
        for (double at = 0; at <= seconds + 1; at += step) {
            svg.text(
                    Decimal.trimmed(at / 60, 0) + (at == 0 ? " min" : ""),
                    "x",
                    x(at),
                    "y",
                    BOTTOM + 18,
                    "text-anchor",
                    "middle",
                    "class",
                    "quiet-small");
        }
    }

    private void band(Svg svg) {
        Optional<Duration> from = inside.least();
        Optional<Duration> to = inside.most();
        if (from.isPresent() && to.isPresent() && from.get().toSeconds() < seconds) {
            double left = x(from.get().toMillis() / 1_000.0);
            double right = Math.min(RIGHT, x(to.get().toMillis() / 1_000.0));
            svg.open(
                            "rect",
                            "x",
                            left,
                            "y",
                            TOP,
                            "width",
                            right - left,
                            "height",
                            BOTTOM - TOP,
                            "class",
                            "fill-dough-warm opacity-35")
                    .title(inside.edge().band())
                    .close("rect");
        }
    }

    /** Names at the ends of the curves, pushed apart where they would stand on one another. */
    private void labels(Svg svg, double safe) {
        int last = run.sample(Duration.ofSeconds(Math.round(seconds)));
        double[] at = {
            y(Math.min(hottest, run.around()[last])), y(run.surface()[last]), y(run.mean()[last]), y(run.core()[last])
        };
        String[] names = {inVessel(), "skin", "whole", "middle"};
        double before = TOP - 12;
        List<Integer> fromTheTop = IntStream.range(0, at.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> at[i]))
                .toList();
        for (int i : fromTheTop) {
            double y = Math.max(at[i] + 4, before + 12);
            if (Math.abs(y - safe - 4) < 10) {
                y = safe + 16;
            }
            svg.text(names[i], "x", RIGHT + 6, "y", y, "class", "quiet-small");
            before = y;
        }
    }

    private String inVessel() {
        List<Course.Mark> marks = inside.course().marks();
        return switch (marks.get(marks.size() - 1).spell().fire()) {
            case BOIL -> "water";
            case STEAM -> "steam";
            case PAN -> "pan";
            case FRY -> "oil";
            case GRIDDLE -> "plate";
            case BAKE -> "broth";
            case REST -> "air";
        };
    }

    private void strip(Svg svg, List<Course.Mark> marks, Duration total) {
        for (int i = 0; i < marks.size(); i++) {
            Spell spell = marks.get(i).spell();
            double from = x(marks.get(i).from().toMillis() / 1_000.0);
            double to =
                    x(Math.min(seconds, marks.get(i).from().plus(spell.time()).toMillis() / 1_000.0));
            svg.add(
                    "rect",
                    "x",
                    from,
                    "y",
                    STRIP,
                    "width",
                    Math.max(0, to - from),
                    "height",
                    STRIP_HIGH,
                    "class",
                    tone(spell.fire()));
            if (to - from > 34) {
                svg.text(
                        name(spell, to - from),
                        "x",
                        from + 6,
                        "y",
                        STRIP + 15,
                        "class",
                        "text-[12.5px] font-semibold " + (spell.fire() == Fire.REST ? "fill-ink" : "fill-on-tone"));
                svg.text(Span.of(spell.time()), "x", from + 6, "y", STRIP + 29, "class", "text-[12px] fill-on-tone");
            }
            if (to - from > ACT_ROOM) {
                act(svg, spell, from);
            }
        }
        for (int i = 1; i <= marks.size(); i++) {
            double at =
                    i == marks.size() ? total.toSeconds() : marks.get(i).from().toMillis() / 1_000.0;
            handle(svg, i, x(Math.min(seconds, at)), i == marks.size());
        }
    }

    private static String tone(Fire fire) {
        return switch (fire) {
            case BOIL, BAKE -> "fill-water stroke-flour stroke-[1.5]";
            case STEAM -> "fill-steam stroke-flour stroke-[1.5]";
            case PAN, FRY -> "fill-dough-warm stroke-flour stroke-[1.5]";
            case GRIDDLE -> "fill-dough-pale stroke-flour stroke-[1.5]";
            case REST -> "fill-none stroke-hair stroke-[1.5]";
        };
    }

    private static String name(Spell spell, double wide) {
        String name =
                switch (spell.fire()) {
                    case BOIL -> spell.flame() == Flame.LOW ? "simmer" : "boil";
                    case STEAM -> spell.cold() ? "cold start" : "steam";
                    case PAN -> spell.pour().micrograms() > 0 ? "steam in pan" : "pan";
                    case FRY -> "fry";
                    case GRIDDLE -> "griddle";
                    case BAKE -> "bake";
                    case REST -> "rest";
                };
        String lid = spell.lid() && spell.fire() != Fire.STEAM ? name + ", lid" : name;
        return 6.6 * lid.length() < wide - 8 ? lid : 6.6 * name.length() < wide - 8 ? name : "";
    }

    /** What the cook does at the beginning of a spell, over the strip. */
    private static void act(Svg svg, Spell spell, double at) {
        Sentence done = spell.pour().micrograms() > 0
                ? Sentence.of("+", Quantity.grams(spell.pour().grams()))
                : spell.turn() ? Sentence.of("turn") : spell.fat() ? Sentence.of("fat") : Sentence.EMPTY;
        if (!done.isEmpty()) {
            svg.text(done, "x", at + 13, "y", STRIP + STRIP_HIGH + 15, "class", "text-[12px] fill-quiet");
        }
    }

    private static void handle(Svg svg, int mark, double x, boolean end) {
        svg.open("g", "class", "pin-handle", "data-mark", mark)
                .title(end ? "The end: drag it" : "Border of two spells: drag it")
                .add(
                        "path",
                        "d",
                        "M" + Svg.number(x) + " " + TOP + " V" + Svg.number(STRIP + STRIP_HIGH),
                        "class",
                        "stroke-ink stroke-1 [stroke-dasharray:2_4]")
                .add(
                        "rect",
                        "x",
                        x - 16,
                        "y",
                        STRIP - 6,
                        "width",
                        32,
                        "height",
                        STRIP_HIGH + 30,
                        "class",
                        "fill-transparent")
                .add(
                        "circle",
                        "cx",
                        x,
                        "cy",
                        STRIP + STRIP_HIGH + 10,
                        "r",
                        8,
                        "class",
                        end ? "fill-ink stroke-ink stroke-2" : "fill-flour stroke-ink stroke-2")
                .close("g");
    }

    private double x(double at) {
        return LEFT + (RIGHT - LEFT) * Math.min(1, at / seconds);
    }

    private double y(double celsius) {
        double held = Math.max(coldest, Math.min(hottest, celsius));
        return BOTTOM - (BOTTOM - TOP) * (held - coldest) / (hottest - coldest);
    }

    private void line(Svg svg, double[] curve, String cssClass) {
        int samples = run.sample(Duration.ofSeconds(Math.round(seconds))) + 1;
        StringBuilder path = new StringBuilder();
        int each = Math.max(1, samples / POINTS);
        for (int i = 0; i < samples; i += each) {
            path.append(i == 0 ? "M" : " L")
                    .append(Svg.number(x(run.every() * i)))
                    .append(' ')
                    .append(Svg.number(y(curve[i])));
        }
        svg.add("path", "d", path.toString(), "class", cssClass);
    }
}
