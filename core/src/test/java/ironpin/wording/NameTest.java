package ironpin.wording;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NameTest {
    @DataProvider
    Object[][] names() {
        return new Object[][] {
            {"Boiled crescents", "boiled crescents", "Boiled crescents"},
            {"lamb", "lamb", "Lamb"},
            {"FILLING of leeks", "filling of leeks", "FILLING of leeks"},
            {"BBQ pork", "BBQ pork", "BBQ pork"},
            {"Éclair", "éclair", "Éclair"},
            {"2 lb potatoes", "2 lb potatoes", "2 lb potatoes"},
            {"A leaf", "a leaf", "A leaf"},
            {"E", "e", "E"},
            {"", "", ""},
        };
    }

    @Test(dataProvider = "names")
    public void aNameIsSmallWithinASentenceAndCapitalAtItsBeginning(String name, String within, String first) {
        assertEquals(Name.within(name), within);
        assertEquals(Name.first(name), first);
    }
}
