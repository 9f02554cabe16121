package ironpin.web.fold;

import ironpin.closing.Frame;
import ironpin.closing.Motion;
import ironpin.closing.Patch;
import ironpin.plan.LotPlan;
import ironpin.web.picture.Tones;
import ironpin.wrapper.Fold;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The moving picture of one fold: its surfaces at even moments of each step, as whole fiftieths of a millimetre, which the browser
 * draws and fills in between.
 *
 * @param fold which
 * @param wideMm width of the wrapper
 * @param fullPercent filling in percent of the geometric room
 * @param skinTone colour class of the skin
 * @param fillingTone colour class of the filling
 */
public record ClosingView(Fold fold, int wideMm, int fullPercent, String skinTone, String fillingTone) {
    /** Moments of a step that are handed out, its first one left out. */
    public static final int MOMENTS = 10;

    /** Units in a millimetre. */
    public static final int FINE = 50;

    private static final int PERCENT = 100;

    static ClosingView of(LotPlan lot) {
        double full = lot.room()
                .map(room -> lot.share().fillingEach().ratioTo(room.bound()))
                .orElse(0.6);
        return new ClosingView(
                lot.lot().fold(),
                (int) Math.round(lot.lot().wide().millimetres()),
                (int) Math.round(PERCENT * Math.max(0.1, Math.min(1, full))),
                Tones.skin(lot),
                Tones.of(lot.filling().kind()));
    }

    /** Of a usual wrapper. */
    static ClosingView usual(Fold fold, int wideMm, int fullPercent) {
        return new ClosingView(fold, wideMm, fullPercent, "dough-pale", "fill-meat");
    }

    /** Where the browser asks for it. */
    public String address() {
        return "/closings/" + fold.name() + ".bin?wide=" + wideMm + "&full=" + fullPercent;
    }

    /** Its surfaces, as in {@code SKIN:19x73 FILLING:9x15}. */
    public String patches() {
        return motion().at(0, 0).patches().stream()
                .map(patch -> patch.tone() + ":" + patch.rows() + "x" + patch.columns())
                .collect(Collectors.joining(" "));
    }

    private Motion motion() {
        return Motion.of(fold, wideMm, (double) fullPercent / PERCENT);
    }

    /** Every moment's points, x, y and z, least byte first. */
    byte[] points() {
        Motion motion = motion();
        int steps = fold.steps().size();
        List<Patch> first = motion.at(0, 0).patches();
        int each = first.stream().mapToInt(patch -> patch.xyz().length).sum();
        ByteBuffer out =
                ByteBuffer.allocate((steps * MOMENTS + 1) * each * Short.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (int at = 0; at <= steps * MOMENTS; at++) {
            int step = Math.min(steps - 1, at / MOMENTS);
            Frame frame = motion.at(step, (double) (at - step * MOMENTS) / MOMENTS);
            for (Patch patch : frame.patches()) {
                for (double mm : patch.xyz()) {
                    out.putShort((short) Math.max(Short.MIN_VALUE, Math.min(Short.MAX_VALUE, Math.round(FINE * mm))));
                }
            }
        }
        return out.array();
    }
}
