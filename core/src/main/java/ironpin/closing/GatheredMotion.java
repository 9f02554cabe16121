package ironpin.closing;

import ironpin.wrapper.Fold;
import java.util.List;

/**
 * A disc gathered to a point above. Its meridians keep their length and take, when shut, the profile of the purse of greatest
 * volume, {@code sin ψ = x²/a²} (see {@link ironpin.wrapper.FillRoom}); what the rim has too much is laid into pleats.
 */
final class GatheredMotion implements Motion {
    private static final int RINGS = 17;
    private static final int SAMPLES = 6;
    private static final int SMOOTH_COLUMNS = 60;
    private static final int TABLE = 240;
    private static final double QUARTER_LEMNISCATE = 1.311028777146059905;
    private static final double NECK = 2.2;
    private static final double LAYER = 0.8;
    private static final double CUP = 0.42;
    private static final double DRAWN_FROM = 0.68;

    private final Fold fold;
    private final double radius;
    private final double seam;
    private final double[] tangent = new double[TABLE + 1];

    GatheredMotion(Fold fold, double radius) {
        this.fold = fold;
        this.radius = radius;
        seam = Math.max(fold.seamMm(), fold == Fold.CLOSED_BALL ? 0 : 6);
        profile();
    }

    private double meridian() {
        return radius - seam;
    }

    private void profile() {
        double r = meridian();
        double a = r / 2 / QUARTER_LEMNISCATE;
        double x = 0;
        int middle = TABLE / 2;
        double step = r / TABLE;
        for (int i = 0; i <= middle; i++) {
            tangent[i] = Math.asin(Math.min(1, x * x / (a * a)));
            x += Math.cos(tangent[i]) * step;
        }
        for (int i = middle + 1; i <= TABLE; i++) {
            tangent[i] = Math.PI - tangent[TABLE - i];
        }
    }

    private boolean pleats() {
        return fold.pleats() > 0;
    }

    private int columns() {
        return pleats() ? fold.pleats() * SAMPLES + 1 : SMOOTH_COLUMNS + 1;
    }

    /** Everything that is done at a moment. */
    private record Done(
            double dropped, double cup, double round, double neck, double twist, double over, double flat) {}

    @Override
    public Frame at(int step, double done) {
        double t = Ease.smooth(done);
        if (fold == Fold.PURSE) {
            return frame(
                    switch (step) {
                        case 0 -> new Done(t, CUP * 0.6 * t, 0, 1, 0, 0, 0);
                        case 1 -> new Done(1, Ease.mix(CUP * 0.6, CUP, t), 0.25 * done, 1, 0, 0, 0);
                        case 2 -> new Done(1, CUP, Ease.mix(0.25, 1, done), 1, 0, 0, 0);
                        default -> new Done(1, CUP, 1, 1, t, 0, 0);
                    });
        }
        boolean spare = fold.spare() > 0;
        return frame(
                switch (step) {
                    case 0 -> new Done(t, CUP * t, 0, spare ? 1 : 0.4, 0, 0, 0);
                    case 1 -> new Done(1, CUP, done, spare ? 1 : 0.4, 0, 0, 0);
                    case 2 -> new Done(1, CUP, 1, spare ? 1 - t : 0.4 * (1 - t), spare ? 0 : t, 0, 0);
                    default -> new Done(1, CUP, 1, 0, spare ? 0 : 1, Math.min(1, 2 * t), Math.max(0, 2 * t - 1));
                });
    }

    private Frame frame(Done now) {
        Patch skin = Patch.of(
                Patch.Tone.SKIN, RINGS, columns(), (row, column) -> point(now, row * radius, 2 * Math.PI * column));
        Frame frame = new Frame(List.of(skin, filling(now)));
        double high = top(now);
        if (now.over() > 0) {
            double turn = now.over() * Math.PI;
            double middle = high / 2;
            frame = frame.moved((x, y, z) -> {
                double up = z - middle;
                return new double[] {
                    x, y * Math.cos(turn) - up * Math.sin(turn), middle + y * Math.sin(turn) + up * Math.cos(turn)
                };
            });
        }
        if (now.flat() > 0) {
            // Pressed flat its volume stays: what it loses in height it gains in area.
            double height = Ease.mix(1, 0.24, now.flat());
            double wide = 1 / Math.sqrt(height);
            frame = frame.grounded().moved((x, y, z) -> new double[] {x * wide, y * wide, z * height});
        }
        return frame.grounded();
    }

