package ironpin.format;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;

/** What is wrong is said with its place and with what is asked for there, and names no class. */
public class MisreadTest {
    /** As the API reads what a program sends. */
    private static final ObjectReader STRICT =
            Spelling.JSON.readerFor(Body.class).with(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);

    private enum Way {
        BOIL,
        STEAM
    }

    private record Inner(int count) {}

    private record Body(
            int count,
            Long many,
            double share,
            Boolean done,
            LocalDateTime when,
            String name,
            Way way,
            List<Inner> inner,
            int[] sizes,
            Inner one) {}

    @DataProvider
    public Object[][] bodies() {
        return new Object[][] {
            {"{\"count\":\"some\"}", "count", "a whole number"},
            {"{\"many\":\"some\"}", "many", "a whole number"},
            {"{\"share\":\"some\"}", "share", "a number"},
            {"{\"done\":\"perhaps\"}", "done", "true or false"},
            {"{\"when\":\"tonight\"}", "when", "a local date and time such as 2026-11-28T19:00"},
            {"{\"name\":{}}", "name", "text"},
            {"{\"way\":\"BAKE\"}", "way", "one of [BOIL, STEAM]"},
            {"{\"inner\":3}", "inner", "a list"},
            {"{\"sizes\":3}", "sizes", "a list"},
            {"{\"one\":3}", "one", "an object"},
            {"{\"inner\":[{\"count\":1},{\"count\":\"some\"}]}", "inner[1].count", "a whole number"},
            {"{\"one\":{\"count\":\"some\"}}", "one.count", "a whole number"},
            {"{\"one\":{\"count\":1,\"number\":1}}", "one.number", "one of [count]"},
        };
    }

    @Test(dataProvider = "bodies")
    public void thePlaceAndWhatIsAskedForThereAreSaid(String body, String field, String allowed) {
        Exception problem = expectThrows(JacksonException.class, () -> STRICT.readValue(body));
        assertEquals(Misread.of(problem), new Misread(field, allowed));
    }

    @Test
    public void whatIsNoJsonIsSaidWithTheLineInWhichItBreaksOff() {
        Exception broken = expectThrows(JacksonException.class, () -> STRICT.readValue("{\"count\":1,\n  oops}"));
        Misread said = Misread.of(broken);
        assertEquals(said.field(), "");
        assertEquals(said.allowed().replaceAll("column \\d+", "column"), "JSON; it breaks off in line 2, column");
        assertEquals(Misread.of(new IllegalStateException("no")), new Misread("", "JSON"));
        assertEquals(
                Misread.of(new StreamConstraintsException("deep")),
                new Misread("", "of a plan's size: fewer values, less deep, or shorter"));
    }
}
