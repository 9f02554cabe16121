package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.rehearsal.Card;
import java.io.IOException;
import java.time.Clock;
import java.util.EnumMap;
import java.util.Map;
import org.testng.annotations.Test;

public class CardStoreTest {
    /** Who is always wrong about one card and right about the others is asked that one most. */
    @Test
    public void whatIsNotKnownIsAskedMore() throws IOException {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("cards"), Clock.systemUTC())) {
            CardStore cards = new CardStore(cupboard);
            Map<Card, Integer> asked = new EnumMap<>(Card.class);
            for (int i = 0; i < 120; i++) {
                Card card = cards.next();
                asked.merge(card, 1, Integer::sum);
                cards.answered(card, card != Card.REST);
            }
            assertEquals(asked.size(), Card.values().length, "every card is asked");
            assertEquals(cards.all().get(Card.REST).box(), 0);
            assertEquals(cards.all().get(Card.RAW).box(), Card.BOXES - 1);
            for (Card card : Card.values()) {
                assertTrue(card == Card.REST || asked.get(Card.REST) > 2 * asked.get(card), asked.toString());
            }
        }
    }
}