    private double top(Done now) {
        double[] end = profile(meridian(), shut(now, 0));
        return end[1];
    }

    /** How far the meridian at this angle is drawn up. */
    private double shut(Done now, double angle) {
        double on = angle / (2 * Math.PI);
        // The first pleat holds what lies beside it on the other side, too.
        double beside = Ease.smooth((on - 0.88) / 0.12) * Ease.smooth(now.round() / 0.15);
        double gathered = now.round() >= 1 ? 1 : Math.max(beside, Ease.smooth((now.round() * 1.15 - on) / 0.15));
        return Ease.mix(now.cup(), 1, fold == Fold.CLOSED_BALL ? Ease.smooth(now.round()) : gathered);
    }

    /** Out and up along a meridian. @param shut how much of its bend it has */
    double[] profile(double sigma, double shut) {
        double r = meridian();
        double step = r / TABLE;
        double x = 0;
        double z = 0;
        int whole = (int) Math.min(TABLE, Math.floor(sigma / step));
        for (int i = 0; i < whole; i++) {
            x += Math.cos(shut * tangent[i]) * step;
            z += Math.sin(shut * tangent[i]) * step;
        }
        double rest = Math.min(sigma, r) - whole * step;
        double last = shut * tangent[Math.min(TABLE, whole)];
        return new double[] {x + rest * Math.cos(last), z + rest * Math.sin(last)};
    }

    /** The opening at the top; a ball that is drawn shut has none in the end. */
    private double neck(Done now) {
        return fold == Fold.CLOSED_BALL ? NECK * (1 - now.twist()) : NECK;
    }

    private double[] point(Done now, double dough, double material) {
        // A ball that is drawn shut begins as a smaller, thicker disc: the thumb draws it up.
        double sigma = fold == Fold.CLOSED_BALL ? dough * Ease.mix(DRAWN_FROM, 1, Ease.smooth(now.round())) : dough;
        double shut = shut(now, Math.min(material, 2 * Math.PI - 1e-6));
        double r = meridian();
        double[] at = profile(Math.min(sigma, r), shut);
        double out = Math.max(sigma < 1e-9 ? 0 : Math.min(neck(now), sigma), at[0]);
        double up = at[1];
        double over = sigma - r;
        if (over > 0) {
            double rise = Ease.mix(0, Math.PI / 2, Ease.smooth(shut * 1.2 - 0.2));
            double length = over * Ease.mix(1, now.neck(), Ease.smooth(2 * shut - 1));
            out += length * Math.cos(rise) * (1 - Ease.smooth(2 * shut - 1) * 0.6);
            up += length * Math.sin(rise);
        }
        double angle = material;
        double layer = 0;
        if (pleats() && sigma > 1e-9) {
            double width = 2 * Math.PI / fold.pleats();
            double ratio = Math.min(1, out / Math.min(sigma, r));
            double gathers = Ease.smooth((sigma / radius - 0.3) / 0.4) * Ease.smooth((shut - CUP) / (1 - CUP));
            Pleat pleat = new Pleat(width, width * Ease.mix(1, ratio, gathers));
            int which = (int) Math.min(fold.pleats() - 1, Math.floor(material / width + 1e-9));
            double t = material - which * width;
            double laid = pleat.place(t) / pleat.advance() * width;
            angle = which * width + Ease.mix(t, laid, gathers);
            layer = pleat.layer(t) * gathers;
        }
        if (over > 0) {
            angle += now.twist() * 2.2 * over / Math.max(1, seam);
        }
        out += layer * LAYER;
        return new double[] {out * Math.cos(angle - Math.PI / 2), out * Math.sin(angle - Math.PI / 2), up};
    }

    private Patch filling(Done now) {
        double r = meridian();
        double most = r / 2 / QUARTER_LEMNISCATE;
        double all = Ease.smooth(now.round());
        double heap = 0.36 * radius;
        double high = Ease.mix(0.5 * heap, profile(r, 1)[1] / 2, all);
        Patch at = Heap.of(
                new double[] {
                    Ease.mix(heap, 0.7 * most, all),
                    Ease.mix(heap, 0.7 * most, all),
                    Ease.mix(0.5 * heap, 0.5 * most * (1 - 0.9 * now.flat()), all)
                },
                high + 0.5);
        double lift = (1 - now.dropped()) * 0.8 * radius;
        return at.moved((x, y, z) -> new double[] {x, y, z + lift});
    }
}
