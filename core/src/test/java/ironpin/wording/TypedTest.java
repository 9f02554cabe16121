package ironpin.wording;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TypedTest {
    @DataProvider
    Object[][] texts() {
        return new Object[][] {
            {"Lantern supper", "Lantern supper"},
            {"pâté 饺子 🥟 ½", "pâté 饺子 🥟 ½"},
            {"two\nlines\tand a tab", "two\nlines\tand a tab"},
            {"\uE000m00\uE001", "m00"},
            {"a\u0000b\u0007c\u007F", "abc"},
            {"half \uD83E of a pair", "half  of a pair"},
            {"\u202Ebackwards\u202C \u2066x\u2069", "backwards x"},
            {"\uFEFFmark\uFFFE", "mark"},
            {"\u202Aa\u202Eb\u2066c\u2069", "abc"},
            {"joined\u200Dhands", "joined\u200Dhands"},
            {"\uFDD0a\uFDEFb\uD83F\uDFFF", "ab"},
            {"not given \u0378 yet", "not given \u0378 yet"},
            {"plane \uDBC0\uDC00 sixteen", "plane  sixteen"},
        };
    }

    @Test(dataProvider = "texts")
    public void onlyWhatCanBeShownStays(String typed, String shown) {
        assertEquals(Typed.clean(typed), shown);
        assertEquals(Typed.dropsFrom(typed), !typed.equals(shown));
        assertSame(Typed.clean(shown), shown);
    }

    /** At each of them the edge of a word would be searched for across all of them. */
    @Test
    public void accentsAreNotHeapedUp() {
        assertEquals(Typed.clean("leek" + "\u0301".repeat(3_000) + "s"), "leek" + "\u0301".repeat(6) + "s");
        assertTrue(Typed.dropsFrom("leek" + "\u0301".repeat(7)));
        assertTrue(!Typed.dropsFrom("leek" + "\u0301".repeat(6)));
        String spelt = "jalapen\u0303o";
        assertSame(Typed.clean(spelt), spelt);
    }

    @Test
    public void aNameIsOneLineAndNeverBecomesNothing() {
        assertEquals(Typed.name("leeks\nand eggs"), "leeks and eggs");
        assertEquals(Typed.name("\uE000"), "unnamed");
        assertTrue(Typed.name(" ").isBlank(), "what was blank before is refused where it is kept");
    }
}
