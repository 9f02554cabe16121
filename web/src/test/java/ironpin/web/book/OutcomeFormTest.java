package ironpin.web.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OutcomeFormTest {
    private static Map<String, String> good() {
        Map<String, String> typed = new HashMap<>();
        typed.put("made", "60");
        typed.put("burst", "4");
        typed.put("leaked", "1");
        typed.put("stuck", "0");
        typed.put("doughLeft", "12,5 g");
        typed.put("fillingLeft", "0");
        typed.put("skin", "TOUGH");
        typed.put("filling", "RIGHT");
        typed.put("core", "78.5");
        typed.put("note", "  lid rattled ");
        return typed;
    }

    @Test
    public void whatIsTypedIsRead() {
        Outcome outcome = OutcomeForm.typed(good(), UnitSystem.METRIC).read().orElseThrow();
        assertEquals(
                outcome,
                new Outcome(
                        60,
                        4,
                        1,
                        0,
                        Mass.ofGrams(12.5),
                        Mass.ZERO,
                        SkinVerdict.TOUGH,
                        FillingVerdict.RIGHT,
                        Optional.of(Temperature.ofCelsius(78.5)),
                        "lid rattled"));
        Map<String, String> noProbe = good();
        noProbe.put("core", " ");
        assertEquals(
                OutcomeForm.typed(noProbe, UnitSystem.METRIC)
                        .read()
                        .orElseThrow()
                        .core(),
                Optional.empty());
    }

    @Test
    public void ouncesAndFahrenheitAreReadWhereTheyAreShown() {
        Map<String, String> typed = good();
        typed.put("doughLeft", "2");
        typed.put("fillingLeft", "40 g");
        typed.put("core", "165");
        Outcome outcome = OutcomeForm.typed(typed, UnitSystem.US).read().orElseThrow();
        assertEquals(outcome.doughLeft().grams(), 56.699, 1e-3);
        assertEquals(outcome.fillingLeft().grams(), 40, 1e-9);
        assertEquals(outcome.core().orElseThrow().celsius(), 73.889, 1e-3);
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"made", "many", "A number from 0 to 5000."},
            {"made", "5001", "A number from 0 to 5000."},
            {"made", "60.5", "A whole number from 0 to 5000."},
            {"burst", "61", "A number from 0 to 60."},
            {"leaked", "-1", "A number from 0 to 60."},
            {"stuck", "", "A number from 0 to 60."},
            {"doughLeft", "-3", "A number from 0 to 50000 g."},
            {"fillingLeft", "3 %", "A number from 0 to 50000 g."},
            {"core", "200", "A number from -30 to 130 °C."},
            {"core", "warm", "A number from -30 to 130 °C."},
            {"skin", "CRISPY", "Choose one."},
            {"filling", "", "Choose one."},
            {"note", "x".repeat(2_001), "At most 2,000 characters; this has 2001."},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatIsWrongIsSaidAndKept(String field, String typed, String message) {
        Map<String, String> values = good();
        values.put(field, typed);
        OutcomeForm form = OutcomeForm.typed(values, UnitSystem.METRIC);
        assertTrue(form.read().isEmpty());
        assertEquals(form.error(field).render(UnitSystem.METRIC), message);
        assertEquals(form.value(field), Sentence.of(typed));
        assertEquals(form.value("leaked").isEmpty(), false);
    }
}
