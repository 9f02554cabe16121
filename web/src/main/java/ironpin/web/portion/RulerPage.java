package ironpin.web.portion;

import ironpin.plan.LotPlan;
import ironpin.portion.Ruler;
import ironpin.quantity.Length;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.web.numbers.OwnNumbers;
import ironpin.wording.Count;
import java.util.List;

/**
 * A ruler on a page laid across, all in millimetres from its upper left corner; as wide and as high as both A4 and Letter are.
 *
 * @param title what it is for
 * @param said how to use it
 * @param ruler its marks
 */
record RulerPage(String title, List<String> said, Ruler ruler) {
    static final double WIDTH = 279;
    static final double HEIGHT = 210;

    private static final double MARGIN = 10;
    private static final double TITLE_Y = 18;
    private static final double SAID_Y = 26;
    private static final double SAID_LINE = 6;
    private static final double CHECK_Y = 44;
    private static final double CHECK_MARK = 4;
    private static final double FIRST_Y = 66;
    private static final double LINE = 34;
    private static final double MARK = 14;

    /** @throws ironpin.refusal.Refused if its pieces are longer than the page is wide */
    static RulerPage of(LotPlan lot, UnitSystem units, OwnNumbers numbers) {
        Ruler ruler = Ruler.of(lot.rope(), Length.ofMillimetres(WIDTH - 2 * MARGIN));
        return new RulerPage(
                numbers.said(Sentence.of(
                                "Cutting ruler: ",
                                lot.lot().name(),
                                ", ",
                                Quantity.weighed(lot.share().doughEach()),
                                " each")
                        .render(units)),
                List.of(
                        numbers.said(Sentence.of(
                                        Count.of(lot.rope().ropes(), "rope"),
                                        " of ",
                                        lot.rope().longest(),
                                        ", rolled ",
                                        Quantity.mm(lot.rope().diameter().millimetres()),
                                        " thick; a cut every ",
                                        Quantity.fineMm(ruler.cut().millimetres()),
                                        " (est.). Weigh the first few.")
                                .render(units)),
                        "Print at 100 %, without fitting to the page. The bar below is 100 mm long; if it is not, this is no ruler."),
                ruler);
    }

    <E extends Exception> void draw(RulerPen<E> pen) throws E {
        pen.text(MARGIN, TITLE_Y, title);
        for (int i = 0; i < said.size(); i++) {
            pen.text(MARGIN, SAID_Y + SAID_LINE * i, said.get(i));
        }
        double check = Ruler.CHECK.millimetres();
        pen.line(MARGIN, CHECK_Y, MARGIN + check, CHECK_Y);
        pen.line(MARGIN, CHECK_Y, MARGIN, CHECK_Y + CHECK_MARK);
        pen.line(MARGIN + check, CHECK_Y, MARGIN + check, CHECK_Y + CHECK_MARK);
        pen.text(MARGIN + check + 3, CHECK_Y + 1.5, "100 mm");
        for (int line = 0; line < ruler.lines().size(); line++) {
            draw(pen, line);
        }
    }

    private <E extends Exception> void draw(RulerPen<E> pen, int line) throws E {
        double y = FIRST_Y + line * LINE;
        double[] marks = ruler.marks(line);
        pen.line(MARGIN, y, MARGIN + marks[marks.length - 1], y);
        for (int i = 0; i < marks.length; i++) {
            pen.line(MARGIN + marks[i], y, MARGIN + marks[i], y + MARK);
            if (i > 0) {
                double middle = MARGIN + (marks[i - 1] + marks[i]) / 2 - 2;
                pen.text(middle, y + 6, String.valueOf(ruler.before(line) + i));
            }
        }
    }
}
