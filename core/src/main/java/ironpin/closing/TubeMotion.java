package ironpin.closing;

import ironpin.wrapper.Fold;
import java.util.List;

/**
 * A wrapper folded over. Every strip across the fold keeps its length: it bends into an arc on either side until both arcs meet
 * above, as in the bound of {@link ironpin.wrapper.FillRoom}; how far they stand apart is how full the piece is.
 */
final class TubeMotion implements Motion {
    private static final int COLUMNS = 73;
    private static final int SIDE = 9;
    private static final int ROWS = 2 * SIDE + 1;

    /** Rows of a side that belong to the seam. */
    private static final int SEAM_ROWS = 2;

    private static final double PLEATED_FROM = -0.86;
    private static final double INTAKE = 0.42;
    private static final double LAYER = 1.3;
    private static final double SKIN = 0.5;

    private final Fold fold;
    private final double half;
    private final double seam;
    private final double lens;

    TubeMotion(Fold fold, double wideMm, double full) {
        this.fold = fold;
        half = fold == Fold.TRIANGLE ? wideMm / Math.sqrt(2) : wideMm / 2;
        seam = fold.seamMm();
        lens = fold == Fold.LEAF ? Math.max(1.15, lensFor(full)) : lensFor(full);
    }

    /** Half angle of the lens whose area is this share of the circle's of the same girth: π(2α − sin 2α)/(4α²). */
    static double lensFor(double share) {
        double low = 0.01;
        double high = Math.PI / 2;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            double area = Math.PI * (2 * middle - Math.sin(2 * middle)) / (4 * middle * middle);
            if (area < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** What is done to the piece at a moment; everything 0 to 1. */
    private static final class Done {
        /** How far it is folded over before anything is pressed. */
        double over;
        /** Closing from here... */
        Spread pressed = u -> 0;

        double dropped = 1;
        double pleats;
        double bend;
        double tuck;
        double squeeze;
        double lie;
        double crimp;
        double curl;
        double twist;
        double join;
        double nearTip;
        double settle;
    }

    /** Something that differs along the seam. */
    private interface Spread {
        double at(double u);
    }

    @Override
    public Frame at(int step, double done) {
        Done now = new Done();
        double t = Ease.smooth(done);
        now.dropped = step == 0 ? t : 1;
        switch (fold) {
            case HALF_MOON -> {
                now.over = step < 1 ? 0 : 0.8 * (step == 1 ? t : 1);
                double pressed = step < 2 ? 0 : step == 2 ? t : 1;
                now.pressed = fromMiddle(pressed);
                now.settle = step == 3 ? t : 0;
            }
            case PRESSED_CORNERS -> {
                now.over = step < 1 ? 0 : step == 1 ? t : 1;
                now.pressed = fromMiddle(now.over);
                now.tuck = step < 2 ? 0 : step == 2 ? t : 1;
                now.squeeze = step == 3 ? t : 0;
            }
            case CRIMPED_EDGE -> {
                now.over = step < 1 ? 0 : step == 1 ? t : 1;
                now.pressed = fromMiddle(now.over);
                now.lie = step < 2 ? 0 : step == 2 ? t : 1;
                now.crimp = step == 3 ? done : 0;
            }
            case PLEATED_CRESCENT -> {
                now.over = 0.72 * (step == 0 ? t : 1);
                double shut = step == 0
                        ? 0.06 * t
                        : step == 1
                                ? Ease.mix(0.06, 0.22, t)
                                : step == 2 ? Ease.mix(0.22, 0.94, done) : Ease.mix(0.94, 1.1, t);
                now.pressed = fromLeft(shut);
                now.pleats = step == 0
                        ? 0
                        : step == 1 ? t / fold.pleats() : step == 2 ? Ease.mix(1.0 / fold.pleats(), 1, done) : 1;
                now.bend = now.pleats;
                now.settle = step == 3 ? t : 0;
            }
            case CENTRE_OUT -> {
                now.over = 0.8 * (step == 0 ? t : 1);
                now.pressed = step == 0
                        ? u -> t * Ease.smooth((0.15 - Math.abs(u)) / 0.15)
                        : centreOut(step == 1 ? done : 1, step < 2 ? 0 : step == 2 ? done : 1, step == 3 ? t : 0);
                now.pleats = step == 0 ? 0 : step == 1 ? done / 2 : step == 2 ? 0.5 + done / 2 : 1;
                now.settle = step == 3 ? t : 0;
            }
            case ROPE_EDGE -> {
                now.over = 0.85 * (step == 0 ? t : 1);
                now.pressed = fromMiddle(step == 0 ? 0 : step == 1 ? t : 1);
                now.curl = step < 2 ? 0 : step == 2 ? done / 4 : Ease.mix(0.25, 1, done);
            }
            case LEAF -> {
                now.over = 0.6 * (step == 0 ? t : 1);
                now.nearTip = step == 0 ? t : 1;
                double shut = step == 0 ? 0 : step == 1 ? 0.3 * done : step == 2 ? Ease.mix(0.3, 1, done) : 1.1;
                now.pressed = fromLeft(shut);
                now.pleats = Math.min(1, shut);
                now.twist = step == 3 ? t : 0;
            }
            case JOINED_CORNERS, TRIANGLE -> {
                now.over = step < 1 ? 0 : 0.8 * (step == 1 ? Math.min(1, 2 * t) : 1);
                now.pressed = fromMiddle(step < 1 ? 0 : step == 1 ? Ease.smooth(2 * done - 1) : 1);
                now.join = step == 2 ? t : 0;
            }
            default -> throw new IllegalArgumentException(fold + " is no tube");
        }
        return frame(now);
    }

    private static Spread fromMiddle(double t) {
        return u -> Ease.smooth((t * 1.3 - Math.abs(u)) / 0.3);
    }

    private static Spread fromLeft(double t) {
        return u -> Ease.smooth((t * 1.15 - (u + 1) / 2) / 0.15);
    }

    private static Spread centreOut(double right, double left, double ends) {
        return u -> {
            double reach = u >= 0 ? right : left;
            return Math.max(Ease.smooth((0.15 + reach * 0.85 - Math.abs(u)) / 0.15), ends);
        };
    }

    private Frame frame(Done now) {
        Patch skin = Patch.of(Patch.Tone.SKIN, ROWS, COLUMNS, (row, column) -> point(now, row, column));
        double shut = Ease.mix(now.over, 1, now.pressed.at(0));
        Frame frame = new Frame(List.of(skin, filling(now, shut)));
        if (now.join > 0) {
            frame = frame.moved((x, y, z) -> joined(now.join, x, y, z));
        }
        if (now.bend > 0) {
            frame = frame.moved((x, y, z) -> bent(now.bend * 0.9, x, y, z));
        }
        if (now.lie > 0) {
            double turn = now.lie * Math.PI * 0.42;
            frame = frame.moved((x, y, z) ->
                    new double[] {x, y * Math.cos(turn) + z * Math.sin(turn), -y * Math.sin(turn) + z * Math.cos(turn)
                    });
        }
        if (fold == Fold.LEAF) {
            frame = frame.moved((x, y, z) -> new double[] {-y, x, z});
        }
        double seat = now.settle * seat();
        return frame.grounded().moved((x, y, z) -> new double[] {x, y, Math.max(0, z - seat)});
    }

    /** How much of the crease below is pressed into a seat when the piece is set down. */
    private double seat() {
        return fold == Fold.HALF_MOON ? 0 : 0.06 * half;
    }

    private double[] point(Done now, double row, double column) {
        double side = 2 * row - 1;
        double u = 2 * column - 1;
        int place = (int) Math.round(Math.abs(side) * SIDE);
        double layer = 0;
        double rim = Ease.smooth((place - SIDE * 0.4) / (SIDE * 0.45));
        double seen = u;
        if (fold.pleats() > 0 && fold != Fold.ROPE_EDGE) {
            double[] pleated = pleated(now, u, side);
            double body = u * (1 - 0.16 * now.pleats);
            seen = Ease.mix(body, pleated[0], rim);
            layer = pleated[1] * rim;
        }
        double pressed = now.pressed.at(u);
        double shut = Ease.mix(now.over, 1, pressed);
        double h = Math.max(1e-3, strip(u));
        double s = Math.min(seam, 0.6 * h);
        double body = h - s;
        int bodyRows = SIDE - SEAM_ROWS;
        double sigma = place <= bodyRows ? body * place / bodyRows : body + s * (place - bodyRows) / SEAM_ROWS;
        double[] yz = section(shut, body, sigma, now, u);
        double sign = side < 0 ? -1 : 1;
        double thick = SKIN * shut * (1 - rim);
        double y = sign * (yz[0] + thick) + curled(now, u, sigma - body, shut)[0];
        double z = yz[1] + curled(now, u, sigma - body, shut)[1];
        y += sign * layer * LAYER;
        double x = along(seen);
        return corners(now, x, y, z);
    }

    /** Place along the seam and layers there, once the rim is laid into pleats. */
    private double[] pleated(Done now, double u, double side) {
        boolean both = fold.pleated() == 1;
        if (!both && side > 0) {
            return new double[] {u * (1 - INTAKE * 0.86 * now.pleats), 0};
        }
        int count = both ? fold.pleats() / 2 : fold.pleats();
        double width = -2 * PLEATED_FROM / count;
        boolean out = fold == Fold.CENTRE_OUT;
        if (out) {
            double sign = u < 0 ? -1 : 1;
            int each = count / 2;
            double wide = -PLEATED_FROM / each;
            double at = Math.abs(u);
            double place = 0;
            double layer = 0;
            for (int i = 0; i < each; i++) {
                double done = sign > 0 ? Ease.turn(2 * now.pleats, i, each) : Ease.turn(2 * now.pleats - 1, i, each);
                Pleat pleat = new Pleat(wide, wide * (1 - INTAKE * done));
                double t = Math.max(0, Math.min(wide, at - i * wide));
                // Folded towards the middle: seen from the other end.
                place += pleat.advance() - pleat.place(wide - t);
                if (t > 0 && t < wide) {
                    layer = pleat.layer(wide - t) * done;
                }
            }
            place += Math.max(0, at - each * wide);
            return new double[] {sign * place, layer};
        }
        // The pleats of the two sides of a leaf stand between one another.
        double first = PLEATED_FROM + (both && side > 0 ? width / 2 : 0);
        double place = first * (1 - INTAKE * now.pleats) + Math.min(0, u - first);
        double layer = 0;
        for (int i = 0; i < count; i++) {
            double done = Ease.turn(now.pleats, i, count);
            Pleat pleat = new Pleat(width, width * (1 - INTAKE * done));
            double t = Math.max(0, Math.min(width, u - first - i * width));
            place += pleat.place(t);
            if (t > 0 && t < width) {
                layer = pleat.layer(t) * done;
            }
        }
        place += Math.max(0, u - first - count * width);
        return new double[] {place, layer};
    }

    /** Where a place of the seam lies along the fold. */
    private double along(double u) {
        return fold == Fold.TRIANGLE ? half * u : half * Math.sin(u * Math.PI / 2);
    }

    /** Half the length of the strip across the fold there. */
    private double strip(double u) {
        return fold == Fold.TRIANGLE ? half * (1 - Math.abs(u)) : half * Math.cos(u * Math.PI / 2);
    }

    /** Out and up along a strip that is folded over so far. */
    private double[] section(double shut, double body, double sigma, Done now, double u) {
        double from = (1 - shut) * Math.PI / 2 + shut * lens;
        double to = (1 - shut) * Math.PI / 2 - shut * lens;
        double k = (to - from) / body;
        double on = Math.min(sigma, body);
        double y;
        double z;
        if (Math.abs(to - from) < 1e-6) {
            y = on * Math.sin(from);
            z = on * Math.cos(from);
        } else {
            y = (Math.cos(from) - Math.cos(from + k * on)) / k;
            z = (Math.sin(from + k * on) - Math.sin(from)) / k;
        }
        double over = Math.max(0, sigma - body);
        if (over > 0 && now.curl == 0 && now.crimp == 0) {
            double up = (1 - shut) * Math.PI / 2;
            y += over * Math.sin(up);
            z += over * Math.cos(up);
        } else if (over > 0 && now.crimp > 0) {
            double tine = 0.5 * Ease.smooth((now.crimp * 1.2 - (u + 1) / 2) / 0.2) * Math.cos(24 * Math.PI * u);
            y += tine;
            z += over;
        }
        return new double[] {y, z};
    }

    /** The seam of a rope edge: turned over towards the cook, bit by bit. */
    private double[] curled(Done now, double u, double over, double shut) {
        if (over <= 0 || now.curl == 0) {
            return new double[] {0, 0};
        }
        double gone = Ease.smooth((now.curl * 1.1 - (u + 1) / 2) / 0.1);
        double wave = 0.55 * gone * Math.sin(fold.pleats() * Math.PI * u);
        double angle = gone * 0.78 * Math.PI + wave;
        double up = (1 - shut) * Math.PI / 2;
        return new double[] {-over * Math.sin(angle + up), over * Math.cos(angle + up) + gone * 0.8};
    }

    private double[] corners(Done now, double x, double y, double z) {
        if (now.nearTip > 0) {
            double from = -0.66 * half;
            if (x < from) {
                double out = from - x;
                double turn = now.nearTip * Math.PI * 0.75;
                return new double[] {from - out * Math.cos(turn), y, z + out * Math.sin(turn)};
            }
        }
        if (now.twist > 0) {
            double from = 0.62 * half;
            if (x > from) {
                double turn = now.twist * 2.6 * (x - from) / (half - from);
                double narrow = 1 - 0.5 * now.twist * (x - from) / (half - from);
                double middle = 0.1 * half;
                double up = z - middle;
                return new double[] {
                    x,
                    narrow * (y * Math.cos(turn) - up * Math.sin(turn)),
                    middle + narrow * (y * Math.sin(turn) + up * Math.cos(turn))
                };
            }
        }
        if (now.tuck > 0) {
            double from = 0.68 * half;
            double out = Math.abs(x) - from;
            if (out > 0) {
                // The corner goes in between the layers, like a gusset.
                x = Math.signum(x) * (from + out * (1 - 1.5 * now.tuck));
                y *= 1 - 0.5 * now.tuck;
            }
            return new double[] {x * (1 - 0.14 * now.squeeze), y * (1 + 0.5 * now.squeeze), z * (1 - 0.1 * now.squeeze)
            };
        }
        return new double[] {x, y, z};
    }

    /** Bent in its plan, the ends away from the cook: what is pleated lies outside. */
    private double[] bent(double angle, double x, double y, double z) {
        double radius = half / angle;
        double turn = x / radius;
        double r = radius - y;
        return new double[] {r * Math.sin(turn), radius - r * Math.cos(turn), z};
    }

    /** The far corners of a triangle brought together on the cook's side. */
    private double[] joined(double done, double x, double y, double z) {
        double angle = done * 3.3;
        double radius = half / angle;
        double turn = x / radius;
        double r = radius + y;
        // One corner passes over the other.
        double over = done * Ease.smooth(Math.abs(x) / half * 2 - 1) * Math.signum(x);
        return new double[] {r * Math.sin(turn), r * Math.cos(turn) - radius, z + Math.max(0, 2.2 * over)};
    }

    private Patch filling(Done now, double shut) {
        double body = half - Math.min(seam, 0.6 * half);
        double wide = body * (1 - Math.cos(lens)) / (2 * lens);
        double high = body * Math.sin(lens) / lens;
        double heap = (fold == Fold.TRIANGLE ? 0.26 : 0.42) * half;
        double deep = fold == Fold.TRIANGLE ? 0.5 : 1;
        double middle = Ease.mix(0.3 * heap, 0.5 * deep * high, shut);
        double[] across = {
            Ease.mix(heap, deep * 0.46 * half * (1 - 0.16 * now.pleats), shut),
            Ease.mix(heap, deep * 0.58 * wide, shut),
            Ease.mix(0.5 * heap, deep * 0.28 * high, shut)
        };
        Patch at = Heap.of(across, middle);
        double lift = (1 - now.dropped) * 0.8 * half;
        return at.moved((x, y, z) -> new double[] {x, y, z + lift});
    }
}
