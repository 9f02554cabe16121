package ironpin.heat;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.heat.HeatPiece.Form;
import ironpin.quantity.Length;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Against the exact series of Carslaw and Jaeger, and against what must hold whatever the piece. */
public class ConductionTest {
    /** k 0.45, ρ 1060, c 3400, as filling is when nothing of it freezes. */
    private static final Matter PLAIN = new Matter(0.45, 0.45, 1_060, 3_400, 3_400, 0, -1);

    private static final double DIFFUSIVITY = 0.45 / 1_060 / 3_400;
    private static final int TERMS = 40;

    private static HeatRun run(Form form, double halfMm, double from, double h, double around, double seconds) {
        return Conduction.run(
                HeatPiece.solid(form, Length.ofMillimetres(halfMm), PLAIN),
                Temperature.ofCelsius(from),
                List.of(new Around(h, around, Duration.ofMillis(Math.round(1_000 * seconds)))));
    }

    private static double seconds(HeatRun run, double celsius) {
        return run.until(Temperature.ofCelsius(celsius)).orElseThrow().toMillis() / 1_000.0;
    }

    @Test
    public void aBallOf18MmIsSafeAfter507S() {
        assertEquals(seconds(run(Form.SPHERE, 18, 10, 2_000, 99, 900), 72), 507, 5);
    }

    @Test
    public void aSlabOf12MmIsSafeAfter231S() {
        assertEquals(seconds(run(Form.SLAB, 6, 5, 500, 98, 500), 72), 231, 2.3);
    }

    @Test
    public void aRollOf12MmRadiusIsSafeAfter366S() {
        assertEquals(seconds(run(Form.CYLINDER, 12, 5, 1_500, 98, 700), 72), 366, 3.6);
    }

