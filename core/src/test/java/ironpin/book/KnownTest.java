package ironpin.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Belief;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class KnownTest {
    private static final Belief BEFORE = new Belief(100, 20, 0);

    private static Known known(List<Double> seen, List<Double> forgotten) {
        return Known.of(
                Known.Kind.MINUTES,
                "knead",
                BEFORE,
                seen,
                one -> new Known.Seen("minutes:" + one, Optional.empty(), Instant.EPOCH, one),
                forgotten::contains,
                minded -> {
                    Belief belief = BEFORE;
                    for (double one : minded) {
                        belief = belief.after(one, 10, 1);
                    }
                    return belief;
                });
    }

    /** What is left out is seen still, and moves nothing. */
    @Test
    public void whatIsForgottenMovesNothing() {
        Known all = known(List.of(60.0, 140.0, 62.0), List.of());
        Known without = known(List.of(60.0, 140.0, 62.0), List.of(140.0));
        assertEquals(without.lessons().size(), 3);
        assertEquals(without.minded(), 2);
        assertTrue(without.lessons().get(1).forgotten());
        assertEquals(without.lessons().get(1).after(), without.lessons().get(0).after());
        // 1/20² and two of 1/10²: (100/400 + (60 + 62)/100) / (1/400 + 2/100).
        assertEquals(without.now().mean(), (0.25 + 1.22) / 0.0225, 1e-9);
        assertTrue(all.now().mean() > without.now().mean() + 20);
        assertTrue(all.now().spread() < without.now().spread());
        assertEquals(known(List.of(60.0), List.of(60.0)).now(), BEFORE);
        // The band closes in with each that is minded.
        for (int i = 1; i < all.lessons().size(); i++) {
            assertTrue(all.lessons().get(i).after().spread()
                    < all.lessons().get(i - 1).after().spread());
        }
    }

    @Test
    public void whatLiesFarFromTheOthersIsSaidToBe() {
        Known known = known(List.of(60.0, 62.0, 61.0, 63.0, 140.0), List.of());
        assertTrue(known.odd(known.lessons().get(4)));
        assertFalse(known.odd(known.lessons().get(0)));
        // 60, 62 and 64 lie about 62 with a scatter of √(8/2) = 2: three of those are 6 either way.
        Known edge = known(List.of(60.0, 62.0, 64.0, 68.0), List.of());
        assertFalse(edge.odd(edge.lessons().get(3)));
        Known beyond = known(List.of(60.0, 62.0, 64.0, 68.1), List.of());
        assertTrue(beyond.odd(beyond.lessons().get(3)));
        Known below = known(List.of(60.0, 62.0, 64.0, 55.9), List.of());
        assertTrue(below.odd(below.lessons().get(3)));
        Known same = known(List.of(60.0, 60.0, 60.0, 61.0), List.of());
        assertFalse(same.odd(same.lessons().get(3)));
        // Of three nobody can tell.
        Known few = known(List.of(60.0, 62.0, 140.0), List.of());
        assertFalse(few.odd(few.lessons().get(2)));
    }
}
