package ironpin.book;

import static org.testng.Assert.assertEquals;

import ironpin.book.Arose.Where;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AroseTest {
    private static Outcome outcome(
            int burst, int leaked, int stuck, SkinVerdict skin, FillingVerdict filling, Seen... seen) {
        return new Outcome(
                40,
                burst,
                leaked,
                stuck,
                Mass.ZERO,
                Mass.ZERO,
                skin,
                filling,
                Optional.empty(),
                "",
                Set.of(seen),
                Optional.empty());
    }

    @DataProvider
    public Object[][] faults() {
        SkinVerdict right = SkinVerdict.RIGHT;
        FillingVerdict fine = FillingVerdict.RIGHT;
        return new Object[][] {
            {outcome(0, 0, 0, right, fine), Map.of()},
            {outcome(3, 0, 0, right, fine), Map.of(Where.COOK, List.of("3 burst"))},
            {outcome(0, 2, 0, right, fine), Map.of(Where.FOLD, List.of("2 leaked"))},
            {outcome(3, 0, 1, right, fine), Map.of(Where.COOK, List.of("3 burst", "1 stuck"))},
            {outcome(0, 0, 0, SkinVerdict.TOUGH, fine), Map.of(Where.DOUGH, List.of("skin tough"))},
            {outcome(0, 0, 0, SkinVerdict.TORN, fine), Map.of(Where.ROLL, List.of("skin torn or sticky"))},
            {outcome(0, 0, 0, SkinVerdict.GUMMY, fine), Map.of(Where.FOLD, List.of("skin gummy at the seam"))},
            {outcome(0, 0, 0, right, FillingVerdict.DRY), Map.of(Where.FILLING, List.of("filling dry"))},
            {outcome(0, 0, 0, right, fine, Seen.UNEVEN), Map.of(Where.PORTION, List.of(Seen.UNEVEN.label()))},
            {outcome(0, 0, 0, right, fine, Seen.RAW), Map.of(Where.COOK, List.of(Seen.RAW.label()))},
        };
    }

    @Test(dataProvider = "faults")
    public void aFaultIsSoughtWhereItArose(Outcome outcome, Map<Where, List<String>> arose) {
        assertEquals(Arose.of(outcome), arose);
        assertEquals(outcome.faultless(), arose.isEmpty());
    }
}