    /** J₀ and J₁ by their integral; the trapezoidal rule is exact to rounding for a periodic function. */
    private static double bessel(int n, double x) {
        int steps = 200;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            double t = 2 * Math.PI * (i + 0.5) / steps;
            sum += Math.cos(n * t - x * Math.sin(t));
        }
        return sum / steps;
    }

    /** Share of the difference that is left in the middle at a Biot and a Fourier number, by the series. */
    private static double left(Form form, double biot, double fourier) {
        DoubleUnaryOperator zero =
                switch (form) {
                    case SLAB -> z -> z * Math.sin(z) - biot * Math.cos(z);
                    case CYLINDER -> z -> z * bessel(1, z) - biot * bessel(0, z);
                    default -> z -> (1 - biot) * Math.sin(z) - z * Math.cos(z);
                };
        double sum = 0;
        int found = 0;
        double step = 0.01;
        for (double z = 1e-6; found < TERMS && z < 200; z += step) {
            if (zero.applyAsDouble(z) * zero.applyAsDouble(z + step) < 0) {
                double low = z;
                double high = z + step;
                for (int i = 0; i < 60; i++) {
                    double middle = (low + high) / 2;
                    if (zero.applyAsDouble(low) * zero.applyAsDouble(middle) <= 0) {
                        high = middle;
                    } else {
                        low = middle;
                    }
                }
                double c =
                        switch (form) {
                            case SLAB -> 4 * Math.sin(low) / (2 * low + Math.sin(2 * low));
                            case CYLINDER ->
                                2 / low * bessel(1, low) / (Math.pow(bessel(0, low), 2) + Math.pow(bessel(1, low), 2));
                            default -> 4 * (Math.sin(low) - low * Math.cos(low)) / (2 * low - Math.sin(2 * low));
                        };
                sum += c * Math.exp(-low * low * fourier);
                found++;
            }
        }
        return sum;
    }

    @DataProvider
    public Object[][] cases() {
        List<Object[]> all = new ArrayList<>();
        for (Form form : new Form[] {Form.SLAB, Form.CYLINDER, Form.SPHERE}) {
            for (double biot : new double[] {0.3, 1, 5, 20, 80}) {
                for (double fourier : new double[] {0.15, 0.4, 1}) {
                    all.add(new Object[] {form, biot, fourier});
                }
            }
        }
        return all.toArray(Object[][]::new);
    }

    /** 45 Biot and Fourier numbers: the middle as the series says, to 1.5 % of the whole difference. */
    @Test(dataProvider = "cases")
    public void theMiddleIsAsTheSeriesSays(Form form, double biot, double fourier) {
        double half = 0.012;
        double h = biot * 0.45 / half;
        double time = fourier * half * half / DIFFUSIVITY;
        HeatRun run = run(form, 12, 0, h, 100, time);
        double exact = 100 * (1 - left(form, biot, fourier));
        assertEquals(run.core()[run.samples() - 1], exact, 1.0, form + " " + biot + " " + fourier);
    }

    /** Nothing in, nothing out: warm skin and cold filling share what they have, to a thousandth. */
    @Test
    public void anInsulatedPieceKeepsItsHeat() {
        HeatPiece piece = new HeatPiece(
                Form.CRESCENT, Length.ofMillimetres(15), Length.ofMillimetres(3), Matter.FILLING, Matter.DOUGH);
        HeatRun run = Conduction.run(
                piece,
                Temperature.ofCelsius(5),
                List.of(new Around(1_500, 98, Duration.ofMinutes(2)), new Around(0, 20, Duration.ofMinutes(30))));
        Mesh mesh = Mesh.even(piece, Conduction.SHELLS);
        int then = 0;
        while (run.every() * then < 121) {
            then++;
        }
        double before = Conduction.heatIn(mesh, run.profiles()[then]);
        double cold = Conduction.heatIn(
                mesh,
                Conduction.run(piece, 5, List.of(new Around(0, 20, Duration.ofSeconds(1))), Conduction.SHELLS)
                        .profiles()[0]);
        double after = Conduction.heatIn(mesh, run.profiles()[run.samples() - 1]);
        assertEquals((after - cold) / (before - cold), 1, 1e-3);
        double[] end = run.profiles()[run.samples() - 1];
        assertEquals(end[0], end[end.length - 1], 0.5, "after half an hour it is the same all through");
    }

    @Test
    public void twiceAsManyShellsChangeATimeByLittle() {
        HeatPiece frozen = new HeatPiece(
                Form.SPHERE, Length.ofMillimetres(16), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);
        List<Around> pot = List.of(new Around(1_800, 99, Duration.ofMinutes(25)));
        double coarse = seconds(Conduction.run(frozen, -18, pot, Conduction.SHELLS), 71);
        double fine = seconds(Conduction.run(frozen, -18, pot, 2 * Conduction.SHELLS), 71);
        assertEquals(coarse / fine, 1, 0.02);
    }

    /** Heat content and temperature are each other's inverse, frozen, half thawed and thawed. */
    @Test
    public void contentAndTemperatureBelongTogether() {
        for (Matter matter : List.of(Matter.FILLING, Matter.DOUGH, PLAIN)) {
            double before = -1;
            for (double celsius = -40; celsius <= 100; celsius += 0.5) {
                double content = matter.content(celsius);
                assertTrue(content > before, celsius + " °C holds more than less");
                assertEquals(matter.temperature(content), celsius, 1e-6);
                before = content;
            }
        }
        // From −18 to 5 °C a kilogram takes up most of the melting heat of its water.
        double thaw = Matter.FILLING.content(5) - Matter.FILLING.content(-18);
        assertTrue(thaw > 200_000 && thaw < 280_000, thaw + " J/kg");
    }

    /** Plank, with the heat from just thawed to −18 °C: t = ρ·L/ΔT·(P·d/h + R·d²/k), within a fifth for a slab of 20 mm in air. */
    @Test
    public void freezingTakesAsLongAsPlankSays() {
        Matter matter = Matter.FILLING;
        HeatRun run = Conduction.run(
                HeatPiece.solid(Form.SLAB, Length.ofMillimetres(10), matter),
                Temperature.ofCelsius(-1.5),
                List.of(new Around(20, -30, Duration.ofHours(6))));
        int at = 0;
        while (run.core()[at] > -10) {
            at++;
        }
        double heat = matter.content(-1.5) - matter.content(-10);
        double k = matter.conducts(-10);
        double plank = matter.density() * heat / (30 - 1.5 - 3) * (0.02 / 2 / 20 + 0.02 * 0.02 / 8 / k);
        assertEquals(run.every() * at / plank, 1, 0.2);
    }

    /** Larger, colder, thicker skinned: later. Hotter around: sooner. */
    @Test
    public void timesGoTheRightWay() {
        HeatPiece piece = new HeatPiece(
                Form.CRESCENT, Length.ofMillimetres(14), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);
        List<Around> pot = List.of(new Around(1_800, 99, Duration.ofMinutes(30)));
        double usual = seconds(Conduction.run(piece, Temperature.ofCelsius(20), pot), 71);
        assertTrue(seconds(Conduction.run(piece.scaled(1.15), Temperature.ofCelsius(20), pot), 71) > 1.05 * usual);
        assertTrue(seconds(Conduction.run(piece, Temperature.ofCelsius(4), pot), 71) > usual);
        assertTrue(seconds(Conduction.run(piece, Temperature.ofCelsius(-18), pot), 71) > 1.4 * usual);
        List<Around> steam = List.of(new Around(600, 97, Duration.ofMinutes(30)));
        assertTrue(seconds(Conduction.run(piece, Temperature.ofCelsius(20), steam), 71) > usual);
        HeatRun run = Conduction.run(piece, Temperature.ofCelsius(20), pot);
        assertTrue(run.skinOver(Temperature.ofCelsius(90)).toMinutes() >= 25);
        assertTrue(run.until(Temperature.ofCelsius(99.5)).isEmpty());
    }

    /** Nothing overshoots: inside a piece no shell is ever hotter than the hottest or colder than the coldest there was. */
    @Test
    public void nothingGetsHotterThanItsSurroundings() {
        Random luck = new Random(12);
        for (int i = 0; i < 60; i++) {
            double from = -25 + 60 * luck.nextDouble();
            double to = -25 + 200 * luck.nextDouble();
            HeatPiece piece = new HeatPiece(
                    Form.values()[luck.nextInt(4)],
                    Length.ofMillimetres(2 + 20 * luck.nextDouble()),
                    Length.ofMillimetres(1.5 * luck.nextDouble()),
                    Matter.FILLING,
                    Matter.DOUGH);
            HeatRun run = Conduction.run(
                    piece,
                    Temperature.ofCelsius(from),
                    List.of(new Around(3_000 * luck.nextDouble(), to, Duration.ofMinutes(6))));
            for (double[] profile : run.profiles()) {
                for (double celsius : profile) {
                    assertTrue(celsius >= Math.min(from, to) - 1e-3 && celsius <= Math.max(from, to) + 1e-3);
                }
            }
        }
    }

    /** A leaf of half a millimetre is answered for some minutes, and refused for a day rather than worked on for an hour. */
    @Test
    public void whatWouldTakeForeverIsRefused() {
        HeatPiece leaf = HeatPiece.solid(Form.SLAB, Length.ofMillimetres(0.5), PLAIN);
        Temperature cold = Temperature.ofCelsius(10);
        HeatRun soon = Conduction.run(leaf, cold, List.of(new Around(500, 98, Duration.ofMinutes(10))));
        assertTrue(soon.until(Temperature.ofCelsius(72)).orElseThrow().toSeconds() < 30);
        assertThrows(Refused.class, () -> Conduction.run(leaf, cold, List.of(new Around(500, 98, Duration.ofDays(7)))));
        Matter metal = new Matter(400, 400, 50, 100, 100, 0, -1);
        HeatPiece foil = HeatPiece.solid(Form.SLAB, Length.ofMillimetres(0.5), metal);
        assertThrows(
                Refused.class, () -> Conduction.run(foil, cold, List.of(new Around(500, 98, Duration.ofHours(1)))));
    }

    @Test
    public void whatMakesNoSenseIsRefused() {
        assertThrows(Refused.class, () -> new Around(-1, 99, Duration.ofMinutes(1)));
        assertThrows(Refused.class, () -> new Around(Double.NaN, 99, Duration.ofMinutes(1)));
        assertThrows(Refused.class, () -> new Around(500, -300, Duration.ofMinutes(1)));
        assertThrows(Refused.class, () -> new Around(500, 99, Duration.ZERO));
        assertThrows(Refused.class, () -> HeatPiece.solid(Form.SLAB, Length.ofMillimetres(0), PLAIN));
        assertThrows(
                Refused.class,
                () -> new HeatPiece(Form.SLAB, Length.ofMillimetres(3), Length.ofMillimetres(3), PLAIN, PLAIN));
        assertThrows(Refused.class, () -> new Matter(0, 1, 1, 1, 1, 0, -1));
        assertThrows(Refused.class, () -> new Matter(1, 1, 1, 1, 1, 0.5, 2));
    }
}
