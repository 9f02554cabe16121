package ironpin.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.book.Answers.Judged;
import ironpin.quantity.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;

public class AnswersTest {
    private static Judged lot(String fold, int made, int burst) {
        return new Judged(fold, "Lamb", "boiled", made, burst, 0, 12, Optional.empty());
    }

    private static String said(BookAnswer answer) {
        return answer.answer().render(UnitSystem.METRIC);
    }

    private static BookAnswer fold(List<Judged> lots) {
        return Answers.of(lots).get(0);
    }

    /** 4 of 84: 4.76 %; the roots of (p − 4/84)² = 1.6449²·p(1 − p)/84 are 2.16 and 10.19 %. */
    @Test
    public void aShareHasItsInterval() {
        BookAnswer.Bar bar = Answers.share("Crescent", 4, 84);
        assertEquals(bar.value(), 4.762, 0.001);
        assertEquals(bar.low(), 2.1555, 0.001);
        assertEquals(bar.high(), 10.1917, 0.001);
        assertEquals(Answers.share("Leaf", 0, 48).low(), 0, 1e-9);
        assertTrue(Answers.share("Leaf", 0, 48).high() > 4);
    }

    @Test
    public void itSaysWhichIsBestOnlyWhereItCanTell() {
        BookAnswer apart = fold(List.of(lot("Leaf", 200, 1), lot("Crescent", 200, 24), lot("Crescent", 20, 4)));
        assertEquals(said(apart), "Leaf: 0.5 in a hundred; most of all crescent, 12.7.");
        assertEquals(apart.bars().get(0).label(), "Leaf");
        BookAnswer alike = fold(List.of(lot("Leaf", 40, 1), lot("Crescent", 40, 2)));
        assertTrue(said(alike).startsWith("Too few to tell them apart"), said(alike));
        // A share of five pieces is none.
        assertEquals(
                fold(List.of(lot("Leaf", 40, 1), lot("Purse", 5, 3))).bars().size(), 1);
        assertTrue(Answers.of(List.of()).isEmpty());
        BookAnswer left = Answers.of(List.of(lot("Leaf", 40, 1))).stream()
                .filter(one -> one.question().contains("filling is left"))
                .findFirst()
                .orElseThrow();
        assertEquals(said(left), "12 g of filling a batch on the whole; none after 0 of 1.");
    }

    private static String answer(List<Judged> lots, String question) {
        return Answers.of(lots).stream()
                .filter(one -> one.question().contains(question))
                .map(AnswersTest::said)
                .findFirst()
                .orElse("nothing");
    }

    /** 90 and 30 s are a minute in the middle; who never timed a piece is asked nothing. */
    @Test
    public void everyQuestionHasItsAnswer() {
        Judged slow = new Judged("Crescent", "Lamb", "boiled", 40, 8, 30, 12, Optional.of(90.0));
        Judged quick = new Judged("Crescent", "Lamb", "boiled", 40, 8, 0, 0, Optional.of(30.0));
        Judged leaf = new Judged("Leaf", "Tofu", "steamed", 400, 0, 0, 0, Optional.of(27.0));
        assertEquals(answer(List.of(slow, quick), "take me"), "Crescent: 1 min.");
        assertEquals(answer(List.of(slow, quick, leaf), "take me"), "Leaf is quickest, 0.45 min; crescent takes 1.");
        assertEquals(answer(List.of(lot("Leaf", 40, 1)), "take me"), "nothing");
        assertTrue(answer(List.of(slow, leaf), "Which filling").startsWith("Tofu: 0 in a hundred"));
        assertTrue(answer(List.of(slow, leaf), "Which pot").startsWith("steamed: 0 in a hundred"));
        assertEquals(
                answer(List.of(slow, quick), "dough is left"),
                "15 g of dough a batch on the whole; none after 1 of 2.");
        assertEquals(answer(List.of(quick, leaf), "dough is left"), "nothing");
        List<Judged> many = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            many.add(new Judged("Fold " + (char) ('A' + i), "Lamb", "boiled", 1, 0, 0, 0, Optional.of(20.0 + i)));
        }
        BookAnswer times = Answers.of(many).stream()
                .filter(one -> one.question().contains("take me"))
                .findFirst()
                .orElseThrow();
        assertEquals(times.bars().get(0).label(), "Fold A");
        assertEquals(times.bars().get(times.bars().size() - 1).label(), "Fold T");
        assertTrue(times.bars().size() < 20, times.bars().size() + " bars");
    }

    @Test
    public void whatAPieceCostsIsSaidOfWhatIsPriced() {
        assertTrue(Answers.cost(Map.of()).isEmpty());
        BookAnswer cost = Answers.cost(Map.of("Breads", 0.512, "Leaves", 0.3)).orElseThrow();
        assertEquals(said(cost), "0.30 a piece of Leaves; 0.51 of Breads.");
        assertEquals(cost.bars().get(0).label(), "Leaves");
    }

    /** Folds that burst alike are seldom told apart: in one of ten at most, of 200 kitchens with two folds. */
    @Test
    public void chanceIsNotTakenForADifference() {
        Random random = new Random(8);
        int told = 0;
        for (int kitchen = 0; kitchen < 200; kitchen++) {
            List<Judged> lots = new ArrayList<>();
            for (String fold : List.of("Leaf", "Crescent")) {
                for (int i = 0; i < 4; i++) {
                    int burst = 0;
                    for (int piece = 0; piece < 50; piece++) {
                        burst += random.nextDouble() < 0.05 ? 1 : 0;
                    }
                    lots.add(lot(fold, 50, burst));
                }
            }
            told += said(fold(lots)).startsWith("Too few") ? 0 : 1;
        }
        assertTrue(told <= 20, told + " of 200");
    }
}
