package ironpin.web.numbers;

import static org.testng.Assert.assertEquals;

import ironpin.web.numbers.OwnNumbers.Hours;
import ironpin.web.numbers.OwnNumbers.Mark;
import java.util.Locale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NumbersInPageTest {
    private static final OwnNumbers HOUSE = new OwnNumbers(Mark.COMMA, Hours.TWELVE, "", Locale.UK);

    @DataProvider
    public Object[][] written() {
        return new Object[][] {
            {"1,285.5 g at 18:05", "1.285,5 g at 6:05 pm"},
            {"0.82–1.44 %, 00:30, 12:00.", "0,82–1,44 %, 12:30 am, 12:00 pm."},
            {"It is 16.2. Then 3, 4.", "It is 16,2. Then 3, 4."},
            {"1,234,567 of 1,000", "1.234.567 of 1.000"},
            // Addresses, dates, versions, lists and times of a timer are no such numbers.
            {
                "192.0.2.2:8642 on 2026-12-05, 2.5.252, 1,2,3, 1:05:30, v1.5",
                "192.0.2.2:8642 on 2026-12-05, 2.5.252, 1,2,3, 1:05:30, v1.5"
            },
            {"<p title=\"1.5 g\" data-at=\"1.5\">1.5</p>", "<p title=\"1,5 g\" data-at=\"1.5\">1,5</p>"},
            {"<input class=\"field\" value=\"1,200.5\">", "<input class=\"field\" value=\"1.200,5\">"},
            {"<input class=\"field words\" value=\"1.5\">", "<input class=\"field words\" value=\"1.5\">"},
            {
                "<input class=\"field\" type=\"time\" value=\"18:05\">",
                "<input class=\"field\" type=\"time\" value=\"18:05\">"
            },
            {"<input type=\"hidden\" value=\"0.5\">", "<input type=\"hidden\" value=\"0.5\">"},
            {"<path d=\"M1.5 2.5\"/><text x=\"1.5\">1.5</text>", "<path d=\"M1.5 2.5\"/><text x=\"1.5\">1,5</text>"},
            {
                "<textarea>1.5 a > b</textarea><code>1.5</code><!-- 1.5 -->1.5",
                "<textarea>1.5 a > b</textarea><code>1.5</code><!-- 1.5 -->1,5"
            },
            {
                "<script>let a = 1.5;</script><a href=\"/a?b=1.5\" aria-label=\"1.5 > 1\">",
                "<script>let a = 1.5;</script><a href=\"/a?b=1.5\" aria-label=\"1,5 > 1\">"
            },
        };
    }

    @Test(dataProvider = "written")
    public void whatIsReadIsWrittenTheCooksWay(String page, String said) {
        assertEquals(NumbersInPage.said(page, HOUSE), said);
    }

    @Test
    public void theBrowserSaysHowUnlessItWasChosen() {
        assertEquals(said(Locale.GERMANY), "1.285,5 g at 18:05");
        assertEquals(said(Locale.FRANCE), "1\u202f285,5 g at 18:05");
        assertEquals(said(Locale.US), "1,285.5 g at 6:05 pm");
        assertEquals(said(Locale.UK), "1,285.5 g at 18:05");
    }

    private static String said(Locale browser) {
        return new OwnNumbers(Mark.BROWSER, Hours.BROWSER, "", browser).said("1,285.5 g at 18:05");
    }
}
