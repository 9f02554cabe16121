package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.filling.Treatment;
import ironpin.refusal.Refused;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/** Lines of fillings and dips that come, change and go. */
public class LineEditsTest {
    private static final Batch BATCH = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    private static Dip dip(Batch batch) {
        return batch.lot(1).dip();
    }

    private static List<String> lines(Batch batch) {
        return batch.filling(1).formula().lines().stream()
                .map(FillingLine::ingredient)
                .toList();
    }

    @Test
    public void aDipThatIsChangedIsOnesOwn() {
        Dip ships = dip(BATCH);
        Batch more = DipComposing.add(BATCH, 1, "  sesame seeds ");
        assertEquals(dip(more).parts().size(), ships.parts().size() + 1);
        assertEquals(dip(more).parts().get(ships.parts().size()), new Dip.Part("sesame seeds", 1));
        assertEquals(dip(more).name(), ships.name() + ", our way");
        assertEquals(dip(DipComposing.add(more, 1, "chives")).name(), ships.name() + ", our way");
        assertEquals(dip(DipComposing.rename(more, 1, "House dip")).name(), "House dip");
        Dip.Part half = new Dip.Part("light soy sauce", 0.5);
        assertEquals(dip(DipComposing.line(more, 1, 0, half)).parts().get(0), half);
        assertEquals(dip(DipComposing.line(BATCH, 1, 0, ships.parts().get(0))), ships);
        Batch less = DipComposing.drop(more, 1, 0);
        assertEquals(
                dip(less).parts(), dip(more).parts().subList(1, ships.parts().size() + 1));
        while (!dip(less).parts().isEmpty()) {
            less = DipComposing.drop(less, 1, 0);
        }
        assertEquals(dip(less), Dips.NONE);
        assertEquals(dip(DipComposing.add(less, 1, "vinegar")).parts(), List.of(new Dip.Part("vinegar", 1)));
    }

    @Test
    public void aDipHasTwentyLinesAtMost() {
        Batch full = BATCH;
        for (int i = 0; i < 30; i++) {
            full = DipComposing.add(full, 1, "herb " + i);
        }
        assertEquals(dip(full).parts().size(), Dip.MOST_PARTS);
    }

    @Test
    public void linesOfAFillingComeChangeAndGo() {
        List<String> before = lines(BATCH);
        Batch more = FillingComposing.add(BATCH, 1, " leeks ");
        assertEquals(lines(more).size(), before.size() + 1);
        assertEquals(lines(more).get(before.size()), "leeks");
        assertEquals(
                more.filling(1).formula().lines().get(before.size()).share().percent(), 5, 0.3);
        Batch treated = FillingComposing.treat(more, 1, before.size(), Optional.of(Treatment.BLANCH));
        assertEquals(lines(treated).get(before.size()), "leeks, " + Treatment.BLANCH.label());
        assertEquals(
                lines(FillingComposing.treat(treated, 1, before.size(), Optional.empty()))
                        .get(before.size()),
                "leeks");
        assertEquals(lines(FillingComposing.drop(more, 1, before.size())), before);
        assertEquals(lines(FillingComposing.rename(more, 1, 0, "goat mince")).get(0), "goat mince");
        assertEquals(
                FillingComposing.kind(BATCH, 1, FillingKind.POULTRY).filling(1).kind(), FillingKind.POULTRY);
        MixSchool other = MixSchool.suiting(FillingKind.RED_MEAT).get(1);
        assertEquals(FillingComposing.school(BATCH, 1, other).filling(1).school(), other);
    }

    @Test
    public void aLineHasANameThatFits() {
        String longest = "a".repeat(80);
        assertEquals(lines(FillingComposing.rename(BATCH, 1, 0, longest)).get(0), longest);
        for (String name : List.of("", "  ", "a".repeat(81))) {
            assertThrows(Refused.class, () -> FillingComposing.rename(BATCH, 1, 0, name));
            assertThrows(Refused.class, () -> FillingComposing.add(BATCH, 1, name));
        }
        Batch named = FillingComposing.rename(BATCH, 1, 0, longest);
        assertEquals(FillingComposing.treat(named, 1, 0, Optional.of(Treatment.BLANCH)), named);
    }

    @Test
    public void aFillingHasFortyLinesAtMost() {
        Batch full = BATCH;
        for (int i = 0; i < 50; i++) {
            full = FillingComposing.add(full, 1, "herb " + i);
        }
        assertEquals(lines(full).size(), FillingFormula.MOST_LINES);
        assertEquals(FillingComposing.soup(full, 1), full);
        assertTrue(lines(FillingComposing.soup(BATCH, 1)).contains("aspic cubes"));
    }
}
