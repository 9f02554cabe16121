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
