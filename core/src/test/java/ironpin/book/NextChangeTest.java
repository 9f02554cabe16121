package ironpin.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.RollField;
import ironpin.dough.DoughFamily;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NextChangeTest {
    private static final Mass NONE = Mass.ZERO;

    private static Optional<Suggestion> after(String style, Outcome outcome) {
        Batch batch =
                Styles.start(Styles.get(style), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        return NextChange.after(
                outcome,
                NextChange.Skin.of(batch.lot(1), batch.dough(1)),
                batch.lot(1),
                batch.dough(1),
                batch.filling(1));
    }

    /** A bought skin teaches nothing about a dough, an egg dough nothing about a cold one, and nothing makes a wet dough wetter. */
    @Test
    public void aLessonLandsWhereItBelongs() {
        Batch cold = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        Outcome tough = outcome(0, 0, SkinVerdict.TOUGH, FillingVerdict.RIGHT, 80);
        for (NextChange.Skin other :
                List.of(new NextChange.Skin(Optional.empty()), new NextChange.Skin(Optional.of(DoughFamily.EGG)))) {
            assertTrue(NextChange.after(tough, other, cold.lot(1), cold.dough(1), cold.filling(1))
                    .isEmpty());
        }
        Batch bought = cold.mapLot(
                1,
                lot -> lot.withBought(
                        Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THICK))));
        Suggestion skins = NextChange.after(
                        tough, new NextChange.Skin(Optional.empty()), bought.lot(1), bought.dough(1), bought.filling(1))
                .orElseThrow();
        assertTrue(
                skins.fix().isEmpty()
                        && skins.change().render(UnitSystem.METRIC).contains("rim"),
                skins.toString());
        Batch wet = DoughField.HYDRATION.write(cold, Address.dough(1), 68);
        assertTrue(NextChange.after(
                        tough, NextChange.Skin.of(wet.lot(1), wet.dough(1)), wet.lot(1), wet.dough(1), wet.filling(1))
                .orElseThrow()
                .fix()
                .isEmpty());
    }

    private static Outcome outcome(int burst, int stuck, SkinVerdict skin, FillingVerdict filling, double coreC) {
        return new Outcome(
                72, burst, 0, stuck, NONE, NONE, skin, filling, Optional.of(Temperature.ofCelsius(coreC)), "");
    }

    @Test
    public void aSupperWithoutFaultsChangesNothing() {
        assertTrue(after("boiled-crescent", outcome(1, 0, SkinVerdict.RIGHT, FillingVerdict.RIGHT, 76))
                .isEmpty());
    }

    @DataProvider
    public Object[][] faults() {
        SkinVerdict right = SkinVerdict.RIGHT;
        FillingVerdict fine = FillingVerdict.RIGHT;
        return new Object[][] {
            {"boiled-crescent", outcome(5, 0, right, fine, 76), CountField.FILLING_EACH, 16.2},
            {"boiled-crescent", outcome(9, 0, SkinVerdict.TOUGH, FillingVerdict.DRY, 64), CountField.FILLING_EACH, 16.2
            },
            {"steamed-leaf", outcome(0, 0, SkinVerdict.TOUGH, fine, 80), DoughField.HYDRATION, 66.0},
            {"boiled-crescent", outcome(0, 0, SkinVerdict.TOUGH, fine, 80), DoughField.HYDRATION, 51.0},
            {"boiled-crescent", outcome(0, 0, SkinVerdict.CRACKED, fine, 80), DoughField.HYDRATION, 51.0},
            {"boiled-crescent", outcome(0, 0, SkinVerdict.TORN, fine, 80), DoughField.HYDRATION, 49.0},
            {"boiled-crescent", outcome(0, 0, SkinVerdict.GUMMY, fine, 80), RollField.CENTRE_TO_RIM, 2.2},
            {"boiled-crescent", outcome(0, 0, SkinVerdict.SPRANG_BACK, fine, 80), DoughField.REST, 50.0},
            {"boiled-crescent", outcome(0, 0, right, FillingVerdict.DRY, 80), FillingField.FILLING_SHARE, 12.0},
            {"boiled-crescent", outcome(0, 0, right, FillingVerdict.BLAND, 80), FillingField.FILLING_SHARE, 0.9},
            {"boiled-crescent", outcome(0, 0, right, FillingVerdict.SALTY, 80), FillingField.FILLING_SHARE, 0.5},
        };
    }

    @Test(dataProvider = "faults")
    public void theWorstFaultGetsItsOneChange(String style, Outcome outcome, PlanField<?> field, double value) {
        Suggestion suggestion = after(style, outcome).orElseThrow();
        assertEquals(suggestion.fix().orElseThrow().number().field(), field);
        assertEquals(suggestion.fix().orElseThrow().value(), value, 1e-9);
    }

    /** What was not hot enough comes before whatever else was wrong, and is said with both temperatures. */
    @Test
    public void aCoreThatWasTooColdComesFirst() {
        Outcome cold = outcome(9, 9, SkinVerdict.TOUGH, FillingVerdict.DRY, 70.9);
        String said = after("boiled-crescent", cold).orElseThrow().toString();
        assertTrue(
                after("boiled-crescent", cold)
                        .orElseThrow()
                        .seen()
                        .render(UnitSystem.METRIC)
                        .contains("The core read 70.9 °C, under 71 °C."),
                said);
        Outcome hot = outcome(0, 0, SkinVerdict.RIGHT, FillingVerdict.RIGHT, 71);
        assertTrue(after("boiled-crescent", hot).isEmpty());
    }

    @Test
    public void stickingIsCuredByHandsNotByANumber() {
        Suggestion suggestion = after("steamed-leaf", outcome(0, 9, SkinVerdict.TOUGH, FillingVerdict.RIGHT, 80))
                .orElseThrow();
        assertTrue(suggestion.change().render(UnitSystem.METRIC).contains("liner")
                && suggestion.fix().isEmpty());
    }

    @Test
    public void aBowlLeftOverIsSpreadOverThePieces() {
        Outcome over = new Outcome(
                72, 0, 0, 0, NONE, Mass.ofGrams(58), SkinVerdict.RIGHT, FillingVerdict.RIGHT, Optional.empty(), "");
        Suggestion suggestion = after("boiled-crescent", over).orElseThrow();
        assertEquals(suggestion.seen().render(UnitSystem.METRIC), "58 g of filling was over.");
        assertEquals(suggestion.fix().orElseThrow().value(), 18.8, 1e-9);
    }

    @Test
    public void moreBurstThanMadeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> outcome(73, 0, SkinVerdict.RIGHT, FillingVerdict.RIGHT, 80));
    }
}
