package ironpin.heat;

import static org.testng.Assert.assertEquals;

import ironpin.quantity.Length;
import ironpin.quantity.Temperature;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlankTest {
    @DataProvider
    public Object[][] pieces() {
        return new Object[][] {
            {HeatPiece.Form.SPHERE, 15},
            {HeatPiece.Form.CRESCENT, 12.9},
            {HeatPiece.Form.SLAB, 8},
            {HeatPiece.Form.CYLINDER, 18}
        };
    }

    /** The quick answer against the simulated one, in still air and in a draught. */
    @Test(dataProvider = "pieces")
    public void theQuickAnswerIsNearTheSimulatedOne(HeatPiece.Form form, double halfMm) {
        HeatPiece piece = HeatPiece.solid(form, Length.ofMillimetres(halfMm), Matter.FILLING);
        Temperature room = Temperature.ofCelsius(20);
        for (double transfer : new double[] {Freezing.STILL_AIR, 25}) {
            double simulated =
                    Freezing.of(piece, room, Freezing.FREEZER, transfer).usual().toSeconds();
            double quick = Plank.hard(piece, room, Freezing.FREEZER, transfer).toSeconds();
            assertEquals(quick, simulated, 0.2 * simulated, form + " " + transfer);
        }
    }
}
