package ironpin.batch;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.dough.Bowl;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughBand;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.dough.Kneading;
import ironpin.dough.RestPlan;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * A dough of a batch, before it is weighed.
 *
 * @param no its number in the batch, 1 or more
 * @param name what the cook calls it
 * @param family what kind it is
 * @param flours one to three; their shares add up to 100 %
 * @param formula everything but the flour
 * @param water temperature of the water as poured
 * @param rest how long it rests, all rests together
 * @param kneading by which school, by hand or machine
 * @param bowl it is mixed in; left out, its heat does not count
 * @param loss what bowl, hands and bench keep, 0 to 20 % of the dough
 * @param flourAtHand if set, this much flour decides the number of pieces
 */
@RecordBuilder
public record Dough(
        int no,
        String name,
        DoughFamily family,
        List<FlourShare> flours,
        DoughFormula formula,
        Temperature water,
        Duration rest,
        Kneading kneading,
        Optional<Bowl> bowl,
        Percentage loss,
        Optional<Mass> flourAtHand)
        implements DoughBuilder.With {
    private static final double TOLERANCE_PERCENT = 0.01;

    public Dough {
        name = Typed.name(name);
        flours = List.copyOf(flours);
        double sum = flours.stream().mapToDouble(part -> part.share().percent()).sum();
        if (flours.isEmpty() || flours.size() > 3 || Math.abs(sum - 100) > TOLERANCE_PERCENT) {
            throw new Refused("one to three flours that add up to 100 %, not " + flours);
        }
        if (loss.percent() < 0 || loss.percent() > 20) {
            throw new Refused("bench loss lies between 0 and 20 %, not " + loss);
        }
    }

    /** The same dough with one addition changed. */
    public Dough with(DoughAddition addition, Percentage share) {
        return withFormula(formula.with(addition, share));
    }

    /** Points of hydration its flours want beyond their labels, by their shares. */
    public Percentage learnedOffset() {
        double points = 0;
        for (FlourShare part : flours) {
            points +=
                    part.share().fraction() * part.flour().absorption().offset().percent();
        }
        return Percentage.of(points);
    }

    /** Its kneading and rests as steps. */
    public RestPlan restPlan() {
        return RestPlan.of(family, kneading, rest);
    }

    /** Kneaded by another school, which may want another rest. */
    @Override
    public Dough withKneading(Kneading changed) {
        return DoughBuilder.builder(this)
                .rest(changed.school().restFrom(family, rest))
                .kneading(changed)
                .build();
    }

    /** Effective hydration it is at home in, by its family and what it is made of. */
    public Band<Percentage> band() {
        double wheatStarch = flours.stream()
                .filter(part -> DoughBand.isWheatStarch(part.flour()))
                .mapToDouble(part -> part.share().fraction())
                .sum();
        return DoughBand.of(family, poured(), wheatStarch);
    }

    /** Whether anything wets it besides egg and what little water is in fat. */
    private boolean poured() {
        return formula.lines().stream()
                .anyMatch(line -> !line.share().isZero() && line.addition().isPoured());
    }
}
