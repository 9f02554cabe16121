package ironpin.batch;

import ironpin.quantity.Mass;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Batches that a determined cook might plan: one to three lots, shared doughs, any pins, odd sizes. */
public final class RandomBatches {
    private final Random random;

    public RandomBatches(long seed) {
        random = new Random(seed);
    }

    public Batch next() {
        Batch batch = unpinned();
        if (random.nextBoolean()) {
            int lot = 1 + random.nextInt(batch.lots().size());
            batch = PlanField.FLOUR.write(batch, batch.lot(lot).doughNo(), 40 + random.nextInt(2_000));
        }
        if (random.nextBoolean()) {
            Filling filling =
                    batch.fillings().get(random.nextInt(batch.fillings().size()));
            Mass mass = Mass.ofGrams(30 + random.nextInt(3_000));
            batch = random.nextBoolean()
                    ? PlanField.FILLING.write(batch, filling.no(), mass.grams())
                    : batch.mapFillings(one -> one.no() == filling.no() ? one.withAtHand(Optional.of(mass)) : one);
        }
        return batch;
    }

    public Batch unpinned() {
        List<Dough> doughs = new ArrayList<>();
        List<Filling> fillings = new ArrayList<>();
        List<Lot> lots = new ArrayList<>();
        int count = 1 + random.nextInt(3);
        for (int no = 1; no <= count; no++) {
            Style style = Styles.all().get(random.nextInt(Styles.all().size()));
            boolean shared = no > 1 && random.nextBoolean();
            if (!shared) {
                doughs.add(style.startDough(doughs.size() + 1));
            }
            fillings.add(style.startFilling(no));
            Lot lot = style.startLot(no, doughs.size(), no, Appetite.values()[random.nextInt(3)]);
            lots.add(lot.withEach(around(lot.doughEach()), around(lot.fillingEach()))
                    .withToFreezer(random.nextInt(4) == 0 ? random.nextInt(30) : 0));
        }
        return new Batch(
                "Random",
                LocalDateTime.of(2026, 1, 10, 19, 0),
                1 + random.nextInt(14),
                Appetite.USUAL,
                doughs,
                fillings,
                lots);
    }

    private Mass around(Mass mass) {
        return Mass.ofGrams(Math.round(mass.grams() * (0.7 + 0.6 * random.nextDouble()) * 10) / 10.0);
    }
}
