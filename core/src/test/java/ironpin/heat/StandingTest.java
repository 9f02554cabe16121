package ironpin.heat;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.heat.HeatPiece.Form;
import ironpin.quantity.Length;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A piece on its seat, against the one that is heated alike from all sides and against slabs whose answer is known. */
public class StandingTest {
    private static final Matter PLAIN = new Matter(0.45, 0.45, 1_060, 3_400, 3_400, 0, -1);
    private static final Duration QUARTER = Duration.ofMinutes(20);

    /** Something below and something else above, forever. */
    private record Two(double belowCelsius, double belowTransfer, double aboveCelsius, double aboveTransfer)
            implements Surroundings {
        @Override
        public void advance(double seconds, double wattsPerGram) {}

        @Override
        public double celsius(boolean below) {
            return below ? belowCelsius : aboveCelsius;
        }

        @Override
        public double transfer(boolean below) {
            return below ? belowTransfer : aboveTransfer;
        }

        @Override
        public double coldest() {
            return 1;
        }

        @Override
        public boolean sided() {
            return true;
        }
    }

    private static double seconds(HeatPiece piece, Surroundings around) {
        return Conduction.run(piece, Temperature.ofCelsius(10), around, QUARTER)
                        .until(Temperature.ofCelsius(72))
                        .orElseThrow()
                        .toMillis()
                / 1_000.0;
    }

    @DataProvider
    public Object[][] forms() {
        return new Object[][] {{Form.SLAB}, {Form.CYLINDER}, {Form.CRESCENT}, {Form.SPHERE}};
    }

    /** With the same on both sides the seat makes no difference. */
    @Test(dataProvider = "forms")
    public void alikeFromAllSidesIsAsBefore(Form form) {
        HeatPiece piece =
                new HeatPiece(form, Length.ofMillimetres(12), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);
        double even =
                Conduction.run(piece, Temperature.ofCelsius(10), List.of(new Around(800, 99, Duration.ofMinutes(20))))
                                .until(Temperature.ofCelsius(72))
                                .orElseThrow()
                                .toMillis()
                        / 1_000.0;
        assertEquals(seconds(piece, new Two(99, 800, 99, 800)) / even, 1, 0.015);
    }

    /** A bread heated from below only is half of one of twice the thickness heated from both sides. */
    @Test
    public void fromBelowOnlyIsHalfOfTwiceAsThick() {
        HeatPiece thin = HeatPiece.solid(Form.SLAB, Length.ofMillimetres(4), PLAIN);
        HeatPiece thick = HeatPiece.solid(Form.SLAB, Length.ofMillimetres(8), PLAIN);
        double below = seconds(thin, new Two(95, 300, 20, 0));
        assertEquals(below / seconds(thick, new Two(95, 300, 95, 300)), 1, 0.02);
    }

    /** What goes in below is in the piece: from the watts that the surroundings are told of. */
    @Test(dataProvider = "forms")
    public void heatThatGoesInIsInThePiece(Form form) {
        HeatPiece piece =
                new HeatPiece(form, Length.ofMillimetres(12), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);
        double[] joules = new double[1];
        Surroundings counted = new Surroundings() {
            @Override
            public void advance(double seconds, double wattsPerGram) {
                joules[0] += 1_000 * seconds * wattsPerGram;
            }

            @Override
            public double celsius(boolean below) {
                return below ? 97 : 60;
            }

            @Override
            public double transfer(boolean below) {
                return below ? 250 : 15;
            }

            @Override
            public double coldest() {
                return 1;
            }

            @Override
            public boolean sided() {
                return true;
            }
        };
        HeatRun run = Conduction.run(piece, Temperature.ofCelsius(-10), counted, Duration.ofMinutes(8));
        Mesh mesh = Mesh.standing(piece, Conduction.STANDING_SHELLS, Conduction.SECTORS, 0.25);
        double gained = (Conduction.heatIn(mesh, run.profiles()[run.samples() - 1])
                        - Conduction.heatIn(mesh, run.profiles()[0]))
                / mesh.mass;
        assertEquals(gained / joules[0], 1, 0.001);
    }

    /** Heated from below the coldest place is above the middle, and the seat is hotter than the top. */
    @Test
    public void theSeatIsHotter() {
        HeatPiece piece = new HeatPiece(
                Form.CRESCENT, Length.ofMillimetres(12), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);
        HeatRun run =
                Conduction.run(piece, Temperature.ofCelsius(10), new Two(170, 250, 60, 15), Duration.ofMinutes(4));
        int last = run.samples() - 1;
        assertTrue(run.at(last, 0.99, 0.01) > run.at(last, 0.99, 0.99) + 30);
        assertTrue(run.at(last, 0.7, 0.1) > run.at(last, 0.7, 0.9));
        assertTrue(run.core()[last] <= run.at(last, 0, 0));
    }

    /** A moist surface on hot metal stays at 100 °C until it is dry, and the middle is never hotter than that. */
    @Test
    public void moistStaysUnderABoil() {
        HeatPiece bread = new HeatPiece(
                Form.SLAB, Length.ofMillimetres(6), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);
        HeatRun run =
                Conduction.run(bread, Temperature.ofCelsius(20), new Two(220, 250, 220, 250), Duration.ofMinutes(4));
        for (double one : run.core()) {
            assertTrue(one <= 100 + 1e-6, one + " °C");
        }
        assertTrue(run.at(run.samples() - 1, 0.99, 0) > 110, "a crust dries and browns");
    }
}
